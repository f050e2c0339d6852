// From a job to the input of diagnose, and to what was found by the record alone.
import { PROBES, type Probe, type ProbeReading } from '../../diagnosis/answers'
import type { FoundFault } from '../../diagnosis/found'
import type { Subject } from '../../diagnosis/model'
import { faultsFound } from '../../diagnosis/seen'
import { onSupply, type SupplyFacts } from '../../supply/supply'
import type { UnitRef } from '../../wiring/unit-type'
import { unitTypeFor } from '../../wiring/unit-types'
import type { JobDocument } from '../document'
import { jobSupply, supplyFacts } from './supply-input'

const isProbe = (probe: string): probe is Probe => (PROBES as readonly string[]).includes(probe)

/** Amps of several speeds: the plate's highest counts. */
function seenAndRead(job: JobDocument) {
  const { observations, measurements, canMarking, motorPlate, compressorMicrofarads } = job
  const amps = motorPlate?.amps ?? []
  const readings: Partial<Record<Probe, ProbeReading>> = {}
  for (const [probe, { quantity, value, accuracy }] of Object.entries(measurements))
    if (isProbe(probe)) readings[probe] = { quantity, value, accuracy }
  return {
    observations,
    readings,
    marking: canMarking,
    plateMicrofarads: motorPlate?.microfarads ?? null,
    compressorMicrofarads,
    plateAmps: amps.length > 0 ? Math.max(...amps) : null,
  }
}

/** What diagnose is asked with. */
export interface DiagnoseInput extends ReturnType<typeof seenAndRead> {
  readonly unit: UnitRef
  readonly subject: Subject
  readonly supply: SupplyFacts
}

/** null while the unit is not known. */
export const diagnoseInput = (job: JobDocument, subject: Subject = 'fan'): DiagnoseInput | null =>
  job.unit ? { unit: job.unit, subject, ...seenAndRead(job), supply: supplyFacts(job) } : null

/** What was measured dead or seen broken, of fan and compressor; nothing while the unit is not known. */
export function foundOnRecord(job: JobDocument): FoundFault[] {
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  const supply = jobSupply(job)?.supply
  return unit && supply ? faultsFound({ unit: onSupply(unit, supply), ...seenAndRead(job) }) : []
}
