// The board in the browser: from the press that moves a lead to the new verdict on the screen, mends tried, with the page's thread slowed
// four times (the worker's is not: the browser slows the page alone). Against two frames of the same page with nothing to do, in this run.
import { chromium, type Page } from '@playwright/test'
import { OakServer } from '../../e2e/server'

const JOB = '/job/01950000-0000-7000-8000-000000000001/board'
const WANTED_MS = 50
const MOVES = [
  ['brown', 'CAN-10'],
  ['brown', 'CAN-5b'],
  ['white', 'L1'],
  ['white', 'CAN-C'],
  ['black', 'T2'],
  ['black', 'T1'],
] as const
const median = (list: readonly number[]): number => [...list].sort((a, b) => a - b)[list.length >> 1] ?? NaN

/** Marks the moment of every press, and of every change of the verdict's words. */
const WATCH = `
  window.__pressed = 0; window.__changed = 0;
  const words = () => document.querySelector('[data-testid=verdict-sentence]')?.textContent ?? '';
  let before = words();
  addEventListener('click', () => { window.__pressed = performance.now(); window.__changed = 0; before = words() }, true);
  new MutationObserver(() => { if (words() !== before) { before = words(); window.__changed ||= performance.now() } })
    .observe(document.body, { childList: true, characterData: true, subtree: true });
`

async function answers(page: Page): Promise<number[]> {
  const found: number[] = []
  for (const [lead, post] of MOVES) {
    await page.getByTestId(`lead-${lead}`).click()
    await page.getByTestId('board').getByTestId(`post-${post}`).click()
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

const frames = (page: Page): Promise<number> =>
  page.evaluate<number>(
    'new Promise((done) => { const from = performance.now(); requestAnimationFrame(() => requestAnimationFrame(() => done(performance.now() - from))) })',
  )

export async function benchBoard(): Promise<void> {
  const server = await OakServer.start({ demo: true })
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  })
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })
  const page = await context.newPage()
  await page.goto(server.url + JOB)
  await page.getByTestId('verdict-sentence').waitFor()
  await page.evaluate(WATCH)
  await answers(page)
  for (const rate of [1, 4]) {
    const cdp = await context.newCDPSession(page)
    await cdp.send('Emulation.setCPUThrottlingRate', { rate })
    const ms = median(await answers(page))
    const bare = median(await Promise.all([frames(page), frames(page), frames(page)]))
    console.log(
      `board, ${rate}× slower: ${ms.toFixed(0)} ms from press to verdict (wanted ${WANTED_MS}), ${(ms / bare).toFixed(1)} times two bare frames`,
    )
  }
  await browser.close()
  await server.close()
}
