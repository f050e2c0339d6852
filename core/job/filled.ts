// What a plate, a label or a tag says fills everything else that needs it: typed once. What a person set otherwise is never overwritten; what
// was filled from a plate follows that plate when it is read again.
import type { CanMarking } from '../capacitor/marking'
import type { LeadSheet } from '../motor/lead-sheet'
import type { MotorPlate } from '../motor/nameplate'
import { selectSpeedLike } from '../motor/settings'
import type { Rotation } from '../rotation/view'
import type { JobDocument } from './document'
import { labelOf } from './inputs/old-can-input'

interface FieldEdit {
  readonly path: readonly string[]
  readonly value: unknown
}

/** The direction that a plate tells; null: none, or without the end it is seen from. */
export function plateRotation({ motorPlate }: Pick<JobDocument, 'motorPlate'>): Rotation | null {
  const said = motorPlate?.rotation
  return said?.seenFrom ? { direction: said.direction, seenFrom: said.seenFrom } : null
}

/** What a dual's label says that the compressor's side has, µF; null: nothing, or the can is a single. */
export const labelCompressor = ({ canMarking }: Pick<JobDocument, 'canMarking'>): number | null =>
  canMarking && canMarking.sections.length > 1 ? labelOf({ canMarking }, 'HERM') : null

const same = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b)

/** Edits to make with these, so that what was read once stands wherever it is needed; empty: nothing is to be filled. */
export function filledBy(job: JobDocument, edits: readonly FieldEdit[]): FieldEdit[] {
  const has = (field: string) => edits.some(({ path }) => path[0] === field)
  const valueOf = (field: string): unknown => edits.find(({ path }) => path[0] === field)?.value
  const after = {
    ...job,
    ...(has('motorPlate') ? { motorPlate: valueOf('motorPlate') as MotorPlate | null } : {}),
    ...(has('canMarking') ? { canMarking: valueOf('canMarking') as CanMarking | null } : {}),
    ...(has('motor') ? { motor: valueOf('motor') as LeadSheet | null } : {}),
  }
  const filled: FieldEdit[] = []
  const fill = (field: 'wanted' | 'compressorMicrofarads', before: unknown, now: unknown) => {
    // Entered by hand with the same breath, or set otherwise before: that stands.
    if (now === null || has(field) || (job[field] !== null && !same(job[field], before))) return
    if (!same(job[field], now)) filled.push({ path: [field], value: now })
  }
  if (has('motorPlate')) fill('wanted', plateRotation(job), plateRotation(after))
  if (has('canMarking')) fill('compressorMicrofarads', labelCompressor(job), labelCompressor(after))
  return [...filled, ...selectSpeed(job, after, has)]
}

/** The class of a motor that is set by a select lead, once the old plate tells it. */
function selectSpeed(
  job: JobDocument,
  { motor, motorPlate }: Pick<JobDocument, 'motor' | 'motorPlate'>,
  has: (field: string) => boolean,
): FieldEdit[] {
  if (!has('motorPlate') || has('speed') || job.speed !== null || !motor) return []
  const like = selectSpeedLike(motor, { rpm: motorPlate?.rpm[0] ?? null, poles: motorPlate?.poles ?? null })
  return like ? [{ path: ['speed'], value: like.speed }] : []
}
