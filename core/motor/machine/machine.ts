// A lead sheet as a machine: its coils between winding points, its rating, and which point each lead comes from.
import { horsepowerOf } from '../horsepower'
import type { LeadSheet } from '../lead-sheet'
import type { LeadId } from '../lead-id'
import type { MachineConstants } from './constants'
import type { Coil } from './field'
import { fitConstants, ratingOf, tapTurnsFor, type Rating } from './fit'
import { tapCoil, type Supply } from './performance'

/** "run", "joint" (where main and auxiliary meet), "start", or "tap:" and a lead. */
export type WindingPoint = string
export const RUN_POINT: WindingPoint = 'run'
export const JOINT_POINT: WindingPoint = 'joint'
const START_POINT: WindingPoint = 'start'

/** A coil between two points of the winding. */
export interface WindingCoil extends Coil {
  readonly id: string
  /** "main winding" */
  readonly name: string
  readonly from: WindingPoint
  readonly to: WindingPoint
}

/** A motor as the circuit needs it. `range`: where its constants may lie, when they were fitted. */
export interface Machine {
  readonly constants: MachineConstants
  /** The constants were fitted to the nameplate. */
  readonly estimated: boolean
  readonly coils: readonly WindingCoil[]
  readonly rating: Rating
  readonly ratedVolts: number
  readonly ratedHertz: number
  readonly ratedAmps: number
  readonly microfarads: number
  /** Winding point by lead; leads in the plug and the ground have none. */
  readonly points: Readonly<Record<string, WindingPoint>>
}

/** Turns that one more tap adds where the sheet gives no rpm for it, against the main winding. Our judgement. */
const USUAL_STEP = 0.25
/** Two taps are never the same point. */
const LEAST_STEP = 0.02

/** null for kinds that have no run capacitor: they are no two-winding machine. */
export function machineOf(sheet: LeadSheet): Machine | null {
  if (!sheet.capacitor || (sheet.kind !== 'psc-outdoor' && sheet.kind !== 'psc-blower')) return null
  const { nameplate, capacitor, settings } = sheet
  const strongest = [...settings.horsepower].sort(
    (a, b) => horsepowerOf(b.horsepower) - horsepowerOf(a.horsepower),
  )[0]!
  const from = {
    volts: nameplate.volts.high,
    hertz: nameplate.hertz,
    rpm: nameplate.rpm,
    horsepower: horsepowerOf(strongest.horsepower),
    amps: strongest.amps,
    microfarads: capacitor.microfarads,
    capacitorVolts: capacitor.volts,
  }
  const constants = sheet.constants ?? fitConstants(from)
  const rating = ratingOf(from)
  const taps = tapsOf(sheet, constants, rating, {
    volts: from.volts,
    hertz: from.hertz,
    ratedHertz: from.hertz,
    microfarads: from.microfarads,
  })
  return {
    constants,
    rating,
    estimated: sheet.constants === null,
    coils: coilsOf(constants, taps),
    ratedVolts: from.volts,
    ratedHertz: from.hertz,
    ratedAmps: from.amps,
    microfarads: from.microfarads,
    points: pointsOf(sheet, taps),
  }
}

interface Tap {
  readonly lead: LeadId
  /** Turns beyond the main winding's; the first tap has none. */
  readonly turns: number
}

/**
 * Horsepower or speed taps, the strongest first. Turns are those with which the model gives what the sheet says of the tap: its
 * horsepower at the rated speed, or the fan's torque at its own speed.
 */
function tapsOf(
  { leads, settings }: LeadSheet,
  constants: MachineConstants,
  rating: Rating,
  supply: Supply,
): Tap[] {
  if (leads.some((lead) => lead.role === 'power-tap')) {
    const list = settings.horsepower
      .flatMap(({ horsepower, land }) =>
        land[0] ? [{ lead: land[0].lead, power: horsepowerOf(horsepower) }] : [],
      )
      .sort((a, b) => b.power - a.power)
    return list.map(({ lead, power }, i) => ({
      lead,
      turns:
        i === 0
          ? 0
          : tapTurnsFor(constants, supply, rating.slip, (rating.torque * power) / (list[0]?.power ?? power)),
    }))
  }
  const speeds = settings.speed
    .flatMap(({ tap, rpm }) => (tap === null ? [] : [{ tap, rpm }]))
    .sort((a, b) => (b.rpm ?? 0) - (a.rpm ?? 0))
  let turns = 0
  return speeds.map(({ tap, rpm }, i) => {
    if (i > 0)
      turns = Math.max(
        turns + LEAST_STEP,
        rpm ? turnsForSpeed(rpm, constants, rating, supply) : turns + USUAL_STEP,
      )
    return { lead: tap, turns }
  })
}

/** A fan's torque goes with the square of its speed. */
function turnsForSpeed(
  rpm: number,
  constants: MachineConstants,
  { slip, synchronousRpm, torque }: Rating,
  supply: Supply,
): number {
  const share = rpm / (synchronousRpm * (1 - slip))
  return tapTurnsFor(constants, supply, 1 - rpm / synchronousRpm, torque * share ** 2)
}

function coilsOf(c: MachineConstants, taps: readonly Tap[]): WindingCoil[] {
  const extra = taps.slice(1).map((tap, i): WindingCoil => {
    return {
      id: `tap:${tap.lead}`,
      name: `turns of the ${tap.lead} tap`,
      ...tapCoil(c, tap.turns - taps[i]!.turns),
      from: `tap:${tap.lead}`,
      to: i === 0 ? JOINT_POINT : `tap:${taps[i]!.lead}`,
    }
  })
  return [
    {
      id: 'main',
      name: 'main winding',
      axis: 'main',
      turns: 1,
      ohms: c.mainOhms,
      reactanceOhms: c.mainReactanceOhms,
      from: JOINT_POINT,
      to: RUN_POINT,
    },
    {
      id: 'auxiliary',
      name: 'auxiliary winding',
      axis: 'auxiliary',
      turns: c.turnsRatio,
      ohms: c.auxiliaryOhms,
      reactanceOhms: c.auxiliaryReactanceOhms,
      from: JOINT_POINT,
      to: START_POINT,
    },
    ...extra,
  ]
}

/** A blower's line lead is the run end; its two capacitor leads are start and, brought out again, run (common practice). */
function pointsOf({ leads }: LeadSheet, taps: readonly Tap[]): Record<string, WindingPoint> {
  const points: Record<string, WindingPoint> = {}
  let capacitorLeads = 0
  for (const { id, role } of leads) {
    if (role === 'motor-common') points[id] = JOINT_POINT
    else if (role === 'run' || role === 'run-return' || role === 'line') points[id] = RUN_POINT
    else if (role === 'start') points[id] = START_POINT
    else if (role === 'capacitor') points[id] = capacitorLeads++ === 0 ? START_POINT : RUN_POINT
    else if (role === 'power-tap' || role === 'speed')
      points[id] = taps[0]?.lead === id ? JOINT_POINT : `tap:${id}`
  }
  return points
}
