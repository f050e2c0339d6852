// Every field a job has, by path, with the schema of its value. A change to any other path is refused.
import * as v from 'valibot'
import { CanSchema, MAX_MICROFARADS, TolerancePercent } from '../capacitor/can'
import { CanMarkingSchema } from '../capacitor/marking'
import { AIMS } from '../capacitor/stock-plan/aims'
import { MeasurementSchema, ReadingValueSchema } from '../meter/measurement'
import { BladeSchema } from '../motor/blade'
import { InsulationSchema } from '../motor/colour'
import { LeadSheetSchema, MechanicalSchema, SPEED_NAMES } from '../motor/lead-sheet'
import { MotorPlateSchema, UnitPlateSchema } from '../motor/nameplate'
import { isDay } from '../quantity/day'
import { RECOMMENDED_WHEN } from './report/recommended'
import { RotationSourceSchema } from '../rotation/finder'
import { DirectionSchema, RotationSchema } from '../rotation/view'
import { CHARGE_FIGURES } from '../startup/charge/figures'
import { REFRIGERANTS } from '../startup/charge/refrigerants'
import { ChosenVolts } from '../supply/supply'
import { CanAsPutSchema } from '../wiring/new-can'
import { PlacementSchema } from '../wiring/placement'
import { StartCanSchema } from '../capacitor/start-can'
import { UnitRefSchema } from '../wiring/unit-ref'
import { WireSchema } from '../wiring/wire'

const text = (what: string, most: number) =>
  v.pipe(v.string(`${what} must be text.`), v.maxLength(most, `${what} has ${most} letters at most.`))
const positive = (what: string, unit: string, most: number) =>
  v.pipe(
    v.number(`${what} must be a number.`),
    v.gtValue(0, `${what} must be above 0 ${unit}.`),
    v.maxValue(most, `${what} above ${most} ${unit} is not believable.`),
  )

export const ReadingSchema = v.strictObject({
  /** Which capacitor was read. */
  of: v.picklist(['FAN', 'HERM'], 'A reading is of the FAN or the HERM side.'),
  amps: positive('Amps in the start lead', 'A', 200),
  volts: positive('Volts across the capacitor', 'V', 1000),
  hertz: v.picklist([50, 60], 'The supply is 50 or 60 Hz.'),
  ratedMicrofarads: v.nullable(positive('Rated µF', 'µF', MAX_MICROFARADS)),
  tolerancePercent: v.pipe(v.number(), v.gtValue(0), v.maxValue(50)),
})
/** A running reading of one side of the old capacitor. */
export type Reading = v.InferOutput<typeof ReadingSchema>

export const ProvenSchema = v.strictObject({
  verdict: v.picklist(['proven', 'watch']),
  sentence: text('The verdict', 1000),
  /** What was proven, as a short print of all that the proof rests on. */
  print: text('The print', 64),
})
/** The moment someone pressed Prove, and what was proven. */
export type Proven = v.InferOutput<typeof ProvenSchema>

/** A step of making safe: done, with the volts it was proven at where it is one to prove; or waived, which the record shows. */
export const SafeStepSchema = v.strictObject({
  state: v.picklist(['done', 'waived'], 'A step is done or waived.'),
  volts: v.nullable(ReadingValueSchema),
})
/** One step of making safe as it stands. */
export type SafeStep = v.InferOutput<typeof SafeStepSchema>

/** A discharge under way or done: what is taken down, through what, and since when. */
export const DischargeSchema = v.strictObject({
  ohms: positive('The resistor', 'Ω', 1e8),
  watts: positive('The resistor’s rating', 'W', 1000),
  volts: positive('The volts it ran at', 'V', 1000),
  microfarads: v.pipe(
    v.array(positive('A section', 'µF', MAX_MICROFARADS)),
    v.minLength(1, 'The can has one section at least.'),
    v.maxLength(24, 'A can has 24 sections at most.'),
  ),
  /** Milliseconds since 1970; null before the resistor is on. */
  startedAt: v.nullable(v.pipe(v.number(), v.integer(), v.minValue(0))),
})
/** A discharge with what it goes through. */
export type DischargeRecord = v.InferOutput<typeof DischargeSchema>

const FAULT_STRENGTHS = ['found', 'strong', 'likely', 'possible', 'unlikely'] as const

