// A packaged unit on three phases, like for like. The traps of its kind: a fan left on two lines, and a direction put right at the lines
// instead of at the motor’s own leads.
import { expect, onCard, signWires, test, verdict } from '../app'
import { Taps, typeLabel } from './visit'

test('three leads onto three lines, direction by exchanging two of them', async ({ app }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('family-packaged').click()
  await app.getByTestId('unit-kind').getByRole('radio', { name: 'three phases', exact: true }).click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('stage-plates').click()
  // A plate that contradicts the kind of unit is said beside it.
  await typeLabel(app, 'unit', '460V 1PH 60HZ')
  await expect(app.getByTestId('plate-unit-problem')).toContainText(
    'The unit’s plate says one phase, and this kind of unit is on three',
  )
  await typeLabel(app, 'unit', '460V 3PH 60HZ')
  await expect(app.getByTestId('plate-unit-problem')).toHaveCount(0)
  await typeLabel(app, 'motor', '1/2 HP 1140 RPM 460V 1.0 A 60HZ 3PH CWSE')
  await app.getByTestId('stage-wires').click()
  const taps = new Taps(app, 'three phases, like for like')
  taps.add()
  await signWires(app)
  taps.add()
  await app.getByTestId('which-motor').getByRole('radio', { name: 'the same, new' }).click()
  await taps.on('keep-tag')
  await taps.on('motor-next')
  // No capacitor anywhere: its stage is passed over.
  await expect(verdict(app)).toContainText(
    'Proven in off and cooling. Watch: Its direction shows only at first power',
  )
  await expect(app.getByTestId('mode-figures')).toContainText('first power shows')
  await expect(app.getByTestId('turn-plug')).toHaveCount(0)

  // The trap before power: a lead that shares another’s post leaves the motor on two lines.
  await app.getByTestId('lead-red').click()
  await app.getByTestId('post-T1').click()
  await expect(verdict(app)).toContainText('are on one line in cooling: the motor has no third phase')
  await app.getByTestId('undo').click()
  await expect(verdict(app)).toContainText('Proven')
  await taps.on('prove')
  taps.said(8, 'the wires')
  await onCard(app, 'Three phases: backward, any two of its own leads are exchanged')
})

test('backward at first power: two of its own leads, never the lines', async ({ app }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('family-packaged').click()
  await app.getByTestId('unit-kind').getByRole('radio', { name: 'three phases', exact: true }).click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('stage-plates').click()
  await typeLabel(app, 'unit', '460V 3PH 60HZ')
  await typeLabel(app, 'motor', '1/2 HP 1140 RPM 460V 1.0 A 60HZ 3PH CWSE')
  await app.getByTestId('stage-wires').click()
  await signWires(app)
  await app.getByTestId('which-motor').getByRole('radio', { name: 'the same, new' }).click()
  await app.getByTestId('keep-tag').click()
  await app.getByTestId('motor-next').click()
  await app.getByTestId('prove').click()
  await expect(app.getByTestId('hookup-card')).toBeVisible()
  await app.getByTestId('stage-startup').click()
  await app.getByTestId('turned').getByRole('radio', { name: 'backwards' }).click()
  const answer = app.getByTestId('direction-answer')
  await expect(answer).toContainText('Exchange black on T1 on the contactor and red on T2 on the contactor.')
  await expect(answer).toContainText('two incoming lines or two of the compressor’s exchanged')
  await app.getByTestId('leads-exchanged').click()
  await expect(app.getByTestId('turned').getByRole('radio', { checked: true })).toHaveCount(0)
  await app.getByTestId('turned').getByRole('radio', { name: 'right way' }).click()
  await app.getByTestId('stage-board').click()
  await expect(verdict(app)).toContainText('Proven')
  await app.getByTestId('prove').click()
  await expect(app.getByTestId('hookup-card')).toBeVisible()
})
