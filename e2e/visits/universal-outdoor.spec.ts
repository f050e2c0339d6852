// A universal outdoor motor with a dual can, and one with a select lead and a hard-start kit. The traps of their kind: run-return landed
// across the lines, and a start kit on the wrong side of the can.
import { enterNumber, expect, move, onCard, pickMotor, test, verdict } from '../app'
import { Taps } from './visit'

test('a dual can and a motor from the van: twelve taps, and run-return on the other line is stopped before power', async ({
  app,
}) => {
  const taps = new Taps(app, 'universal outdoor, dual can')
  await taps.on('start')
  await taps.on('choose-unit')
  await taps.sign()
  await taps.choose('direction', /^CW,/)
  taps.add()
  await pickMotor(app, 'rowan-25r')
  await taps.on('motor-next')
  await taps.on('compressor-microfarads')
  await enterNumber(app, '40')
  taps.add()
  await taps.on('capacitor-next')
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
  // Brown/white is run once more: on motor common's line it joins the two.
  await move(app, 'brown/white', 'T1')
  await expect(verdict(app)).toContainText('The brown/white lead joins the two lines: a dead short')
  await app.getByTestId('mend').click()
  await taps.on('prove')
  await expect(app.getByTestId('hookup-card')).toBeVisible()
  taps.said(12)
})

test.describe('an electronic motor', () => {
  test.use({ demo: true })

  test('on the multi-tap can with a hard-start kit: the fan’s post stays empty, the kit keeps to the compressor’s section', async ({
    app,
  }) => {
    const taps = new Taps(app, 'electronic motor, multi-tap can, hard-start kit')
    await taps.on('start')
    await taps.on('choose-unit')
    await taps.sign()
    await taps.choose('direction', /^CW,/)
    taps.add()
    await pickMotor(app, 'teal-33e')
    await taps.choose('select-speed', /^high/)
    await taps.on('motor-next')
    await taps.on('compressor-microfarads')
    await enterNumber(app, '45')
    taps.add()
    await taps.choose('hard-start', /C/)
    // The multi-tap of the van stands there by itself; nothing of it is for the fan.
    await expect(app.getByTestId('pick-can')).toContainText(/Seven-section|Dual/)
    await expect(app.getByTestId('plan-strip')).toContainText('The fan’s post stays empty.')
    await taps.on('capacitor-next')
    await expect(verdict(app)).toContainText('Proven in off and cooling.')
    await taps.on('prove')
    await onCard(app, 'Hard-start kit')
    taps.said(16)
  })
})
