// The van: its list in and out, parts taken and given back, the parts counter.
import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { delivered, direction, expect, test, signWires, pickMotor } from './app'

const HEAD = 'kind,name,quantity,price,sheet,microfarads,volts\n'
const GOOD = `${HEAD}motor,Rowan 25R,2,148.00,rowan-25r,,\ncapacitor,Dual 45/5,1,24.50,,45/5,440\npart,"Cap, small",40,0.20,,,\n`

async function readList(page: Page, text: string | Buffer, name = 'van.csv'): Promise<void> {
  await page.getByTestId('import').click()
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByTestId('choose-list').click(),
  ])
  await chooser.setFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) })
}

const shelf = (page: Page, name: RegExp) => page.getByTestId('kinds').getByRole('radio', { name }).click()

test('a list with two bad rows changes nothing and names both; mended, it is taken over and lasts', async ({
  app,
}) => {
  await app.getByTestId('to-van').click()
  await readList(app, GOOD)
  await app.getByTestId('take-over').click()
  await expect(app.getByTestId('line-motor-rowan-25r')).toContainText('2')
  await readList(
    app,
    `${HEAD}motor,Rowan 25R,9,148.00,rowan-25r,,\nmotor,No tag,1,,nobody,,\ncapacitor,Dual 40/5,two,,,40/5,440\npart,Tie,80,,,,\n`,
  )
  await expect(app.getByTestId('import-problems')).toContainText(
    'Nothing was taken over. 2 things are wrong:',
  )
  await expect(app.getByTestId('import-problems')).toContainText(
    'row 3, sheet: There is no lead sheet “nobody” here.',
  )
  await expect(app.getByTestId('import-problems')).toContainText('row 4, quantity: “two” is not a number.')
  await expect(app.getByTestId('take-over')).toHaveCount(0)
  await app.keyboard.press('Escape')
  await expect(app.getByTestId('line-motor-rowan-25r')).toContainText('2')
  await app.reload()
  await expect(app.getByTestId('line-motor-rowan-25r')).toContainText('2')
  await shelf(app, /Parts/)
  await expect(app.getByTestId('line-part-tie')).toHaveCount(0)
})

test('other heads, no head, a list of 100,000: refused in words; semicolons and a byte-order mark are read', async ({
  app,
}) => {
  await app.getByTestId('to-van').click()
  await readList(app, 'part no;amount\n1;2\n')
  await expect(app.getByTestId('import-problems')).toContainText(
    'The head lacks “kind” and “name” and “quantity”.',
  )
  await app.keyboard.press('Escape')
  await readList(
    app,
    `kind,name,quantity\n${Array.from({ length: 100_000 }, (_, i) => `part,Part ${i},1`).join('\n')}\n`,
  )
  await expect(app.getByTestId('import-problems')).toContainText('more than 5,000 lines')
  await app.keyboard.press('Escape')
  await expect(app.getByTestId('van-empty')).toBeVisible()
  await readList(app, '\uFEFFkind;name;quantity;microfarads;volts\r\ncapacitor;Single 7,5;3;7,5;440\r\n')
  await app.getByTestId('take-over').click()
  await shelf(app, /Cans/)
  await expect(app.getByTestId('line-capacitor-single-7-5')).toContainText('7.5 µF, 440 V')
})

test('the list goes out as it came in', async ({ app }) => {
  await app.getByTestId('to-van').click()
  await readList(app, GOOD)
  await app.getByTestId('take-over').click()
  const [file] = await Promise.all([app.waitForEvent('download'), app.getByTestId('export').click()])
  const text = readFileSync(await file.path(), 'utf8')
  expect(text).toContain('motor,Rowan 25R,2,148.00,rowan-25r')
  expect(text).toContain('part,"Cap, small",40,0.20')
})

test('a motor taken for a job lowers the stock; undone, it is back; a second device sees it', async ({
  app,
  server,
  browser,
}) => {
  await app.getByTestId('to-van').click()
  await readList(app, GOOD)
  await app.getByTestId('take-over').click()
  await app.getByTestId('to-home').click()
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await signWires(app)
  await direction(app, 'CW').click()
  await expect(app.getByTestId('sheet-rowan-25r')).toContainText('2 left')
  await expect(app.getByTestId('sheet-rowan-33m')).toContainText('not on the van')
  await pickMotor(app, 'rowan-25r')
  await app.getByTestId('to-carry').click()
  await app.getByTestId('carry-motor').click()
  await expect(app.getByTestId('carry-stock-motor')).toHaveText('taken from the van, 1 left')
  await delivered(app)
  const other = await (await browser.newContext()).newPage()
  await other.goto(`${server.url}/van`)
  await expect(other.getByTestId('line-motor-rowan-25r')).toContainText('1')
  await app.getByTestId('carry-motor').click()
  await expect(app.getByTestId('carry-stock-motor')).toHaveText('2 left on the van')
  await expect(other.getByTestId('line-motor-rowan-25r')).toContainText('2')
})

test('a part is put on by hand, counted, and taken off', async ({ app }) => {
  await app.getByTestId('to-van').click()
  await shelf(app, /Blades/)
  await app.getByTestId('add-line').click()
  await app.getByTestId('line-name').fill('Propeller '.repeat(30))
  await app.getByTestId('put-on').click()
  const line = app.getByTestId(/^line-blade-propeller/)
  await expect(line).toBeVisible()
  await line.click()
  await app.getByTestId('one-more').click()
  await expect(app.getByTestId('line-left')).toHaveText('2')
  await app.getByTestId('remove-line').click()
  await app.getByTestId('remove-line').click()
  await expect(app.getByTestId('van-empty')).toBeVisible()
})

test.describe('the parts counter', () => {
  test.use({ demo: true })
  test('takes its time, says what is out of stock, and when it cannot be reached', async ({
    app,
    server,
  }) => {
    await app.getByTestId('to-van').click()
    await app.getByTestId('ask-counter').click()
    await app.getByTestId('counter-text').fill('50')
    await app.getByTestId('counter-ask').click()
    await expect(app.getByTestId('counter-waiting')).toBeVisible()
    await expect(app.getByTestId('counter-answer')).toContainText('out of stock, back Thursday')
    await server.kill()
    await app.getByTestId('counter-ask').click()
    await expect(app.getByTestId('counter-unreachable')).toBeVisible()
  })
})
