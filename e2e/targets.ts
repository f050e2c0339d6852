// What a gloved thumb can hit: 48 px each way, 8 px from the next one.
import type { Page } from '@playwright/test'

/** Targets that are too small or too near to another, in words. Those under an open sheet do not count. */
export const targetWrongs = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const LEAST = 48
    const APART = 8
    // What half a pixel of rounding leaves.
    const SLACK = 0.6
    const sheets = document.querySelectorAll('[role="dialog"]')
    const within = sheets.length > 0 ? sheets[sheets.length - 1]! : document.body
    /** What of it is not scrolled out of its frames. */
    const inSight = (e: Element) => {
      let { left, right, top, bottom } = e.getBoundingClientRect()
      for (let frame = e.parentElement; frame; frame = frame.parentElement) {
        if (getComputedStyle(frame).overflow === 'visible') continue
        const clip = frame.getBoundingClientRect()
        left = Math.max(left, clip.left)
        right = Math.min(right, clip.right)
        top = Math.max(top, clip.top)
        bottom = Math.min(bottom, clip.bottom)
      }
      return { left, right, top, bottom }
    }
    const targets = [
      ...within.querySelectorAll<HTMLElement>(
        'button, a[href], input, textarea, [role="button"], [role="radio"], [role="checkbox"], [role="tab"]',
      ),
    ]
      .filter((e) => !e.closest('[aria-hidden="true"]') && getComputedStyle(e).visibility !== 'hidden')
      .map((e) => ({ e, box: e.getBoundingClientRect(), seen: inSight(e) }))
      // A picker of files has no box of its own; what is scrolled away is not hit.
      .filter(
        ({ box, seen }) =>
          box.width > 1 && box.height > 1 && seen.right - seen.left > 1 && seen.bottom - seen.top > 1,
      )
    const name = (e: HTMLElement) =>
      e.dataset.testid ?? (e.getAttribute('aria-label') ?? e.textContent ?? e.tagName).slice(0, 40)
    const small = targets
      .filter(({ box }) => Math.min(box.width, box.height) < LEAST - SLACK)
      .map(({ e, box }) => `${name(e)} is ${box.width.toFixed(0)} by ${box.height.toFixed(0)}`)
    const near = targets.flatMap(({ e, seen }, i) =>
      targets.slice(i + 1).flatMap((other) => {
        if (e.contains(other.e) || other.e.contains(e)) return []
        // In sight only with the focus of a keyboard.
        if ([e, other.e].some((one) => one.dataset.testid === 'skip')) return []
        const across = Math.max(other.seen.left - seen.right, seen.left - other.seen.right)
        const down = Math.max(other.seen.top - seen.bottom, seen.top - other.seen.bottom)
        const gap = Math.max(across, down)
        return gap < APART - SLACK ? [`${name(e)} is ${gap.toFixed(0)} from ${name(other.e)}`] : []
      }),
    )
    return [...small, ...near]
  })
