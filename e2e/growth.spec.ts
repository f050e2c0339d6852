// A shop with more jobs than a phone keeps whole: every one is listed, the latest open without a server, older ones from it.
import type { Page } from '@playwright/test'
import { delivered, expect, keptOn, test } from './app'
import type { OakServer } from './server'

test.use({ serviceWorkers: 'allow' })

const id = (n: number, kind: string) => `0194${kind}000-0000-7000-8000-${String(n).padStart(12, '0')}`
const row = (n: number) => `job-${id(n, 'b')}`
/** Of each job its name, its place, and a note that stands in no list. */
const jobs = (count: number) =>
  Array.from({ length: count }, (_, n) =>
    [
      [['title'], `Fan ${n}`],
      [['site'], n % 65 === 0 ? 'Harbour hotel' : `Mill ${n}`],
      [['unitName'], 'Room 5'],
      [['notes'], `the hatch of fan ${n} sticks`],
    ].map(([path, value], k) => ({
      id: id(n * 4 + k, 'a'),
      job: id(n, 'b'),
      path,
      value,
      at: Date.UTC(2026, 0, 5, 8) + n * 60_000 + k,
      device: id(1, 'c'),
      technician: 'Ines',
    })),
  ).flat()

async function fill(server: OakServer, count: number): Promise<void> {
  const changes = jobs(count)
  for (let i = 0; i < changes.length; i += 400) await server.put(changes.slice(i, i + 400))
  // Many at once are listed after the answer.
  await expect
    .poll(async () => (await fetch(`${server.url}/api/jobs/office?limit=1`)).json())
    .toMatchObject({ total: count, unread: 0 })
}

/** The app, with all that this phone keeps of so many jobs, ready to be without its server. */
async function phoneWith(app: Page, server: OakServer, count: number): Promise<void> {
  await fill(server, count)
  await app.goto(server.url)
  await app.waitForFunction(async () => (await navigator.serviceWorker.ready).active?.state === 'activated')
  await expect.poll(() => keptOn(app, 'jobs'), { timeout: 30_000 }).toBeGreaterThanOrEqual(count)
  // Whole are the latest hundred, four changes each.
  await expect.poll(() => keptOn(app, 'changes'), { timeout: 30_000 }).toBe(400)
}

test('an old job is listed with what is known of it, opens from the server, and stays open without it', async ({
  app,
  server,
}) => {
  await phoneWith(app, server, 130)
  await expect(app.getByTestId(row(129))).toBeVisible()
  await server.kill()
  // The latest hundred are here: 30 to 129.
  await app.getByTestId('home-search').fill('fan 30')
  await app.getByTestId(row(30)).click()
  await expect(app.getByTestId('job-elsewhere')).toHaveCount(0)
  await app.goto(`${server.url}/`)
  await app.getByTestId('home-search').fill('fan 3')
  await app.getByTestId(row(3)).click()
  const elsewhere = app.getByTestId('job-elsewhere')
  await expect(elsewhere).toContainText('This job is not on this phone.')
  await expect(elsewhere).toContainText('Fan 3')
  await expect(elsewhere).toContainText('Mill 3')
  await expect(elsewhere).toContainText('by Ines')
  await server.up()
  // By itself, as soon as the server is there.
  await expect(elsewhere).toHaveCount(0)
  await server.kill()
  await app.goto(`${server.url}/job/${id(3, 'b')}/visit`)
  await expect(elsewhere).toHaveCount(0)
  await expect(app.getByText('Fan 3').first()).toBeVisible()
})

test('an old job is named from the list once it was fetched, and one that is wanted below stays on the phone', async ({
  app,
  server,
}) => {
  await phoneWith(app, server, 110)
  await app.getByTestId('home-search').fill('fan 7')
  await app.getByTestId(`more-${id(7, 'b')}`).click()
  await app.getByTestId('keep-here').click()
  await expect(app.getByTestId('keep-here')).toContainText('It stays on this phone')
  await app.getByRole('button', { name: /close/i }).first().click()
  await app.getByTestId(`more-${id(7, 'b')}`).click()
  await expect(app.getByTestId('keep-here')).toContainText('It stays on this phone')
  await app.getByTestId('put-away').click()
  await delivered(app)
  await expect
    .poll(async () => (await server.jobs(['Fan 7'])).map(({ title }) => title))
    .not.toContain('Fan 7')
})

test('the history of a unit has visits that are not on this phone, and says how many it cannot show', async ({
  app,
  server,
}) => {
  await phoneWith(app, server, 131)
  // 0, 65 and 130 are of one unit; 0 is too old to be here.
  await app.goto(`${server.url}/job/${id(130, 'b')}/history`)
  await expect(app.getByTestId(/^visit-/)).toHaveCount(3)
  await server.kill()
  await app.reload()
  await expect(app.getByTestId('history-missing')).toContainText('One more visit is not on this phone')
  await expect(app.getByTestId(/^visit-/)).toHaveCount(2)
})

test('the office finds an old job on the server and shows it whole; without the server it lists what the device knows', async ({
  app,
  server,
}) => {
  await app.setViewportSize({ width: 1280, height: 800 })
  await phoneWith(app, server, 250)
  await app.goto(`${server.url}/office`)
  await expect(app.getByTestId('office-count')).toHaveText('250 jobs.')
  await app.getByTestId('office-search').fill('an 12')
  // 12, 112, 212, and 120 to 129.
  await expect(app.getByTestId('office-count')).toHaveText('13 jobs.')
  await app.getByTestId(`office-${id(12, 'b')}`).click()
  await expect(app.getByTestId('office-history')).toContainText('the hatch of fan 12 sticks')
  await server.kill()
  await app.getByTestId('office-search').fill('fan 200')
  await expect(app.getByTestId('office-count')).toContainText(
    '1 job. The server is not reached: these are as this device knows them.',
  )
  await app.getByTestId('office-search').fill('fan 15')
  await app.getByTestId(`office-${id(15, 'b')}`).click()
  await expect(app.getByTestId('office-elsewhere')).toBeVisible()
})
