// The lead sheet: what the tag on a motor's leads says, as open data (format "oak-switch/lead-sheet").
// Settings are choices that join, land or insulate leads; horsepower and rotation are two of them.
import * as v from 'valibot'
import { checkWhole } from '../quantity/problem'
import { ColourCodeSchema } from './colour'
import { LeadRoleSchema, LandingRoleSchema } from './role'
import { leadSheetProblems } from './lead-sheet-problems'

export const LEAD_SHEET_FORMAT = 'oak-switch/lead-sheet'
export const LEAD_SHEET_VERSION = 1

const text = (what: string, most = 300) =>
  v.pipe(v.string(`${what} must be text.`), v.trim(), v.minLength(1, `${what} is empty.`), v.maxLength(most, `${what} is longer than ${most} letters.`))
const amount = (what: string, unit: string, most: number) =>
  v.pipe(v.number(`${what} must be a number of ${unit}.`), v.gtValue(0, `${what} must be above 0 ${unit}.`), v.maxValue(most, `${what} is above ${most} ${unit}.`))

const LeadIdSchema = v.pipe(text('A lead’s name', 40), v.regex(/^[A-Za-z0-9][A-Za-z0-9 _/-]*$/, 'A lead’s name has letters, digits, space, - _ / only.'))

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
}

const HorsepowerChoiceSchema = v.strictObject({
  /** Nameplate form, such as "1/4". */
  horsepower: v.pipe(v.string('Horsepower is written like 1/4.'), v.regex(/^([1-9]\d?|[1-9]\/[1-9]\d?)$/, 'Horsepower is written like 1/4 or 1.')),
  amps: amount('Rated amps', 'A', 30),
  ...ChoiceEntries,
})
export type HorsepowerChoice = v.InferOutput<typeof HorsepowerChoiceSchema>

const RotationChoiceSchema = v.strictObject({
  direction: v.picklist(['CW', 'CCW'], 'The direction must be CW or CCW.'),
  ...ChoiceEntries,
})
export type RotationChoice = v.InferOutput<typeof RotationChoiceSchema>

export const LeadSheetSchema = v.pipe(
  v.strictObject({
    format: v.literal(LEAD_SHEET_FORMAT, 'This is not a lead sheet of Oak Switch.'),
    version: v.literal(LEAD_SHEET_VERSION, `This lead sheet is of another version; version ${LEAD_SHEET_VERSION} is read here.`),
    id: v.pipe(v.string(), v.regex(/^[a-z0-9-]{1,60}$/, 'A sheet’s id has small letters, digits and - only.')),
    name: text('The motor’s name'),
    kind: v.literal('psc-outdoor', 'Only single-phase outdoor PSC motors are read here.'),
    nameplate: v.strictObject({
      volts: v.strictObject({ low: amount('Rated volts', 'V', 1000), high: amount('Rated volts', 'V', 1000) }),
      hertz: v.picklist([50, 60], 'Rated hertz is 50 or 60.'),
      rpm: amount('Rated rpm', 'rpm', 3600),
    }),
    /** The value on the motor's tag; it belongs to the motor whichever setting. */
    capacitor: v.strictObject({ microfarads: amount('The tag’s capacitor', 'µF', 1000), volts: amount('The tag’s capacitor rating', 'V', 1000) }),
    leads: v.pipe(v.array(LeadSchema), v.minLength(3, 'A single-phase motor has three leads at least.'), v.maxLength(24, 'A sheet has 24 leads at most.')),
    /** The end the tag names the rotation from. */
    rotationNamedFrom: v.picklist(['lead-end', 'shaft-end'], 'Say which end the tag names the rotation from: lead-end or shaft-end.'),
    settings: v.strictObject({
      horsepower: v.pipe(v.array(HorsepowerChoiceSchema), v.minLength(1, 'A sheet needs at least one horsepower.'), v.maxLength(8, 'More than eight horsepower settings.')),
      /** One choice: not reversible. Two: reversed by the plug. */
      rotation: v.pipe(v.array(RotationChoiceSchema), v.minLength(1, 'A sheet needs at least one direction.'), v.maxLength(2, 'There are only two directions.')),
    }),
  }),
  checkWhole((sheet) => leadSheetProblems(sheet)),
)
export type LeadSheet = v.InferOutput<typeof LeadSheetSchema>

/** Can the shaft turn either way, by the plug? */
export const isReversible = (sheet: LeadSheet): boolean => sheet.settings.rotation.length > 1
