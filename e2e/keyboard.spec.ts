import type { Page } from '@playwright/test'
import { expect, test, verdict, pickMotor, openScreen } from './app'

/** Keys pressed, of which a test can say how many it took. */
class Keys {
  count = 0
  constructor(private readonly page: Page) {}
  async press(...keys: readonly string[]): Promise<void> {
    for (const key of keys) {
      this.count += 1
      await this.page.keyboard.press(key)
    }
  }
  /** Holds Enter until what was signed for is signed. */
  async hold(done: () => Promise<void>): Promise<void> {
    this.count += 1
    await expect(this.page.locator('[data-hold]:focus')).toBeEnabled()
    await this.page.keyboard.down('Enter')
    await done()
    await this.page.keyboard.up('Enter')
  }
  private isOn = (wanted: string) =>
    this.page.evaluate(
      (selector) =>
        document.activeElement !== document.body && document.activeElement?.closest(selector) !== null,
      wanted,
    )
  private async go(key: string, wanted: string, most: number): Promise<void> {
    await expect(this.page.locator(wanted).first()).toBeVisible()
    for (let i = 0; i <= most; i++) {
      if (await this.isOn(wanted)) return
      await this.press(key)
    }
    throw new Error(`the keyboard does not reach ${wanted} by ${key}`)
  }
  /** By Tab to it, or to the group that it stands in, and by arrows inside that. */
  async to(wanted: string, group?: string): Promise<void> {
    await this.go('Tab', group ?? wanted, 60)
    if (group) await this.go('ArrowDown', wanted, 40)
  }
}
const id = (name: string) => `[data-testid="${name}"]`
const focused = (page: Page) => page.evaluate(() => document.activeElement?.textContent ?? '')

test('from home to a proven card in sixty keys at the most', async ({ app }) => {
  const keys = new Keys(app)
  await keys.press('n')
  await expect(app.getByTestId('choose-unit')).toBeVisible()
  await keys.press('n')
  await expect(app.getByTestId('wires-next')).toBeVisible()
  await keys.press('n')
  await keys.hold(() => expect(app.getByTestId('direction')).toBeVisible())
  await keys.to('[role="radio"][aria-label^="CW,"]', id('direction'))
  await keys.press('Enter')
  await keys.to(id('sheet-rowan-25r'), '[role="radiogroup"][aria-label="Motor from the van"]')
  await keys.press('Enter', 'n')
  await keys.to(id('compressor-microfarads'))
  await keys.press('Enter', '4', '0', 'Enter', 'n')
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
  await keys.press('n')
  await expect(app.getByTestId('hookup-card')).toBeVisible()
  expect(keys.count).toBeLessThanOrEqual(60)
})

test('on the board a lead is moved and mended by keys: one stop for the leads, one for the posts', async ({
  app,
  server,
}) => {
  const keys = new Keys(app)
  await toDemoBoard(app, server.url)
  await keys.to(id('lead-brown'), '[role="group"][aria-label="The new motor’s leads"]')
  await keys.press('Enter')
  await expect(app.getByTestId('in-hand')).toBeVisible()
  await keys.press('Escape')
  await expect(app.getByTestId('in-hand')).toBeHidden()
  await keys.press('Enter')
  await app.getByTestId('board').getByTestId('post-T1').focus()
  await keys.press('Enter')
  await expect(verdict(app)).toContainText('Stop.')
  await expect(app.getByTestId('mend')).toBeVisible()
  await keys.press('n')
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
  await keys.press('v')
  expect(await focused(app)).toContain('Proven in off and cooling.')
})

async function toDemoBoard(page: Page, url: string): Promise<void> {
  const keys = new Keys(page)
  await page.goto(url)
  await page.getByTestId('start').click()
  await page.getByTestId('choose-unit').click()
  await expect(page.getByTestId('wires-next')).toBeVisible()
  await keys.press('n')
  await keys.hold(() => expect(page.getByTestId('direction')).toBeVisible())
  await page.getByTestId('direction').getByRole('radio', { name: /^CW,/ }).click()
  await pickMotor(page, 'rowan-25r')
  await keys.press('n')
  await page.getByTestId('compressor-microfarads').click()
  await page.keyboard.type('40')
  await keys.press('Enter', 'n')
  await expect(verdict(page)).toHaveText('Proven in off and cooling.')
}

