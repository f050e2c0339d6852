// Air handlers of 240 V. The traps of their kinds: OL on microfarads taken for a verdict, and amps judged with the door off.
import { enterNumber, expect, pickMotor, test, verdict } from '../app'
import { measure, Taps } from './visit'

test('can only, reading OL: the ohms are asked for that tell an open one from one beyond the meter', async ({
  app,
}) => {
  await app.getByTestId('start').click()
  await app.getByTestId('family-air-handler').click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('stage-fault').click()
  await app.getByTestId('fan-hums').click()
  await measure(app, 'microfarads-fan', 'microfarads-FAN', 'OL')
  await expect(app.getByTestId('fault-sentence')).not.toContainText('Found')
  await measure(app, 'can-ohms-fan', 'ohms-can-FAN', '0.4')
  await expect(app.getByTestId('fault-sentence')).toContainText(
    'Found: the fan’s capacitor is open or shorted',
  )
  await app.getByTestId('fault-next').click()
  await expect(app.getByTestId('mend-capacitor-open')).toHaveText('To the capacitor')
})

test('with the door off the reading says so, and does not condemn the motor', async ({ app }) => {
  const taps = new Taps(app, 'air handler, door off')
  await taps.on('start')
  await taps.on('family-air-handler')
  await taps.on('choose-unit')
  await taps.sign()
  await taps.choose('which-motor', 'the same, new')
  await app.getByTestId('tag-back').click()
  await taps.choose('which-motor', 'from the van')
  await expect(app.getByTestId('motors')).toBeVisible()
  // The van's blowers are made for 115 V: before power that is a stop.
  await taps.choose('direction', /^CW,/)
  taps.add()
  await pickMotor(app, 'alder-33b')
  await taps.on('motor-next')
  await taps.on('capacitor-next')
  await expect(verdict(app)).toContainText('The supply is 240 V; the motor is rated 115 V.')
  await expect(app.getByTestId('prove')).toBeDisabled()
  await app.getByTestId('stage-startup').click()
  await app
    .getByTestId('door')
    .getByRole('radio', { name: /off|open/ })
    .click()
  await app.getByTestId('read-amps-start-cooling').click()
  await enterNumber(app, '9')
  await expect(app.getByTestId('amps-cooling')).toContainText(/door/)
})
