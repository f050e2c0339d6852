// From a job to what it knows of a load's capacitor. No rendering here.
import type { JobDocument } from '@oak/core/job/document'
import { microfaradsFromReading } from '@oak/core/capacitor/reading'

export type Side = 'FAN' | 'HERM'

/** The old can's label by custom: a dual names the compressor's value first; a single is the fan's. Common practice, no source. */
export function labelOf({ canMarking }: JobDocument, side: Side): number | null {
  const sections = canMarking?.sections ?? []
  if (sections.length === 1) return side === 'FAN' ? (sections[0] ?? null) : null
  return (side === 'HERM' ? sections[0] : sections.at(-1)) ?? null
}

export function wantedInput(job: JobDocument, side: Side) {
  const reading = job.readings[side]
  const read = reading ? microfaradsFromReading({ amps: reading.amps, volts: reading.volts, hertz: reading.hertz, meter: { amps: HAND_CLAMP, volts: HAND_VOLTS } }) : null
  return {
    load: side,
    newMotor: side === 'FAN',
    tag: side === 'FAN' ? (job.motor?.capacitor?.microfarads ?? null) : null,
    plate: side === 'HERM' ? job.compressorMicrofarads : null,
    label: labelOf(job, side),
    reading: read && read.high !== null ? { low: read.low, high: read.high } : null,
  }
}

/** A clamp meter of two decimals and a hand meter's volts. Common practice, no source. */
const HAND_CLAMP = { percent: 2, counts: 3, resolution: 0.01 }
const HAND_VOLTS = { percent: 1, counts: 3, resolution: 0.1 }
