// What axe-core finds wrong on a page, and targets too small for a gloved thumb.
import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import type { AxeResults } from 'axe-core'
import { targetWrongs } from './targets'

const AXE = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8')
export const PHONE = { width: 390, height: 844 }
export const DESK = { width: 1280, height: 800 }

/** Still an experiment of axe's: what is heard must hold what is seen. */
const ALL = { rules: { 'label-content-name-mismatch': { enabled: true } } }
/** What night changes: a page's colours, and nothing else of it. */
const COLOURS = { runOnly: ['color-contrast'] }

/** What axe finds wrong, one line each: the rule, and where. `of`: all, or only what other colours can make wrong. */
export async function wrongs(page: Page, of: 'all' | 'colours' = 'all'): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE)
  const { violations } = await page.evaluate(
    async (rules) =>
      await (window as unknown as { axe: { run: (options: object) => Promise<AxeResults> } }).axe.run({
        ...rules,
        resultTypes: ['violations'],
      }),
    of === 'all' ? ALL : COLOURS,
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
