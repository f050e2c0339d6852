// A thumb that bounces: for a moment after a primary action was taken no primary action takes another tap, wherever it stands by then.
// The bounce has its own press and release on the new button, so that where a tap began says nothing; only the moment does.
import { useSyncExternalStore } from 'react'

/** Longer than a thumb bounces (40 to 400 ms), shorter than a second thought, ms. Our judgement. */
export const REST_MS = 550

export interface Rest {
  /**
   * Takes a tap: false while it rests, and then nothing is to be done. `at`: when the finger tapped, ms on the page's clock; on a slow
   * phone a tap waits for the page, and by then the rest would be over.
   */
  readonly take: (at?: number) => boolean
  /** Whether a touch at that moment falls into the rest. */
  readonly restsAt: (at: number) => boolean
  readonly isResting: () => boolean
  readonly subscribe: (heard: () => void) => () => void
}

/** `clock` in ms; `later` calls back after so many ms. */
export function createRest(
  clock: () => number = () => performance.now(),
  later: (then: () => void, ms: number) => void = (then, ms) => void setTimeout(then, ms),
): Rest {
  let until = -Infinity
  let resting = false
  const heard = new Set<() => void>()
  const tell = () => heard.forEach((one) => one())
  return {
    restsAt: (at) => resting || at < until,
    take(at = clock()) {
      // By the timer too: while the page is busy both are late, and a bounce waits in line behind it.
      if (resting || at < until) return false
      until = at + REST_MS
      resting = true
      tell()
      // By the timer, not by the clock: a timer that comes a hair early would find it resting still, and nobody would tell again.
      later(() => {
        resting = false
        tell()
      }, REST_MS)
      return true
    },
    isResting: () => resting,
    subscribe(one) {
      heard.add(one)
      return () => heard.delete(one)
    },
  }
}

const rest = createRest()
/** One for the whole app: the button that stands there after the first tap is another one. */
export const takeTap = rest.take
export const restsAt = rest.restsAt
export const useResting = (): boolean => useSyncExternalStore(rest.subscribe, rest.isResting)
