// Parts of the app that are fetched when they are first wanted, or ahead of that, one after the other, while the page is idle.

const PAUSE_MS = 1500

const waiting: (() => Promise<unknown>)[] = []

/** The page's own scripts have all run. Its state says so too late, or, as `interactive`, too early: deferred scripts run in that. */
function isPageRun(): boolean {
  if (document.readyState === 'complete') return true
  const [page] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[]
  return page !== undefined && page.domContentLoadedEventStart > 0
}

/** What several parts share comes in a script of its own, after the page's: a part that runs before it fails for good. */
const whatIsShared: Promise<unknown> = isPageRun()
  ? Promise.resolve()
  : new Promise((resolve) => document.addEventListener('DOMContentLoaded', resolve, { once: true }))

/** A part that cannot be fetched now, with no server and no service worker yet, is asked for until it comes. */
async function patiently<T>(load: () => Promise<T>): Promise<T> {
  await whatIsShared
  for (;;) {
    try {
      return await load()
    } catch (error) {
      console.warn('A part of the app could not be fetched yet:', error)
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS))
    }
  }
}

/** A part, fetched once: when it is wanted, or when its turn comes. */
export interface Part<T> {
  readonly fetch: () => Promise<T>
  /** null: it is not there yet. */
  readonly now: () => T | null
}

export function fetchedAhead<T>(load: () => Promise<T>): Part<T> {
  let coming: Promise<T> | null = null
  let there: T | null = null
  const fetch = () =>
    (coming ??= patiently(load).then((part) => {
      there = part
      return part
    }))
  waiting.push(fetch)
  return { fetch, now: () => there }
}

/** Fetches the parts that nobody has wanted yet. Who counts every byte is asked for none. */
export function fetchAhead(): void {
  const { connection } = navigator as { readonly connection?: { readonly saveData?: boolean } }
  if (connection?.saveData || !('requestIdleCallback' in window)) return
  window.requestIdleCallback(() => {
    const fetch = waiting.shift()
    if (!fetch) return
    void fetch().then(fetchAhead)
  })
}
