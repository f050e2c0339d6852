// From the tap on a stage's tab to its heading on the screen, with the page's thread slowed four times, after the page has had time to fetch
// ahead. Against two frames of the same page with nothing to do.
import type { Page } from '@playwright/test'
import { bareFrames, onDemo, slow, tap } from './phone'
import { median } from './median'

const JOB = '/job/01950000-0000-7000-8000-000000000001/wires'
const STAGES = ['safe', 'fault', 'plates', 'motor', 'capacitor', 'board', 'mount', 'startup', 'card', 'wires']
const SLOWER = 4
const WANTED_MS = 250
/** To fetch and read what nobody has asked for, ms. */
const IDLE_MS = 6000

const WATCH = `
  window.__tapped = 0; window.__open = 0; let before = '';
  const title = () => document.querySelector('[role=main] [role=heading]')?.textContent ?? '';
  addEventListener('click', () => { window.__tapped = performance.now(); window.__open = 0; before = title() }, true);
  new MutationObserver(() => {
    if (!window.__open && title() && title() !== before)
      requestAnimationFrame(() => (window.__open ||= performance.now()))
  }).observe(document.body, { childList: true, characterData: true, subtree: true });
`

async function opens(page: Page, stage: string): Promise<number> {
  await tap(page, page.getByTestId(`stage-${stage}`))
  for (let i = 0; i < 30; i++) {
    await page.waitForTimeout(500)
    const [tapped = 0, open = 0] = await page.evaluate<number[]>('[window.__tapped, window.__open]')
    if (open > tapped) return open - tapped
  }
  throw new Error(`${stage} did not open`)
}

export const benchStages = (): Promise<void> =>
  onDemo(JOB, async (page) => {
    await page.getByTestId('wires-picture').waitFor()
    await page.waitForTimeout(IDLE_MS)
    await page.evaluate(WATCH)
    await slow(page, SLOWER)
    const frame = await bareFrames(page)
    const found: (readonly [string, number])[] = []
    for (const stage of STAGES) found.push([stage, await opens(page, stage)])
    const [slowest, ms] = found.reduce((a, b) => (b[1] > a[1] ? b : a))
    console.log(
      `stages, ${SLOWER}× slower, first opened: ${found.map(([stage, x]) => `${stage} ${x.toFixed(0)}`).join(', ')} ms; median ${median(found.map(([, x]) => x)).toFixed(0)} ms; slowest ${slowest}, ${ms.toFixed(0)} ms (wanted ${WANTED_MS})${ms > WANTED_MS ? '  ABOVE' : ''}, ${(ms / frame).toFixed(1)} times two bare frames`,
    )
  })
