// The record survives what networks, clocks, tabs and servers do.
import type { Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { randomUUID as uuid } from 'node:crypto'
import { delivered, expect, keptOn, test, toBoard, slowLink } from './app'

const sync = (page: Page) => page.getByTestId('sync')

/** A job of another device: a title and a place. */
const otherJob = (title: string, at = Date.now() - 1000) => {
  const job = uuid()
  const change = (path: string, value: string, i: number) => ({
    id: uuid(),
    job,
    path: [path],
    value,
    at: at + i,
    device: '00000000-0000-4000-8000-000000000901',
    technician: 'Bo',
  })
  return [change('title', title, 0), change('site', 'Quay 4', 1)]
}

test('a portal’s page is no delivery: the work waits, and goes up once the server itself answers', async ({
  app,
  server,
}) => {
  await delivered(app)
  const portal = { status: 200, contentType: 'text/html', body: '<h1>Welcome! Please sign in.</h1>' }
  await app.route('**/api/**', (route) => route.fulfill(portal))
  await toBoard(app)
  await expect(sync(app)).toContainText('kept here')
  // JSON of somebody else is no delivery either. It takes the portal's place at once: between the two the server itself would answer.
  await app.route('**/api/**', (route) => route.fulfill({ status: 200, json: { ok: true, added: [] } }))
  await app.waitForTimeout(5000)
  await expect(sync(app)).toContainText('kept here')
  expect(await server.changes()).toEqual([])
  await app.unroute('**/api/**')
  await delivered(app)
  expect((await server.changes()).length).toBeGreaterThan(5)
})

test('a backup put back: every device delivers anew what it holds, nothing is lost and nothing twice', async ({
  app,
  server,
}) => {
  await server.put(otherJob('Before the backup'))
  const file = server.command('backup').split('\n')[0] ?? ''
  await toBoard(app)
  await delivered(app)
  const whole = await server.changes()
  await server.kill()
  expect(server.command('restore', file)).toContain('every device delivers anew')
  await server.up()
  await expect.poll(async () => (await server.changes()).length, { timeout: 30_000 }).toBe(whole.length)
  expect((await server.changes()).map((c) => c.id).sort()).toEqual(whole.map((c) => c.id).sort())
  await delivered(app)
})

test('what one tab receives, every tab shows', async ({ app, server, context }) => {
  await delivered(app)
  const other = await context.newPage()
  await other.goto(server.url)
  await delivered(other)
  await server.put(otherJob('From the other van'))
  for (const page of [app, other]) await expect(page.getByText('From the other van')).toBeVisible()
})

test('at 64 kbit/s and 300 ms the first jobs show within ten seconds and all arrive', async ({
  app,
  server,
}) => {
  await delivered(app)
  await slowLink(app)
  const jobs = Array.from({ length: 1000 }, (_, i) => otherJob(`Roof ${i + 1}`, Date.now() - 86_400_000))
  for (let i = 0; i < jobs.length; i += 200) await server.put(jobs.slice(i, i + 200).flat())
  // From the moment it asks, not from the next turn of its own clock.
  const asked = Date.now()
  await app.evaluate(() => window.dispatchEvent(new Event('online')))
  await expect(app.getByText(/^Roof \d+$/).first()).toBeVisible({ timeout: 10_000 })
  expect(Date.now() - asked).toBeLessThan(10_000)
  await expect.poll(() => keptOn(app, 'jobs'), { timeout: 90_000 }).toBeGreaterThanOrEqual(1000)
  // Whole are the latest hundred, two changes each.
  await expect.poll(() => keptOn(app, 'changes'), { timeout: 90_000 }).toBeGreaterThanOrEqual(200)
})

for (const [name, days, words] of [
  ['40 days behind', -40, '40 days behind'],
  ['a year ahead', 365, '365 days ahead'],
] as const)
  test(`a clock ${name}: it is said once, and what is entered carries the server’s time`, async ({
    page,
    server,
  }) => {
    await page.addInitScript((ms: number) => {
      const real = Date.now.bind(Date)
      Date.now = () => real() + ms
    }, days * 86_400_000)
    await page.goto(server.url)
    await expect(sync(page)).toHaveText('wrong clock')
    await page.getByTestId('delivery').click()
    await expect(page.getByTestId('clock-text')).toContainText(words)
    await expect(page.getByTestId('delivery-sheet')).toBeVisible()
    await page.keyboard.press('Escape')
    await delivered(page)
    await toBoard(page)
    await delivered(page)
    const now = Date.now()
    const stamps = (await server.changes()).map((c) => c.at)
    expect(stamps.length).toBeGreaterThan(5)
    for (const at of stamps) expect(Math.abs(at - now)).toBeLessThan(60_000)
    // Looked at, it is not said again.
    await page.reload()
    await delivered(page)
  })

test('what was entered by a clock a year ahead before the server was ever reached is kept under the server’s time, here too', async ({
  page,
  server,
}) => {
  await page.addInitScript(() => {
    const real = Date.now.bind(Date)
    Date.now = () => real() + 365 * 86_400_000
  })
  await page.route('**/api/**', (route) => route.abort())
  await page.goto(server.url)
  await toBoard(page)
  await expect(sync(page)).toContainText('kept here')
  await page.unroute('**/api/**')
  await expect(sync(page)).toHaveText('wrong clock')
  await expect.poll(async () => (await server.changes()).length).toBeGreaterThan(5)
  const now = Date.now()
  for (const { at } of await server.changes()) expect(Math.abs(at - now)).toBeLessThan(60_000)
  // The same times stand on the phone: whoever edits next is later than this.
  const mine = await page.evaluate(
    () =>
      new Promise<number[]>((done) => {
        const open = indexedDB.open('oak-switch')
        open.onsuccess = () => {
          const all = open.result.transaction('changes').objectStore('changes').getAll()
          all.onsuccess = () => done((all.result as { change: { at: number } }[]).map((row) => row.change.at))
        }
      }),
  )
  for (const at of mine) expect(Math.abs(at - now)).toBeLessThan(60_000)
})

test('a change that the server has otherwise is named, looked at, saved and let go; everything else is delivered', async ({
  app,
  server,
}) => {
  await delivered(app)
  await app.route('**/api/changes', (route) => route.abort())
  await toBoard(app)
  await expect(sync(app)).toContainText('kept here')
  const [mine] = await app.evaluate(
    () =>
      new Promise<{ id: string; job: string; path: string[] }[]>((done) => {
        const open = indexedDB.open('oak-switch')
        open.onsuccess = () => {
          const all = open.result.transaction('changes').objectStore('changes').getAll()
          all.onsuccess = () =>
            done(
              (all.result as { change: { id: string; job: string; path: string[] } }[])
                .map((row) => row.change)
                .filter((change) => change.path[0] === 'compressorMicrofarads'),
            )
        }
      }),
  )
  await server.put([{ ...mine, value: 55, at: Date.now(), device: uuid(), technician: 'Bo' }])
  await app.unroute('**/api/changes')
  await expect(sync(app)).toHaveText('1 refused')
  await app.getByTestId('delivery').click()
  await expect(app.getByTestId('refused-change')).toHaveCount(1)
  await expect(app.getByTestId('refused-change')).toContainText(
    'This edit is on the server already, with other contents.',
  )
  await expect(app.getByTestId('delivery-text')).toHaveText('Everything else is on the server.')
  const [saved] = await Promise.all([app.waitForEvent('download'), app.getByTestId('save-refused').click()])
  const kept = JSON.parse(readFileSync(await saved.path(), 'utf8')) as { changes: { id: string }[] }
  expect(kept.changes.map((c) => c.id)).toEqual([mine?.id])
  await app.getByTestId('let-go').click()
  await app.getByTestId('let-go-sure').click()
  await delivered(app)
  expect((await server.changes()).filter((c) => c.id === mine?.id).map((c) => c.value)).toEqual([55])
})
