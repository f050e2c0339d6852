// How far a job is in each of its stages, and which is due next.
import type { JobDocument } from '../document'
import { needsCan } from '../inputs/hookup-input'
import { mountedAs } from '../inputs/mount-input'
import { standingProof } from '../standing-proof'
import { mountingChecks } from '../../mounting/checklist'
import { makeSafe } from '../../safety/make-safe'
import { safeProgress } from '../../safety/progress'
import { unitTypeFor } from '../../wiring/unit-types'
import { STAGES, type StageId } from './stage-names'

/** Nothing entered, something, or all that it asks for. */
export type StageState = 'empty' | 'part' | 'done'

/** What a quick hookup leaves out, before the motor and after the proof; a job that has begun one of a pair goes through it, and a full job through both. */
const BEFORE: readonly StageId[] = ['safe', 'fault']
const AFTER: readonly StageId[] = ['mount', 'startup']

const some = (record: Readonly<Record<string, unknown>>): boolean => Object.keys(record).length > 0

/** What shows that a stage was begun, and what that it is whole. */
interface StageSigns {
  readonly begun: (job: JobDocument) => boolean
  readonly whole: (job: JobDocument) => boolean
}

const SIGNS: Readonly<Record<StageId, StageSigns>> = {
  safe: { begun: (job) => some(job.safe) || job.discharge !== null, whole: isSafe },
  fault: {
    begun: (job) => some(job.observations) || some(job.measurements),
    whole: (job) => job.fault !== null,
  },
  plates: {
    begun: (job) => some(job.plateLines),
    whole: (job) => job.motorPlate !== null || job.canMarking !== null,
  },
  wires: { begun: (job) => job.unit !== null, whole: isTraced },
  motor: {
    begun: (job) => job.motor !== null || job.wanted !== null,
    whole: (job) => job.motor !== null && job.wanted !== null,
  },
  capacitor: { begun: (job) => job.can !== null || some(job.readings), whole: hasCan },
  board: {
    begun: (job) => job.proven !== null || some(job.placements),
    whole: (job) => standingProof(job) !== null,
  },
  mount: {
    begun: (job) => some(job.mountInches) || some(job.mountChecks) || some(job.mountChoices),
    whole: isMounted,
  },
  startup: {
    begun: (job) => some(job.startup) || someStartReading(job),
    whole: (job) => job.startup.turned === 'right' && someStartReading(job),
  },
  card: { begun: () => false, whole: (job) => standingProof(job) !== null },
}

/** How far a job is in a stage. */
export function stageState(job: JobDocument, stage: StageId): StageState {
  const { begun, whole } = SIGNS[stage]
  if (whole(job)) return 'done'
  return begun(job) ? 'part' : 'empty'
}

/** There is a wire, and every one was traced. */
function isTraced({ wires }: JobDocument): boolean {
  const all = Object.values(wires)
  return all.length > 0 && all.every((wire) => wire.traced)
}

/** The can is chosen and what it must give is known, or none is needed. */
function hasCan(job: JobDocument): boolean {
  if (!needsCan(job)) return true
  const shared = job.unit !== null && unitTypeFor(job.unit)?.traits.capacitor === 'shared'
  return job.can !== null && (job.compressorMicrofarads !== null || !shared)
}

/** Every check was looked at. */
function isMounted(job: JobDocument): boolean {
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  return (
    unit !== undefined &&
    some(job.mountChecks) &&
    mountingChecks(unit, mountedAs(job)).every((c) => job.mountChecks[c.id])
  )
}

const someStartReading = ({ measurements }: JobDocument): boolean =>
  Object.keys(measurements).some((probe) => probe.startsWith('amps-start '))

function isSafe(job: JobDocument): boolean {
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  if (!unit || !some(job.safe)) return false
  const { state } = safeProgress(makeSafe(unit, []), job.safe)
  return state === 'safe' || state === 'waived'
}

/** The first stage that is not done, of those this job goes through. Plates are never waited for: many cannot be read. */
export function nextStage(job: JobDocument): StageId {
  const begun = (stages: readonly StageId[]) => stages.some((stage) => stageState(job, stage) !== 'empty')
  const full = begun(BEFORE)
  const left = [
    ...(full ? [] : BEFORE),
    ...(full || begun(AFTER) ? [] : AFTER),
    'plates',
    // Nothing is taken off a motor that stays.
    ...(job.motorStays ? ['mount'] : []),
  ]
  const due = STAGES.filter(({ id }) => !left.includes(id))
  return due.find((s) => stageState(job, s.id) !== 'done')?.id ?? 'card'
}
