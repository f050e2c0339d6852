// The lead sheet: what the tag on a motor's leads says, as open data (format "oak-switch/lead-sheet").
// Settings are choices that join, land or insulate leads; horsepower and rotation are two of them.
import * as v from 'valibot'
import { idSchema } from '../quantity/id'
import type { LeadId } from './lead-id'
import { checkWhole } from '../quantity/problem'
import { ColourCodeSchema } from './colour'
import { MOTOR_KINDS } from './kind'
import { MachineConstantsSchema } from './machine/constants'
import { LeadRoleSchema, LandingRoleSchema } from './role'
import { leadSheetProblems } from './lead-sheet-problems'

export const LEAD_SHEET_FORMAT = 'oak-switch/lead-sheet'
export const LEAD_SHEET_VERSION = 1

const text = (what: string, most = 300) =>
  v.pipe(
    v.string(`${what} must be text.`),
    v.trim(),
    v.minLength(1, `${what} is empty.`),
    v.maxLength(most, `${what} is longer than ${most} letters.`),
  )
const amount = (what: string, unit: string, most: number) =>
  v.pipe(
    v.number(`${what} must be a number of ${unit}.`),
    v.gtValue(0, `${what} must be above 0 ${unit}.`),
    v.maxValue(most, `${what} is above ${most} ${unit}.`),
  )

const LeadIdSchema = idSchema<LeadId>(
  v.pipe(
    text('A lead’s name', 40),
    v.regex(/^[A-Za-z0-9][A-Za-z0-9 _/-]*$/, 'A lead’s name has letters, digits, space, - _ / only.'),
  ),
)

const LeadSchema = v.strictObject({
  id: LeadIdSchema,
  colour: ColourCodeSchema,
  stripe: v.optional(v.nullable(ColourCodeSchema)),
  role: LeadRoleSchema,
})
/** One lead that leaves the motor. */
export type Lead = v.InferOutput<typeof LeadSchema>

const ChoiceEntries = {
  /** Pairs of leads joined in the plug or with a connector. */
  join: v.optional(v.array(v.tuple([LeadIdSchema, LeadIdSchema], 'A join names two leads.')), []),
  /** Leads that carry a winding end for this choice. */
  land: v.optional(v.array(v.strictObject({ lead: LeadIdSchema, as: LandingRoleSchema })), []),
  /** Leads capped off one by one for this choice. */
  insulate: v.optional(v.array(LeadIdSchema), []),
  /** Leads left open for this choice: joined to nothing, and insulated. */
  open: v.optional(v.array(LeadIdSchema), []),
}

/** Nameplate form, such as "1/4". */
const HorsepowerSchema = v.pipe(
  v.string('Horsepower is written like 1/4.'),
  v.regex(/^([1-9]\d?|[1-9]\/[1-9]\d?)$/, 'Horsepower is written like 1/4 or 1.'),
)

const PowerEntries = {
  horsepower: HorsepowerSchema,
  /** The least horsepower it stands in for as it is; null: only its own. */
  coversFrom: v.optional(v.nullable(HorsepowerSchema), null),
  amps: amount('Rated amps', 'A', 30),
}
const HorsepowerChoiceSchema = v.strictObject({ ...PowerEntries, ...ChoiceEntries })
/** A nameplate horsepower of the motor, how it is set, and its rated amps. */
export type HorsepowerChoice = v.InferOutput<typeof HorsepowerChoiceSchema>

const Turn = v.picklist(['CW', 'CCW'], 'The direction must be CW or CCW.')

const RotationChoiceSchema = v.strictObject({
  direction: Turn,
  ...ChoiceEntries,
})
/** A position of the reversing plug, and the direction it gives. */
export type RotationChoice = v.InferOutput<typeof RotationChoiceSchema>

export const SPEED_NAMES = ['high', 'medium-high', 'medium', 'medium-low', 'low'] as const
/** A speed by its name, high to low. */
export type SpeedName = (typeof SPEED_NAMES)[number]

