// A lead sheet as a machine: its coils between winding points, its rating, and which point each lead comes from.
import { horsepowerOf } from '../horsepower'
import type { LeadSheet } from '../lead-sheet'
import type { MachineConstants } from './constants'
import type { Coil } from './field'
import { fitConstants, ratingOf, type Rating } from './fit'

/** "run", "joint" (where main and auxiliary meet), "start", or "tap:" and a lead. */
export type WindingPoint = string
export const RUN_POINT: WindingPoint = 'run'
export const JOINT_POINT: WindingPoint = 'joint'
export const START_POINT: WindingPoint = 'start'

export interface WindingCoil extends Coil {
  readonly id: string
  /** "main winding" */
  readonly name: string
  readonly from: WindingPoint
  readonly to: WindingPoint
}

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

/** null for kinds that have no run capacitor: they are no two-winding machine. */
export function machineOf(sheet: LeadSheet): Machine | null {
  if (!sheet.capacitor || (sheet.kind !== 'psc-outdoor' && sheet.kind !== 'psc-blower')) return null
  const { nameplate, capacitor, settings } = sheet
  const strongest = [...settings.horsepower].sort((a, b) => horsepowerOf(b.horsepower) - horsepowerOf(a.horsepower))[0] as LeadSheet['settings']['horsepower'][number]
  const from = { volts: nameplate.volts.high, hertz: nameplate.hertz, rpm: nameplate.rpm, horsepower: horsepowerOf(strongest.horsepower), amps: strongest.amps, microfarads: capacitor.microfarads, capacitorVolts: capacitor.volts }
  const constants = sheet.constants ?? fitConstants(from)
  const rating = ratingOf(from)
  const taps = tapsOf(sheet, rating)
  return {
    constants, rating,
    estimated: sheet.constants === null,
    coils: coilsOf(constants, taps),
    ratedVolts: from.volts, ratedHertz: from.hertz, ratedAmps: from.amps, microfarads: from.microfarads,
    points: pointsOf(sheet, taps),
  }
}

interface Tap {
  readonly lead: string
  /** All effective turns from run to this tap; the first tap has 1. */
  readonly turns: number
}

/**
 * Horsepower or speed taps, the strongest first. Turns are derived: flux goes inversely with turns and torque with its square, so at
 * the same speed turns go as 1/√power, and at another speed as the load's torque over the slip asks.
 */
function tapsOf({ leads, settings }: LeadSheet, rating: Rating): Tap[] {
  if (leads.some((lead) => lead.role === 'power-tap')) {
    const list = settings.horsepower.flatMap(({ horsepower, land }) => (land[0] ? [{ lead: land[0].lead, power: horsepowerOf(horsepower) }] : [])).sort((a, b) => b.power - a.power)
    return list.map(({ lead, power }) => ({ lead, turns: Math.sqrt((list[0]?.power ?? power) / power) }))
  }
  const speeds = settings.speed.flatMap(({ tap, rpm }) => (tap === null ? [] : [{ tap, rpm }])).sort((a, b) => (b.rpm ?? 0) - (a.rpm ?? 0))
  let turns = 1
  return speeds.map(({ tap, rpm }, i) => {
    if (i > 0) turns = Math.max(turns + 0.02, rpm ? turnsForSpeed(rpm, rating) : turns + USUAL_STEP)
    return { lead: tap, turns }
  })
}

function turnsForSpeed(rpm: number, { slip, synchronousRpm }: Rating): number {
  const slower = 1 - rpm / synchronousRpm
  const load = (rpm / (synchronousRpm * (1 - slip))) ** 2
  return slower > slip ? Math.sqrt(slower / (slip * load)) : 1
}

function coilsOf(c: MachineConstants, taps: readonly Tap[]): WindingCoil[] {
  const extra = taps.slice(1).map((tap, i): WindingCoil => {
    const turns = tap.turns - (taps[i] as Tap).turns
    return { id: `tap:${tap.lead}`, name: `turns of the ${tap.lead} tap`, axis: 'main', turns, ohms: c.mainOhms * turns, reactanceOhms: c.mainReactanceOhms * turns ** 2, from: `tap:${tap.lead}`, to: i === 0 ? JOINT_POINT : `tap:${(taps[i] as Tap).lead}` }
  })
  return [
    { id: 'main', name: 'main winding', axis: 'main', turns: 1, ohms: c.mainOhms, reactanceOhms: c.mainReactanceOhms, from: JOINT_POINT, to: RUN_POINT },
    { id: 'auxiliary', name: 'auxiliary winding', axis: 'auxiliary', turns: c.turnsRatio, ohms: c.auxiliaryOhms, reactanceOhms: c.auxiliaryReactanceOhms, from: JOINT_POINT, to: START_POINT },
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
    else if (role === 'power-tap' || role === 'speed') points[id] = taps[0]?.lead === id ? JOINT_POINT : `tap:${id}`
  }
  return points
}
