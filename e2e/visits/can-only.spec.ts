// A dual capacitor only: the old motor stays. The trap of its kind: a can of the old can's value where the motor's plate asks for another.
import { cardWords, enterNumber, expect, signWires, test, verdict } from '../app'
import { Taps, typeLabel } from './visit'

test('from home to a card and a report that speak of the motor that stays; only what hangs on the can moves', async ({
  app,
}) => {
  const taps = new Taps(app, 'dual capacitor only')
  await taps.on('start')
  await taps.on('choose-unit')
  await taps.on('stage-plates')
  // The plate asks for 7.5 µF, and a 5 was fitted: the plate counts.
  await typeLabel(app, 'motor', '1/4 HP 1075 RPM 208-230V 1.5 A 60HZ CCWLE 7.5 MFD 370V')
  await typeLabel(app, 'can', '40/5 MFD 440V')
  await taps.on('stage-wires')
  taps.add()
  await signWires(app)
  taps.add()
  await app.getByTestId('which-motor').getByRole('radio', { name: 'the old stays' }).click()
  await expect(app.getByTestId('tag-strip')).toContainText('Every lead: guessed by where the wires went')
  await taps.on('keep-tag')
  // The direction was read once, on the plate.
  await expect(app.getByTestId('staying-motor')).toContainText('turns CCW only, seen from the lead end')
  await taps.on('motor-next')
  // So was the compressor's value, on the old label.
  await expect(app.getByTestId('compressor-microfarads')).toContainText('by the old label')
  await expect(app.getByTestId('compressor-microfarads')).toContainText('40 µF')
  await expect(app.getByTestId('capacitor-next')).toBeEnabled()
  await expect(app.getByText('the old can’s label 5 µF')).toBeVisible()
  await taps.on('capacitor-next')
  await expect(verdict(app)).toContainText('Proven')
  await taps.on('prove')
  taps.said(14)

  await expect(app.getByTestId('hookup-card')).toBeVisible()
  const words = await cardWords(app)
  expect(words).toContain('Motor that stays: The old motor, 1/4 hp.')
  expect(words).toContain('Each lead of the motor')
  expect(words).not.toContain('ew motor')
  await app.getByTestId('stage-capacitor').click()
  await expect(app.getByText('Of the motor that stays, off:')).toContainText(
    'Its other leads stay where they are.',
  )
  await app.getByTestId('stage-mount').click()
  await expect(app.getByTestId('nothing-to-mount')).toContainText('Nothing to mount.')
  await app.getByTestId('mount-next').click()
  await app.getByTestId('turned').getByRole('radio', { name: 'right way' }).click()
  await app.getByTestId('stage-card').click()
  await app.getByTestId('to-report').click()
  await expect(app.getByTestId('report-done')).toContainText('The fan motor stays.')
  await expect(app.getByTestId('report-done')).toContainText('A new capacitor')
  await expect(app.getByTestId('report-done')).not.toContainText('new fan motor')
})

test('a motor that reads to ground cannot stay: it is stopped on its stage and on the board, and nothing is proven', async ({
  app,
}) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('stage-plates').click()
  await typeLabel(app, 'motor', '1/4 HP 1075 RPM 208-230V 1.5 A 60HZ CCWLE 7.5 MFD 370V')
  await typeLabel(app, 'can', '40/7.5 MFD 440V')
  await app.getByTestId('stage-wires').click()
  await signWires(app)
  await app.getByTestId('which-motor').getByRole('radio', { name: 'the old stays' }).click()
  await app.getByTestId('keep-tag').click()
  await app.getByTestId('motor-next').click()
  await app.getByTestId('capacitor-next').click()
  await app.getByTestId('prove').click()
  await expect(app.getByTestId('hookup-card')).toBeVisible()
  // Read afterwards: what was proven falls with it.
  await app.getByTestId('stage-fault').click()
  await app.getByRole('radio', { name: /^Hums/ }).first().click()
  await app.getByTestId('ask-ohms-frame').click()
  await app
    .getByTestId('question-sheet')
    .getByRole('button', { name: /A lead to the frame/ })
    .click()
  await enterNumber(app, '800')
  await app.keyboard.press('Escape')
  await app.getByTestId('stage-motor').click()
  await expect(app.getByTestId('rotation-refusal')).toHaveText(
    'The old motor cannot stay: its winding reads to ground.',
  )
  await expect(app.getByTestId('motor-next')).toBeDisabled()
  await app.getByTestId('stage-board').click()
  await expect(app.getByTestId('stay-refusal')).toHaveText(
    'The old motor cannot stay: its winding reads to ground.',
  )
  await expect(app.getByTestId('prove')).toBeDisabled()
  await app.getByTestId('stage-card').click()
  await expect(app.getByTestId('no-card')).toContainText(
    'The old motor cannot stay: its winding reads to ground.',
  )
  // One from the van takes its place.
  await app.getByRole('button', { name: 'To the motor' }).click()
  await app.getByTestId('which-motor').getByRole('radio', { name: 'from the van' }).click()
  await expect(app.getByTestId('motors')).toBeVisible()
  await expect(app.getByTestId('staying-motor')).toHaveCount(0)
})
