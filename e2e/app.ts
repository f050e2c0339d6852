// What the tests do over and over: open the app, go from a unit to a proven card, read the verdict. A page that logs an error fails its test.
import { test as base, expect, type Page } from '@playwright/test'
import { OakServer } from './server'

interface Fixtures {
  readonly server: OakServer
  /** A page that is nowhere yet, for what opens an address of its own: a load of home costs as much as a step of the test. */
  readonly fresh: Page
  /** The app at its start, with an empty database. */
  readonly app: Page
}

export const test = base.extend<Fixtures & { demo: boolean }>({
  demo: [false, { option: true }],
  server: async ({ demo }, use) => {
    const server = await OakServer.start({ demo })
    await use(server)
    await server.close()
  },
  fresh: async ({ page }, use) => {
    const errors: string[] = []
    page.on('pageerror', (error) => errors.push(error.message))
    page.on('console', (message) => {
      // A stopped server makes the browser log its failed requests; everything else is a defect.
      if (message.type() === 'error' && !/net::ERR_|Failed to load resource/.test(message.text()))
        errors.push(message.text())
    })
    await use(page)
    expect(errors).toEqual([])
  },
  app: async ({ fresh, server }, use) => {
    await fresh.goto(server.url)
    await expect(fresh.getByTestId('start')).toBeVisible()
    await use(fresh)
  },
})
export { expect }

/**
 * Opens an address and waits for its own screen. A job of the server comes a moment after the page, and its stage is fetched then: only
 * the frame of a stage names its main part, “not on this device” and “Opening…” do not.
 */
export async function openScreen(page: Page, address: string): Promise<void> {
  await page.goto(address)
  const main = page.getByRole('main')
  await expect(main).toBeVisible()
  if (/\/job\/[\da-f-]{36}\//.test(address)) await expect(main).toHaveAttribute('aria-label', /./)
  await expect(page.getByText('Opening…')).toHaveCount(0)
}

/** Gives a file to a button that asks for one. */
export async function choose(page: Page, button: string, path: string): Promise<void> {
  const [chooser] = await Promise.all([page.waitForEvent('filechooser'), page.getByTestId(button).click()])
  await chooser.setFiles(path)
}

/** Types a number on the pad that is open and sets it. */
export async function enterNumber(page: Page, digits: string): Promise<void> {
  for (const digit of digits)
    await page.getByTestId('number-pad').getByRole('button', { name: digit, exact: true }).click()
  await page.getByTestId('pad-set').click()
}

/** Signs for every wire by the hold that shows them, and goes on; where all are traced, by a tap. */
export async function signWires(page: Page): Promise<void> {
  const next = page.getByTestId('wires-next')
  await expect(next).toBeEnabled()
  if ((await next.getAttribute('data-hold')) === null) return next.click()
  await next.hover()
  await page.mouse.down()
  // As a person does: until it is signed, however busy the page is.
  await expect(next).toBeHidden()
  await page.mouse.up()
}

/** Picks a motor once they stand in the order in which they stay. */
export async function pickMotor(page: Page, sheet: string): Promise<void> {
  await expect(page.getByTestId('motors')).not.toHaveAttribute('aria-busy', 'true')
  await page.getByTestId(`sheet-${sheet}`).click()
}

export const direction = (page: Page, name: 'CW' | 'CCW') =>
  page.getByTestId('direction').getByRole('radio', { name: new RegExp(`^${name},`) })

/** What a quick hookup is told: the tag, the wanted rotation, the compressor's µF. */
interface QuickJob {
  readonly sheet?: string
  readonly turns?: 'CW' | 'CCW'
  readonly compressor?: string
}

/** From home to the board with the demo motor. Counts the taps that are not digits. */
export async function toBoard(
  page: Page,
  { sheet = 'rowan-25r', turns = 'CW', compressor = '40' }: QuickJob = {},
): Promise<number> {
  let taps = 0
  const tap = async (id: string) => {
    taps += 1
    await page.getByTestId(id).click()
  }
  await tap('start')
  await tap('choose-unit')
  taps += 1
  await signWires(page)
  taps += 1
  await direction(page, turns).click()
  taps += 1
  await pickMotor(page, sheet)
  await tap('motor-next')
  await tap('compressor-microfarads')
  await enterNumber(page, compressor)
  taps += 1
  await expect(page.getByTestId('plan-strip')).not.toContainText('Enter what')
  await tap('capacitor-next')
  await expect(page.getByTestId('board')).toBeVisible()
  return taps
}

/** What the card says, read as people read it: a line that breaks is not the end of a word. */
export const cardWords = async (page: Page): Promise<string> =>
  (await page.getByTestId('hookup-card').locator('svg text').allTextContents()).join(' ').replace(/\s+/g, ' ')

export const onCard = (page: Page, words: string): Promise<void> =>
  expect.poll(() => cardWords(page)).toContain(words)

export const verdict = (page: Page) => page.getByTestId('verdict-sentence')

/** Takes a lead in hand and puts it on a post. */
export async function move(page: Page, lead: string, post: string): Promise<void> {
  await page.getByTestId(`lead-${lead}`).click()
  await expect(page.getByTestId('in-hand')).toBeVisible()
  // On a wide screen the old hookup stands beside, with posts of the same names.
  await page.getByTestId('board').getByTestId(`post-${post}`).click()
}

/** Everything the device has was taken by the server. */
export const delivered = (page: Page) => expect(page.getByTestId('sync')).toHaveText('delivered')

/** A link as it is on some roofs: 64 kbit/s up and down, an answer after 300 ms. */
export async function slowLink(page: Page): Promise<void> {
  const link = await page.context().newCDPSession(page)
  await link.send('Network.enable')
  const [downloadThroughput, uploadThroughput] = [8000, 8000]
  await link.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: 300,
    downloadThroughput,
    uploadThroughput,
  })
}

/** How many of those this device keeps. */
export const keptOn = (page: Page, kept: 'jobs' | 'changes'): Promise<number> =>
  page.evaluate(
    (name) =>
      new Promise<number>((done) => {
        const open = indexedDB.open('oak-switch')
        open.onsuccess = () => {
          const count = open.result.transaction(name).objectStore(name).count()
          count.onsuccess = () => done(count.result)
        }
      }),
    kept,
  )
