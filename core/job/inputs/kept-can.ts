// The old can left whole with a new motor: what both loads ask for, by its own marking, volts and readings; or why it may not stay.
import type { Can } from '../../capacitor/can'
import { DEFAULT_TOLERANCE_PERCENT, toleranceVerdict } from '../../capacitor/verdict'
import { figure, microfaradsText } from '../../quantity/display'
import type { Interval } from '../../quantity/interval'
import { unitTypeFor } from '../../wiring/unit-types'
import type { JobDocument } from '../document'
import { CAN_TOP, labelOf, sideReading, type CanSide } from './old-can-input'

/** Its id and name on card, label and report. */
const KEPT = { id: 'old-can-whole', name: 'The old can' } as const

/** The can that stays, or why it does not. */
export type KeptCan =
  | { readonly kind: 'stays'; readonly can: Can; readonly why: string }
  | { readonly kind: 'refused'; readonly why: string }

const refused = (why: string): KeptCan => ({ kind: 'refused', why })

/** A side as it was read and as it must be. */
interface Side {
  readonly load: CanSide
  readonly marked: number
  readonly reading: Interval
  readonly asked: number
}

/** What each load asks for, µF; null: not known. */
const askedOf = (job: JobDocument, load: CanSide): number | null =>
  load === 'FAN' ? (job.motor?.capacitor?.microfarads ?? null) : job.compressorMicrofarads

/** Common practice, no source: flat and dry, every side marked what its load asks for and read inside that, volts not below the tag's. */
export function keptWhole(job: JobDocument): KeptCan {
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  const loads: readonly CanSide[] = unit?.traits.capacitor === 'shared' ? ['HERM', 'FAN'] : ['FAN']
  if (!job.motor) return refused('Which motor runs here is not known yet: its tag says what the can must be.')
  if (!job.motor.capacitor) return refused('This motor needs no capacitor.')
  if (job.observations[CAN_TOP] !== 'flat')
    return refused('Only a can whose top is flat and dry may stay: look at it first.')
  const volts = job.canMarking?.volts ?? null
  if (volts === null) return refused('Its volts are not on record: read its label.')
  if (volts < job.motor.capacitor.volts)
    return refused(
      `It is rated ${figure(volts)} V; the motor’s tag asks for ${figure(job.motor.capacitor.volts)} V at least.`,
    )
  const sides: Side[] = []
  for (const load of loads) {
    const side = sideOf(job, load)
    if (typeof side === 'string') return refused(side)
    sides.push(side)
  }
  return {
    kind: 'stays',
    why: `It stays whole: ${sides.map((s) => `${s.load} marked ${microfaradsText(s.marked)}, read ${readText(s.reading)}`).join('; ')}.`,
    can: canOf(sides, volts, job.canMarking?.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT),
  }
}

/** A side that may stay, or the sentence why it may not. */
function sideOf(job: JobDocument, load: CanSide): Side | string {
  const [marked, reading, asked] = [labelOf(job, load), sideReading(job, load), askedOf(job, load)]
  if (asked === null) return `What ${load} asks for is not known yet.`
  if (marked === null) return `What its ${load} side is marked is not on record: read its label.`
  // Another value is another capacitor, also where it is within the tolerance of this one.
  if (marked !== asked)
    return `Its ${load} side is marked ${microfaradsText(marked)}; ${microfaradsText(asked)} is asked for.`
  if (reading === null) return `Its ${load} side is not read: only a reading lets it stay.`
  const tolerance = job.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT
  switch (toleranceVerdict(reading, asked, tolerance)) {
    case 'in':
      return { load, marked, reading, asked }
    case 'out':
      return `Its ${load} side reads ${readText(reading)}, outside ${microfaradsText(asked)} ±${figure(tolerance)} %.`
    case 'uncertain':
      return `Whether its ${load} side is inside ${microfaradsText(asked)} ±${figure(tolerance)} % this meter cannot tell: it reads ${readText(reading)}.`
  }
}

const readText = ({ low, high }: Interval): string => `${figure(low)} to ${figure(high)} µF`
const middle = ({ low, high }: Interval): number => Math.round(500 * (low + high)) / 1000

const canOf = (sides: readonly Side[], volts: number, tolerancePercent: number): Can => ({
  ...KEPT,
  volts,
  tolerancePercent,
  protectedStart: false,
  sections: sides.map(({ load, marked, reading }, i) => ({
    id: `${i + 1}-${load}`,
    microfarads: middle(reading),
    marked,
    of: KEPT.name,
    stays: load,
  })),
})
