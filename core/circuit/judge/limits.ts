// What a sound motor's figures are, to judge a solved mode by: the same machine on its rated hookup.
import type { Machine } from '../../motor/machine/machine'
import { performanceAt, type Performance } from '../../motor/machine/performance'

/**
 * A winding may carry this much more than on the rated hookup before it is watched, and before it stops: with constants from the maker,
 * and with fitted ones, whose windings may really be half or twice of what was fitted. Our judgement.
 */
const OVER = { stated: { watch: 1.3, stop: 1.3 }, estimated: { watch: 1.6, stop: 2.5 } } as const
/** Less than this share of the rated current in the auxiliary is as good as none. Our judgement. */
export const LEAST_AUXILIARY = 0.3
/** A motor at rest carries less than this share of its rated amps: what a floating lead's capacitance or a winding to a dead post may. Our judgement. */
export const AT_REST = 0.1
/** Volts above which a part that is meant for 24 V is on a line. */
export const LOW_VOLTAGE_LIMIT = 60
/** Amps from a source that no fan motor and no compressor's start draws: a short, A. Our judgement. */
export const SHORT_AMPS = 150

/** What the windings may carry, A, and the motor's performance at its rating. */
export interface Limits {
  readonly rated: Performance
  /** Times the rated current of a winding: above the first it is watched, above the second it stops. */
  readonly over: { readonly watch: number; readonly stop: number }
}

/** Limits from the motor's rated performance, with the doubt of fitted constants. Common practice, no source. */
export function limitsOf(machine: Machine): Limits {
  const supply = {
    volts: machine.ratedVolts,
    hertz: machine.ratedHertz,
    ratedHertz: machine.ratedHertz,
    microfarads: machine.microfarads,
  }
  const rated = performanceAt(machine.constants, supply, machine.rating.slip)
  return { rated, over: machine.estimated ? OVER.estimated : OVER.stated }
}