const RatedRpm = v.optional(v.nullable(amount('Rated rpm', 'rpm', 3600)), null)
/** The tap to land for it; null where leads are joined or left open instead. */
const Tap = v.optional(v.nullable(LeadIdSchema), null)

const SpeedChoiceSchema = v.strictObject({
  speed: v.picklist(SPEED_NAMES, `A speed is one of: ${SPEED_NAMES.join(', ')}.`),
  rpm: RatedRpm,
  amps: v.optional(v.nullable(amount('Rated amps', 'A', 60)), null),
  tap: Tap,
  ...ChoiceEntries,
})
/** A speed of the motor: by a tap, or by leads joined or left open. */
export type SpeedChoice = v.InferOutput<typeof SpeedChoiceSchema>

const HookupChoiceSchema = v.strictObject({
  hookup: v.picklist(
    ['shared-capacitor', 'own-capacitor', 'no-capacitor'],
    'A hookup is shared-capacitor, own-capacitor or no-capacitor.',
  ),
  ...ChoiceEntries,
})

const VoltsChoiceSchema = v.strictObject({
  volts: v.strictObject({ low: amount('Rated volts', 'V', 1000), high: amount('Rated volts', 'V', 1000) }),
  /** Rated at the first horsepower, A; null: not on the tag. */
  amps: v.optional(v.nullable(amount('Rated amps', 'A', 60)), null),
  /** How its leads are joined for it, by the tag's own words; empty: not copied. */
  how: v.optional(v.pipe(v.string(), v.maxLength(160, 'How leads are joined has 160 letters at most.')), ''),
})
/** One of several voltages that a motor can be joined for. */
export type VoltsChoice = v.InferOutput<typeof VoltsChoiceSchema>

export const MOUNTINGS = ['studs', 'belly-band', 'cradle', 'lugs'] as const
export const POSITIONS = ['shaft-up', 'shaft-down', 'horizontal'] as const

/** Everything a match may compare; null where the sheet does not say. */
export const MechanicalSchema = v.strictObject({
  frameInches: v.nullable(amount('The frame’s diameter', 'in', 20)),
  bodyInches: v.nullable(amount('The body’s length', 'in', 30)),
  shaftInches: v.nullable(amount('The shaft’s diameter', 'in', 3)),
  shaftLengthInches: v.nullable(amount('The shaft’s length', 'in', 24)),
  throughShaft: v.nullable(v.boolean('Through shaft is yes or no.')),
  mounting: v.pipe(
    v.array(v.picklist(MOUNTINGS, `A mounting is one of: ${MOUNTINGS.join(', ')}.`)),
    v.maxLength(4),
  ),
  positions: v.pipe(
    v.array(v.picklist(POSITIONS, `A position is one of: ${POSITIONS.join(', ')}.`)),
    v.maxLength(3),
  ),
  enclosure: v.nullable(v.picklist(['open', 'enclosed'], 'An enclosure is open or enclosed.')),
  bearings: v.nullable(v.picklist(['sleeve', 'ball'], 'Bearings are sleeve or ball.')),
  ambientCelsius: v.nullable(amount('The ambient', '°C', 120)),
  airOver: v.nullable(v.boolean('Air-over is yes or no.')),
})
/** A motor's body: in; null: not known. */
export type Mechanical = v.InferOutput<typeof MechanicalSchema>

const HeadEntries = {
  id: v.pipe(v.string(), v.regex(/^[a-z0-9-]{1,60}$/, 'A sheet’s id has small letters, digits and - only.')),
  name: text('The motor’s name'),
  kind: v.picklist(MOTOR_KINDS, `A motor’s kind is one of: ${MOTOR_KINDS.join(', ')}.`),
  nameplate: v.strictObject({
    volts: v.strictObject({ low: amount('Rated volts', 'V', 1000), high: amount('Rated volts', 'V', 1000) }),
    hertz: v.picklist([50, 60], 'Rated hertz is 50 or 60.'),
    rpm: amount('Rated rpm', 'rpm', 3600),
  }),
  mechanical: v.optional(v.nullable(MechanicalSchema), null),
  /** Openings in the shell, by where they are: the one that faces down is opened. */
  drains: v.optional(
    v.pipe(
      v.array(text('A drain opening', 60)),
      v.maxLength(12, 'A motor has twelve drain openings at most.'),
    ),
    [],
  ),
  /** The end the tag names the rotation from. */
  rotationNamedFrom: v.picklist(
    ['lead-end', 'shaft-end'],
    'Say which end the tag names the rotation from: lead-end or shaft-end.',
  ),
}