test('a stage is entered like a page: its name in the tab, the focus on its heading', async ({ app }) => {
  await expect(app).toHaveTitle('Jobs · Oak Switch')
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await expect(app.getByTestId('wires-next')).toBeVisible()
  await app.keyboard.press('6')
  await expect(app).toHaveTitle(/^The new capacitor · Outdoor unit, .+ · Oak Switch$/)
  expect(await focused(app)).toBe('The new capacitor')
  await app.keyboard.press('?')
  await expect(app.getByTestId('shortcut-sheet')).toContainText('Stage: Can')
  // While a sheet is open the letters are not the page's.
  await app.keyboard.press('1')
  await expect(app).toHaveTitle(/^The new capacitor · Outdoor unit, .+ · Oak Switch$/)
  await app.keyboard.press('Escape')
  await expect(app.getByTestId('shortcut-sheet')).toBeHidden()
  await app.keyboard.press('1')
  await expect(app).toHaveTitle(/^Make safe/)
})

test('the first stop of a page skips to its stage', async ({ app, server }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await expect(app.getByTestId('wires-next')).toBeVisible()
  await app.goto(`${server.url}${new URL(app.url()).pathname}`)
  await expect(app.getByTestId('wires-next')).toBeVisible()
  await app.keyboard.press('Tab')
  await expect(app.getByTestId('skip')).toBeFocused()
  await expect(app.getByTestId('skip')).toHaveCSS('opacity', '1')
  await app.keyboard.press('Enter')
  expect(await app.evaluate(() => document.activeElement?.closest('[role="main"], main') !== null)).toBe(true)
})

test('an action that waits is reached, and its reason with it', async ({ app }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await expect(app.getByTestId('wires-next')).toBeVisible()
  await app.keyboard.press('6')
  const next = app.getByTestId('capacitor-next')
  await expect(next).toHaveAttribute('aria-disabled', 'true')
  await expect(next).toHaveAccessibleDescription('Enter what the compressor needs.')
  await next.focus()
  await app.keyboard.press('Enter')
  expect(await focused(app)).toContain('Enter what the compressor needs.')
})

test('a pad over a sheet has the focus, and Enter sets what was typed', async ({ app }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await openScreen(app, app.url().replace(/[^/]*$/, 'report'))
  // A page that has just come may still move under the press.
  await expect(async () => {
    await app.getByTestId('estimate-add').click({ timeout: 2000 })
    await expect(app.getByTestId('line-price')).toBeVisible({ timeout: 2000 })
  }).toPass()
  await app.getByTestId('line-price').click()
  await expect(app.getByRole('spinbutton')).toBeFocused()
  await app.keyboard.type('95')
  await app.keyboard.press('Enter')
  await expect(app.getByTestId('number-pad')).toBeHidden()
  await expect(app.getByTestId('line-price')).toContainText('$95.00')
})

test('a sheet takes the focus, gives way to Escape and gives the focus back', async ({ app }) => {
  await app.getByTestId('start').click()
  await app.getByTestId('choose-unit').click()
  await app.getByTestId('wire-fan-a').focus()
  await app.keyboard.press('Enter')
  await expect(app.getByTestId('wire-sheet')).toBeVisible()
  // On its name, which is read out; another Enter does nothing.
  await expect(app.getByRole('dialog').getByRole('heading').first()).toBeFocused()
  await app.keyboard.press('Enter')
  await expect(app.getByTestId('wire-sheet')).toBeVisible()
  await app.keyboard.press('Tab')
  expect(await app.evaluate(() => document.activeElement?.closest('[role="dialog"]') !== null)).toBe(true)
  await app.keyboard.press('Escape')
  await expect(app.getByTestId('wire-sheet')).toBeHidden()
  await expect(app.getByTestId('wire-fan-a')).toBeFocused()
})
