// Frames a second while a lead is dragged over the board, with the page's thread slowed four times; against the same page with nothing to
// do, in this run. A finger that moves is not held up by the browser, so the moves come at their own pace.
import type { Page } from '@playwright/test'
import { onDemo, slow } from './phone'

const JOB = '/job/01950000-0000-7000-8000-000000000001/board'
const WANTED = 60
const STEPS = 60
const STEP_MS = 16

/** Counts the frames that the page draws, until it is asked. */
const COUNT = `
  window.__frames = 0; window.__from = performance.now();
  const tick = () => { window.__frames++; requestAnimationFrame(tick) };
  if (!window.__ticks) { window.__ticks = true; requestAnimationFrame(tick) }
`
const perSecond = (page: Page): Promise<number> =>
  page.evaluate<number>('(1000 * window.__frames) / (performance.now() - window.__from)')

async function drag(page: Page): Promise<number> {
  const from = await page.getByTestId('lead-black').boundingBox()
  const to = await page.getByTestId('board').getByTestId('post-T2').boundingBox()
  if (!from || !to) throw new Error('The lead or the post is not on the board: nothing was measured.')
  const at = (share: number): [number, number] => [
    from.x + 20 + (to.x - from.x) * share,
    from.y + 20 + (to.y - from.y) * share,
  ]
  await page.mouse.move(...at(0))
  await page.mouse.down()
  await page.mouse.move(...at(0.02))
  await page.evaluate(COUNT)
  for (let i = 1; i <= STEPS; i++) {
    await page.mouse.move(...at(i / STEPS))
    await page.waitForTimeout(STEP_MS)
  }
  const found = await perSecond(page)
  await page.mouse.up()
  await page.waitForTimeout(600)
  return found
}

async function idle(page: Page): Promise<number> {
  await page.evaluate(COUNT)
  await page.waitForTimeout(STEPS * STEP_MS)
  return perSecond(page)
}

export const benchDrag = (): Promise<void> =>
  onDemo(JOB, async (page) => {
    await page.getByTestId('verdict-sentence').waitFor()
    await drag(page)
    for (const rate of [1, 4]) {
      await slow(page, rate)
      const [moved, still] = [await drag(page), await idle(page)]
      console.log(
        `drag, ${rate}× slower: ${moved.toFixed(0)} frames a second (wanted ${WANTED}), ${(moved / still).toFixed(2)} of what the page draws with nothing to do`,
      )
    }
  })
