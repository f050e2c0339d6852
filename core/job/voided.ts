// What an edit makes void: the end of a visit that goes on; an answer about the fan that was, once it is set to turn another way or is
// another motor; jumpers of a can that is another now, or has lost a section; what was said of another motor’s frame and volts.
import type { JobDocument } from './document'

/** An edit of one field. */
interface FieldEdit {
  readonly path: readonly string[]
  readonly value: unknown
}

/** Fields that decide which way the fan turns. */
const OF_DIRECTION = ['plug', 'wanted', 'motor', 'unit'] as const

/** Work on these goes on after the visit was said to be at its end: then it is not. */
const OF_WORK = [
  'unit',
  'wires',
  'motor',
  'can',
  'compressorCan',
  'startCan',
  'placements',
  'observations',
  'fault',
  'startup',
] as const

/** Edits to make with these, so that nothing stands that was said of something else; empty: nothing falls. */
export function voidedBy(job: JobDocument, edits: readonly FieldEdit[]): FieldEdit[] {
  const touched = (field: string) => edits.some(({ path }) => path[0] === field)
  const changed = (field: keyof JobDocument) =>
    edits.some(
      ({ path, value }) => path[0] === field && JSON.stringify(job[field]) !== JSON.stringify(value ?? null),
    )
  const answered = edits.some(({ path }) => path[0] === 'startup' && path[1] === 'turned')
  const otherMotor = changed('motor')
  const falls: readonly (readonly [boolean, readonly string[]])[] = [
    [OF_DIRECTION.some(changed) && job.startup.turned !== undefined && !answered, ['startup', 'turned']],
    // A motor of the van that is chosen is not the old one, unless the same edit says so.
    [otherMotor && job.motorStays && !touched('motorStays'), ['motorStays']],
    [OF_WORK.some(touched) && job.ended !== null && !touched('ended'), ['ended']],
    [otherMotor && job.frameGrounded !== null, ['frameGrounded']],
    [otherMotor && job.motorVolts !== null, ['motorVolts']],
    [(changed('can') || touched('deadSections')) && job.canPut !== null && !touched('canPut'), ['canPut']],
  ]
  return falls.flatMap(([does, path]) => (does ? [{ path, value: null }] : []))
}
