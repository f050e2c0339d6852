// From a job to what is known of its unit's supply: plates, meter, and what was chosen.
import {
  phaseConflict,
  supplyOf,
  USUAL_HERTZ,
  type SupplyAnswer,
  type SupplyFacts,
} from '../../supply/supply'
import { unitTypeFor } from '../../wiring/unit-types'
import type { JobDocument } from '../document'

/** Where volts of the supply are read: under load at start-up, or at the unit while the fault is looked for. The later stage first. */
const PROBES = ['volts-start supply', 'volts-supply'] as const

/** The facts that the supply is worked out from. */
export function supplyFacts(job: JobDocument): SupplyFacts {
  const read = PROBES.map((probe) => job.measurements[probe]?.value).find((v) => typeof v === 'number')
  return {
    chosenVolts: job.supplyVolts,
    unitPlate: job.unitPlate?.volts ?? [],
    motorPlate: job.motorPlate?.volts ?? [],
    meterVolts: read === undefined || read < 0 ? null : read,
    chosenHertz: job.supplyHertz,
    hertz: job.hertz,
    plateHertz: job.unitPlate?.hertz ?? [],
    platePhases: job.unitPlate?.phase ?? null,
  }
}

/** Where the unit's plate has other phases than its kind; null: it does not. */
export function jobPhaseConflict(job: JobDocument): string | null {
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  return unit ? phaseConflict(unit, supplyFacts(job)) : null
}

/** The supply of the job's unit; null: which unit it is, is not stated. */
export function jobSupply(job: JobDocument): SupplyAnswer | null {
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  return unit ? supplyOf(unit, supplyFacts(job)) : null
}

/** Hertz of the job's supply; 60 where nothing is stated. */
export const jobHertz = (job: JobDocument): 50 | 60 =>
  jobSupply(job)?.supply.hertz ?? job.hertz ?? USUAL_HERTZ
