// From the tap on a stage's tab to its heading on the screen, with the page's thread slowed four times, after the page has had time to fetch
// ahead. Against two frames of the same page with nothing to do.
import { chromium, type Page } from '@playwright/test'
import { OakServer } from '../../e2e/server'

const JOB = '/job/01950000-0000-7000-8000-000000000001/wires'
const STAGES = ['safe', 'fault', 'plates', 'motor', 'capacitor', 'board', 'mount', 'startup', 'card', 'wires']
const SLOWER = 4
const WANTED_MS = 250
/** To fetch and read what nobody has asked for, ms. */
const IDLE_MS = 6000
const median = (list: readonly number[]): number => [...list].sort((a, b) => a - b)[list.length >> 1] ?? NaN

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
  await page.getByTestId(`stage-${stage}`).click()
  for (let i = 0; i < 30; i++) {
    await page.waitForTimeout(500)
    const [tapped = 0, open = 0] = await page.evaluate<number[]>('[window.__tapped, window.__open]')
    if (open > tapped) return open - tapped
  }
  throw new Error(`${stage} did not open`)
}

export async function benchStages(): Promise<void> {
  const server = await OakServer.start({ demo: true })
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  })
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })
  const page = await context.newPage()
  await page.goto(server.url + JOB)
  await page.getByTestId('wires-picture').waitFor()
  await page.waitForTimeout(IDLE_MS)
  await page.evaluate(WATCH)
  const cdp = await context.newCDPSession(page)
  await cdp.send('Emulation.setCPUThrottlingRate', { rate: SLOWER })
  const frame = await page.evaluate<number>(
    'new Promise((done) => { const from = performance.now(); requestAnimationFrame(() => requestAnimationFrame(() => done(performance.now() - from))) })',
  )
  const found: (readonly [string, number])[] = []
  for (const stage of STAGES) found.push([stage, await opens(page, stage)])
  const [slowest, ms] = found.reduce((a, b) => (b[1] > a[1] ? b : a))
  console.log(
    `stages, ${SLOWER}× slower, first opened: ${found.map(([stage, x]) => `${stage} ${x.toFixed(0)}`).join(', ')} ms; median ${median(found.map(([, x]) => x)).toFixed(0)} ms; slowest ${slowest}, ${ms.toFixed(0)} ms (wanted ${WANTED_MS})${ms > WANTED_MS ? '  ABOVE' : ''}, ${(ms / frame).toFixed(1)} times two bare frames`,
  )
  await browser.close()
  await server.close()
}
