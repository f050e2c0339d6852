import { delivered, expect, move, test, toBoard, verdict } from './app'

test.use({ serviceWorkers: 'allow' })

test('with the server stopped the work goes on, survives a reload, and is delivered once when it returns', async ({
  app,
  server,
}) => {
  await delivered(app)
  await app.waitForFunction(async () => (await navigator.serviceWorker.ready).active?.state === 'activated')
  await server.kill()
  await toBoard(app)
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
  await expect(app.getByTestId('sync')).toContainText('kept here')

  await app.reload()
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
  await app.getByTestId('prove').click()
  await expect(app.getByTestId('hookup-card')).toBeVisible()

  await server.up()
  await delivered(app)
  const first = await server.changes()
  expect(new Set(first.map((c) => c.id)).size).toBe(first.length)
  expect(first.filter((c) => c.path[0] === 'proven')).toHaveLength(1)
  await server.kill()
  await server.up()
  await delivered(app)
  expect(await server.changes()).toEqual(first)
})

test('the report is made without a server', async ({ app, server }) => {
  await toBoard(app)
  await delivered(app)
  const url = app.url()
  await app.waitForFunction(async () => (await navigator.serviceWorker.ready).active?.state === 'activated')
  await server.kill()
  await app.goto(url.replace(/board$/, 'report'))
  await expect(app.getByTestId('report-gaps')).toContainText('What failed, and why, is not on record.')
  const [saved] = await Promise.all([app.waitForEvent('download'), app.getByTestId('save-report').click()])
  expect(saved.suggestedFilename()).toMatch(/report\.pdf$/)
})

test('a server that lost its data is given it again by the device', async ({ app, server }) => {
  await toBoard(app)
  await delivered(app)
  const before = await server.changes()
  await server.kill()
  server.loseData()
  await server.up()
  await expect.poll(async () => (await server.changes()).length, { timeout: 30_000 }).toBe(before.length)
  expect((await server.changes()).map((c) => c.id).sort()).toEqual(before.map((c) => c.id).sort())
})

test('a closed tab loses nothing, and another tab shows the edit at once', async ({
  app,
  server,
  context,
}) => {
  await toBoard(app)
  const url = app.url()
  const other = await context.newPage()
  await other.goto(url)
  await expect(verdict(other)).toHaveText('Proven in off and cooling.')
  await move(app, 'white', 'T1')
  await expect(verdict(other)).toContainText('Stop.')
  await app.close({ runBeforeUnload: false })
  await other.reload()
  await expect(verdict(other)).toContainText('Stop.')
  await delivered(other)
  expect((await server.changes()).filter((c) => c.path[0] === 'placements')).toHaveLength(1)
})

test('two devices on one job see each other’s work', async ({ app, server, browser }) => {
  await toBoard(app)
  await delivered(app)
  const second = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage()
  await second.goto(app.url())
  await expect(verdict(second)).toHaveText('Proven in off and cooling.')
  await move(second, 'green', 'T1')
  await expect(verdict(app)).toContainText('Stop.')
  await delivered(second)
  expect((await server.changes()).length).toBeGreaterThan(10)
  await second.context().close()
})
