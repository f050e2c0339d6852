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
  'splice',
  'earth',
] as const
/**
 * `supply` line side of the contactor, or the line that a board or thermostat switches; `neutral` the blower's other line, never
 * switched; `load` load side of the contactor; `output` a speed output; `park` a dead post for an idle tap; `coil` 24 V;
 * `relay` contacts that stand between, such as a defrost board's fan relay;
 * `cap-c`, `cap-fan`, `cap-compressor` posts of the capacitor that is replaced; `kept-cap` a capacitor that stays;
 * `compressor` the compressor's own terminals; `splice` where a wire goes on under a connector or in a box; `earth` the chassis.
 */
export type PostKind = (typeof POST_KINDS)[number]

/** A word or a sentence of a unit type, of so many letters at the most. */
const words = (what: string, most: number) =>
  v.pipe(
    v.string(`${what} must be text.`),
    v.trim(),
    v.minLength(1, `${what} is empty.`),
    v.maxLength(most, `${what} is longer than ${most} letters.`),
  )
const list = <S extends v.GenericSchema>(schema: S, what: string, most: number) =>
  v.pipe(v.array(schema, `${what} must be a list.`), v.maxLength(most, `${what} are more than ${most}.`))

const PostSchema = v.strictObject({
  id: PostIdSchema,
  label: words('A terminal’s label', 20),
  part: words('A part’s id', 60),
  kind: v.picklist(POST_KINDS, `A terminal is one of: ${POST_KINDS.join(', ')}.`),
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
const ModeIdSchema = v.picklist(MODE_IDS, `A mode is one of: ${MODE_IDS.join(', ')}.`)

const Volts = v.pipe(
  v.number('The unit’s volts must be a number of V.'),
  v.minValue(24, 'A supply below 24 V feeds no fan motor.'),
  v.maxValue(1000, 'A supply above 1000 V is not believable.'),
)

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
  open: list(words('What to open', 300), 'Things to open', 12),
  /** What opening that does not take down. What the thermostat leaves live inside is worked out, not written here. */
  staysLive: list(words('What stays live', 300), 'Things that stay live', 12),
  proveDead: list(
    v.strictObject({
      between: v.tuple([PostIdSchema, PostIdSchema], 'Volts are proven between two terminals.'),
      what: words('What is proven dead', 300),
    }),
    'Pairs to prove dead',
    40,
  ),
})

export const UnitTypeSchema = v.strictObject({
  format: v.literal('oak-switch/unit-type', 'This is not a unit type of Oak Switch.'),
  version: v.literal(1, 'This unit type is of another version; version 1 is read here.'),
  /** Where the arrangement is from. */
  source: words('The source', 300),
  id: v.pipe(
    v.string('A unit type has an id.'),
    v.regex(/^[a-z0-9-]{1,60}$/, 'A unit type’s id has small letters, digits and - only.'),
  ),
  name: words('The unit’s name', 120),
  family: v.picklist(UNIT_FAMILIES, `A unit’s kind is one of: ${UNIT_FAMILIES.join(', ')}.`),
  /** What tells it from others of its family where no contactor or capacitor does, in two or three words. */
  kind: v.optional(words('What tells it from others', 60)),
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
  volts: Volts,
  /** Others that such units are made for as often. */
  alsoVolts: v.optional(list(Volts, 'Usual volts', 4)),
  parts: list(
    v.strictObject({ id: words('A part’s id', 60), name: words('A part’s name', 60) }),
    'Parts',
    20,
  ),
  posts: list(PostSchema, 'Terminals', 60),
  /** Where the lines come in; `line3` of a unit on three phases. */
  supply: v.strictObject({
    line1: PostIdSchema,
    line2: PostIdSchema,
    line3: v.optional(PostIdSchema),
  }),
  links: list(
    v.strictObject({ from: PostIdSchema, to: PostIdSchema, what: words('What joins two terminals', 120) }),
    'Links',
    40,
  ),
  switches: list(
    v.strictObject({
      id: words('A switch’s id', 60),
      from: PostIdSchema,
      to: PostIdSchema,
      closedIn: list(ModeIdSchema, 'Modes', MODE_IDS.length),
    }),
    'Switches',
    40,
  ),
  modes: list(
    v.strictObject({
      id: ModeIdSchema,
      name: words('A mode’s name', 40),
      fanRuns: v.boolean('The fan runs: yes or no.'),
    }),
    'Modes',
    MODE_IDS.length,
  ),
  /** How such a unit usually leaves the factory; a starting point to be traced, never evidence. */
  typicalWires: list(
    v.strictObject({
      // It becomes the name of a field of the job.
      id: idSchema<WireId>(
        v.pipe(
          words('A wire’s id', 60),
          v.regex(/^[A-Za-z0-9][A-Za-z0-9 ._/-]*$/, 'A wire’s id has letters, digits, space, . _ / - only.'),
        ),
      ),
      from: PostIdSchema,
      to: words('A wire’s end', 60),
    }),
    'Wires',
    60,
  ),
  safety: SafetySchema,
  /** Groups of speed outputs that one tap may serve by a jumper between them; none: every output has a tap of its own. */
  outputsMayShare: v.optional(
    list(list(PostIdSchema, 'Outputs that share a tap', 12), 'Groups of outputs', 12),
    [],
  ),
})
/** A unit type: posts, what joins and switches them, its modes, what makes it safe (`oak-switch/unit-type` 1). */
export type UnitType = v.InferOutput<typeof UnitTypeSchema>
/** The kind of motor that such a unit usually has. */
export const usualMotorKind = ({ traits }: Pick<UnitType, 'traits'>): MotorKind =>
  traits.phases === 3 ? 'three-phase' : traits.fan === 'blower' ? 'psc-blower' : 'psc-outdoor'

/** The id of a unit type that ships with the app, or a whole one that fits none of them. */
export type UnitRef = string | UnitType

/** The id of either. */
export const idOfUnit = (ref: UnitRef): string => (typeof ref === 'string' ? ref : ref.id)

/** Is it the same unit type? */
export const sameUnitType = (a: UnitRef, b: UnitRef): boolean => idOfUnit(a) === idOfUnit(b)

/** The lines of a supply, in the order of a unit's `linesOf`. */
export const LINES = ['line1', 'line2', 'line3'] as const
/** One of them. */
export type Line = (typeof LINES)[number]

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

/** "T1 on the contactor"; a splice alone in its box is the splice box. */
export function postName(unit: UnitType, id: PostId): string {
  const post = postOf(unit, id)
  if (!post) return id
  if (post.kind === 'earth') return 'the chassis ground'
  const part = unit.parts.find((p) => p.id === post.part)?.name.toLowerCase() ?? post.part
  const isAlone = unit.posts.filter((other) => other.part === post.part).length === 1
  return isAlone && part.startsWith(`${post.label} `) ? `the ${part}` : `${post.label} on the ${part}`
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