/** What was taken to be the fault, by the technician, with what spoke for it then. */
export const FaultSchema = v.strictObject({
  cause: text('The cause', 40),
  name: text('The cause', 200),
  strength: v.picklist(FAULT_STRENGTHS),
  because: v.pipe(v.array(text('A reason', 300)), v.maxLength(40)),
})
/** The cause that was taken. */
export type Fault = v.InferOutput<typeof FaultSchema>

export const MAX_PHOTO_SIDE = 1600
const unitShare = v.pipe(
  v.number(),
  v.minValue(0, 'A pin lies on the photo.'),
  v.maxValue(1, 'A pin lies on the photo.'),
)
/** A photo’s facts; its picture is kept beside the changes, under the same id. */
/** Before the work: how it was found. After it: how it was left. */
export const PHOTO_WORK = ['before', 'after'] as const

export const PhotoSchema = v.strictObject({
  caption: text('The caption', 300),
  width: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(MAX_PHOTO_SIDE)),
  height: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(MAX_PHOTO_SIDE)),
  takenAt: v.pipe(v.number(), v.integer(), v.minValue(0)),
  /** What it shows: how it was found, or how it was left. Absent: nobody said. */
  work: v.optional(v.picklist(PHOTO_WORK, `A photo is from ${PHOTO_WORK.join(' or ')} the work.`)),
  /** Where a post, a wire or a word stands on the picture, as shares of its width and height. */
  pins: v.pipe(
    v.array(
      v.strictObject({
        x: unitShare,
        y: unitShare,
        kind: v.picklist(['post', 'wire', 'note']),
        of: text('What a pin points at', 60),
        words: text('A pin’s words', 120),
      }),
    ),
    v.maxLength(40, 'A photo has 40 pins at most.'),
  ),
})
/** A photo's facts and pins. */
export type Photo = v.InferOutput<typeof PhotoSchema>
/** A pin on a photo. */
export type Pin = Photo['pins'][number]

/** A day of the calendar as a technician says it, without a time or a zone. */
export const DaySchema = v.pipe(
  v.string('A day is written like 2026-07-14.'),
  v.regex(/^\d{4}-\d{2}-\d{2}$/, 'A day is written like 2026-07-14.'),
  v.check(isDay, 'There is no such day in the calendar.'),
)

/** A part that is not on the van: what, from whom, for when. */
export const OrderedSchema = v.strictObject({
  what: v.pipe(text('The part', 300), v.trim(), v.minLength(1, 'A part on order is empty: say which it is.')),
  from: v.pipe(text('The counter', 300), v.trim()),
  /** null: nobody said when. */
  due: v.nullable(DaySchema),
  arrived: v.boolean('Arrived is yes or no.'),
})
/** A part on order. */
export type Ordered = v.InferOutput<typeof OrderedSchema>

const orNull = <S extends v.GenericSchema>(schema: S) => v.nullable(schema)

/** Records once said only *that* a section of the old can stays; the end of its id ("1-HERM") is the load it stays for. */
function withStaysByLoad(can: unknown): unknown {
  if (typeof can !== 'object' || can === null || !('sections' in can) || !Array.isArray(can.sections))
    return can
  return {
    ...can,
    sections: can.sections.map((section: unknown) => {
      if (typeof section !== 'object' || section === null || !('stays' in section)) return section
      if (typeof section.stays !== 'boolean') return section
      const id = 'id' in section && typeof section.id === 'string' ? section.id : ''
      return { ...section, stays: section.stays ? id.replace(/^\d+-/, '') : undefined }
    }),
  }
}

