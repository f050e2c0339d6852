// What an edit makes void: the end of a visit that goes on; an answer about the fan that was, once it is set to turn another way or is another motor; jumpers of a can that
// is another now, or has lost a section; what was said of another motor’s frame and volts.
import type { JobDocument } from './document'

/** An edit of one field. */
interface FieldEdit {
  readonly path: readonly string[]
  readonly value: unknown
}

/** Fields that decide which way the fan turns. */
const OF_DIRECTION = ['plug', 'wanted', 'motor', 'unit'] as const

/** Work on these goes on after the visit was said to be at its end: then it is not. */
const OF_WORK = ['unit', 'wires', 'motor', 'can', 'placements', 'observations', 'fault', 'startup'] as const

/** Edits to make with these, so that nothing stands that was said of something else; empty: nothing falls. */
export function voidedBy(job: JobDocument, edits: readonly FieldEdit[]): FieldEdit[] {
  const turns = edits.some(({ path, value }) =>
    OF_DIRECTION.some(
      (field) => path[0] === field && JSON.stringify(job[field]) !== JSON.stringify(value ?? null),
    ),
  )
  const otherCan = edits.some(
    ({ path, value }) =>
      (path[0] === 'can' && JSON.stringify(job.can) !== JSON.stringify(value ?? null)) ||
      path[0] === 'deadSections',
  )
  const otherMotor = edits.some(
    ({ path, value }) => path[0] === 'motor' && JSON.stringify(job.motor) !== JSON.stringify(value ?? null),
  )
  const worksOn = edits.some(({ path }) => OF_WORK.some((field) => path[0] === field))
  const putHere = edits.some(({ path }) => path[0] === 'canPut')
  const answeredHere = edits.some(({ path }) => path[0] === 'startup' && path[1] === 'turned')
  return [
    ...(turns && job.startup.turned !== undefined && !answeredHere
      ? [{ path: ['startup', 'turned'], value: null }]
      : []),
    // A motor of the van that is chosen is not the old one, unless the same edit says so.
    ...(otherMotor && job.motorStays && !edits.some(({ path }) => path[0] === 'motorStays')
      ? [{ path: ['motorStays'], value: null }]
      : []),
    ...(worksOn && job.ended !== null && !edits.some(({ path }) => path[0] === 'ended')
      ? [{ path: ['ended'], value: null }]
      : []),
    ...(otherMotor && job.frameGrounded !== null ? [{ path: ['frameGrounded'], value: null }] : []),
    ...(otherMotor && job.motorVolts !== null ? [{ path: ['motorVolts'], value: null }] : []),
    ...(otherCan && job.canPut !== null && !putHere ? [{ path: ['canPut'], value: null }] : []),
  ]
}
