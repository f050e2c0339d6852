import type { Page } from '@playwright/test'
import { expect, test, verdict } from './app'

/** Goes on with Tab until the focus is on what is wanted; fails when it cannot be reached. */
async function tabTo(page: Page, wanted: string): Promise<void> {
  const there = () =>
    page.evaluate(
      (selector) =>
        document.activeElement?.closest(selector) !== null && document.activeElement !== document.body,
      wanted,
    )
  for (let i = 0; i < 90; i++) {
    if (await there()) return
    await page.keyboard.press('Tab')
  }
  throw new Error(`the keyboard does not reach ${wanted}`)
}
const press = async (page: Page, wanted: string) => {
  await expect(page.locator(wanted).first()).toBeVisible()
  await tabTo(page, wanted)
  await page.keyboard.press('Enter')
}
const id = (name: string) => `[data-testid="${name}"]`

test('the whole way to a card by keyboard only, a wrong move and its mend included', async ({ app }) => {
  await press(app, id('start'))
  await press(app, id('choose-unit'))
  await expect(app.getByTestId('wires-next')).toBeVisible()
  await tabTo(app, id('wires-next'))
  await app.keyboard.down('Enter')
  await expect(app.getByTestId('held-list')).toBeVisible()
  await expect(app.getByTestId('direction')).toBeVisible()
  await app.keyboard.up('Enter')
  await press(app, '[role="radio"][aria-label^="CW,"]')
  await press(app, id('sheet-rowan-25r'))
  await press(app, id('motor-next'))
  await press(app, id('compressor-microfarads'))
  await expect(app.getByTestId('number-pad')).toBeVisible()
  await app.keyboard.type('40')
  await app.keyboard.press('Enter')
  await expect(app.getByTestId('number-pad')).toBeHidden()
  await press(app, id('capacitor-next'))
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
  await press(app, id('lead-brown'))
  await press(app, id('post-T1'))
  await expect(verdict(app)).toContainText('Stop.')
  await press(app, id('mend'))
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
  await press(app, id('prove'))
  await expect(app.getByTestId('hookup-card')).toBeVisible()
})

test('a sheet takes the focus and gives way to Escape', async ({ app }) => {
  await press(app, id('start'))
  await press(app, id('choose-unit'))
  await press(app, id('wire-fan-a'))
  await expect(app.getByTestId('wire-sheet')).toBeVisible()
  await app.keyboard.press('Tab')
  expect(await app.evaluate(() => document.activeElement?.closest('[role="dialog"]') !== null)).toBe(true)
  await app.keyboard.press('Escape')
  await expect(app.getByTestId('wire-sheet')).toBeHidden()
})
