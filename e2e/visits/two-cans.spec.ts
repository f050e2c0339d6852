// An outdoor unit with two cans and two faults: the motor comes tomorrow, the compressor’s can goes in today, and the second visit ends it. The
// trap of its kind: the second fault forgotten because the first explains the call.
import { enterNumber, expect, pickMotor, signWires, test, verdict } from '../app'
import { answer, countTaps, measure, tapsSaid } from './visit'

test.use({ demo: true })

test('both faults stand until both are mended; the visit that waits goes on where it stopped', async ({
  app,
}) => {
  await countTaps(app)
  await app.getByTestId('start').click()
  await app
    .getByRole('radiogroup', { name: 'Contactor' })
    .getByRole('radio', { name: /two poles/ })
    .click()
  await app
    .getByRole('radiogroup', { name: 'Fan’s capacitor' })
    .getByRole('radio', { name: /its own/ })
    .click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('stage-fault').click()
  await app.getByTestId('fan-dead').click()
  await answer(app, 'compressor', 'hums')
  await answer(app, 'spin', 'seized')
  await app.getByTestId('fault-subject').getByRole('radio', { name: 'the compressor' }).click()
  await measure(app, 'comp-microfarads', 'microfarads-HERM', '0.3')
  await expect(app.getByTestId('fault-sentence')).toHaveText(
    'Found: a bearing of the motor is worn or seized; the compressor’s capacitor has failed.',
  )
  await app.getByTestId('fault-next').click()
  await expect(app.getByTestId('taken-faults')).toContainText('A bearing of the motor is worn or seized')
  await expect(app.getByTestId('taken-faults')).toContainText('The compressor’s capacitor has failed')

  // The motor is not on the van: ordered, and to come back for.
  await app.getByTestId('stage-card').click()
  await app.getByTestId('to-visit').click()
  await app.getByTestId('order-part').click()
  await app.getByTestId('order-what').fill('Motor, 1/4 hp, 1075 rpm')
  await app.getByTestId('order-from').fill('Pier Parts counter')
  await app.getByTestId('order-add').click()
  await expect(app.getByTestId('visit-state')).toContainText('Waiting for Motor, 1/4 hp, 1075 rpm')
  await app.getByTestId('to-home').click()
  await app.getByText(/^Waiting for Motor, 1\/4 hp, 1075 rpm/).click()

  // Tomorrow: it came.
  await app.getByTestId('stage-card').click()
  await app.getByTestId('to-visit').click()
  await app.getByTestId('ordered-part').click()
  await app.getByTestId('next-visit').click()
  await app.getByTestId('stage-wires').click()
  await signWires(app)
  await app.getByTestId('direction').getByRole('radio', { name: /^CW,/ }).click()
  await pickMotor(app, 'rowan-25r')
  await app.getByTestId('motor-next').click()
  await app.getByTestId('compressorMicrofarads').click()
  await enterNumber(app, '40')
  await app.getByTestId('compressorCanVolts').click()
  await enterNumber(app, '370')
  await expect(app.getByTestId('compressor-can')).toBeVisible()
  await app.getByTestId('capacitor-next').click()
  await expect(verdict(app)).toContainText('Proven in off and cooling.')
  await app.getByTestId('prove').click()
  await tapsSaid(app, 'two cans, two faults, two visits', 60)
  await app.getByTestId('to-report').click()
  await expect(app.getByTestId('report-found')).toContainText('The compressor’s capacitor has failed.')
  await expect(app.getByTestId('report-done')).toContainText(/Visit 2/)
})