/** Single fields. `null` clears one. */
export const FIELDS = {
  title: text('The job’s name', 300),
  site: text('The place', 300),
  notes: text('The notes', 4000),
  owner: text('The owner’s name', 300),
  supplyVolts: ChosenVolts,
  supplyHertz: v.picklist([50, 60], 'The supply is 50 or 60 Hz.'),
  hertz: v.picklist([50, 60], 'The supply is 50 or 60 Hz.'),
  tolerancePercent: TolerancePercent,
  unitName: text('The unit’s name', 300),
  estimateTerms: v.strictObject({
    taxThousandths: v.pipe(
      v.number('Tax must be a number of percent.'),
      v.integer('Tax has three decimals at most.'),
      v.minValue(0, 'Tax cannot be below 0 %.'),
      v.maxValue(100_000, 'Tax above 100 % is not believable.'),
    ),
    validDays: v.pipe(
      v.number('Days must be a whole number.'),
      v.integer('Days must be a whole number.'),
      v.minValue(1, 'It is valid for a day at least.'),
      v.maxValue(365, 'It is valid for a year at most.'),
    ),
  }),
  acceptance: v.strictObject({
    name: v.pipe(text('The name', 300), v.trim(), v.minLength(1, 'Accepting needs a name.')),
    at: v.pipe(v.number(), v.integer(), v.minValue(0)),
    /** The total that was accepted: with another one it stands no more. */
    cents: v.pipe(v.number(), v.integer(), v.minValue(0)),
    signature: v.nullable(
      v.pipe(
        v.string(),
        v.maxLength(40_000, 'The signature is too long.'),
        v.regex(/^[ML0-9 .]*$/, 'A signature is strokes only.'),
      ),
    ),
  }),
  removed: v.boolean(),
  unit: UnitRefSchema,
  motor: LeadSheetSchema,
  motorStays: v.boolean('The old motor stays: yes or no.'),
  horsepower: text('Horsepower', 10),
  wanted: RotationSchema,
  plug: DirectionSchema,
  speed: v.picklist(SPEED_NAMES, `A speed is one of: ${SPEED_NAMES.join(', ')}.`),
  canPut: CanAsPutSchema,
  motorVolts: text('The motor’s volts', 20),
  frameGrounded: v.boolean('Grounded is yes or no.'),
  can: v.pipe(v.unknown(), v.transform(withStaysByLoad), CanSchema),
  hardStart: text('The hard-start kit’s post', 60),
  compressorMicrofarads: positive('The compressor’s µF', 'µF', MAX_MICROFARADS),
  /** Where the compressor has a capacitor to itself: its volts by its label, and the one that takes its place. */
  compressorCanVolts: positive('The volts of the compressor’s capacitor', 'V', 1000),
  compressorCan: CanSchema,
  prefer: v.picklist(['exact', 'simple']),
  /** What counts in a capacitor from the van, first to last, where this job has an order of its own. */
  aims: v.pipe(
    v.array(v.picklist(AIMS)),
    v.check((list) => new Set(list).size === list.length, 'An aim stands in the order once.'),
  ),
  proven: ProvenSchema,
  discharge: DischargeSchema,
  fault: FaultSchema,
  ended: v.strictObject({ at: v.pipe(v.number(), v.integer(), v.minValue(0)) }),
  comeBack: v.strictObject({
    /** null: no day is set. */
    on: v.nullable(DaySchema),
    why: v.pipe(
      text('What to come back for', 300),
      v.trim(),
      v.minLength(1, 'What to come back for is empty.'),
    ),
  }),
  motorPlate: MotorPlateSchema,
  unitPlate: UnitPlateSchema,
  canMarking: CanMarkingSchema,
  oldBody: MechanicalSchema,
  oldBlade: BladeSchema,
  ohmLeads: v.strictObject({
    /** The leads that are told by resistance, as they look. */
    leads: v.pipe(v.array(InsulationSchema), v.maxLength(12, 'Twelve leads at most.')),
    /** What the test leads read when they touch. */
    leadOhms: v.pipe(
      v.number('The test leads’ ohms must be a number.'),
      v.minValue(0, 'The test leads’ ohms cannot be below 0.'),
      v.maxValue(5, 'Test leads above 5 Ω are broken.'),
    ),
  }),
  steepBlades: v.boolean('Steep is yes or no.'),
  refrigerant: v.picklist(REFRIGERANTS, `A refrigerant is one of: ${REFRIGERANTS.join(', ')}.`),
  startCan: StartCanSchema,
  startWanted: v.pipe(
    v.strictObject({
      low: positive('The range', 'µF', 2000),
      high: positive('The range', 'µF', 2000),
      volts: positive('The start capacitor’s volts', 'V', 1000),
    }),
    v.check((r) => r.low <= r.high, 'The lower end of the range is above the upper one.'),
  ),
} as const

/**
 * Fields with one value a key: wires by id, leads by name, observations by test, measurements by probe,
 * plate lines by plate, what tells the rotation by its kind,
 * speeds by output, parts of the van by line, what is carried up by item, dead sections by can and section,
 * further faults by cause, other work by its kind, parts on order and further visits by their own ids,
 * steps of fitting by step, lengths, choices and checks of mounting by name, what start-up showed by what, figures of the charge by name. */
