// Settings stand in one place, and last.
import { enterNumber, expect, test } from './app'

test('night, millimetres and a name are set at home, hold through a reload, and show where they matter', async ({
  app,
}) => {
  await app.getByTestId('who').click()
  await app.getByTestId('technician').fill('Ines')
  await app.getByTestId('keep-name').click()
  await expect(app.getByTestId('keep-name')).toHaveCount(0)
  await app.getByTestId('set-look').getByRole('radio', { name: 'night' }).click()
  await app.getByTestId('set-length-unit').getByRole('radio', { name: 'millimetres' }).click()
  await app.keyboard.press('Escape')
  await app.reload()
  await expect(app.getByTestId('start')).toBeVisible()
  // The ground of the night's palette.
  await expect(app.locator('body')).toHaveCSS('background-color', 'rgb(18, 16, 13)')
  await app.getByTestId('who').click()
  await expect(app.getByTestId('technician')).toHaveValue('Ines')
  await app.keyboard.press('Escape')
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await expect(app.getByTestId('wires-next')).toBeVisible()
  await app.getByTestId('stage-mount').click()
  await app.getByTestId('length-of-oldBody').click()
  // 165 mm are 6 1/2 in: the pad takes millimetres.
  await app.keyboard.type('165')
  await app.keyboard.press('Enter')
  await expect(app.getByTestId('length-of-oldBody')).toContainText('165.0 mm')
})

test('in °C the charge is typed, drawn and said so, below zero too; the report follows', async ({ app }) => {
  await app.getByTestId('who').click()
  await app.getByTestId('set-degrees').getByRole('radio', { name: '°C' }).click()
  await app.keyboard.press('Escape')
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await expect(app.getByTestId('wires-next')).toBeVisible()
  await app.goto(app.url().replace(/wires$/, 'charge'))
  await app.getByTestId('refrigerant').getByRole('radio', { name: '22', exact: true }).click()
  await app.getByTestId('charge-suctionPsig').click()
  await enterNumber(app, '68.5')
  await app.getByTestId('charge-suctionFahrenheit').click()
  await enterNumber(app, '11')
  // R-22 boils at 40 °F, 4.4 °C, at 68.5 psig (charts, from memory).
  await expect(app.getByTestId('charge-superheat')).toContainText(
    /^Superheat 11 − 4\.[45] = 6\.[56] °C; as usual: 2\.8 to 11\.1 °C is usual/,
  )
  await expect(app.getByTestId('charge-picture')).toContainText('11 °C')
  await app.getByTestId('charge-outdoorFahrenheit').click()
  for (const digit of ['1', '0'])
    await app.getByTestId('number-pad').getByRole('button', { name: digit, exact: true }).click()
  await app.getByTestId('pad-below').click()
  await app.getByTestId('pad-set').click()
  await expect(app.getByTestId('charge-outdoorFahrenheit')).toContainText('−10 °C')
  await expect(app.getByTestId('charge-notes')).toContainText('−10 °C outdoors')
  await app.goto(app.url().replace(/charge$/, 'report'))
  await app.getByTestId('report-style').getByRole('radio', { name: 'technical' }).click()
  await expect(app.getByText(/suction line 11 °C, .*outdoor air −10 °C/)).toBeVisible()
})

test('held in the left hand, what is pressed stands at the left: undo, the sheet’s cross, the pad’s mend', async ({
  app,
}) => {
  const left = async (name: string | RegExp) =>
    (await app.getByRole('button', { name, exact: true }).boundingBox())?.x ?? NaN
  await app.getByTestId('who').click()
  expect(await left('Close')).toBeGreaterThan(195)
  await app.getByTestId('set-hand').getByRole('radio', { name: 'left' }).click()
  expect(await left('Close')).toBeLessThan(195)
  await app.keyboard.press('Escape')
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  expect(await left(/^Undo/)).toBeLessThan(195)
  await app.getByTestId('stage-motor').click()
  await app.getByTestId('stage-capacitor').click()
  await app.getByTestId('compressor-microfarads').click()
  expect(await left('Delete last digit')).toBeLessThan(130)
})

test('hertz and tolerance of the shop are the same sheet, from home and from the van', async ({ app }) => {
  await app.getByTestId('who').click()
  await app.getByTestId('shop-hertz').getByRole('radio', { name: '50 Hz' }).click()
  await app.keyboard.press('Escape')
  await app.getByTestId('to-van').click()
  await expect(app.getByTestId('open-settings')).toContainText('50 Hz')
  await app.getByTestId('open-settings').click()
  await expect(app.getByTestId('shop-hertz').getByRole('radio', { name: '50 Hz' })).toBeChecked()
})
