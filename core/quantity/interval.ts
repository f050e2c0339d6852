// An interval is a reading together with what the meter cannot tell: the true value lies somewhere in [low, high].

/** What a reading leaves open: the true value lies from `low` to `high`. */
export interface Interval {
  readonly low: number
  readonly high: number
}

/**
 * The accuracy of a meter on one range, as its sheet states it.
 * `percent` of the reading, plus `counts` of the last digit, plus the size of that digit (`resolution`, in the unit read).
 */
export interface MeterAccuracy {
  readonly percent: number
  readonly counts: number
  readonly resolution: number
}

/**
 * Where the true value may lie: reading ± (percent of reading + counts × resolution), not below zero where the reading is not: only a temperature is.
 * Source: the usual form of a digital meter's accuracy statement (common practice, no source).
 */
export function readingInterval(reading: number, accuracy: MeterAccuracy | undefined): Interval {
  if (!accuracy) return { low: reading, high: reading }
  const half = (Math.abs(reading) * accuracy.percent) / 100 + accuracy.counts * accuracy.resolution
  return { low: reading < 0 ? reading - half : Math.max(0, reading - half), high: reading + half }
}

/**
 * The quotient of two intervals of numbers not below zero.
 * `high` is Infinity when the divisor may be zero. Throws RangeError when the divisor is zero altogether.
 */
export function divideIntervals(numerator: Interval, divisor: Interval): Interval {
  if (divisor.high <= 0) throw new RangeError('divideIntervals: the divisor is zero')
  return {
    low: numerator.low / divisor.high,
    high: divisor.low > 0 ? numerator.high / divisor.low : Infinity,
  }
}
