// A heat pump with a defrost relay and a motor of the 825 class. The traps of its kind: a faster motor taken for the same, and motor common
// put past the defrost board’s relay.
import { enterNumber, expect, move, onCard, pickMotor, test, verdict } from '../app'
import { Taps, typeLabel } from './visit'

test('its speed is set by its class, and motor common past the relay is stopped: it would run in defrost', async ({
  app,
}) => {
  const taps = new Taps(app, 'heat pump, 825 class')
  await taps.on('start')
  await taps.on('family-heat-pump')
  await taps.on('choose-unit')
  await taps.on('stage-plates')
  await typeLabel(app, 'motor', '1/4 HP 825 RPM 208-230V 1.3 A 60HZ CWLE 7.5 MFD 370V')
  await taps.on('stage-wires')
  await taps.sign()
  // 1075 for 825 is refused in the list, with the reason.
  await app.getByTestId('match-rowan-25r').click()
  await expect(app.getByTestId('match-sheet')).toContainText('825')
  await app.keyboard.press('Escape')
  taps.add()
  await pickMotor(app, 'teal-33e')
  // Nobody has to say it: the old motor's class is on its plate.
  await expect(app.getByTestId('select-speed').getByRole('radio', { name: /^low/ })).toBeChecked()
  await taps.on('motor-next')
  await taps.on('compressor-microfarads')
  await enterNumber(app, '40')
  taps.add()
  await taps.on('capacitor-next')
  await expect(verdict(app)).toContainText('Proven in off, cooling, heating and defrost.')
  await move(app, 'black', 'T1')
  await expect(verdict(app)).toContainText('The fan keeps running in defrost')
  await app.getByTestId('mend').click()
  await taps.on('prove')
  await onCard(app, 'fan out on the defrost board')
  taps.said(13)
})
