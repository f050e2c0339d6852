// A unit as its fan motor sees it: parts with posts, what joins them for good, what switches, in which modes the fan runs.
// Data, with a schema (format "oak-switch/unit-type"): a new unit is a new file, not new code.
import * as v from 'valibot'
import type { MotorKind } from '../motor/kind'
import { idSchema, type Id } from '../quantity/id'
import type { WireId } from './wire'

/** A terminal a wire can land on, such as "T1", "FAN" or "CAN-C". Not a lead: leads belong to the motor. */
export type PostId = Id<'post'>
const PostIdSchema = idSchema<PostId>(
  v.pipe(
    v.string('A terminal must be named.'),
    v.regex(/^[A-Za-z0-9][A-Za-z0-9 ._/-]{0,59}$/, 'That is not a terminal’s name.'),
  ),
)

export const POST_KINDS = [
  'supply',
  'neutral',
  'load',
  'output',
  'park',
  'coil',
  'relay',
  'cap-c',
  'cap-fan',
  'cap-compressor',
  'kept-cap',
  'compressor',
  'earth',
] as const
/**
 * `supply` line side of the contactor, or the line that a board or thermostat switches; `neutral` the blower's other line, never
 * switched; `load` load side of the contactor; `output` a speed output; `park` a dead post for an idle tap; `coil` 24 V;
 * `relay` contacts that stand between, such as a defrost board's fan relay;
 * `cap-c`, `cap-fan`, `cap-compressor` posts of the capacitor that is replaced; `kept-cap` a capacitor that stays;
 * `compressor` the compressor's own terminals; `earth` the chassis.
 */
export type PostKind = (typeof POST_KINDS)[number]

const PostSchema = v.strictObject({
  id: PostIdSchema,
  label: v.string(),
  part: v.string(),
  kind: v.picklist(POST_KINDS),
})
/** A terminal of the unit, on one of its parts. */
export type Post = v.InferOutput<typeof PostSchema>

export const MODE_IDS = [
  'off',
  'cooling',
  'heating',
  'circulation',
  'defrost',
  'high',
  'medium',
  'low',
] as const
/** A mode of the unit, as the thermostat or the defrost board makes it. */
export type ModeId = (typeof MODE_IDS)[number]

/** What a person on the roof calls it; the first thing to tell a unit by. */
export const UNIT_FAMILIES = [
  'outdoor-split',
  'heat-pump',
  'packaged',
  'pool-heater',
  'gas-furnace',
  'air-handler',
  'electric-furnace',
  'fan-coil',
  'roof-through-shaft',
] as const
/** What a person on the roof calls the unit. */
export type UnitFamily = (typeof UNIT_FAMILIES)[number]

const SafetySchema = v.strictObject({
  /** What to open, in order. */
  open: v.array(v.string()),
  /** What opening that does not take down. What the thermostat leaves live inside is worked out, not written here. */
  staysLive: v.array(v.string()),
  proveDead: v.array(v.strictObject({ between: v.tuple([PostIdSchema, PostIdSchema]), what: v.string() })),
})

export const UnitTypeSchema = v.strictObject({
  format: v.literal('oak-switch/unit-type'),
  version: v.literal(1),
  /** Where the arrangement is from. */
  source: v.string(),
  id: v.string(),
  name: v.string(),
  family: v.picklist(UNIT_FAMILIES),
  /** What tells it from others of its family where no contactor or capacitor does, in two or three words. */
  kind: v.optional(v.string()),
  traits: v.strictObject({
    /** `blower`: speed taps on outputs, one live at a time, and a line lead that is never switched. */
    fan: v.picklist(['outdoor', 'blower']),
    /** 0: no contactor switches the fan. */
    contactorPoles: v.picklist([0, 1, 2, 3]),
    /** `shared`: one dual can with the compressor. `own`: the fan has a capacitor to itself. `none`: three phases need none. */
    capacitor: v.picklist(['shared', 'own', 'none']),
    /** Of the fan's motor; a unit on three lines may have its fan on two of them. */
    phases: v.optional(v.picklist([1, 3]), 1),
    defrostRelay: v.boolean(),
    /** The motor turns something at both its ends. */
    throughShaft: v.optional(v.boolean(), false),
  }),
  /** Nominal volts between the two lines. */
  volts: v.number(),
  /** Others that such units are made for as often. */
  alsoVolts: v.optional(v.array(v.number())),
  parts: v.array(v.strictObject({ id: v.string(), name: v.string() })),
  posts: v.array(PostSchema),
  /** Where the lines come in; `line3` of a unit on three phases. */
  supply: v.strictObject({
    line1: PostIdSchema,
    line2: PostIdSchema,
    line3: v.optional(PostIdSchema),
  }),
  links: v.array(v.strictObject({ from: PostIdSchema, to: PostIdSchema, what: v.string() })),
  switches: v.array(
    v.strictObject({
      id: v.string(),
      from: PostIdSchema,
      to: PostIdSchema,
      closedIn: v.array(v.picklist(MODE_IDS)),
    }),
  ),
  modes: v.array(v.strictObject({ id: v.picklist(MODE_IDS), name: v.string(), fanRuns: v.boolean() })),
  /** How such a unit usually leaves the factory; a starting point to be traced, never evidence. */
  typicalWires: v.array(
    v.strictObject({ id: idSchema<WireId>(v.string()), from: PostIdSchema, to: v.string() }),
  ),
  safety: SafetySchema,
  /** Groups of speed outputs that one tap may serve by a jumper between them; none: every output has a tap of its own. */
  outputsMayShare: v.optional(v.array(v.array(PostIdSchema)), []),
})
/** A unit type: posts, what joins and switches them, its modes, what makes it safe (`oak-switch/unit-type` 1). */
export type UnitType = v.InferOutput<typeof UnitTypeSchema>
/** The kind of motor that such a unit usually has. */
export const usualMotorKind = ({ traits }: Pick<UnitType, 'traits'>): MotorKind =>
  traits.phases === 3 ? 'three-phase' : traits.fan === 'blower' ? 'psc-blower' : 'psc-outdoor'

/** The posts of its lines, in order: two, or three. */
export const linesOf = ({ supply }: Pick<UnitType, 'supply'>): PostId[] => [
  supply.line1,
  supply.line2,
  ...(supply.line3 === undefined ? [] : [supply.line3]),
]

/** What the wiring of a unit follows from. */
export type UnitTraits = UnitType['traits']

/** The post of that id; undefined: the unit has none. */
export const postOf = (unit: UnitType, id: PostId): Post | undefined =>
  unit.posts.find((post) => post.id === id)

/** "T1 on the contactor" */
export function postName(unit: UnitType, id: PostId): string {
  const post = postOf(unit, id)
  if (!post) return id
  if (post.kind === 'earth') return 'the chassis ground'
  const part = unit.parts.find((p) => p.id === post.part)
  return `${post.label} on the ${part ? part.name.toLowerCase() : post.part}`
}

/** The first mode in which the fan is meant to run. Throws when the unit type has none. */
export function runningMode(unit: UnitType): ModeId {
  const mode = unit.modes.find((m) => m.fanRuns)
  if (!mode) throw new Error(`unit type ${unit.id} has no mode in which the fan runs`)
  return mode.id
}

/** The modes in which a post hangs on line 1 through a switch: what a speed output is for. */
export const modesOfOutput = (unit: UnitType, id: PostId): string[] =>
  unit.modes
    .filter((mode) => mode.fanRuns && unit.switches.some((s) => s.to === id && s.closedIn.includes(mode.id)))
    .map((mode) => mode.name)
