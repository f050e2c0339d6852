// A packaged unit with a shared can, which no kind on the list is: put together on the phone. The trap of its kind: a narrower blade left on a
// motor that was chosen for the old one.
import { enterNumber, expect, onCard, pickMotor, signWires, test, verdict } from '../app'
import { countTaps, tapsSaid } from './visit'

test('from blocks to a proof; amps over the rating with another blade are laid to the blade, not to the motor alone', async ({
  app,
}) => {
  await countTaps(app)
  await app.getByTestId('start').click()
  await app.getByTestId('make-unit').click()
  await app.getByTestId('unit-name-field').fill('Packaged unit, dual can')
  for (const block of ['contactor', 'dual-can', 'compressor']) await app.getByTestId(`add-${block}`).click()
  await app.getByTestId('block-0-poles').getByRole('radio', { name: 'two poles' }).click()
  await app.getByTestId('keep-unit').click()
  await signWires(app)
  await app.getByTestId('direction').getByRole('radio', { name: /^CW,/ }).click()
  await pickMotor(app, 'rowan-25r')
  await app.getByTestId('motor-next').click()
  await app.getByTestId('compressor-microfarads').click()
  await enterNumber(app, '40')
  await app.getByTestId('capacitor-next').click()
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
  await app.getByTestId('prove').click()
  await tapsSaid(app, 'packaged unit put together, shared can', 24)
  await onCard(app, 'Packaged unit, dual can')
  await app.getByTestId('stage-startup').click()
  await app.getByTestId('turned').getByRole('radio', { name: 'right way' }).click()
  await app.getByTestId('read-amps-start-cooling').click()
  await enterNumber(app, '2.1')
  await app
    .getByTestId('same-blade')
    .getByRole('radio', { name: /other|no/ })
    .click()
  await expect(app.getByTestId('over-amps')).toContainText(/blade/)
})
