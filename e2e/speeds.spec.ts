// A blower's outputs get taps of the new motor, from the motor's stage.
import { expect, test, signWires, pickMotor } from './app'

test('a blower from four speeds to three: every output in use keeps a lead, the choice can be changed, and lasts', async ({
  app,
}) => {
  await app.getByTestId('start').click()
  await app.getByTestId('family-gas-furnace').click()
  await app.getByTestId('choose-unit').click()
  // The old motor had four taps: cooling, heating and circulation in use, one parked.
  await app.getByTestId('wire-spare-1').click()
  await app.getByRole('button', { name: /^Leaves terminal/ }).click()
  await app.getByRole('radio', { name: 'CIRC on the fan board' }).click()
  await app.keyboard.press('Escape')
  await signWires(app)
  await pickMotor(app, 'alder-50b')
  await expect(app.getByTestId('output-HEAT')).toContainText('blue · BU')
  await pickMotor(app, 'alder-33b')
  await expect(app.getByTestId('output-COOL')).toContainText('black · BK')
  await expect(app.getByTestId('output-HEAT')).toContainText('blue · BU')
  await expect(app.getByTestId('output-CIRC')).toContainText('red · RD')
  await app.getByTestId('output-CIRC').getByRole('radio', { name: 'medium' }).click()
  await expect(app.getByTestId('speeds')).toContainText(
    'Jumper from HEAT on the fan board to CIRC on the fan board: the blue tap serves both.',
  )
  await expect(app.getByTestId('idle-red')).toContainText('idle, by itself on PARK 1 on the fan board')
  await app.reload()
  await expect(app.getByTestId('output-CIRC')).toContainText('Chosen by the technician: medium.')
})

test('where outputs may not share, two on one tap is refused', async ({ app }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('family-fan-coil').click()
  await app.getByTestId('choose-unit').click()
  await signWires(app)
  await pickMotor(app, 'alder-33b')
  await app.getByTestId('output-LO').getByRole('radio', { name: 'medium' }).click()
  await expect(app.getByTestId('speeds-problem')).toContainText('may not share a tap on this unit')
})
