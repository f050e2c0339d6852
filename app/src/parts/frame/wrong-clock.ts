// A clock that is wrong is said once: until it was looked at, and again when it is wrong otherwise.
import { seeClock, useJobs } from '../../platform/state/app'
import { clockWords } from '../../platform/sync/clock'

/** It is another error from here on, ms. */
const OTHERWISE_MS = 5 * 60_000

/** `seen`: how wrong it was when it was looked at; null: never. */
export const isClockNews = (offset: number, seen: number | null): boolean =>
  clockWords(offset) !== null && (seen === null || Math.abs(offset - seen) > OTHERWISE_MS)

export function useWrongClock(): { readonly isNews: boolean; readonly seen: () => void } {
  const offset = useJobs((s) => s.clockOffset)
  const seen = useJobs((s) => s.clockSeen)
  return {
    isNews: isClockNews(offset, seen),
    seen: () => {
      if (clockWords(offset) !== null) seeClock(offset)
    },
  }
}
