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

test('nothing on the van reaches it: said with the nearest, and nothing is changed', async ({ app, server }) => {
  await app.goto(`${server.url}${JOB}/capacitor`)
  await app.getByTestId('compressor-microfarads').click()
  await enterNumber(app, '500')
  await app.getByTestId('best-from-van').click()
  await expect(app.getByTestId('plan-problem').first()).toContainText('nothing on the van joins to 500 µF')
})
