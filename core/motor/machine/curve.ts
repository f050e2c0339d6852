// What if: running amps, capacitor volts, start torque and speed against microfarads and against supply volts, from the model.
import type { MachineConstants } from './constants'
import type { Machine } from './machine'
import { performanceAt } from './performance'
import { fanTorque, LEAST_START_TORQUE, settledSlip } from './settle'

/** What the motor does at one capacitor and one voltage. */
export interface CurvePoint {
  readonly microfarads: number
  readonly volts: number
  /** At the speed it comes to; at standstill where it does not start. */
  readonly amps: number
  readonly capacitorVolts: number
  /** Against the rated torque. */
  readonly startTorque: number
  /** 0 where it does not start. */
  readonly rpm: number
}

/** The motor on its own fan's load at these volts and µF; `hertz` is the rated one where none is given. */
export function pointAt(
  { constants, rating, ratedHertz }: Pick<Machine, 'constants' | 'rating' | 'ratedHertz'>,
  volts: number,
  microfarads: number,
  hertz = ratedHertz,
): CurvePoint {
  const supply = { volts, hertz, ratedHertz, microfarads }
  const frequency = hertz / ratedHertz
  const start = performanceAt(constants, supply, 1)
  const startTorque = start.torque / rating.torque
  if (startTorque < LEAST_START_TORQUE)
    return {
      microfarads,
      volts,
      amps: start.lineAmps,
      capacitorVolts: start.capacitorVolts,
      startTorque,
      rpm: 0,
    }
  const slip = settledSlip(
    (s) => performanceAt(constants, supply, s).torque - fanTorque(rating.torque, rating, s, frequency),
  )
  const running = performanceAt(constants, supply, slip)
  return {
    microfarads,
    volts,
    amps: running.lineAmps,
    capacitorVolts: running.capacitorVolts,
    startTorque,
    rpm: rating.synchronousRpm * frequency * (1 - slip),
  }
}

/** Running figures over capacitor and volts. */
export interface Curve {
  readonly byMicrofarads: readonly CurvePoint[]
  readonly byVolts: readonly CurvePoint[]
  readonly chosen: CurvePoint
  /** Where the constants were fitted: the least and the most that other likely constants give; null where the maker stated them. */
  readonly range: { readonly low: CurvePoint; readonly high: CurvePoint } | null
}

/** Where the curves run: V, Hz, µF. */
export interface CurveInput {
  readonly volts: number
  readonly hertz?: number
  readonly microfarads: number
  /** Points of each curve. */
  readonly points: number
}

/** µF from a quarter to two and a half times the chosen value; volts from 80 to 115 % of the chosen ones. */
export function motorCurve(machine: Machine, { volts, hertz, microfarads, points }: CurveInput): Curve {
  const along = (from: number, to: number) =>
    Array.from({ length: points }, (_, i) => from + ((to - from) * i) / (points - 1))
  return {
    byMicrofarads: along(0.25 * microfarads, 2.5 * microfarads).map((c) => pointAt(machine, volts, c, hertz)),
    byVolts: along(0.8 * volts, 1.15 * volts).map((v) => pointAt(machine, v, microfarads, hertz)),
    chosen: pointAt(machine, volts, microfarads, hertz),
    range: machine.estimated ? rangeOf(machine, volts, microfarads, hertz) : null,
  }
}

/** How far each fitted constant may be off, as a factor either way. Our judgement. */
const DOUBT: Partial<Readonly<Record<keyof MachineConstants, number>>> = {
  turnsRatio: 1.15,
  magnetizingOhms: 1.25,
  rotorOhms: 1.2,
  auxiliaryOhms: 1.2,
  mainOhms: 1.15,
}

function rangeOf(
  machine: Machine,
  volts: number,
  microfarads: number,
  hertz: number | undefined,
): { low: CurvePoint; high: CurvePoint } {
  const variants = (Object.entries(DOUBT) as [keyof MachineConstants, number][]).flatMap(([key, factor]) =>
    [factor, 1 / factor].map((f) =>
      pointAt(
        { ...machine, constants: { ...machine.constants, [key]: machine.constants[key] * f } },
        volts,
        microfarads,
        hertz,
      ),
    ),
  )
  const all = [pointAt(machine, volts, microfarads, hertz), ...variants]
  const pick = (choose: (...values: number[]) => number): CurvePoint => ({
    microfarads,
    volts,
    amps: choose(...all.map((p) => p.amps)),
    capacitorVolts: choose(...all.map((p) => p.capacitorVolts)),
    startTorque: choose(...all.map((p) => p.startTorque)),
    rpm: choose(...all.map((p) => p.rpm)),
  })
  return { low: pick(Math.min), high: pick(Math.max) }
}

/** A maker's constants are those of a typical piece: its amps may be this far off, as a factor either way. Our judgement. */
const PIECE_TO_PIECE = 1.05

/** How far line amps may be from the calculated ones, as factors: 0.9 and 1.2 say from 10 % less to 20 % more. */
export function ampsDoubt(machine: Machine): { readonly low: number; readonly high: number } {
  if (!machine.estimated) return { low: 1 / PIECE_TO_PIECE, high: PIECE_TO_PIECE }
  const { low, high } = rangeOf(machine, machine.ratedVolts, machine.microfarads, undefined)
  const { amps } = pointAt(machine, machine.ratedVolts, machine.microfarads)
  return { low: low.amps / amps, high: high.amps / amps }
}
