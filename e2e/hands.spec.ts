// What a hand does on a roof: a thumb that bounces, the Back key, a slip that is taken back, a keyboard on a pad.
import type { Page } from '@playwright/test'
import { enterNumber, expect, signWires, test, toBoard } from './app'

/** Two taps of one thumb, in the same place. */
async function bounce(page: Page, testId: string, ms: number): Promise<void> {
  const box = await page.getByTestId(testId).boundingBox()
  if (!box) throw new Error(`${testId} is not there`)
  // The tap that led here has had its rest.
  await page.waitForTimeout(600)
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
  // Straight to the browser, each with its own time and without waiting for the page: a thumb does not wait for it either.
  const cdp = await page.context().newCDPSession(page)
  const first = Date.now() / 1000
  const tap = (at: number) =>
    (['mousePressed', 'mouseReleased'] as const).map((type) =>
      cdp.send('Input.dispatchMouseEvent', { type, x, y, button: 'left', clickCount: 1, timestamp: at }),
    )
  const one = tap(first)
  await new Promise((resolve) => setTimeout(resolve, ms))
  await Promise.all([...one, ...tap(first + ms / 1000)])
}
const home = async (page: Page): Promise<void> => {
  await page.getByTestId('to-home').click()
  await expect(page.getByTestId('start')).toBeVisible()
}

test('a bounce of 40 to 400 ms on “this is the unit” signs for nothing', async ({ app }) => {
  for (const ms of [40, 80, 150, 300, 400]) {
    await app.getByTestId('start').click()
    await expect(app.getByTestId('choose-unit')).toBeVisible()
    await bounce(app, 'choose-unit', ms)
    await expect(app.getByTestId('wires-next')).toContainText('I traced these')
    await expect(app.getByTestId('trace-sheet')).toBeHidden()
    await home(app)
  }
})

test('tracing is signed by a hold that shows the wires; let go early, nothing is; or wire by wire', async ({
  app,
}) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  const sign = app.getByTestId('wires-next')
  await expect(sign).toBeEnabled()
  await sign.hover()
  await app.mouse.down()
  // On a busy machine a moment more would be a long press, which is told as let go too soon.
  await expect(app.getByTestId('held-list')).toContainText('T1 on the contactor → the old motor')
  await app.mouse.up()
  await expect(app.getByTestId('trace-sheet')).toBeVisible()
  const ticks = app.getByTestId('trace-sheet').getByRole('checkbox')
  await expect(ticks.first()).not.toBeChecked()
  const count = await ticks.count()
  await ticks.first().click()
  await expect(ticks.first()).toBeChecked()
  await app.getByRole('button', { name: 'Close' }).last().click()
  await expect(sign).toContainText(`I traced these ${count - 1} wires`)
  await signWires(app)
  await expect(app.getByTestId('direction')).toBeVisible()
})

test('Back closes the pad and keeps what was typed; the next Back leaves', async ({ app }) => {
  await toBoard(app)
  await app.getByTestId('stage-capacitor').click()
  await app.getByTestId('compressor-microfarads').click()
  await app.keyboard.type('12')
  await app.goBack()
  await expect(app.getByTestId('number-pad')).toBeHidden()
  await expect(app.getByTestId('compressor-microfarads')).toContainText('40 µF')
  await app.getByTestId('compressor-microfarads').click()
  await expect(app.getByTestId('pad-value')).toHaveText('12')
  await app.keyboard.type('.5')
  await app.keyboard.press('Enter')
  await expect(app.getByTestId('compressor-microfarads')).toContainText('12.5 µF')
  await app.goBack()
  await expect(app.getByTestId('start')).toBeVisible()
})

test('a double tap on Set stays where it is', async ({ app }) => {
  await toBoard(app)
  for (const ms of [40, 200, 400]) {
    await app.getByTestId('stage-capacitor').click()
    await app.getByTestId('compressor-microfarads').click()
    await app.keyboard.type('40')
    await bounce(app, 'pad-set', ms)
    await expect(app.getByTestId('number-pad')).toBeHidden()
    await expect(app).toHaveURL(/capacitor$/)
  }
})

test('40/5 is refused as two figures where one is wanted, and is never 405', async ({ app }) => {
  await toBoard(app)
  await app.getByTestId('stage-capacitor').click()
  await app.getByTestId('compressor-microfarads').click()
  await app.keyboard.type('40/5')
  await app.keyboard.press('Enter')
  await expect(app.getByTestId('pad-problem')).toHaveText(
    'That is two figures, 40 and 5: enter the one that belongs here.',
  )
  await app.keyboard.press('Escape')
  await expect(app.getByTestId('compressor-microfarads')).toContainText('40 µF')
})

test('a reading is taken away, and every stage can undo, in words', async ({ app }) => {
  await toBoard(app)
  await app.getByTestId('stage-startup').click()
  const amps = app.getByTestId('read-amps-start-cooling')
  await amps.click()
  await enterNumber(app, '1.4')
  await expect(amps).toContainText('1.4 A')
  await expect(app.getByTestId('undo')).toHaveAccessibleName('Undo: a reading')
  await amps.click()
  await app.getByTestId('not-read').click()
  await expect(amps).not.toContainText('1.4')
  await app.getByTestId('undo').click()
  await expect(app.getByTestId('undone')).toHaveText('Undone: a reading')
  await expect(amps).toContainText('1.4 A')
  await expect(app.getByTestId('redo')).toHaveAccessibleName('Redo: a reading')
})

test('a length and a figure of the charge are taken away too; what was half typed is there again', async ({
  app,
}) => {
  await toBoard(app)
  const job = app.url().replace(/[^/]*$/, '')
  await app.goto(`${job}mount`)
  const shroud = app.getByTestId('length-of-shroud')
  await shroud.click()
  await expect(app.getByTestId('not-read')).toHaveCount(0)
  await app.keyboard.type('6 1/2')
  await app.keyboard.press('Escape')
  await shroud.click()
  await expect(app.getByTestId('length-value')).toHaveText('6 1/2')
  await app.keyboard.press('Enter')
  await expect(shroud).toContainText('6 1/2 in')
  await shroud.click()
  await app.getByTestId('not-read').click()
  await expect(shroud).toContainText('–')
  await app.getByTestId('undo').click()
  await expect(shroud).toContainText('6 1/2 in')
  await app.goto(`${job}charge`)
  const suction = app.getByTestId('charge-suctionPsig')
  await suction.click()
  await enterNumber(app, '118')
  await expect(suction).toContainText('118 psig')
  await suction.click()
  await app.getByTestId('not-read').click()
  await expect(suction).toContainText('– psig')
})

test('an address of no job makes none', async ({ fresh: app, server }) => {
  for (const id of ['constructor', '01950000-0000-7000-8000-00000000dead']) {
    await app.goto(`${server.url}/job/${id}/wires`)
    await expect(app.getByTestId('unknown-job')).toContainText('This job is not on this device.')
  }
  await app.getByTestId('unknown-job-to-home').click()
  await expect(app.getByTestId('start')).toBeVisible()
})
