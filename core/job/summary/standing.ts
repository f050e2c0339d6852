// How a job stands, for a list: by all that knows of circuits.
import type { JobDocument } from '../document'
import { STAGES } from '../visit/stage-names'
import { nextStage, stageState } from '../visit/stages'
import { visitState, type VisitState } from '../visit/visit-state'
import type { Standing } from './standing-words'

/** A verdict is marked only where something is proven or stopped; what waits or ended has a sign of its own. */
function markOf({ kind, proof }: VisitState): Standing['mark'] {
  if (kind === 'stopped') return 'stop'
  return kind === 'done' && proof.kind === 'stands' ? proof.proven.verdict : null
}

/** From the record alone. */
export function standingOf(job: JobDocument): Standing {
  const state = visitState(job)
  return {
    kind: state.kind,
    words: state.words,
    mark: markOf(state),
    proof: state.proof.kind,
    next: nextStage(job),
    stages: STAGES.map(({ id }) => stageState(job, id).charAt(0)).join(''),
  }
}
