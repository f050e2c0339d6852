// What is known of a practice unit as one goes: answers and readings so far, what plates and labels say, and what is asked about first.
import type { CanMarking } from '../../capacitor/marking'
import type { Probe, ProbeReading } from '../../diagnosis/answers'
import type { Subject } from '../../diagnosis/model'
import type { Pair } from '../unit/truth'
import type { TestAnswer } from './bench'
import { compressorDoes } from './compressor'
import { fanDoesAtAll } from './fan'

/** What was tapped and read so far; it grows. */
export interface Known {
  readonly observations: Record<string, string>
  readonly readings: Partial<Record<Probe, ProbeReading>>
}
/** At the start of a visit. */
export const nothingKnown = (): Known => ({ observations: {}, readings: {} })

/** Adds what a test gave; false: it gave nothing. */
export function learn(known: Known, test: string, { observation, readings }: TestAnswer): boolean {
  if (observation !== undefined) known.observations[test] = observation
  Object.assign(known.readings, readings)
  return observation !== undefined || readings !== undefined
}

/** What is printed on capacitors and motor; the compressor's own capacitor is told apart from the fan's. */
export function labelsOf({ truth: { can, compressor, sheet } }: Pair): {
  readonly marking: CanMarking | null
  readonly plateMicrofarads: number | null
  readonly compressorMicrofarads: number | null
  readonly plateAmps: number
} {
  const sections = can?.sections.map((s) => s.marked) ?? []
  return {
    marking:
      sections.length > 0
        ? {
            sections,
            range: null,
            volts: can?.volts ?? null,
            tolerancePercent: can?.tolerancePercent ?? null,
          }
        : null,
    plateMicrofarads: sheet.capacitor?.microfarads ?? null,
    compressorMicrofarads: compressor?.can?.marked ?? null,
    plateAmps: Math.max(...sheet.settings.horsepower.map((c) => c.amps)),
  }
}

/** The fan does what it should in every mode, and the compressor beside it. */
export function runsRight(pair: Pair): boolean {
  const compressor = compressorDoes(pair.truth)
  return fanDoesAtAll(pair) === 'right' && (compressor === null || compressor === 'right')
}

/** The fan first; the compressor where only it does not do what it should. */
export const subjectOf = (pair: Pair): Subject =>
  fanDoesAtAll(pair) === 'right' && !runsRight(pair) ? 'compressor' : 'fan'
