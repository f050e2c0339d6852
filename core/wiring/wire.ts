// A wire of the old hookup: a run of segments from a named terminal to the motor or to another terminal.
// A colour may change at a splice, so the run is what is traced, not the colour.
import * as v from 'valibot'
import type { Id } from '../quantity/id'
import { InsulationSchema } from '../motor/colour'
import { SPEED_NAMES } from '../motor/lead-sheet'
import { WireRoleSchema } from '../motor/role'

/** The far end of a wire that goes to the old motor. */
export const MOTOR_END = 'motor'

export const STATED_SOURCES = ['diagram', 'motor-label', 'resistance'] as const
/** Evidence a technician can state for a wire, beside its terminal (traced) and its colour (a hint). */
export type StatedSource = (typeof STATED_SOURCES)[number]

const end = (message: string) =>
  v.pipe(
    v.string(message),
    v.trim(),
    v.minLength(1, message),
    v.maxLength(60, 'A terminal’s name has 60 letters at most.'),
  )
const missingFrom = 'The wire has no first end: name the terminal it leaves.'
const missingTo = 'The wire has no second end: name the terminal it goes to, or “motor”.'

export const WireSchema = v.strictObject({
  /** Terminal on the unit. */
  from: v.optional(end(missingFrom), ''),
  /** "motor", or another terminal of the unit. */
  to: v.optional(end(missingTo), ''),
  /** From the terminal outwards; empty when the colour was not noted. */
  segments: v.optional(
    v.pipe(v.array(InsulationSchema), v.maxLength(8, 'A run has eight segments at most.')),
    [],
  ),
  /** Followed by hand from end to end. */
  traced: v.optional(v.boolean('Traced is yes or no.'), false),
  stated: v.optional(
    v.pipe(
      v.array(
        v.strictObject({
          source: v.picklist(
            STATED_SOURCES,
            'Evidence is the diagram, the motor’s label or a resistance reading.',
          ),
          role: WireRoleSchema,
        }),
      ),
      v.maxLength(6, 'That is more evidence than one wire can carry.'),
    ),
    [],
  ),
  /** Of a blower's tap: which speed it was, by the old motor's label. */
  speed: v.optional(v.picklist(SPEED_NAMES, `A speed is one of: ${SPEED_NAMES.join(', ')}.`)),
})
/** A wire as it was recorded: from a post to the motor or another post, its colours along the run, whether it was traced, what else says its role. */
export type Wire = v.InferOutput<typeof WireSchema>
/** A recorded wire: a UUID, or the name that the unit type gives a wire of its own. */
export type WireId = Id<'wire'>

/** A wire with its id. */
export interface NamedWire extends Wire {
  readonly id: WireId
}

/** Does its far end hang on the motor? */
export const goesToMotor = (wire: Pick<Wire, 'to'>): boolean => wire.to === MOTOR_END
