// Home with many jobs: found, named from the list, put away and brought back.
import { test, expect } from './app'

test.describe('the jobs of the shop', () => {
  test.use({ demo: true })
  const row = (n: number) => `job-01950000-0000-7000-8000-00000000000${n}`

  test('are found by words and by state', async ({ app }) => {
    await expect(app.getByTestId(row(1))).toBeVisible()
    const jobs = app.getByTestId(/^job-0195/)
    await expect(jobs).toHaveCount(11)
    // Letter by letter, as it is typed: the field keeps the focus while the list below it changes.
    await app.getByTestId('home-search').pressSequentially('BAKERY')
    await expect(jobs).toHaveCount(1)
    await expect(app.getByTestId(row(1))).toBeVisible()
    await app.getByTestId('home-search').fill('no such place')
    await expect(app.getByText('No job is like that.')).toBeVisible()
    await app.getByTestId('home-search').fill('')
    const state = app.getByTestId('home-state')
    await state.getByRole('radio', { name: 'done' }).click()
    await expect(app.getByTestId(row(1))).toContainText('Proven in off and cooling.')
    const done = await jobs.count()
    await state.getByRole('radio', { name: 'open' }).click()
    await expect(app.getByTestId(row(1))).toHaveCount(0)
    // The other two: one waits for a part, of one an estimate is out.
    await expect(jobs).toHaveCount(11 - done - 2)
    await state.getByRole('radio', { name: 'waiting' }).click()
    await expect(jobs).toHaveCount(1)
    await expect(app.getByTestId(row(9))).toContainText(
      'Waiting for Motor, 3/4 hp, 1075 rpm, 208–230 V from Pier Parts counter, for 20 Jul 2026',
    )
    await state.getByRole('radio', { name: 'estimate out' }).click()
    await expect(jobs).toHaveCount(1)
    await expect(jobs).toContainText('Breaker goes at once')
  })

  test('are named from the list, put away whole and brought back; another device sees it', async ({
    app,
    browser,
    server,
  }) => {
    await app.getByTestId('more-01950000-0000-7000-8000-000000000002').click()
    const sheet = app.getByTestId('job-sheet')
    await sheet.getByTestId('job-title').fill('Clinic, roof unit')
    await sheet.getByTestId('unit-name').fill('SN 4711')
    // Escape leaves no field: what was typed is kept.
    await app.keyboard.press('Escape')
    await expect(sheet).toHaveCount(0)
    await expect(app.getByTestId(row(2))).toContainText('Clinic, roof unit')
    // Left by another field, taken back by undo, it does not come again when the form goes.
    await app.goto(`${server.url}/job/01950000-0000-7000-8000-000000000002/report`)
    await app.getByTestId('owner').fill('Someone else')
    await app.getByTestId('unit-name').click()
    await app.getByTestId('undo').click()
    await expect(app.getByTestId('owner')).toHaveValue('')
    await app.goto(server.url)
    await app.getByTestId('home-search').fill('someone else')
    await expect(app.getByText('No job is like that.')).toBeVisible()
    await app.getByTestId('home-search').fill('4711')
    await expect(app.getByTestId(/^job-0195/)).toHaveCount(1)
    await app.getByTestId('more-01950000-0000-7000-8000-000000000002').click()
    await expect(sheet.getByRole('heading')).toHaveText('Clinic, roof unit')
    await app.getByTestId('put-away').click()
    await expect(app.getByText('No job is like that.')).toBeVisible()
    await app.getByTestId('home-state').getByRole('radio', { name: 'put away' }).click()
    await expect(app.getByTestId(row(2))).toBeVisible()
    await app.reload()
    await expect(app.getByTestId(row(1))).toBeVisible()
    await expect(app.getByTestId(row(2))).toHaveCount(0)
    // Once delivered, it is put away on every device.
    await expect.poll(async () => (await server.changes()).some((c) => c.path[0] === 'removed')).toBe(true)
    const other = await browser.newPage()
    await other.goto(server.url)
    await expect(other.getByTestId(row(1))).toBeVisible()
    await expect(other.getByTestId(row(2))).toHaveCount(0)
    await other.close()
    await app.getByTestId('home-state').getByRole('radio', { name: 'put away' }).click()
    await app.getByTestId('more-01950000-0000-7000-8000-000000000002').click()
    await app.getByTestId('put-away').click()
    await app.getByTestId('home-state').getByRole('radio', { name: 'all' }).click()
    await expect(app.getByTestId(row(2))).toContainText('Clinic, roof unit')
  })
})

test.describe('on a slow link', () => {
  test.use({ demo: true })
  test('the jobs do not move under a finger when the field to search by comes', async ({ page, server }) => {
    let letGo: () => void = () => undefined
    const held = new Promise<void>((resolve) => {
      letGo = resolve
    })
    await page.context().route(/SearchField-\w+\.js/, async (route) => {
      await held
      await route.continue()
    })
    await page.goto(server.url)
    const first = page.getByTestId(/^job-0195/).first()
    await expect(page.getByTestId('home-state')).toBeVisible()
    await expect(page.getByTestId('home-search')).toHaveCount(0)
    const before = await first.boundingBox()
    letGo()
    await expect(page.getByTestId('home-search')).toBeVisible()
    expect((await first.boundingBox())?.y).toBe(before?.y)
  })
})

test('a job is named by its kind of unit and the time until somebody names it; with one job there is nothing to search', async ({
  app,
  server,
}) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await app.goto(server.url)
  await expect(app.getByText(/^Outdoor unit, \S/)).toBeVisible()
  await expect(app.getByTestId('home-search')).toHaveCount(0)
})

test('five hundred jobs at one place: each is found, and nothing is lost or out of order', async ({
  page,
  server,
}) => {
  const begun = Date.UTC(2026, 0, 5, 8)
  const id = (n: number, kind: string) => `0194${kind}000-0000-7000-8000-${String(n).padStart(12, '0')}`
  const changes = Array.from({ length: 500 }, (_, n) =>
    [
      ['title', `Fan ${n}`],
      ['site', 'Harbour hotel'],
      ['unitName', `Room ${n}`],
    ].map(([path, value], k) => ({
      id: id(n * 3 + k, 'a'),
      job: id(n, 'b'),
      path: [path],
      value,
      at: begun + n * 60_000 + k,
      device: id(1, 'c'),
      technician: 'Ines',
    })),
  ).flat()
  for (let i = 0; i < changes.length; i += 300)
    expect(
      (
        await page.request.post(`${server.url}/api/changes`, { data: { changes: changes.slice(i, i + 300) } })
      ).ok(),
    ).toBe(true)
  await page.goto(server.url)
  const jobs = page.getByTestId(/^job-0194b/)
  await expect(page.getByTestId('home-search')).toBeVisible()
  // The latest first; what is far below is not drawn.
  await expect(jobs.first()).toContainText('Fan 499')
  // A slow machine is asked later, when more screens ahead are drawn: still not half of them.
  expect(await jobs.count()).toBeLessThan(250)
  const from = Date.now()
  await page.getByTestId('home-search').fill('harbour room 137')
  await expect(jobs).toHaveCount(1)
  console.log(`five hundred jobs: found in ${Date.now() - from} ms`)
  await expect(jobs.first()).toContainText('Fan 137')
  await page.getByTestId('home-search').fill('')
  await page.getByTestId('home-state').getByRole('radio', { name: 'open' }).click()
  await expect(jobs.first()).toContainText('Fan 499')
})
