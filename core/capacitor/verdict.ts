// Is a capacitor inside its marking? With a meter that has limits, "cannot tell" is an answer.
import type { Interval } from '../quantity/interval'

/** `uncertain`: the meter's range of values lies on both sides of a limit. */
export type ToleranceVerdict = 'in' | 'out' | 'uncertain'

/** Usual marking of run capacitors, percent. Source: EIA-456 and IEC 60252-1 list 5, 6 and 10 % (from memory). */
export const DEFAULT_TOLERANCE_PERCENT = 6

// A limit such as 1.06 × 5 is not exact in binary; a billionth part of the rating is far below any meter's digit.
const LIMIT_EPSILON = 1e-9

/**
 * `in` when every value the reading allows is within the rating ± tolerance (limits included),
 * `out` when none is, `uncertain` otherwise. Rating in µF, above 0; tolerance in percent.
 */
export const toleranceVerdict = (
  range: Interval,
  ratingMicrofarads: number,
  tolerancePercent: number,
): ToleranceVerdict =>
  limitVerdict(range, {
    low: ratingMicrofarads * (1 - tolerancePercent / 100),
    high: ratingMicrofarads * (1 + tolerancePercent / 100),
  })

/** The same against two limits, such as the marked range of a start capacitor; a value exactly at a limit is inside. */
export function limitVerdict(range: Interval, limits: Interval): ToleranceVerdict {
  const slack = limits.high * LIMIT_EPSILON
  const low = limits.low - slack
  const high = limits.high + slack
  if (range.low >= low && range.high <= high) return 'in'
  if (range.high < low || range.low > high) return 'out'
  return 'uncertain'
}
