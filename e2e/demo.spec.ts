import { expect, onCard, test, verdict } from './app'

test.use({ demo: true })
const job = (n: number) => `01950000-0000-7000-8000-00000000000${n}`

test('the jobs stand at different stages', async ({ app }) => {
  await expect(app.getByTestId(/^job-/)).toHaveCount(11)
  await expect(app.getByTestId(`job-${job(1)}`)).toContainText('Proven in off and cooling.')
  await expect(app.getByTestId(`job-${job(2)}`)).toContainText('Next: wires')
  await expect(app.getByTestId(`job-${job(3)}`)).toContainText('Next: motor')
  await expect(app.getByTestId(`job-${job(4)}`)).toContainText('Next: fault')
  await expect(app.getByTestId(`job-${job(6)}`)).toContainText('Next: safe')
})

test('the finished one opens on its card', async ({ app }) => {
  await app.getByTestId(`job-${job(1)}`).click()
  await onCard(app, 'Saltmarsh Bakery')
})

test('colour against terminal: the terminal carries the role and the conflict is shown', async ({ app }) => {
  await app.getByTestId(`job-${job(2)}`).click()
  await expect(app.getByTestId('wires-conflict')).toContainText(
    '2 wires: their colour says something else than the terminal',
  )
  await expect(app.getByTestId('wire-fan-a')).toContainText('motor common')
  await app.getByTestId('wire-fan-a').click()
  await expect(app.getByTestId('wire-sheet')).toContainText(
    'Against it: Brown is often start (a hint only). It is orange at the terminal',
  )
})

test('a wire’s colours are noted from the grid, with a stripe and a change on the way', async ({ app }) => {
  await app.getByTestId(`job-${job(3)}`).click()
  await app.getByTestId('stage-wires').click()
  await app.getByTestId('wire-fan-b').click()
  const sheet = app.getByTestId('wire-sheet')
  await sheet.getByTestId('add-segment').click()
  await sheet.getByRole('radio', { name: 'Colour: brown' }).click()
  await sheet.getByRole('radio', { name: 'Stripe: white' }).click()
  await sheet.getByTestId('segment-done').click()
  await expect(sheet).toContainText('brown with white stripe · BN/WH')
  await app.keyboard.press('Escape')
  await app.reload()
  await expect(app.getByTestId('wire-fan-b')).toContainText('white, brown BN/WH')
})

test('a further wire starts nowhere: it is on the record once its terminal is picked', async ({ app }) => {
  await app.getByTestId(`job-${job(3)}`).click()
  await app.getByTestId('stage-wires').click()
  await app.getByTestId('add-wire').click()
  const sheet = app.getByTestId('wire-sheet')
  await expect(sheet.getByTestId('wire-nowhere')).toBeVisible()
  await app.keyboard.press('Escape')
  await expect(app.getByText('motor wires claim')).toHaveCount(0)
  await app.getByTestId('add-wire').click()
  await sheet.getByRole('button', { name: 'Leaves terminal not picked' }).click()
  await sheet.getByRole('radio', { name: 'the chassis ground', exact: true }).click()
  await expect(sheet.getByTestId('wire-nowhere')).toHaveCount(0)
})

test('a blower’s wires are line, speeds and capacitor, with the run of colours', async ({ app }) => {
  await app.goto(`${new URL(app.url()).origin}/job/${job(5)}/wires`)
  await expect(app.getByTestId('wire-high')).toContainText('speed tap')
  await expect(app.getByTestId('wire-high')).toContainText('brown, red, black BK')
  await expect(app.getByTestId('wire-fan-g')).toContainText('not traced')
})

test('the capacitor that is out says by how much', async ({ app }) => {
  await app.goto(`${new URL(app.url()).origin}/job/${job(3)}/capacitor`)
  // 2652.58 × 0.41 / 361 = 3.01, which is 39.7 % below 5.
  await expect(app.getByTestId('reading-FAN')).toContainText('3.01 µF, −39.7 %')
  await expect(app.getByTestId('reading-FAN')).toContainText('out of tolerance')
})

test('the finished job’s hookup is proven again from its record', async ({ app }) => {
  await app.goto(`${new URL(app.url()).origin}/job/${job(1)}/board`)
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
})
