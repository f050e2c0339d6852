// The office, and what past jobs of the same unit tell.
import { readFileSync } from 'node:fs'
import { expect, test } from './app'
import { download } from './files'

test.use({ demo: true })
const job = (n: number) => `/job/01950000-0000-7000-8000-00000000000${n}`

test('the office finds a job, shows who changed what, and hands out files', async ({
  fresh: app,
  server,
}) => {
  await app.setViewportSize({ width: 1280, height: 800 })
  await app.goto(`${server.url}/office`)
  await app.getByTestId('office-search').fill('saltmarsh')
  await expect(
    app
      .getByTestId('office-table')
      .getByRole('button', { name: /north condenser/i })
      .or(app.getByText('Fan dead, north condenser'))
      .first(),
  ).toBeVisible()
  await expect(app.getByTestId('office-job')).toContainText('Saltmarsh Bakery')
  await expect(app.getByTestId('office-history')).toContainText('Ines Brandt')
  await expect(app.getByTestId('office-history')).toContainText('What was proven: Proven in off and cooling.')
  const file = JSON.parse(readFileSync(await (await download(app, 'office-json')).path(), 'utf8')) as {
    format: string
    changes: unknown[]
  }
  expect([file.format, file.changes.length > 10]).toEqual(['oak-switch/job', true])
  expect(readFileSync(await (await download(app, 'office-csv')).path(), 'utf8')).toMatch(
    /^job,title,probe,quantity,value,unit,meter,at\r\n.*old capacitor FAN,amps,0\.84,A/m,
  )
  await app.getByTestId('office-search').fill('nobody at all')
  await expect(app.getByText('No job is like that.')).toBeVisible()
})

test('a long list draws only the rows in sight; a head sorts it, arrow keys go through it', async ({
  app,
  server,
}) => {
  await app.setViewportSize({ width: 1280, height: 800 })
  const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
  const changes = Array.from({ length: 300 }, (_, i) => ({
    id: id(20_000 + i),
    job: id(10_000 + i),
    path: ['title'],
    value: `Visit ${String(i).padStart(3, '0')}`,
    at: Date.UTC(2025, 0, 1) + i * 60_000,
    device: id(999),
    technician: 'Tomas',
  }))
  expect((await app.request.post(`${server.url}/api/changes`, { data: { changes } })).ok()).toBe(true)
  await app.goto(`${server.url}/office`)
  await app.getByTestId('office-search').fill('visit')
  const table = app.getByTestId('office-table')
  await expect(table).toHaveAttribute('aria-rowcount', '301')
  const rows = table.getByRole('row')
  await expect(rows.nth(1)).toContainText('Visit 299')
  expect(await rows.count()).toBeLessThan(60)
  const head = app.getByTestId('sort-title')
  await head.click()
  await expect(head).toHaveAttribute('aria-sort', 'ascending')
  await expect(rows.nth(1)).toContainText('Visit 000')
  await rows.nth(1).click()
  for (let i = 0; i < 40; i++) await app.keyboard.press('ArrowDown')
  await expect(table.locator('[aria-selected=true]')).toContainText('Visit 040')
  await expect(table.locator('[aria-selected=true]')).toBeFocused()
  await expect(app.getByTestId('office-job')).toContainText('Visit 040')
  await app.keyboard.press('End')
  await expect(table.locator('[aria-selected=true]')).toContainText('Visit 299')
  await expect(table.locator('[aria-selected=true]')).toBeInViewport()
})

test('jobs of the same unit make its history, with the capacitor’s drift', async ({ app, server }) => {
  const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
  const before = (n: number, path: string[], value: unknown) => ({
    id: uuid(n),
    job: uuid(4000),
    path,
    value,
    at: Date.UTC(2024, 5, 1) + n,
    device: uuid(999),
    technician: 'Tomas',
  })
  const changes = [
    before(1, ['title'], 'Spring check'),
    before(2, ['site'], 'Saltmarsh Bakery, rear roof'),
    before(3, ['unit'], 'cooling-1-pole-shared-capacitor'),
    before(4, ['readings', 'FAN'], {
      of: 'FAN',
      amps: 0.98,
      volts: 352,
      hertz: 60,
      ratedMicrofarads: 7.5,
      tolerancePercent: 6,
    }),
    before(5, ['recommended', 'a'], { text: 'New capacitor soon', declined: true }),
  ]
  expect((await app.request.post(`${server.url}/api/changes`, { data: { changes } })).ok()).toBe(true)
  await app.reload()
  await expect(app.getByTestId('sync')).toHaveText('delivered')
  await app.goto(`${server.url}${job(1)}/report`)
  await app.getByTestId('to-history').click()
  // 2652.58 x 0.98 / 352 = 7.39; 2652.58 x 0.84 / 348 = 6.4.
  await expect(app.getByTestId('drift-FAN')).toContainText('Fan side: 7.39 µF, 6.4 µF')
  await expect(app.getByTestId('history')).toContainText('Recommended: New capacitor soon (declined)')
})
