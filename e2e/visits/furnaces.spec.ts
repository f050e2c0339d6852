// Gas and electric furnaces. The traps of their kinds: an output that nothing answers when speeds become fewer; taps that are not kept; a relay’s
// closed rest taken for its open one.
import type { Page } from '@playwright/test'
import { expect, move, onCard, pickMotor, test, verdict } from '../app'
import { Taps, typeLabel } from './visit'

/** The one lead on the board that says so. */
async function leadOf(page: Page, words: string | RegExp): Promise<string> {
  const lead = page.getByTestId(/^lead-/).filter({ hasText: words })
  await expect(lead).toHaveCount(1)
  return ((await lead.getAttribute('data-testid')) ?? '').replace('lead-', '')
}

test('gas furnace, four speeds to three, cooling on the odd output: every call keeps a speed', async ({
  app,
}) => {
  const taps = new Taps(app, 'gas furnace, four speeds to three')
  await taps.on('start')
  await taps.on('family-gas-furnace')
  await taps.on('choose-unit')
  // The old motor's cooling lead hung on the output for fan only.
  await taps.on('wire-cool')
  await app.getByRole('button', { name: /^Leaves terminal/ }).click()
  await app.getByRole('radio', { name: 'CIRC on the fan board' }).click()
  taps.add()
  taps.add()
  await app.keyboard.press('Escape')
  await taps.sign()
  await taps.choose('direction', /^CW,/)
  taps.add()
  await pickMotor(app, 'alder-33b')
  await taps.on('motor-next')
  await expect(app.getByTestId('capacitor-next')).toBeEnabled()
  await taps.on('capacitor-next')
  // Before power: no lead of the old motor was on COOL, and the board calls it.
  await expect(verdict(app)).toContainText('COOL has no lead on record')
  await expect(app.getByTestId('prove')).toBeDisabled()
  taps.said(14, 'home')
})

test('gas furnace, like for like: each output keeps the speed it had', async ({ app }) => {
  const taps = new Taps(app, 'gas furnace, like for like')
  await taps.on('start')
  await taps.on('family-gas-furnace')
  await app.getByTestId('unit-kind').getByRole('radio', { name: 'one speed' }).click()
  taps.add()
  await taps.on('choose-unit')
  await taps.on('stage-plates')
  await typeLabel(app, 'motor', '1/3 HP 1075 RPM 115V 5.6 A 60HZ CWLE 7.5 MFD 370V')
  await taps.on('stage-wires')
  await taps.sign()
  await taps.choose('which-motor', 'the same, new')
  await app.getByTestId('tag-speed-0').getByRole('button').first().click()
  await app.getByTestId('tag-speed-0').getByRole('radio', { name: 'high', exact: true }).click()
  taps.add()
  taps.add()
  await taps.on('keep-tag')
  await taps.on('motor-next')
  await expect(app.getByTestId('capacitor-next')).toBeEnabled()
  await taps.on('capacitor-next')
  await expect(verdict(app)).toContainText('Proven')
  // The trap: line lead and tap exchanged run as well, and are said before power.
  const tap = await leadOf(app, 'speed tap')
  const line = await leadOf(app, 'line lead')
  await move(app, tap, 'N')
  await move(app, line, 'FAN')
  await expect(verdict(app)).toContainText('are exchanged: with one speed the blower runs as well')
  await app.getByTestId('undo').click()
  await app.getByTestId('undo').click()
  await expect(verdict(app)).toContainText(/^Proven in [^.]*\.$/)
  await taps.on('prove')
  await onCard(app, 'The same motor, new')
  taps.said(14)
})

test('electric furnace, relay and sequencer: one tap an output, and the relay’s rests stay as they were', async ({
  app,
}) => {
  const taps = new Taps(app, 'electric furnace, relay and sequencer')
  await taps.on('start')
  await taps.on('family-electric-furnace')
  await taps.on('choose-unit')
  await taps.sign()
  await taps.on('stage-plates')
  await typeLabel(app, 'motor', '1/3 HP 1075 RPM 208-230V 2.6 A 60HZ CWLE 7.5 MFD 370V')
  await taps.on('stage-motor')
  await taps.choose('which-motor', 'the same, new')
  for (const [i, speed] of ['high', 'low'].entries()) {
    await app.getByTestId(`tag-speed-${i}`).getByRole('button').first().click()
    await app.getByTestId(`tag-speed-${i}`).getByRole('radio', { name: speed, exact: true }).click()
    taps.add()
    taps.add()
  }
  await taps.on('keep-tag')
  await taps.on('motor-next')
  await expect(app.getByTestId('capacitor-next')).toBeEnabled()
  await taps.on('capacitor-next')
  await expect(verdict(app)).toContainText(/Proven in off, heating, cooling and fan only/)
  // The trap: the relay’s two rests exchanged give cooling the slow tap, and heating the fast one.
  const fast = await leadOf(app, /speed tap.*open rest/)
  const slow = await leadOf(app, /speed tap.*closed rest/)
  await move(app, fast, 'R-NC')
  await move(app, slow, 'R-NO')
  await expect(verdict(app)).toContainText('In cooling the blower runs at low')
  await app.getByTestId('undo').click()
  await app.getByTestId('undo').click()
  await taps.on('prove')
  await onCard(app, 'open rest on the fan relay')
  taps.said(17)
})
