import { delivered, expect, test, toBoard, verdict } from './app'
import { download, printed, textOf } from './files'

test('from home to a proven card in twelve taps at the most, and out again as files', async ({
  app,
  server,
}) => {
  const taps = await toBoard(app)
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
  await app.getByTestId('prove').click()
  await expect(app.getByTestId('hookup-card')).toBeVisible()
  expect(taps + 1).toBeLessThanOrEqual(12)

  const card = JSON.parse(await textOf(await download(app, 'save-card'))) as {
    format: string
    rows: { lead: string; goes: string }[]
    verdict: string
  }
  expect(card).toMatchObject({ format: 'oak-switch/hookup-card', version: 1, verdict: 'proven' })
  expect(Object.fromEntries(card.rows.map((r) => [r.lead, r.goes]))).toEqual({
    black: 'T1 on the contactor',
    white: 'T2 on the contactor',
    brown: 'the 5 µF section of the new can',
    'brown/white': 'insulated by itself',
    green: 'the chassis ground',
  })

  const svg = await textOf(await download(app, 'save-svg'))
  const wellFormed = await app.evaluate(
    (text) => new DOMParser().parseFromString(text, 'image/svg+xml').querySelector('parsererror') === null,
    svg,
  )
  expect([wellFormed, svg.includes('Proven in off and cooling.'), svg.includes('the 5 µF section')]).toEqual([
    true,
    true,
    true,
  ])

  const job = JSON.parse(await textOf(await download(app, 'save-job'))) as { changes: { id: string }[] }
  await delivered(app)
  expect((await server.changes()).map((c) => c.id).sort()).toEqual(job.changes.map((c) => c.id).sort())
})

test('a reload in the middle loses nothing', async ({ app }) => {
  await toBoard(app)
  await app.reload()
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
  await app.getByTestId('stage-wires').click()
  await expect(app.getByTestId('wire-fan-a')).toContainText('motor common')
  await app.getByTestId('stage-capacitor').click()
  await expect(app.getByTestId('compressor-microfarads')).toContainText('40 µF')
})

test('readings in, verdict out', async ({ app }) => {
  await toBoard(app)
  await app.getByTestId('stage-capacitor').click()
  const enter = async (field: string, digits: string) => {
    await app.getByTestId(`FAN-${field}`).click()
    await app.keyboard.type(digits)
    await app.getByTestId('pad-set').click()
  }
  await enter('rated', '5')
  await enter('amps', '0.41')
  await enter('volts', '361')
  // 2652.58 × 0.41 / 361 = 3.01 µF, far below 4.7.
  await expect(app.getByTestId('reading-FAN').getByTestId('reading-result')).toContainText('3.01 µF')
  await expect(app.getByTestId('reading-FAN')).toContainText('out of tolerance')
  await enter('amps', '0.63')
  // 4.63 µF: within the meter's reach of the limit 4.7, so it cannot be told.
  await expect(app.getByTestId('reading-FAN')).toContainText('cannot tell with this meter')
  await app.reload()
  await expect(app.getByTestId('FAN-amps')).toContainText('0.63 A')
})

test('the card prints on one sheet with its text, on A4, Letter and A5; the board and the report print too', async ({
  app,
}) => {
  await toBoard(app)
  expect((await printed(app, 'A4'))[0]?.text).toContain('New capacitor Contactor')
  await app.getByTestId('prove').click()
  await expect(app.getByTestId('hookup-card')).toBeVisible()
  for (const format of ['A4', 'Letter', 'A5'] as const) {
    const pages = await printed(app, format)
    expect([format, pages.length]).toEqual([format, 1])
    expect(pages[0]?.text).toContain('Each lead of the new motor')
    expect(pages[0]?.text).toContain('Proven in off and cooling.')
    expect(pages[0]?.text).not.toContain('Print the card')
  }
  await app.getByTestId('to-report').click()
  await expect(app.getByTestId('undo')).toBeVisible()
  await expect.poll(async () => (await printed(app, 'A4'))[0]?.text).toContain('Rowan 25R')
})
