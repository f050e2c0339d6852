// The practice bench by touch and by keyboard: whole rounds, an act that would hurt, the round again, and nothing of it on the record.
import type { Page } from '@playwright/test'
import { readFileSync } from 'node:fs'
import { expect, pickMotor, signWires, test, direction } from './app'

const tap = (page: Page, id: string) => page.getByTestId(id).click()
const post = (page: Page, id: string) => page.getByTestId('bench').getByTestId(`post-${id}`)
/** What a look said. */
async function look(page: Page, what: string): Promise<string> {
  await tap(page, 'to-look')
  await tap(page, `look-${what}`)
  const said = await page.getByTestId(`said-${what}`).textContent()
  await page.keyboard.press('Escape')
  return said ?? ''
}
async function begin(page: Page, first: string): Promise<void> {
  await tap(page, 'to-practice')
  await tap(page, `first-${first}`)
  await expect(page.getByTestId('bench')).toBeVisible()
}
async function makeSafe(page: Page): Promise<void> {
  await page.getByTestId('thermostat').getByRole('radio', { name: 'off' }).click()
  for (const id of ['open-lock', 'prove-dead', 'discharge']) await tap(page, id)
  await expect(page.getByTestId('discharge')).toHaveAttribute('aria-pressed', 'true')
}
async function name(page: Page, cause: string): Promise<void> {
  await tap(page, 'to-name')
  await tap(page, `name-${cause}`)
}

test('a whole round by touch: looked at, made safe, named, changed, handed over with full marks', async ({
  app,
}) => {
  await begin(app, 'hands')
  await expect(app.getByTestId('sight')).toContainText('The fan hums, and does not turn')
  expect(await look(app, 'fan-does')).toMatch(/hums/i)
  await makeSafe(app)
  expect(await look(app, 'spin')).toBe('Will not turn')
  await name(app, 'bearing')
  await tap(app, 'to-change')
  await tap(app, 'change-motor')
  await tap(app, 'close')
  await app.getByTestId('thermostat').getByRole('radio', { name: 'cooling' }).click()
  await expect(app.getByTestId('sight')).toContainText('The fan turns')
  await tap(app, 'hand-over')
  await tap(app, 'hand-over-now')
  await expect(app.getByTestId('ran')).toHaveText('It runs as it should')
  await expect(app.getByTestId('it-was')).toContainText('bearing')
  await expect(app.getByTestId('total')).toHaveText('100 of 100')
  await tap(app, 'to-course')
  await expect(app.getByTestId('skill-safe')).toContainText('last 100')
  await expect(app.getByTestId('first-hands')).toContainText('100 of 100')
  await tap(app, 'to-progress')
  await expect(app.getByTestId('progress')).toContainText('100')
  const [file] = await Promise.all([app.waitForEvent('download'), tap(app, 'save-progress')])
  const lines = readFileSync(await file.path(), 'utf8').split('\r\n')
  expect(lines[0]).toBe('who,rounds,stopped,last,safe,meter,capacitor,leads,rotation,speeds,multi-tap,fault')
  expect(lines[1]).toMatch(/^no name set,1,0,\d{4}-\d\d-\d\dT.*,100,/)
})

test('two probes read volts; on ohms they would have hurt, and the round is watched again', async ({
  app,
}) => {
  await begin(app, 'hands')
  await post(app, 'L1').click()
  await expect(app.getByTestId('meter-at')).toContainText('Red on L1')
  await post(app, 'L2').click()
  await expect(app.getByTestId('meter-shows')).toHaveText(/^2[23]\d(\.\d)? V$/)
  await app.getByTestId('dial').getByRole('radio', { name: 'Ω' }).click()
  await expect(app.getByTestId('stopped')).toContainText('the flash is at your hands')
  await expect(app.getByTestId('total')).toHaveText('0 of 100')
  await tap(app, 'replay')
  await expect(app.getByTestId('replay-step')).toHaveText('Step 1 of 2')
  await expect(app.getByTestId('replaying')).toContainText('L1 on the contactor to L2 on the contactor')
  await tap(app, 'replay-next')
  await expect(app.getByTestId('replaying')).toContainText('the flash is at your hands')
  await tap(app, 'replay-end')
  await tap(app, 'see-safety-1')
  await expect(app.getByTestId('replay-step')).toHaveText('Step 2 of 2')
})

test('probes that are moved before the last reading is there are read all the same', async ({ app }) => {
  await begin(app, 'hands')
  // As fast as fingers go: nothing is waited for between the taps.
  await app.evaluate(async () => {
    const post = (name: string) =>
      document.querySelector<HTMLElement>(`[data-testid="bench"] [data-testid="post-${name}"]`)
    for (const name of ['L1', 'L2', 'L2', 'L1']) {
      post(name)?.click()
      await Promise.resolve()
    }
  })
  await expect(app.getByTestId('meter-at')).toHaveText('L2 on the contactor to L1 on the contactor')
  await expect(app.getByTestId('meter-shows')).toHaveText(/^2[23]\d(\.\d)? V$/)
})

test('a phone that is turned keeps the sheet that is open, and what was typed in it', async ({ app }) => {
  await begin(app, 'hands')
  await tap(app, 'to-name')
  await app.getByTestId('name-sheet').getByRole('textbox').fill('capac')
  for (const size of [
    { width: 844, height: 390 },
    { width: 1280, height: 800 },
    { width: 390, height: 844 },
  ]) {
    await app.setViewportSize(size)
    await expect(app.getByTestId('name-sheet').getByRole('textbox')).toHaveValue('capac')
  }
})

