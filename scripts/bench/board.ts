// The board in the browser: from the press that moves a lead to the new verdict on the screen, mends tried, with the page's thread slowed
// four times (the worker's is not: the browser slows the page alone). Against two frames of the same page with nothing to do, in this run.
import type { Page } from '@playwright/test'
import { bareFrames, onDemo, slow, tap } from './phone'
import { median } from './median'

const JOB = '/job/01950000-0000-7000-8000-000000000001/board'
const WANTED_MS = 50
const MOVES = [
  ['brown', 'CAN-10'],
  ['brown', 'CAN-5'],
  ['white', 'L1'],
  ['white', 'CAN-C'],
  ['black', 'T2'],
  ['black', 'T1'],
] as const

/** Marks the moment of every press, and of every change of the verdict's words. */
const WATCH = `
  window.__pressed = 0; window.__changed = 0;
  const words = () => document.querySelector('[data-testid=verdict-sentence]')?.textContent ?? '';
  let before = words();
  addEventListener('click', () => { window.__pressed = performance.now(); window.__changed = 0; before = words() }, true);
  new MutationObserver(() => { if (words() !== before) { before = words(); window.__changed ||= performance.now() } })
    .observe(document.body, { childList: true, characterData: true, subtree: true });
`

/** So often they are all made: a machine that works for others too takes a move's time away now and then. */
const ROUNDS = 5

async function answers(page: Page, rounds: number): Promise<number[]> {
  const found: number[] = []
  const moves = Array.from({ length: rounds }, () => MOVES).flat()
  for (const [lead, post] of moves) {
    await tap(page, page.getByTestId(`lead-${lead}`))
    await tap(page, page.getByTestId('board').getByTestId(`post-${post}`))
    await page
      .waitForFunction('window.__changed > window.__pressed', undefined, { timeout: 5000 })
      .catch(() => undefined)
    const [pressed = 0, changed = 0] = await page.evaluate<number[]>('[window.__pressed, window.__changed]')
    if (changed > pressed) found.push(changed - pressed)
    await page.waitForTimeout(250)
  }
  if (found.length === 0) throw new Error('No move changed the verdict: nothing was measured.')
  return found
}

export const benchBoard = (): Promise<void> =>
  onDemo(JOB, async (page) => {
    await page.getByTestId('verdict-sentence').waitFor()
    await page.evaluate(WATCH)
    await answers(page, 1)
    for (const rate of [1, 4]) {
      await slow(page, rate)
      const ms = median(await answers(page, ROUNDS))
      const bare = median(await Promise.all([bareFrames(page), bareFrames(page), bareFrames(page)]))
      console.log(
        `board, ${rate}× slower: ${ms.toFixed(0)} ms from press to verdict (wanted ${WANTED_MS}), ${(ms / bare).toFixed(1)} times two bare frames`,
      )
    }
  })
