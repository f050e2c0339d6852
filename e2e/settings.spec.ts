// Settings stand in one place, and last.
import { expect, test } from './app'

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

test('hertz and tolerance of the shop are the same sheet, from home and from the van', async ({ app }) => {
  await app.getByTestId('who').click()
  await app.getByTestId('shop-hertz').getByRole('radio', { name: '50 Hz' }).click()
  await app.keyboard.press('Escape')
  await app.getByTestId('to-van').click()
  await expect(app.getByTestId('open-settings')).toContainText('50 Hz')
  await app.getByTestId('open-settings').click()
  await expect(app.getByTestId('shop-hertz').getByRole('radio', { name: '50 Hz' })).toBeChecked()
})
