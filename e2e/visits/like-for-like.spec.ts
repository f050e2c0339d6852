// The maker's own motor, wire for wire. The trap of its kind: colours that are followed although the maker changed them.
import { expect, onCard, signWires, test, verdict } from '../app'
import { Taps, typeLabel } from './visit'

test('outdoors: the old tag is the new one’s, and from the wires to the proof it is eight taps at the most', async ({
  app,
}) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('stage-plates').click()
  await typeLabel(app, 'motor', '1/4 HP 1075 RPM 208-230V 1.5 A 60HZ CWLE 7.5 MFD 370V')
  await typeLabel(app, 'can', '40/7.5 MFD 440V')
  await app.getByTestId('stage-wires').click()
  const taps = new Taps(app, 'like for like, outdoor')
  taps.add()
  await signWires(app)
  taps.add()
  await app.getByTestId('which-motor').getByRole('radio', { name: 'the same, new' }).click()
  await expect(app.getByTestId('tag-name')).toHaveValue('The same motor, new, 1/4 hp')
  await taps.on('keep-tag')
  await expect(app.getByTestId('which-motor').getByRole('radio', { name: 'the same, new' })).toBeChecked()
  await taps.on('motor-next')
  await taps.on('capacitor-next')
  await expect(verdict(app)).toContainText('Proven')
  await taps.on('prove')
  taps.said(8, 'the wires')
  await onCard(app, 'New motor: The same motor, new, 1/4 hp.')
  await app.getByTestId('to-report').click()
  await expect(app.getByTestId('report-done')).toContainText(
    'A new fan motor is planned: The same motor, new, 1/4 hp.',
  )
})

test('a lead that is of another colour than the old one of its role is said before it is landed', async ({
  app,
}) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('stage-plates').click()
  await typeLabel(app, 'motor', '1/4 HP 1075 RPM 208-230V 1.5 A 60HZ CWLE 7.5 MFD 370V')
  await app.getByTestId('stage-wires').click()
  // The old start lead was purple.
  await app
    .getByRole('button', { name: /FAN on the dual capacitor/ })
    .first()
    .click()
  const sheet = app.getByTestId('wire-sheet')
  await sheet.getByTestId('segment-0').click()
  await sheet.getByRole('radio', { name: 'Colour: purple', exact: true }).click()
  await sheet.getByTestId('segment-done').click()
  await app.keyboard.press('Escape')
  await signWires(app)
  await app.getByTestId('which-motor').getByRole('radio', { name: 'the same, new' }).click()
  await app.getByTestId('tag-lead-purple').click()
  await app.getByRole('radio', { name: 'Colour: brown', exact: true }).click()
  await app.getByTestId('set-lead').click()
  await app.getByTestId('keep-tag').click()
  await expect(app.getByTestId('differences')).toContainText('Start was purple, and is brown on this motor.')
})

test('an air handler of 240 V with two idle taps: no tap gets a speed that nobody said', async ({ app }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('family-air-handler').click()
  await app.getByTestId('unit-kind').getByRole('radio', { name: 'fan board' }).click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('stage-plates').click()
  await typeLabel(app, 'motor', '1/3 HP 1075 RPM 208-230V 2.6 A 60HZ CCWLE 7.5 MFD 370V')
  await app.getByTestId('stage-wires').click()
  await signWires(app)
  await app.getByTestId('which-motor').getByRole('radio', { name: 'the old stays' }).click()
  await expect(app.getByTestId('tag-strip')).toContainText('is not said: read it on the tag.')
  await expect(app.getByTestId('keep-tag')).toBeDisabled()
  for (const [i, speed] of ['medium', 'high', 'low'].entries()) {
    await app.getByTestId(`tag-speed-${i}`).getByRole('button').first().click()
    await app.getByTestId(`tag-speed-${i}`).getByRole('radio', { name: speed, exact: true }).click()
  }
  await app.getByTestId('keep-tag').click()
  await app.getByTestId('motor-next').click()
  await expect(app.getByTestId('capacitor-next')).toBeEnabled()
  await app.getByTestId('capacitor-next').click()
  await expect(verdict(app)).toContainText(/Proven|Watch/)
  // Its own lead on FAN stays there; nothing is said of a new motor.
  await app.getByTestId('stage-capacitor').click()
  await expect(app.getByText('Of the motor that stays, off:')).toContainText(
    'Its other leads stay where they are.',
  )
  await expect(app.getByText('The old motor’s leads off')).toHaveCount(0)
})
