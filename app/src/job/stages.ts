// The stages of the slice, in the order of the work, and how far a job is in each.
import type { JobDocument } from '@oak/core/job/document'
import { standingProof } from '@oak/core/job/standing-proof'

export const STAGES = [
  { id: 'wires', name: 'Wires' },
  { id: 'motor', name: 'Motor' },
  { id: 'capacitor', name: 'Capacitor' },
  { id: 'board', name: 'Board' },
  { id: 'card', name: 'Card' },
] as const
export type StageId = (typeof STAGES)[number]['id']
export type StageState = 'empty' | 'part' | 'done'

export function stageState(job: JobDocument, stage: StageId): StageState {
  const of = (some: boolean, all: boolean): StageState => (all ? 'done' : some ? 'part' : 'empty')
  switch (stage) {
    case 'wires': {
      const wires = Object.values(job.wires)
      return of(job.unit !== null, wires.length > 0 && wires.every((wire) => wire.traced))
    }
    case 'motor': return of(job.motor !== null || job.wanted !== null, job.motor !== null && job.wanted !== null)
    case 'capacitor': return of(job.can !== null || Object.keys(job.readings).length > 0, job.can !== null && (job.compressorMicrofarads !== null || !job.unit?.includes('shared')))
    case 'board': return of(job.proven !== null || Object.keys(job.placements).length > 0, standingProof(job) !== null)
    case 'card': return of(false, standingProof(job) !== null)
  }
}

/** The first stage that is not done. */
export const nextStage = (job: JobDocument): StageId => STAGES.find((s) => stageState(job, s.id) !== 'done')?.id ?? 'card'
