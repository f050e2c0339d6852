// The first visit: what the app is for, and a finished example that stays off every record.
import type { Locator, Page } from '@playwright/test'
import { expect, onCard, test } from './app'

/** How often the page's script changes anything in it in so many ms. */
const drawnWithin = (part: Locator, ms: number): Promise<number> =>
  part.evaluate(async (element, wait) => {
    let count = 0
    const watch = new MutationObserver((changes) => (count += changes.length))
    watch.observe(element, { attributes: true, childList: true, subtree: true })
    await new Promise((resolve) => setTimeout(resolve, wait))
    watch.disconnect()
    return count
  }, ms)

/** The page's own script comes when it is let go. */
async function heldBack(page: Page): Promise<() => void> {
  let letGo: () => void = () => undefined
  const held = new Promise<void>((resolve) => {
    letGo = resolve
  })
  await page.route(/entry-/, async (route) => {
    await held
    await route.continue()
  })
  return letGo
}

for (const [width, height] of [
  [390, 844],
  [1280, 800],
] as const)
  test(`before the app is there its start is, where it stays and as it looks, at ${width}x${height}`, async ({
    fresh,
    server,
  }) => {
    await fresh.setViewportSize({ width, height })
    const letGo = await heldBack(fresh)
    await fresh.goto(server.url, { waitUntil: 'commit' })
    const looks = async (part: Locator) => {
      await expect(part).toHaveText('Start a hookup')
      const { x = NaN, y = NaN, width = NaN, height = NaN } = (await part.boundingBox()) ?? {}
      return {
        place: [x, y, width, height],
        ground: await part.evaluate((e) => getComputedStyle(e).backgroundColor),
      }
    }
    const before = await looks(fresh.getByTestId('begin'))
    letGo()
    const after = await looks(fresh.getByTestId('start'))
    await expect(fresh.getByTestId('begin')).toHaveCount(0)
    expect(before.ground).toBe('rgb(122, 62, 13)')
    for (const [i, px] of after.place.entries())
      expect(Math.abs(px - before.place[i]!)).toBeLessThanOrEqual(2)
  })

test('a tap before the app is there begins one job, bounce or not, and Back leads home', async ({
  fresh,
  server,
}) => {
  const letGo = await heldBack(fresh)
  await fresh.goto(server.url, { waitUntil: 'commit' })
  await fresh.getByTestId('begin').dblclick()
  await expect(fresh.getByTestId('begin')).toHaveText('Starting…')
  letGo()
  await expect(fresh).toHaveURL(/\/job\/[\da-f-]{36}\/wires$/)
  await expect(fresh.getByTestId('choose-unit')).toBeVisible()
  await fresh.goBack()
  await expect(fresh.getByTestId('start')).toBeVisible()
  await expect(fresh.getByTestId('begin')).toHaveCount(0)
  await expect(fresh).toHaveURL(server.url)
})

test('a page whose script does not come says so', async ({ fresh, server }) => {
  await fresh.route(/entry-/, (route) => route.abort())
  await fresh.goto(server.url)
  await expect(fresh.getByRole('status')).toHaveText(
    'A part of the app could not be fetched. Open the page again where there is a signal.',
  )
})

test('another address shows no start, and a chosen night is there from the first paint', async ({
  app,
  server,
}) => {
  const ground = () => app.evaluate(() => getComputedStyle(document.body).backgroundColor)
  expect(await ground()).toBe('rgb(245, 240, 230)')
  await app.getByTestId('who').click()
  await app.getByRole('radio', { name: 'Night' }).click()
  await expect.poll(ground).toBe('rgb(18, 16, 13)')
  await heldBack(app)
  await app.goto(`${server.url}/van`, { waitUntil: 'commit' })
  await expect(app.getByText('Oak Switch').first()).toBeVisible()
  await expect(app.getByTestId('begin')).toBeHidden()
  expect(await ground()).toBe('rgb(18, 16, 13)')
})

test('a finished example is two taps away, can be looked through and played with, and is kept nowhere', async ({
  app,
  server,
}) => {
  await expect(app.getByTestId('first-visit').getByRole('img')).toHaveAccessibleName(
    /T1: black before, yellow now; C: white before, black now; FAN: brown before, orange now/,
  )
  await app.getByTestId('see-example').click()
  await expect(app.getByRole('heading', { name: 'Example: Fan dead, north condenser' })).toBeVisible()
  await onCard(app, 'Saltmarsh Bakery')
  await app.getByTestId('stage-board').click()
  await expect(app.getByTestId('verdict-sentence')).toContainText('Proven')
  await app.getByTestId('lead-brown').click()
  await app.getByTestId('board').getByTestId('post-T1').click()
  await expect(app.getByTestId('verdict-sentence')).toContainText('Stop.')
  await app.getByTestId('to-home').click()
  await expect(app.getByTestId('first-visit')).toBeVisible()
  await expect(app.getByText('No jobs on this device yet.')).toBeVisible()
  // Nothing of it was delivered.
  expect(await server.changes()).toEqual([])
  await app.goto(server.url)
  await expect(app.getByTestId('first-visit')).toBeVisible()
})

test.describe('with the demo', () => {
  test.use({ demo: true })
  test('where there are jobs, the picture gives way to them', async ({ app }) => {
    await expect(app.getByText('Saltmarsh Bakery, rear roof')).toBeVisible()
    await expect(app.getByTestId('first-visit')).toHaveCount(0)
  })

  test('a job opens at its next stage, and Back leads home again', async ({ app }) => {
    await app.getByText('Saltmarsh Bakery, rear roof').click()
    await expect(app).toHaveURL(/\/card$/)
    await app.goBack()
    await expect(app.getByText('Saltmarsh Bakery, rear roof')).toBeVisible()
  })

  test('on a slow link a stage waits for what the stages share, and opens', async ({ page, server }) => {
    const said: string[] = []
    page.on('console', (message) => said.push(message.text()))
    page.on('pageerror', (error) => said.push(error.message))
    let letGo: () => void = () => undefined
    const held = new Promise<void>((resolve) => {
      letGo = resolve
    })
    await page.route(/__common-\w+\.js/, async (route) => {
      await held
      await route.continue()
    })
    await page.goto(`${server.url}/job/01950000-0000-7000-8000-000000000001/board`, { waitUntil: 'commit' })
    await expect(page.getByText('Opening…')).toBeVisible()
    const bar = page.getByRole('main').getByRole('progressbar', { name: 'Opening…' })
    await expect(bar).toBeVisible()
    // It moves by itself: a page that draws it frame by frame has no turn left for the stage once that has come.
    expect(await bar.evaluate((element) => element.firstElementChild?.getAnimations().length)).toBe(1)
    expect(await drawnWithin(bar, 500)).toBe(0)
    letGo()
    await expect(page.getByTestId('board')).toBeVisible()
    expect(said.filter((text) => /could not be fetched|Requiring/.test(text))).toEqual([])
  })
})
