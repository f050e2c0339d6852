// A dual can only, its marks unreadable. The trap of its kind: µF guessed from the can’s size, or the two sides taken for one another.
import { enterNumber, expect, test, verdict } from '../app'
import { Taps, typeLabel } from './visit'

test('the fan’s side comes from the motor’s plate, the compressor’s from its own; until it is there nothing is planned', async ({
  app,
}) => {
  const taps = new Taps(app, 'dual can only, marks unreadable')
  await taps.on('start')
  await taps.on('choose-unit')
  await taps.on('stage-plates')
  await typeLabel(app, 'motor', '1/4 HP 1075 RPM 208-230V 1.5 A 60HZ CCWLE 7.5 MFD 370V')
  await taps.on('stage-wires')
  await taps.sign()
  await taps.choose('which-motor', 'the old stays')
  await taps.on('keep-tag')
  await taps.on('motor-next')
  await expect(app.getByText('FAN needs, by its tag')).toBeVisible()
  await expect(app.getByTestId('plan-strip')).toContainText('Enter what')
  await expect(app.getByTestId('capacitor-next')).toBeDisabled()
  await taps.on('compressor-microfarads')
  await enterNumber(app, '45')
  taps.add()
  await taps.on('capacitor-next')
  await expect(verdict(app)).toContainText('Proven')
  await taps.on('prove')
  taps.said(13)
  await expect(app.getByTestId('hookup-card')).toBeVisible()
  // Which post of the old can is which is read, not guessed.
  await app.getByTestId('stage-capacitor').click()
  await expect(app.getByTestId('fit-steps')).toContainText('Of the motor that stays, off:')
})
