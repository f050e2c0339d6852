// From a job to what it knows of a load's capacitor. No rendering here.
import type { JobDocument } from '@oak/core/job/document'
import { labelOf, sideReading, type CanSide } from '@oak/core/job/inputs/old-can-input'

export function wantedInput(job: JobDocument, side: CanSide) {
  return {
    load: side,
    newMotor: side === 'FAN' && !job.motorStays,
    tag: side === 'FAN' ? (job.motor?.capacitor?.microfarads ?? null) : null,
    plate: side === 'HERM' ? job.compressorMicrofarads : null,
    label: labelOf(job, side),
    reading: sideReading(job, side),
  }
}
