// The stages of a job, in the order of the work, and how far a job is in each.
import type { JobDocument } from '@oak/core/job/document'
import { needsCan } from '@oak/core/job/hookup-input'
import { standingProof } from '@oak/core/job/standing-proof'
import { makeSafe } from '@oak/core/safety/make-safe'
import { safeProgress } from '@oak/core/safety/progress'
import { unitTypeById } from '@oak/core/wiring/unit-types'

export const STAGES = [
  { id: 'safe', name: 'Safe' },
  { id: 'fault', name: 'Fault' },
  { id: 'plates', name: 'Plates' },
  { id: 'wires', name: 'Wires' },
  { id: 'motor', name: 'Motor' },
  { id: 'capacitor', name: 'Can' },
  { id: 'board', name: 'Board' },
  { id: 'card', name: 'Card' },
] as const
export type StageId = (typeof STAGES)[number]['id']
export type StageState = 'empty' | 'part' | 'done'

/** What a quick hookup leaves out; a job that has begun one of the first two goes through both. */
const FULL_JOB_ONLY: readonly StageId[] = ['safe', 'fault']

const some = (record: Readonly<Record<string, unknown>>): boolean => Object.keys(record).length > 0

export function stageState(job: JobDocument, stage: StageId): StageState {
  const of = (begun: boolean, all: boolean): StageState => (all ? 'done' : begun ? 'part' : 'empty')
  switch (stage) {
    case 'safe': return of(some(job.safe) || job.discharge !== null, isSafe(job))
    case 'fault': return of(some(job.observations) || some(job.measurements), job.fault !== null)
    case 'plates': return of(some(job.plateLines), job.motorPlate !== null || job.canMarking !== null)
    case 'wires': {
      const wires = Object.values(job.wires)
      return of(job.unit !== null, wires.length > 0 && wires.every((wire) => wire.traced))
    }
    case 'motor': return of(job.motor !== null || job.wanted !== null, job.motor !== null && job.wanted !== null)
    case 'capacitor': return of(job.can !== null || some(job.readings), !needsCan(job) || (job.can !== null && (job.compressorMicrofarads !== null || !job.unit?.includes('shared'))))
    case 'board': return of(job.proven !== null || some(job.placements), standingProof(job) !== null)
    case 'card': return of(false, standingProof(job) !== null)
  }
}

function isSafe(job: JobDocument): boolean {
  const unit = job.unit ? unitTypeById(job.unit) : undefined
  if (!unit || !some(job.safe)) return false
  const { state } = safeProgress(makeSafe(unit, []), job.safe)
  return state === 'safe' || state === 'waived'
}

/** The first stage that is not done, of those this job goes through. Plates are never waited for: many cannot be read. */
export function nextStage(job: JobDocument): StageId {
  const full = FULL_JOB_ONLY.some((stage) => stageState(job, stage) !== 'empty')
  const due = STAGES.filter(({ id }) => id !== 'plates' && (full || !FULL_JOB_ONLY.includes(id)))
  return due.find((s) => stageState(job, s.id) !== 'done')?.id ?? 'card'
}
