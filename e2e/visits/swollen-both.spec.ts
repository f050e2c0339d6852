// A swollen can, fan and compressor both out on their overloads. The trap of its kind: two motors condemned that only wait to cool.
import { expect, test } from '../app'
import { answer, measure, typeLabel } from './visit'

test('the can is found on both sides, the compressor is hot and waits, and neither motor is condemned', async ({
  app,
}) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('stage-plates').click()
  await typeLabel(app, 'can', '40/5 MFD 440V')
  await app.getByTestId('stage-fault').click()
  await app.getByTestId('fan-trips').click()
  await answer(app, 'compressor', 'silent')
  await answer(app, 'can-top', 'swollen')
  await expect(app.getByTestId('fault-sentence')).toContainText('the capacitor is swollen or leaks')
  await measure(app, 'microfarads-fan', 'microfarads-FAN', '1.2')
  await measure(app, 'microfarads-compressor', 'microfarads-HERM', '11')
  await expect(app.getByTestId('fault-sentence')).toContainText('the dual capacitor has failed on both sides')
  // The compressor's own side: C open to both, and hot.
  await app.getByTestId('fault-subject').getByRole('radio', { name: 'the compressor' }).click()
  await expect(app.getByTestId('cause-comp-capacitor')).toContainText('found')
  await answer(app, 'comp-does', 'silent')
  await answer(app, 'comp-heat', 'hot')
  await answer(app, 'comp-ohms', 'common-open')
  await expect(app.getByTestId('fault-sentence')).toContainText('overload has opened and is still hot')
  await expect(app.getByTestId('fault-sentence')).not.toContainText('winding')
  await app.getByTestId('fault-next').click()
  await expect(app.getByTestId('taken-faults')).not.toContainText('Replace the compressor')
})
