// The maker’s own outdoor motor with a longer body. The trap of its kind: a blade put back at its old distance from the motor’s face, now too
// deep in the shroud.
import { expect, signWires, test, verdict } from '../app'
import { tape, Taps, typeLabel } from './visit'

test('like for like at the leads, and what the tape says moves the blade by as much as the body is longer', async ({
  app,
}) => {
  const taps = new Taps(app, 'maker’s own outdoor motor, longer body')
  await taps.on('start')
  await taps.on('choose-unit')
  await taps.on('stage-plates')
  await typeLabel(app, 'motor', '1/4 HP 1075 RPM 208-230V 1.5 A 60HZ CWLE 7.5 MFD 370V')
  await typeLabel(app, 'can', '40/7.5 MFD 440V')
  await taps.on('stage-wires')
  taps.add()
  await signWires(app)
  await taps.choose('which-motor', 'the same, new')
  await taps.on('keep-tag')
  await taps.on('motor-next')
  await taps.on('capacitor-next')
  await expect(verdict(app)).toContainText('Proven')
  await taps.on('prove')
  taps.said(12)
  // The card comes in the board's place: a press on a tab that goes in that moment is none.
  await expect(app.getByTestId('card-sentence')).toBeVisible()
  await app.getByTestId('stage-mount').click()
  await tape(app, 'oldBody', '5', 16)
  await tape(app, 'newBody', '6', 16)
  await tape(app, 'oldHub', '2', 0)
  // Where the old blade stood, 5 1/2 + 2 from the plane, is 1 in from a face that is an inch further out.
  await expect(app.getByTestId('mount-strip')).toContainText('Set the hub 1 in from the new face, 1 in')
  await tape(app, 'hubLength', '1', 8)
  await tape(app, 'shaft', '5', 0)
  await expect(app.getByTestId('section')).toHaveAttribute('aria-label', /7 1\/2 in from the mounting plane/)
})