export const KEYED_FIELDS = {
  wires: WireSchema,
  placements: PlacementSchema,
  readings: ReadingSchema,
  safe: SafeStepSchema,
  observations: text('An answer', 40),
  measurements: MeasurementSchema,
  plateLines: text('A plate’s line', 400),
  photos: PhotoSchema,
  rotationSources: RotationSourceSchema,
  taken: v.strictObject({
    quantity: v.pipe(
      v.number(),
      v.integer('Parts are counted.'),
      v.minValue(1, 'One part is taken at least.'),
      v.maxValue(99, 'No job takes more than 99 of one part.'),
    ),
  }),
  deadSections: v.boolean('Dead is yes or no.'),
  carried: v.boolean('Carried is yes or no.'),
  fitted: v.boolean('Done is yes or no.'),
  mountInches: v.pipe(
    v.number('A length must be a number of inches.'),
    v.finite('A length must be a number of inches.'),
    v.minValue(0, 'A length cannot be below 0 in.'),
    v.maxValue(60, 'A length above 60 in is not believable: measure it again.'),
  ),
  mountChoices: text('A choice', 40),
  mountChecks: v.boolean('Looked at is yes or no.'),
  startup: text('What start-up showed', 40),
  alsoFound: FaultSchema,
  works: v.strictObject({
    text: v.pipe(text('The work', 500), v.trim(), v.minLength(1, 'The work is empty: say what was done.')),
  }),
  ordered: OrderedSchema,
  visits: v.strictObject({
    at: v.pipe(v.number(), v.integer(), v.minValue(0)),
    why: v.pipe(text('What the visit is for', 300), v.trim()),
  }),
  recommended: v.strictObject({
    text: v.pipe(text('A recommendation', 500), v.trim(), v.minLength(1, 'A recommendation is empty.')),
    declined: v.boolean('Declined is yes or no.'),
    when: v.optional(
      v.nullable(v.picklist(RECOMMENDED_WHEN, `By when is one of: ${RECOMMENDED_WHEN.join(', ')}.`)),
    ),
  }),
  estimateLines: v.strictObject({
    kind: v.picklist(['part', 'labour'], 'A line is a part or labour.'),
    text: v.pipe(text('A line', 300), v.trim(), v.minLength(1, 'A line says what it is for.')),
    hundredths: v.pipe(
      v.number('How many must be a number.'),
      v.integer('How many has two decimals at most.'),
      v.minValue(1, 'How many must be above 0.'),
      v.maxValue(1_000_000, 'How many above 10,000 is not believable.'),
    ),
    cents: v.pipe(
      v.number('The price must be a number.'),
      v.integer('The price has two decimals at most.'),
      v.minValue(0, 'The price cannot be below 0.'),
      v.maxValue(100_000_000, 'That price is not believable.'),
    ),
    taxed: v.boolean('Taxed is yes or no.'),
  }),
  chargeFigures: v.union(Object.values(CHARGE_FIGURES)),
  unusedOutputs: v.boolean('Unused is yes or no.'),
  speedChoices: v.picklist(SPEED_NAMES, `A speed is one of: ${SPEED_NAMES.join(', ')}.`),
} as const

/** A field with one value. */
export type FieldName = keyof typeof FIELDS
/** A field with one value a key. */
export type KeyedFieldName = keyof typeof KEYED_FIELDS

/** The schema of the value at a path, null allowed; undefined when a job has no such field. */
export function schemaAt(path: readonly string[]): v.GenericSchema | undefined {
  const [name, key] = path
  if (path.length === 1 && name !== undefined && Object.hasOwn(FIELDS, name))
    return orNull(FIELDS[name as FieldName])
  // Each figure of the charge has its own limits.
  if (path.length === 2 && name === 'chargeFigures')
    return key && Object.hasOwn(CHARGE_FIGURES, key)
      ? orNull(CHARGE_FIGURES[key as keyof typeof CHARGE_FIGURES])
      : undefined
  if (path.length === 2 && name !== undefined && key && Object.hasOwn(KEYED_FIELDS, name))
    return orNull(KEYED_FIELDS[name as KeyedFieldName])
  return undefined
}
