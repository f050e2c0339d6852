// The speed a motor comes to: from standstill it accelerates while there is torque to spare over the fan's.

import type { Rating } from './fit'

/** Less torque than this share of the rated one moves no fan (bearing friction, a breeze). Our judgement. */
export const LEAST_START_TORQUE = 0.03
/** With constants fitted to a plate the torque may be some times what is calculated: below this share of the least there is surely none. Our judgement. */
const SURELY_NONE = 0.25

/** The share of the rated torque that starts a motor, as far as its constants are known. */
export const startTorqueOf = ({ estimated }: { readonly estimated: boolean }): number =>
  estimated ? SURELY_NONE * LEAST_START_TORQUE : LEAST_START_TORQUE

/**
 * What a fan asks for at a slip, synchronous watts of a supply of `frequency` times the rated one: its torque goes with the square of the
 * shaft's speed (fan law). `rated`: at the rated speed.
 */
export const fanTorque = (
  rated: number,
  { slip: ratedSlip }: Pick<Rating, 'slip'>,
  slip: number,
  frequency: number,
): number => rated * frequency * ((frequency * (1 - slip)) / (1 - ratedSlip)) ** 2

const STEPS = 24
const HALVINGS = 22

/** The first slip, from 1 down, at which the load holds the motor. `excess`: torque less load at a slip; positive at standstill. */
export function settledSlip(excess: (slip: number) => number): number {
  let above = 1
  for (let i = 1; i <= STEPS; i++) {
    const slip = 1 - i / (STEPS + 1)
    if (excess(slip) < 0) return bisect(excess, slip, above)
    above = slip
  }
  return above
}

function bisect(excess: (slip: number) => number, held: number, free: number): number {
  let [low, high] = [held, free]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (excess(middle) < 0) low = middle
    else high = middle
  }
  return (low + high) / 2
}
