// The rotation finder, from the motor's stage.
import { expect, test } from './app'

test('found from the blade, seen from both ends, with the plug; a plate that disagrees is shown and none is chosen', async ({ app }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('wires-next').click()
  await app.getByTestId('sheet-rowan-25r').click()
  await app.getByTestId('find-rotation').click()
  await app.getByTestId('near-right').click()
  await app.getByTestId('shaft-points').getByRole('radio', { name: 'toward you' }).click()
  const answer = app.getByTestId('rotation-answer')
  await expect(answer.getByLabel('CCW seen from the shaft end')).toBeVisible()
  await expect(answer.getByLabel('CW seen from the lead end', { exact: true })).toBeVisible()
  await expect(app.getByTestId('rotation-plug')).toHaveText('Plug: purple to yellow, orange to plug brown')
  // The plate names the other way: none is chosen, both are offered.
  await app.getByTestId('rotation-kind').getByRole('radio', { name: 'plate' }).click()
  await app.getByRole('radio', { name: 'CW', exact: true }).last().click()
  await app.getByRole('radio', { name: 'shaft end' }).last().click()
  await expect(app.getByTestId('rotation-conflict')).toContainText('The blade may be on upside down')
  await expect(app.getByTestId('use-rotation')).toBeHidden()
  await app.getByTestId('drop-source').click()
  await app.getByTestId('use-rotation').click()
  await expect(app.getByTestId('rotation-finder')).toBeHidden()
  await app.reload()
  await expect(app.getByRole('img', { name: 'Turns counter-clockwise seen from the shaft end' })).toBeVisible()
})

test('a motor that cannot be reversed refuses the found way', async ({ app }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('wires-next').click()
  await app.getByTestId('sheet-rowan-16f').click()
  await app.getByTestId('find-rotation').click()
  await app.getByTestId('rotation-kind').getByRole('radio', { name: 'wheel' }).click()
  await app.getByTestId('cups').getByRole('radio', { name: 'left' }).click()
  await expect(app.getByTestId('rotation-answer')).toContainText('counter-clockwise seen from the lead end')
  await expect(app.getByTestId('rotation-answer')).toContainText('Rowan 16F cannot be reversed')
})
