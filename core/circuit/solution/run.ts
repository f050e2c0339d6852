// What the motor does in a mode: from standstill, which way and whether it starts, and the speed it comes to against its fan.
import { fanTorque, settledSlip, startTorqueOf } from '../../motor/machine/settle'
import type { Machine } from '../../motor/machine/machine'
import type { Circuit } from './elements'
import { torqueBySlip } from './ports'
import { prepare, solveAt, type Prepared, type Solution } from './solve'

/** How the motor of a circuit starts and where it comes to run. */
export interface Run {
  readonly prepared: Prepared
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

/** `load` is the fan's torque at rated speed, synchronous watts; it goes with the square of speed (fan law). */
export function runCircuit(
  circuit: Circuit,
  machine: Machine | null,
  load = machine?.rating.torque ?? 0,
): Run {
  const prepared = prepare(circuit)
  const standstill = solveAt(prepared, 1)
  if (!machine) return { prepared, standstill, startTorque: 0, direction: 0, rpm: 0, running: standstill }
  const { rating } = machine
  const frequency = circuit.hertz / machine.ratedHertz
  const startTorque = standstill.torque / rating.torque
  if (Math.abs(startTorque) < startTorqueOf(machine))
    return { prepared, standstill, startTorque, direction: 0, rpm: 0, running: standstill }
  const direction = startTorque > 0 ? 1 : -1
  // Turning backwards is turning forwards with the auxiliary reversed.
  const torque = torqueBySlip(prepared, direction)
  const excess = (slip: number) => torque(slip) - fanTorque(load, rating, slip, frequency)
  const slip = settledSlip(excess)
  return {
    prepared,
    standstill,
    startTorque,
    direction,
    rpm: rating.synchronousRpm * frequency * (1 - slip),
    running: solveAt(prepared, slip, direction),
  }
}
