// What the screen of making safe works with: the discharge as set up, and what to press next. No rendering here.
import {
  DEAD_VOLTS,
  peakOf,
  voltsAfter,
  workOutDischarge,
  type Discharge,
} from '@oak/core/capacitor/discharge'
import type { DischargeRecord } from '@oak/core/job/fields'
import type { JobDocument } from '@oak/core/job/document'

/** Usual values: the resistor of the trade; the largest usual section and the higher usual rating where nothing is known. Common practice, no source. */
const USUAL_RESISTOR = { ohms: 20_000, watts: 5 }
const LARGEST_USUAL_MICROFARADS = 80
const HIGHER_USUAL_VOLTS = 440

export interface DischargeSetup {
  readonly record: DischargeRecord
  /** Neither a marking nor an entry: the worst usual case stands in. */
  readonly assumed: boolean
}

/** µF as marked; a start capacitor at the upper end of its range. Empty: nothing is marked. */
function markedSections(marking: JobDocument['canMarking']): readonly number[] {
  if (!marking) return []
  if (marking.sections.length > 0) return marking.sections
  return marking.range ? [marking.range.high] : []
}

export function dischargeSetup(job: JobDocument): DischargeSetup {
  if (job.discharge) return { record: job.discharge, assumed: false }
  const { canMarking } = job
  const sections = markedSections(canMarking)
  return {
    record: {
      ...USUAL_RESISTOR,
      volts: canMarking?.volts ?? HIGHER_USUAL_VOLTS,
      microfarads: sections.length > 0 ? [...sections] : [LARGEST_USUAL_MICROFARADS],
      startedAt: null,
    },
    assumed: sections.length === 0,
  }
}

export const workOut = ({ microfarads, volts, ohms, watts }: DischargeRecord): Discharge =>
  workOutDischarge({
    sections: microfarads.map((value, i) => ({ id: `${i + 1}`, microfarads: value })),
    volts,
    resistor: { ohms, watts },
  })

export interface Countdown {
  readonly volts: number
  readonly secondsLeft: number
  /** Share of the charge's volts still there, 0 to 1. */
  readonly share: number
  readonly done: boolean
}

/** The slowest section at a moment; sections are taken down one after the other, so the clock is for the one in hand. */
export function countdownAt(record: DischargeRecord, nowMs: number): Countdown {
  const start = peakOf(record.volts)
  const largest = Math.max(...record.microfarads)
  const elapsed = record.startedAt === null ? 0 : Math.max(0, (nowMs - record.startedAt) / 1000)
  const volts = voltsAfter(elapsed, start, record.ohms, largest)
  const secondsLeft = Math.max(0, workOut(record).secondsTo10 - elapsed)
  return { volts, secondsLeft, share: volts / start, done: record.startedAt !== null && volts <= DEAD_VOLTS }
}

/** When the clock may stop: a second past 10 V; null while nothing runs. */
export const endOf = (record: DischargeRecord): number | null =>
  record.startedAt === null ? null : record.startedAt + 1000 * (workOut(record).secondsTo10 + 1)
