// Motors of other kinds, from the motor's stage to a proven card.
import { direction, enterNumber, expect, onCard, test, verdict, signWires, pickMotor } from './app'

test('a motor without a capacitor: the FAN post stays empty, its select lead sets the speed, and the card says both', async ({
  app,
}) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await signWires(app)
  await direction(app, 'CW').click()
  await pickMotor(app, 'teal-33e')
  // Which class the old motor had is not known, so it is asked for, never assumed.
  await expect(app.getByTestId('motor-next')).toBeDisabled()
  await app.getByTestId('select-speed').getByRole('radio', { name: /^high/ }).click()
  await expect(app.getByTestId('select-speed')).toContainText('blue is joined to black')
  await app.getByTestId('motor-next').click()
  await app.getByTestId('pick-can').click()
  await app.getByTestId('can-dual-45-10').click()
  await app.getByTestId('compressor-microfarads').click()
  await enterNumber(app, '45')
  await expect(app.getByTestId('plan-strip')).toContainText('The fan’s post stays empty.')
  await app.getByTestId('capacitor-next').click()
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
  await expect(app.getByRole('button', { name: /10 µF section of the new can, stays empty/ })).toBeVisible()
  await app.getByTestId('lead-blue').click()
  await app.getByTestId('insulate').click()
  await expect(verdict(app)).toContainText(
    'The blue lead must be joined to the black lead: without that the high speed is not set.',
  )
  await app.getByTestId('mend').click()
  await app.getByTestId('prove').click()
  await expect(app.getByTestId('hookup-card')).toBeVisible()
  await onCard(app, 'Set to high speed, 1075 rpm: blue joined to black')
  await onCard(app, 'The fan’s section stays empty')
})

test('where the old capacitor served only the fan, such a motor needs no can', async ({ app }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('family-packaged').click()
  await app.getByTestId('choose-unit').click()
  await signWires(app)
  await direction(app, 'CCW').click()
  await pickMotor(app, 'teal-33e')
  await app.getByTestId('select-speed').getByRole('radio', { name: /^low/ }).click()
  await app.getByTestId('motor-next').click()
  await expect(app.getByTestId('no-capacitor')).toContainText('needs none')
  await app.getByTestId('capacitor-next').click()
  await expect(verdict(app)).toContainText('Proven in')
  await expect(app.getByTestId('lead-gray')).toContainText('open')
  await expect(app.getByTestId('post-CAN-C')).toHaveCount(0)
})

test('a motor of several horsepowers: the wanted one is set, its idle taps are capped one by one', async ({
  app,
}) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await signWires(app)
  await direction(app, 'CW').click()
  await pickMotor(app, 'rowan-33m')
  await app
    .getByRole('radiogroup', { name: 'Horsepower to set' })
    .getByRole('radio', { name: /^1\/4 hp/ })
    .click()
  await app.getByTestId('motor-next').click()
  await app.getByTestId('compressor-microfarads').click()
  await enterNumber(app, '45')
  await app.getByTestId('capacitor-next').click()
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
  await expect(app.getByTestId('lead-blue')).not.toContainText('insulated')
  for (const idle of ['black', 'red'])
    await expect(app.getByTestId(`lead-${idle}`)).toContainText('insulated')
  await app.getByTestId('lead-red').click()
  await app.getByTestId('post-T1').click()
  await expect(verdict(app)).toContainText('two taps live together circulate a large current')
  await app.getByTestId('mend').click()
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
})
