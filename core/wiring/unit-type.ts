// A unit as its fan motor sees it: parts with posts, what joins them for good, what switches, in which modes the fan runs.
// Data, with a schema (format "oak-switch/unit-type"): a new unit is a new file, not new code.
import * as v from 'valibot'

/** A terminal a wire can land on, such as "T1", "FAN" or "CAN-C". Not a lead: leads belong to the motor. */
export type PostId = string
const PostIdSchema = v.pipe(v.string('A terminal must be named.'), v.regex(/^[A-Za-z0-9][A-Za-z0-9 ._/-]{0,59}$/, 'That is not a terminal’s name.'))

export const POST_KINDS = ['supply', 'load', 'coil', 'relay', 'cap-c', 'cap-fan', 'cap-compressor', 'kept-cap', 'compressor', 'earth'] as const
/**
 * `supply` line side of the contactor; `load` its load side; `coil` 24 V; `relay` a defrost board's fan relay;
 * `cap-c`, `cap-fan`, `cap-compressor` posts of the capacitor that is replaced; `kept-cap` a capacitor that stays;
 * `compressor` the compressor's own terminals; `earth` the chassis.
 */
export type PostKind = (typeof POST_KINDS)[number]

const PostSchema = v.strictObject({ id: PostIdSchema, label: v.string(), part: v.string(), kind: v.picklist(POST_KINDS) })
export type Post = v.InferOutput<typeof PostSchema>

export const MODE_IDS = ['off', 'cooling', 'defrost'] as const
export type ModeId = (typeof MODE_IDS)[number]

export const UnitTypeSchema = v.strictObject({
  format: v.literal('oak-switch/unit-type'),
  version: v.literal(1),
  /** Where the arrangement is from. */
  source: v.string(),
  id: v.string(),
  name: v.string(),
  traits: v.strictObject({
    contactorPoles: v.picklist([1, 2]),
    /** `shared`: one dual can with the compressor. `own`: the fan has a capacitor to itself. */
    capacitor: v.picklist(['shared', 'own']),
    defrostRelay: v.boolean(),
  }),
  /** Nominal volts between the two lines. */
  volts: v.number(),
  parts: v.array(v.strictObject({ id: v.string(), name: v.string() })),
  posts: v.array(PostSchema),
  supply: v.strictObject({ line1: PostIdSchema, line2: PostIdSchema }),
  links: v.array(v.strictObject({ from: PostIdSchema, to: PostIdSchema, what: v.string() })),
  switches: v.array(v.strictObject({ id: v.string(), from: PostIdSchema, to: PostIdSchema, closedIn: v.array(v.picklist(MODE_IDS)) })),
  modes: v.array(v.strictObject({ id: v.picklist(MODE_IDS), name: v.string(), fanRuns: v.boolean() })),
  /** How such a unit usually leaves the factory; a starting point to be traced, never evidence. */
  typicalWires: v.array(v.strictObject({ id: v.string(), from: PostIdSchema, to: v.string() })),
})
export type UnitType = v.InferOutput<typeof UnitTypeSchema>
export type UnitTraits = UnitType['traits']

export const postOf = (unit: UnitType, id: PostId): Post | undefined => unit.posts.find((post) => post.id === id)

/** "T1 on the contactor" */
export function postName(unit: UnitType, id: PostId): string {
  const post = postOf(unit, id)
  if (!post) return id
  if (post.kind === 'earth') return 'the chassis ground'
  const part = unit.parts.find((p) => p.id === post.part)
  return `${post.label} on the ${part ? part.name.toLowerCase() : post.part}`
}
