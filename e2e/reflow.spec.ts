// Low, small and turned: every stage at 320 by 256 (a desk at 400 %), a phone on its side, a small phone.
import type { Page } from '@playwright/test'
import { expect, openScreen, test } from './app'

test.use({ demo: true })
const SIZES = [
  [320, 256],
  [844, 390],
  [360, 640],
] as const
const job = (n: number, stage: string) => `/job/01950000-0000-7000-8000-00000000000${n}/${stage}`

/** What is cut off or out of reach, in words. */
const wrongs = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const found: string[] = []
    const { innerWidth, innerHeight } = window
    const scrolls = (e: Element, axis: 'X' | 'Y') =>
      ['auto', 'scroll'].includes(getComputedStyle(e)[`overflow${axis}`])
    const isIn = (e: Element, axis: 'X' | 'Y'): boolean =>
      e.parentElement !== null && (scrolls(e.parentElement, axis) || isIn(e.parentElement, axis))
    if (document.documentElement.scrollWidth > innerWidth) found.push('the page scrolls sideways')
    for (const e of document.querySelectorAll<HTMLElement>('#root [dir], #root button')) {
      const { left, right, width } = e.getBoundingClientRect()
      const isUnseen = width <= 1 || getComputedStyle(e).visibility === 'hidden'
      if (!isUnseen && (right > innerWidth + 1 || left < -1) && !isIn(e, 'X'))
        found.push(
          `cut at the side: ${(e.textContent || e.getAttribute('aria-label') || e.tagName).slice(0, 40)}`,
        )
    }
    const tallest = Math.max(
      0,
      ...[...document.querySelectorAll('#root *')]
        .filter((e) => scrolls(e, 'Y') && e.clientWidth > innerWidth / 4)
        .map((e) => e.clientHeight),
    )
    if (tallest < innerHeight / 2) found.push(`${tallest} px of ${innerHeight} scroll`)
    const next = document.querySelector('[data-next-action] button')?.getBoundingClientRect()
    if (next && (next.bottom > innerHeight + 1 || next.top < 0)) found.push('the next action is out of sight')
    return found
  })

const PAGES = [
  '/',
  '/van',
  '/unit',
  job(1, 'safe'),
  job(1, 'fault'),
  job(1, 'plates'),
  job(1, 'wires'),
  job(1, 'motor'),
  job(1, 'capacitor'),
  job(1, 'board'),
  job(1, 'mount'),
  job(1, 'startup'),
  job(1, 'charge'),
  job(5, 'card'),
  job(5, 'report'),
  '/pair',
  '/phones',
  '/practice',
  '/practice/progress',
]

for (const [width, height] of SIZES)
  test(`at ${width} by ${height} nothing is cut at the side, half of the height scrolls, the next action is in sight`, async ({
    fresh: app,
    server,
  }) => {
    await app.setViewportSize({ width, height })
    for (const path of PAGES) {
      await openScreen(app, `${server.url}${path}`)
      await expect.poll(() => wrongs(app), path).toEqual([])
    }
  })

test('on a low glass a pad shows what is typed and Set at once', async ({ fresh: app, server }) => {
  await app.setViewportSize({ width: 320, height: 256 })
  await app.goto(`${server.url}${job(1, 'capacitor')}`)
  await app.getByTestId('compressor-microfarads').click()
  await app.keyboard.type('40')
  await expect(app.getByTestId('pad-value')).toBeInViewport({ ratio: 1 })
  await expect(app.getByTestId('pad-set')).toBeInViewport({ ratio: 1 })
})

test('the practice bench is whole at every size', async ({ fresh: app, server }) => {
  await app.goto(`${server.url}/practice`)
  await app.getByTestId('first-shared-can').click()
  await expect(app.getByTestId('bench')).toBeVisible()
  for (const [width, height] of SIZES) {
    await app.setViewportSize({ width, height })
    await expect.poll(() => wrongs(app), `${width} by ${height}`).toEqual([])
  }
})
