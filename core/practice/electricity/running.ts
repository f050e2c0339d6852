// What the fan of a practice unit does as it stands: whether it starts, which way, how fast, and what it costs the windings.
import { fanTorque } from '../../motor/machine/settle'
import { horsepowerOf } from '../../motor/horsepower'
import type { Machine } from '../../motor/machine/machine'
import { performanceAt } from '../../motor/machine/performance'
import { magnitude, ZERO } from '../../quantity/complex'
import { first } from '../../quantity/at'
import { rememberedFor, rememberedOnce } from '../../quantity/remembered'
import { runCircuit, type Run } from '../../circuit/solution/run'
import {
  ampsThrough,
  prepare,
  solveAt,
  torqueAt,
  type Prepared,
  type Solution,
} from '../../circuit/solution/solve'
import type { Truth } from '../unit/truth'
import type { Stand } from './stand'
import { builtAt, machineIn, type UnitCircuit } from './unit-circuit'

/** A branch circuit lets go above this, A. Our judgement: a breaker trips at once at some times its rating. */
const BREAKER_AMPS = 80

/** A unit as it stands, solved. */
export interface Running {
  readonly built: UnitCircuit
  readonly prepared: Prepared
  /** At the speed it comes to. */
  readonly solution: Solution
  /** 1: as the plug is set, -1: the other way, 0: it stands. */
  readonly direction: 1 | -1 | 0
  /** It would go on if it were pushed. */
  readonly runsOnPush: boolean
  readonly rpm: number
  /** What the windings turn into heat, W. */
  readonly copperWatts: number
  /** The branch circuit lets go: a short. */
  readonly trips: boolean
}

/** A fan of this size wants so much of its motor's usual start torque to break away. Our judgement: half a capacitor hardly starts it. */
const BREAKS_AWAY = 0.45
/** Torque to spare, of the rated one, with which a fan that was pushed comes up. Our judgement. */
const COMES_UP = 0.03

/** What turns it against: a dirty wheel moves less air, a dry bearing holds it back. Our judgement. */
function loadOf({ air, motor }: Truth): number {
  const wheel = air.wheel === 'dirty' ? 0.6 : 1
  return wheel * (motor.bearing === 'dry' ? 2.2 : 1)
}

/** The unit as it stands; solved once for each way to stand. */
export const runUnit = rememberedFor(solve)

function solve(truth: Truth, stand: Stand): Running {
  const built = builtAt(truth, stand)
  const { circuit, machine } = built
  const load = fanLoad(truth, machine)
  const run = runCircuit(circuit, machine, load)
  const direction = directionOf(truth, built, run)
  const solution = direction === 0 ? run.standstill : run.running
  const amps = (id: string) => magnitude(ampsThrough(circuit, solution, id) ?? ZERO)
  const isStuck = truth.motor.bearing === 'seized'
  return {
    built,
    prepared: run.prepared,
    solution,
    direction,
    runsOnPush: !isStuck && direction === 0 && goesOn(built, run.prepared, load),
    rpm: direction === 0 ? 0 : machine ? run.rpm : truth.sheet.nameplate.rpm,
    copperWatts: circuit.coils.reduce((sum, coil) => sum + amps(coil.id) ** 2 * coil.ohms, 0),
    trips: circuit.sources.some(({ id }) => amps(id) > BREAKER_AMPS),
  }
}

/** What the unit's own fan asks of this motor at rated speed, synchronous watts. */
function fanLoad(truth: Truth, machine: Machine | null): number {
  if (!machine) return 0
  const own = horsepowerOf(first(truth.sheet.settings.horsepower).horsepower)
  return machine.rating.torque * (horsepowerOf(truth.plated.horsepower) / own) * loadOf(truth)
}

function directionOf(
  truth: Truth,
  built: UnitCircuit,
  { startTorque, direction, standstill }: Run,
): 1 | -1 | 0 {
  if (truth.motor.bearing === 'seized') return 0
  if (!built.machine) return fedWithoutWindings(truth, built, standstill) ? 1 : 0
  return Math.abs(startTorque) < BREAKS_AWAY * usualStart(truth.sheet) ? 0 : direction
}

/** Start torque of this motor on its rated supply with its own capacitor, on its weakest tap, of the rated one: a fan is made to start on that. */
const usualStart = rememberedOnce((sheet: Truth['sheet']): number => {
  const machine = machineIn({ sheet })
  return machine ? weakestStart(machine) / machine.rating.torque : 0
})

function weakestStart({ constants, coils, ratedVolts: volts, ratedHertz, microfarads }: Machine): number {
  const turns = coils.filter(({ id }) => id.startsWith('tap:')).reduce((sum, coil) => sum + coil.turns, 0)
  const supply = { volts, hertz: ratedHertz, ratedHertz, microfarads }
  return performanceAt(constants, supply, 1, turns).torque
}

/** Half way up it has torque to spare over the fan: what a push brings it to, it keeps. */
function goesOn({ circuit, machine }: UnitCircuit, prepared: Prepared, load: number): boolean {
  if (!machine) return false
  const frequency = circuit.hertz / machine.ratedHertz
  const spare = (slip: number) =>
    Math.max(torqueAt(prepared, slip, 1), torqueAt(prepared, slip, -1)) -
    fanTorque(load, machine.rating, slip, frequency)
  return [0.75, 0.6, 0.45].some((slip) => spare(slip) > COMES_UP * machine.rating.torque)
}

/** A motor without a winding model turns where its lines have most of its volts. */
function fedWithoutWindings({ sheet }: Truth, { circuit }: UnitCircuit, standstill: Solution): boolean {
  const draws = circuit.resistors.filter(({ id }) => id === 'motor' || id.startsWith('phase '))
  const wanted = sheet.settings.horsepower[0]?.amps ?? 0
  const needed = sheet.kind === 'three-phase' ? 3 : 1
  const alive = draws.filter(
    ({ id }) => magnitude(ampsThrough(circuit, standstill, id) ?? { re: 0, im: 0 }) > 0.7 * wanted,
  )
  return alive.length >= needed
}

/** The unit with something more between two nodes, at the speed it has: what a meter's own resistance makes of it. */
export function withMeter(
  { built, solution, direction }: Running,
  a: string,
  b: string,
  ohms: number,
): Solution {
  const meter = { id: 'meter', a, b, ohms, reactanceOhms: 0 }
  const circuit = { ...built.circuit, resistors: [...built.circuit.resistors, meter] }
  return solveAt(prepare(circuit), direction === 0 ? 1 : solution.slip, direction === -1 ? -1 : 1)
}