export const LeadSheetSchema = v.pipe(
  v.strictObject({
    format: v.literal(LEAD_SHEET_FORMAT, 'This is not a lead sheet of Oak Switch.'),
    version: v.literal(
      LEAD_SHEET_VERSION,
      `This lead sheet is of another version; version ${LEAD_SHEET_VERSION} is read here.`,
    ),
    ...HeadEntries,
    /** The value on the motor's tag; it belongs to the motor whichever setting. null: a motor without a capacitor. */
    capacitor: v.nullable(
      v.strictObject({
        microfarads: amount('The tag’s capacitor', 'µF', 1000),
        volts: amount('The tag’s capacitor rating', 'V', 1000),
      }),
    ),
    /** The windings' constants where the maker gives them; else they are fitted to the nameplate, and said to be. */
    constants: v.optional(v.nullable(MachineConstantsSchema), null),
    leads: v.pipe(
      v.array(LeadSchema),
      v.minLength(2, 'A motor has two leads at least.'),
      v.maxLength(24, 'A sheet has 24 leads at most.'),
    ),
    settings: v.strictObject({
      horsepower: v.pipe(
        v.array(HorsepowerChoiceSchema),
        v.minLength(1, 'A sheet needs at least one horsepower.'),
        v.maxLength(8, 'More than eight horsepower settings.'),
      ),
      /** One choice: not reversible. Two: reversed by the plug. */
      /** High to low; empty for one speed. */
      speed: v.optional(v.pipe(v.array(SpeedChoiceSchema), v.maxLength(5, 'More than five speeds.')), []),
      hookup: v.optional(v.pipe(v.array(HookupChoiceSchema), v.maxLength(3)), []),
      /** Where its leads are joined for one of several voltages; else the nameplate's are its only ones. */
      volts: v.optional(v.pipe(v.array(VoltsChoiceSchema), v.maxLength(3, 'More than three voltages.'))),
      rotation: v.pipe(
        v.array(RotationChoiceSchema),
        v.minLength(1, 'A sheet needs at least one direction.'),
        v.maxLength(2, 'There are only two directions.'),
      ),
    }),
  }),
  checkWhole((sheet) => leadSheetProblems(sheet)),
)
/** What the tag on a motor's leads says (`oak-switch/lead-sheet` 1). */
export type LeadSheet = v.InferOutput<typeof LeadSheetSchema>

/** Of a lead sheet, what a match compares. Other fields may be there and are not looked at: they are checked where a sheet is read. */
export const CandidateSchema = v.object({
  ...HeadEntries,
  settings: v.object({
    horsepower: v.pipe(
      v.array(v.object(PowerEntries)),
      v.minLength(1, 'A sheet needs at least one horsepower.'),
      v.maxLength(8, 'More than eight horsepower settings.'),
    ),
    speed: v.optional(
      v.pipe(v.array(v.object({ rpm: RatedRpm, tap: Tap })), v.maxLength(5, 'More than five speeds.')),
      [],
    ),
    volts: v.optional(v.pipe(v.array(VoltsChoiceSchema), v.maxLength(3, 'More than three voltages.'))),
    rotation: v.pipe(
      v.array(v.object({ direction: Turn })),
      v.minLength(1, 'A sheet needs at least one direction.'),
      v.maxLength(2, 'There are only two directions.'),
    ),
  }),
})

/** Can the shaft turn either way, by the plug? */
export const isReversible = (sheet: LeadSheet): boolean => sheet.settings.rotation.length > 1
