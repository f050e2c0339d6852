// What the motor does in a mode: from standstill, which way and whether it starts, and the speed it comes to against its fan.
import type { Machine } from '../../motor/machine/machine'
import type { Circuit } from './elements'
import { prepare, solveAt, type Solution } from './solve'

export interface Run {
  readonly standstill: Solution
  /** Torque at standstill against the rated one; its sign is the direction: positive as the plug is set. */
  readonly startTorque: number
  /** The motor turns: as the plug is set (1), the other way (-1), or not at all (0). */
  readonly direction: 1 | -1 | 0
  /** 0 where it does not turn. */
  readonly rpm: number
  /** At the speed it comes to, or at standstill. */
  readonly running: Solution
}

/** Less torque than this share of the rated one moves no fan (bearing friction, a breeze). Our judgement. */
export const LEAST_START_TORQUE = 0.03
const STEPS = 48
const HALVINGS = 24

/** `load` is the fan's torque at rated speed, synchronous watts; it goes with the square of speed (fan law). */
export function runCircuit(circuit: Circuit, machine: Machine | null, load = machine?.rating.torque ?? 0): Run {
  const prepared = prepare(circuit)
  const standstill = solveAt(prepared, 1)
  if (!machine) return { standstill, startTorque: 0, direction: 0, rpm: 0, running: standstill }
  const { rating } = machine
  const startTorque = standstill.torque / rating.torque
  if (Math.abs(startTorque) < LEAST_START_TORQUE) return { standstill, startTorque, direction: 0, rpm: 0, running: standstill }
  const direction = startTorque > 0 ? 1 : -1
  // Turning backwards is turning forwards with the auxiliary reversed.
  const at = (slip: number) => solveAt(prepared, slip, direction)
  const excess = (slip: number) => at(slip).torque - load * ((1 - slip) / (1 - rating.slip)) ** 2
  const slip = settle(excess)
  return { standstill, startTorque, direction, rpm: rating.synchronousRpm * (1 - slip), running: at(slip) }
}

/** The first slip from standstill at which the load holds the motor: it accelerates while there is torque to spare. */
function settle(excess: (slip: number) => number): number {
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
