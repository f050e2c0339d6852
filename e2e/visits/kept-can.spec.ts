// A motor with a seized shaft, and a good can that is kept. The trap of its kind: a can that reads its marking, which is not what the new
// motor's tag asks for.
import { enterNumber, expect, onCard, pickMotor, signWires, test, verdict } from '../app'
import { countTaps, measure, tapsSaid, typeLabel } from './visit'

test.use({ demo: true })

test('it is refused while its value is not the new tag’s, and told as kept once it is', async ({ app }) => {
  await countTaps(app)
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('stage-fault').click()
  await app.getByTestId('fan-dead').click()
  await app.getByTestId('ask-spin').click()
  await app.getByTestId('answer-seized').click()
  await app.getByTestId('fault-next').click()
  await expect(app.getByTestId('taken-faults')).toContainText('A bearing of the motor is worn or seized')
  await app.getByTestId('ask-can-top').click()
  await app.getByTestId('answer-flat').click()
  await measure(app, 'microfarads-fan', 'microfarads-FAN', '5')
  await measure(app, 'microfarads-compressor', 'microfarads-HERM', '40')
  await app.getByTestId('stage-plates').click()
  await typeLabel(app, 'can', '40/5 MFD 440V')
  await app.getByTestId('stage-wires').click()
  await signWires(app)
  await app.getByTestId('direction').getByRole('radio', { name: /^CW,/ }).click()
  // Its tag asks for 7.5 µF.
  await pickMotor(app, 'rowan-25r')
  await app.getByTestId('motor-next').click()
  await app.getByTestId('best-from-van').click()
  await app.getByTestId('old-stays').getByRole('radio', { name: 'leave it whole' }).click()
  await expect(app.getByTestId('whole-refused')).toHaveText(
    'It cannot stay. Its FAN side is marked 5 µF; 7.5 µF is asked for.',
  )
  await app.keyboard.press('Escape')

  // The can of the next unit, which is what both ask for.
  await app.getByTestId('stage-plates').click()
  await typeLabel(app, 'can', '40/7.5 MFD 440V')
  await app.getByTestId('stage-fault').click()
  await measure(app, 'microfarads-fan', 'microfarads-FAN', '7.5')
  await app.getByTestId('stage-capacitor').click()
  await app.getByTestId('best-from-van').click()
  await app.getByTestId('old-stays').getByRole('radio', { name: 'leave it whole' }).click()
  await expect(app.getByTestId('whole-stays')).toContainText('It stays whole: HERM marked 40 µF')
  await app.getByTestId('keep-whole').click()
  await expect(
    app.getByText('Leave the old can in its strap: it stays whole, for HERM and FAN.'),
  ).toBeVisible()
  await app.getByTestId('capacitor-next').click()
  await expect(verdict(app)).toContainText('Proven')
  await app.getByTestId('prove').click()
  await tapsSaid(app, 'seized shaft, a good can kept', 60)
  await onCard(app, 'The old can stays for HERM and FAN')
  await app.getByTestId('to-report').click()
  await expect(app.getByTestId('report-done')).toContainText('The old capacitor stays for compressor and fan')
})

test('the can that stands there first is the best of the van, and the order of aims pressed in a job stays that job’s', async ({
  app,
}) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await signWires(app)
  await app.getByTestId('direction').getByRole('radio', { name: /^CW,/ }).click()
  await pickMotor(app, 'rowan-25r')
  await app.getByTestId('motor-next').click()
  await app.getByTestId('compressor-microfarads').click()
  await enterNumber(app, '35')
  // One dual on the van is exactly that; the multi-tap stays for other calls.
  await expect(app.getByTestId('pick-can')).toContainText('Dual 35/7.5')
  await app.getByTestId('best-from-van').click()
  await app.getByTestId('aim-cost').click()
  await expect(app.getByTestId('aim-cost')).toContainText('1 cheapest')
  await app.keyboard.press('Escape')
  await app.getByTestId('to-home').click()
  await app.getByTestId('who').click()
  await expect(app.getByTestId('aim-cost')).not.toContainText('1 cheapest')
})
