// The best from the van: plans with their reasons, taken of the stock when chosen; a section that is dead is planned around.
import { enterNumber, expect, test, verdict } from './app'

test.use({ demo: true })
const JOB = '/job/01950000-0000-7000-8000-000000000001'

test('a plan is chosen, the stock is lowered, and the board proves it; another gives the first back', async ({ app, server }) => {
  await app.goto(`${server.url}${JOB}/capacitor`)
  await app.getByTestId('compressor-microfarads').click()
  await enterNumber(app, '35')
  await app.getByTestId('best-from-van').click()
  await expect(app.getByTestId('plan-0')).toContainText('Dual 35/7.5')
  await expect(app.getByTestId('plan-0')).toContainText('Nothing better for these aims.')
  await app.getByTestId('plan-0').click()
  await expect(app.getByTestId('plan-strip')).toContainText('FAN 7.5 µF (0 %)')
  await app.getByTestId('capacitor-next').click()
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
  await app.goto(`${server.url}/van`)
  await app.getByTestId('kinds').getByRole('radio', { name: /Cans/ }).click()
  await expect(app.getByTestId('line-capacitor-dual-35-7-5')).toContainText('none left')
  await app.goto(`${server.url}${JOB}/capacitor`)
  await app.getByTestId('best-from-van').click()
  await app.getByTestId('plan-1').click()
  await app.goto(`${server.url}/van`)
  await app.getByTestId('kinds').getByRole('radio', { name: /Cans/ }).click()
  await expect(app.getByTestId('line-capacitor-dual-35-7-5')).toContainText('left')
  await expect(app.getByTestId('line-capacitor-dual-35-7-5')).not.toContainText('none')
})

test('a section killed by a press is crossed out and planned around, and lasts; brought back, it serves again', async ({ app, server }) => {
  await app.goto(`${server.url}${JOB}/capacitor`)
  const strip = app.getByTestId('plan-strip')
  await expect(strip).toContainText('FAN 7.5 µF (0 %)')
  const before = await strip.textContent()
  await app.getByTestId('kill-2.5').click()
  await expect(app.getByTestId('can-view')).toHaveAttribute('aria-label', /Dead: 2\.5\./)
  await expect(strip).not.toHaveText(before ?? '')
  await app.reload()
  await expect(app.getByTestId('can-view')).toHaveAttribute('aria-label', /Dead: 2\.5\./)
  await app.getByTestId('kill-2.5').click()
  await expect(strip).toHaveText(before ?? '')
})

test('an old can of another value is shown against the new motor’s tag, and the tag counts', async ({ app, server }) => {
  await app.goto(`${server.url}${JOB}/plates`)
  await app.getByTestId('plate-can-read').click()
  await app.getByTestId('label-line').fill('40/5 MFD 440VAC')
  await app.getByTestId('keep-label').click()
  await app.getByTestId('stage-capacitor').click()
  await expect(app.getByTestId('wanted-FAN')).toContainText('The motor’s tag says 7.5 µF, the old can’s label 5 µF: another motor, another value; the tag counts.')
  await expect(app.getByTestId('plan-strip')).toContainText('FAN 7.5 µF')
})

test('nothing on the van reaches it: said with the nearest, and nothing is changed', async ({ app, server }) => {
  await app.goto(`${server.url}${JOB}/capacitor`)
  await app.getByTestId('compressor-microfarads').click()
  await enterNumber(app, '500')
  await app.getByTestId('best-from-van').click()
  await expect(app.getByTestId('plan-problem').first()).toContainText('nothing on the van joins to 500 µF')
})

test('what the van covers is a picture that can be pressed', async ({ app }) => {
  await app.getByTestId('to-van').click()
  await app.getByTestId('kinds').getByRole('radio', { name: /Cans/ }).click()
  await app.getByTestId('to-coverage').click()
  await expect(app.getByTestId('coverage-met')).toContainText(/\d+ of 120 pairs can be met\./, { timeout: 30_000 })
  await app.getByTestId('cell-45-5').click()
  await expect(app.getByTestId('coverage-cell')).toContainText('45/5: one capacitor, exact (Dual 45/5).')
  await expect(app.getByTestId('cell-45-6')).toHaveAttribute('aria-label', '45/6: cannot be met')
})

test.describe('restock', () => {
  test.use({ demo: false })
  test('over many past calls takes long, is stopped at once, and answers when it is let run', async ({ app, server }) => {
    const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
    const at = Date.now()
    const change = (n: number, job: string, path: string[], value: unknown) => ({ id: id(n), job, path, value, at: at + n, device: id(999_999), technician: '' })
    const van = '00000000-0000-4000-8000-00000000a0ad'
    const changes = [
      change(1, van, ['stock', 'capacitor-s5'], { kind: 'capacitor', name: 'Single 5', quantity: 1, cents: null, countedAt: at, layout: 'single', microfarads: [5], volts: 440, tolerancePercent: 6, protectedStart: false }),
      ...Array.from({ length: 300 }, (_, i) => change(10 + i, id(10_000 + i), ['compressorMicrofarads'], 15 + ((i * 7) % 66))),
    ]
    const put = await app.request.post(`${server.url}/api/changes`, { data: { changes } })
    expect(put.ok()).toBe(true)
    await app.reload()
    await expect(app.getByTestId('sync')).toHaveText('delivered', { timeout: 20_000 })
    await app.getByTestId('to-van').click()
    await app.getByTestId('to-coverage').click()
    await expect(app.getByTestId('restock')).toContainText('300 past calls')
    await app.getByTestId('restock-ask').click()
    await app.getByTestId('restock-cancel').click()
    await expect(app.getByTestId('restock-left')).toHaveText('Stopped. Nothing was changed.')
    await app.getByTestId('most').click()
    await enterNumber(app, '1')
    await app.getByTestId('restock-ask').click()
    await expect(app.getByTestId('restock-answer')).toContainText('0 calls could be met before', { timeout: 60_000 })
  })
})