/** The Tab key until that is focused; arrow keys within its group. */
async function tabTo(page: Page, id: string, key = 'Tab'): Promise<void> {
  for (let i = 0; i < 90; i++) {
    const at = await page.evaluate(
      () => (document.activeElement?.closest('[data-testid]') as HTMLElement | null)?.dataset.testid,
    )
    if (at === id) return
    await page.keyboard.press(key)
  }
  throw new Error(`${id} was not reached by ${key}`)
}
async function press(page: Page, id: string): Promise<void> {
  await tabTo(page, id)
  await page.keyboard.press('Enter')
}

test('a whole round by keyboard', async ({ app }) => {
  await press(app, 'to-practice')
  await expect(app.getByTestId('first-hands')).toBeVisible()
  await press(app, 'first-hands')
  await expect(app.getByTestId('bench')).toBeVisible()
  // The meter: the dial by its number, the posts by arrow keys.
  await app.keyboard.press('1')
  const posts = app.getByTestId('bench').locator('[data-testid^="post-"]')
  await tabTo(app, (await posts.first().getAttribute('data-testid')) ?? '')
  await tabTo(app, 'post-L1', 'ArrowRight')
  await app.keyboard.press('Enter')
  await tabTo(app, 'post-L2', 'ArrowRight')
  await app.keyboard.press('Enter')
  await expect(app.getByTestId('meter-shows')).toHaveText(/^2[23]\d(\.\d)? V$/)
  await tabTo(app, 'thermostat')
  await app.keyboard.press('Home')
  await app.keyboard.press('Enter')
  for (const id of ['open-lock', 'prove-dead', 'discharge', 'to-look', 'look-spin']) {
    await press(app, id)
    await app.waitForTimeout(150)
  }
  await expect(app.getByTestId('said-spin')).toHaveText('Will not turn')
  await app.keyboard.press('Escape')
  for (const id of ['to-name', 'name-bearing', 'to-change', 'change-motor', 'hand-over', 'hand-over-now']) {
    await press(app, id)
    await app.waitForTimeout(150)
  }
  await expect(app.getByTestId('ran')).toHaveText('It runs as it should')
})

test('a universal motor by the real stages, put in as the board has it; first power shows it', async ({
  app,
  server,
}) => {
  await begin(app, 'other-colours')
  await tap(app, 'to-change')
  await expect(app.getByTestId('why-no-fit')).toContainText('still to enter in the stages')
  await tap(app, 'to-stages')
  await expect(app.getByTestId('practice-band')).toContainText('Practice: nothing here is real')
  await tap(app, 'stage-wires')
  await signWires(app)
  await direction(app, 'CW').click()
  await pickMotor(app, 'rowan-25r')
  await tap(app, 'motor-next')
  await expect(app.getByTestId('practice-band')).toBeVisible()
  await tap(app, 'capacitor-next')
  await expect(app.getByTestId('board')).toBeVisible()
  await tap(app, 'to-bench')
  await makeSafe(app)
  await name(app, 'bearing')
  await tap(app, 'to-change')
  await tap(app, 'fit')
  await tap(app, 'close')
  await app.getByTestId('thermostat').getByRole('radio', { name: 'cooling' }).click()
  await expect(app.getByTestId('round-log')).toContainText('First power: cooling, it turns')
  await app.reload()
  await expect(app.getByTestId('round-log')).toContainText('First power: cooling, it turns')
  await tap(app, 'hand-over')
  await tap(app, 'hand-over-now')
  await expect(app.getByTestId('mark-hookup')).toBeVisible()
  await expect(app.getByTestId('mark-papers')).toContainText('were not written down')
  // Nothing of it is on the record, here or on the server.
  await tap(app, 'to-practice')
  await tap(app, 'to-home')
  await expect(app.getByTestId('first-visit')).toBeVisible()
  await app.waitForTimeout(600)
  const office = await app.request.get(`${server.url}/api/office/jobs?text=&state=all&sort=at&down=true`)
  expect(JSON.stringify(await office.json())).not.toContain('Practice')
})

test('what is no practice unit is told, and an address of no round opens none', async ({ app, server }) => {
  await tap(app, 'to-practice')
  const open = async (text: string) => {
    const [chooser] = await Promise.all([app.waitForEvent('filechooser'), tap(app, 'open-unit')])
    await chooser.setFiles({ name: 'unit.json', mimeType: 'application/json', buffer: Buffer.from(text) })
  }
  const wrong = app.getByTestId('practice-problem')
  await open('{')
  await expect(wrong).toContainText('unit.json is not a practice unit')
  const unit = {
    format: 'oak-switch/practice-unit',
    version: 1,
    name: 'Our odd one',
    complaint: 'It hums.',
    level: 1,
    seed: 4,
    unit: 'cooling-2-pole-own-capacitor',
    volts: 230,
    motor: 'heron-16',
    faults: ['gremlins'],
  }
  await open(JSON.stringify(unit))
  await expect(wrong).toContainText('There is no fault called “gremlins”')
  await open(JSON.stringify({ ...unit, unit: 'gone', faults: [] }))
  await expect(wrong).toContainText(/unit/i)
  await open(JSON.stringify({ ...unit, seed: 'abc', faults: [] }))
  await expect(wrong).toContainText('The seed is a whole number')
  await open(JSON.stringify({ ...unit, faults: ['capacitor-open'] }))
  await expect(app.getByTestId('complaint')).toHaveText('“It hums.”')
  await app.goto(`${server.url}/practice/01950000-0000-7000-8000-00000000000a`)
  await expect(app.getByTestId('no-round')).toHaveText('There is no such round on this device.')
})
