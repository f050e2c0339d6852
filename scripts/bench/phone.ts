// A phone's page in the browser, for the benches that look at one; and what two frames of it take with nothing to do.
import { chromium, type Browser, type BrowserContext, type Locator, type Page } from '@playwright/test'
import buildServer from '../../e2e/build-server'
import { OakServer } from '../../e2e/server'

export const launch = (): Promise<Browser> =>
  chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  })

export const phone = (browser: Browser): Promise<BrowserContext> =>
  browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })

/** The page's thread so many times slower; the worker's is not. */
export async function slow(page: Page, rate: number): Promise<void> {
  const cdp = await page.context().newCDPSession(page)
  await cdp.send('Emulation.setCPUThrottlingRate', { rate })
}

/** ms */
export const bareFrames = (page: Page): Promise<number> =>
  page.evaluate<number>(
    'new Promise((done) => { const from = performance.now(); requestAnimationFrame(() => requestAnimationFrame(() => done(performance.now() - from))) })',
  )

/** A thumb is down for about as long when it taps, ms: common practice, no source. What is measured begins with its coming up. */
const DOWN_MS = 80

/** A tap as the device gives it. The tool's own click looks up on the page what it hits, while the page answers. */
export async function tap(page: Page, part: Locator): Promise<void> {
  await part.scrollIntoViewIfNeeded()
  const box = await part.boundingBox()
  if (!box) throw new Error('What is to be tapped is not on the page.')
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.waitForTimeout(DOWN_MS)
  await page.mouse.up()
}

/** A page of the demo on a phone; all is closed when `look` is done with it. */
export async function onDemo(path: string, look: (page: Page) => Promise<void>): Promise<void> {
  buildServer()
  const server = await OakServer.start({ demo: true })
  const browser = await launch()
  const page = await (await phone(browser)).newPage()
  await page.goto(server.url + path)
  await look(page)
  await browser.close()
  await server.close()
}
