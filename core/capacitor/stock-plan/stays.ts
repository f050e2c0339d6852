// One side of the old can that the technician would leave in: only when its reading is sure, inside its marking and what the load asks for.
import { figure, microfaradsText } from '../../quantity/display'
import type { Interval } from '../../quantity/interval'
import { limitVerdict, toleranceVerdict } from '../verdict'
import type { StockPart } from './part'

/** The side of the old can that might stay, as marked and as read, µF. */
export interface OldSide {
  readonly load: string
  readonly name: string
  readonly volts: number
  /** As marked, with the tolerance of its marking. */
  readonly microfarads: number
  readonly tolerancePercent: number
  /** What its reading leaves open, µF. */
  readonly reading: Interval
}

/** The side as a part of the plan, or null where it may not stay; in both cases why. */
export type StaysVerdict =
  { readonly part: StockPart; readonly why: string } | { readonly part: null; readonly why: string }

/** Its id among the parts of a plan: it is on no line of the van. */
export const STAYS_ID = 'old-can'

/** `wanted`: what the load asks for; the plan's tolerance in percent. */
export function judgeStays(
  side: OldSide,
  wanted: { readonly microfarads: number; readonly volts: number },
  tolerancePercent: number,
): StaysVerdict {
  const { load, name, volts, microfarads, reading } = side
  const refused = (why: string): StaysVerdict => ({
    part: null,
    why: `The old can does not stay for ${load}: ${why}`,
  })
  const range = `${figure(reading.low)} to ${figure(reading.high)} µF`
  if (volts < wanted.volts)
    return refused(`it is rated ${figure(volts)} V, and ${figure(wanted.volts)} V is asked for.`)
  const marking = toleranceVerdict(reading, microfarads, side.tolerancePercent)
  if (marking === 'out')
    return refused(
      `it reads ${range}, outside its marking of ${microfaradsText(microfarads)} ± ${figure(side.tolerancePercent)} %.`,
    )
  if (marking === 'uncertain')
    return refused(`by this meter it may read ${range}; whether that is inside its marking cannot be told.`)
  const limits = {
    low: wanted.microfarads * (1 - tolerancePercent / 100),
    high: wanted.microfarads * (1 + tolerancePercent / 100),
  }
  if (limitVerdict(reading, limits) !== 'in')
    return refused(
      `it reads ${range}, and ${microfaradsText(wanted.microfarads)} ± ${figure(tolerancePercent)} % is asked for.`,
    )
  const measured = Math.round(500 * (reading.low + reading.high)) / 1000
  return {
    part: {
      id: STAYS_ID,
      name,
      volts,
      tolerancePercent: side.tolerancePercent,
      quantity: 1,
      cents: null,
      keptFor: load,
      sections: [{ id: load, microfarads, measured, dead: false }],
    },
    why: `The old can may stay for ${load}: it reads ${range}, inside its marking. A new one is the rule; what stays is recorded with its reading.`,
  }
}
