// What axe-core finds wrong on a page, and targets too small for a gloved thumb.
import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import type { AxeResults } from 'axe-core'
import { targetWrongs } from './targets'

const AXE = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8')
export const PHONE = { width: 390, height: 844 }
export const DESK = { width: 1280, height: 800 }

/** What axe finds wrong, one line each: the rule, and where. */
export async function wrongs(page: Page): Promise<string[]> {
  await page.evaluate(AXE)
  const { violations } = await page.evaluate(
    async () =>
      await (window as unknown as { axe: { run: (options: object) => Promise<AxeResults> } }).axe.run({
        // Still an experiment of axe's: what is heard must hold what is seen.
        rules: { 'label-content-name-mismatch': { enabled: true } },
        resultTypes: ['violations'],
      }),
  )
  return violations.flatMap(({ id, nodes }) =>
    nodes.map(({ target, html }) => `${id}: ${target.join(' ')}: ${html.slice(0, 240)}`),
  )
}

/** Targets too small or too near, those below the fold too. */
export async function tooSmall(page: Page): Promise<string[]> {
  await page.setViewportSize({ ...PHONE, height: 4000 })
  const wrong = await targetWrongs(page)
  await page.setViewportSize(PHONE)
  return wrong
}
