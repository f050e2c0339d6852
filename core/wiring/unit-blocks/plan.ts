// A unit that fits no shipped type, put together from blocks: what feeds it, and the parts one can see in it.
import * as v from 'valibot'
import { MODE_IDS, type ModeId } from '../unit-type'

const Modes = v.pipe(v.array(v.picklist(MODE_IDS)), v.maxLength(MODE_IDS.length))
const Label = v.pipe(
  v.string('An output’s label must be text.'),
  v.trim(),
  v.minLength(1, 'An output has no label.'),
  v.maxLength(12, 'An output’s label has 12 letters at most.'),
)

const BlockSchema = v.variant('kind', [
  /** Its poles switch the lines in these modes; with one pole the second line stays live. */
  v.strictObject({
    kind: v.literal('contactor'),
    poles: v.picklist([1, 2, 3], 'A contactor has one to three poles.'),
    modes: Modes,
  }),
  /** Contacts in the fan's own feed that open in these modes, as a defrost board's do. */
  v.strictObject({ kind: v.literal('fan-relay'), opensIn: Modes }),
  /** Outputs by mode, and dead posts for idle taps. */
  v.strictObject({
    kind: v.literal('board'),
    outputs: v.pipe(
      v.array(v.strictObject({ label: Label, modes: Modes })),
      v.maxLength(8, 'A board has eight outputs at most.'),
    ),
    parks: v.pipe(v.number(), v.integer(), v.minValue(0), v.maxValue(6)),
  }),
  /** A relay of its own that puts the line on the blower in these modes. */
  v.strictObject({ kind: v.literal('relay'), modes: Modes }),
  v.strictObject({
    kind: v.literal('thermostat'),
    speeds: v.pipe(
      v.array(v.picklist(['high', 'medium', 'low'])),
      v.minLength(1, 'A thermostat has a speed at least.'),
      v.maxLength(3),
    ),
  }),
  v.strictObject({ kind: v.literal('fan-can') }),
  v.strictObject({ kind: v.literal('dual-can') }),
  /** `ownCan`: one phase, with a capacitor of its own. */
  v.strictObject({
    kind: v.literal('compressor'),
    phases: v.picklist([1, 3], 'A compressor has one phase or three.'),
    ownCan: v.boolean(),
  }),
  /** The wire to the motor goes on there: on the switched side, or on the other. */
  v.strictObject({ kind: v.literal('splice'), on: v.picklist(['switched', 'other']) }),
])
/** A part of a unit, as one sees it. */
export type Block = v.InferOutput<typeof BlockSchema>
/** What a part of a unit is. */
export type BlockKind = Block['kind']

/** How lines come in: `pair` two of them, `neutral` one against a neutral, `three` three. */
export const FEEDS = ['pair', 'neutral', 'three'] as const
/** How lines come in. */
export type Feed = (typeof FEEDS)[number]

export const UnitPlanSchema = v.strictObject({
  name: v.pipe(
    v.string('The unit’s name must be text.'),
    v.trim(),
    v.maxLength(120, 'The unit’s name has 120 letters at most.'),
  ),
  fan: v.picklist(['outdoor', 'blower']),
  feed: v.picklist(FEEDS),
  /** Between the two lines, or line to neutral, V. */
  volts: v.pipe(
    v.number('The unit’s volts must be a number of V.'),
    v.minValue(24, 'A supply below 24 V feeds no fan motor.'),
    v.maxValue(1000, 'A supply above 1000 V is not believable.'),
  ),
  /** The motor turns something at both its ends. */
  throughShaft: v.boolean(),
  blocks: v.pipe(v.array(BlockSchema), v.maxLength(12, 'A unit has twelve blocks at most.')),
})
/** A unit as it is put together. */
export type UnitPlan = v.InferOutput<typeof UnitPlanSchema>

/** The blocks of a kind, in the order they were put there. */
export const blocksOf = <K extends BlockKind>({ blocks }: Pick<UnitPlan, 'blocks'>, kind: K) =>
  blocks.filter((block): block is Extract<Block, { kind: K }> => block.kind === kind)

/** What a mode is called on the unit. */
export const MODE_NAMES: Readonly<Record<ModeId, string>> = {
  off: 'off',
  cooling: 'cooling',
  heating: 'heating',
  circulation: 'fan only',
  defrost: 'defrost',
  high: 'high',
  medium: 'medium',
  low: 'low',
}
