// One reading of volts against what it should be: too much is as wrong as too little, and each has its limit and what to do.
import { figure } from '../quantity/display'
import type { Interval } from '../quantity/interval'
import { VOLTAGE_TOLERANCE } from './supply'

/** `cannotTell`: a limit lies inside the meter's interval. */
export type VoltsVerdict = 'fine' | 'low' | 'high' | 'cannotTell'

/** The verdict, with its limit in the text and what to do next where it is wrong. */
export interface VoltsAnswer {
  readonly verdict: VoltsVerdict
  readonly text: string
}

const read = ({ low, high }: Interval): string =>
  figure(low, 0) === figure(high, 0) ? `${figure(low, 0)} V` : `${figure(low, 0)} to ${figure(high, 0)} V`

const EPSILON = 1e-9

/** Within ± 10 % of what a plate rates, at both ends (NEMA MG 1, from memory), V. */
export const ratedVoltsLimits = (rated: Interval): Interval => ({
  low: rated.low * (1 - VOLTAGE_TOLERANCE),
  high: rated.high * (1 + VOLTAGE_TOLERANCE),
})

/** `rated` is the volts that are right, `of` whose they are ("the motor’s plate"). ± 10 % at both ends (NEMA MG 1, from memory). */
export function judgeVolts(volts: Interval, rated: Interval, of: string): VoltsAnswer {
  // A reading at the very limit is inside, which binary fractions would deny.
  const limits = ratedVoltsLimits(rated)
  const [least, most] = [limits.low - EPSILON, limits.high + EPSILON]
  const by = `by ${of}`
  if (volts.low > most)
    return {
      verdict: 'high',
      text: `${read(volts)} is too high: ${figure(most, 0)} V is the most ${by}. Switch off; nothing is run on it until the supply is found and put right.`,
    }
  if (volts.high < least)
    return {
      verdict: 'low',
      text: `${read(volts)} is too low: ${figure(least, 0)} V is the least ${by}. Look for a loose connection, a lost leg or a thin wire before the motor runs on.`,
    }
  if (volts.low < least || volts.high > most)
    return {
      verdict: 'cannotTell',
      text: `${read(volts)}: the limit of ${figure(volts.low < least ? least : most, 0)} V ${by} lies inside the meter’s doubt.`,
    }
  return {
    verdict: 'fine',
    text: `${read(volts)}, within ${figure(least, 0)} to ${figure(most, 0)} V ${by}.`,
  }
}

/** A call of 24 V: transformers give some 20 to 30 V; above this it is another voltage, V. Common practice, no source. */
export const CALL_MOST = 32
