// Every field a job has, by path, with the schema of its value. A change to any other path is refused.
import * as v from 'valibot'
import { CanSchema, MAX_MICROFARADS } from '../capacitor/can'
import { LeadSheetSchema } from '../motor/lead-sheet'
import { DirectionSchema, RotationSchema } from '../rotation/view'
import { PlacementSchema } from '../wiring/placement'
import { UNIT_TYPE_IDS } from '../wiring/unit-types'
import { WireSchema } from '../wiring/wire'

const text = (what: string, most: number) => v.pipe(v.string(`${what} must be text.`), v.maxLength(most, `${what} has ${most} letters at most.`))
const positive = (what: string, unit: string, most: number) =>
  v.pipe(v.number(`${what} must be a number.`), v.gtValue(0, `${what} must be above 0 ${unit}.`), v.maxValue(most, `${what} above ${most} ${unit} is not believable.`))

export const ReadingSchema = v.strictObject({
  /** Which capacitor was read. */
  of: v.picklist(['FAN', 'HERM'], 'A reading is of the FAN or the HERM side.'),
  amps: positive('Amps in the start lead', 'A', 200),
  volts: positive('Volts across the capacitor', 'V', 1000),
  hertz: v.picklist([50, 60], 'The supply is 50 or 60 Hz.'),
  ratedMicrofarads: v.nullable(positive('Rated µF', 'µF', MAX_MICROFARADS)),
  tolerancePercent: v.pipe(v.number(), v.gtValue(0), v.maxValue(50)),
})
export type Reading = v.InferOutput<typeof ReadingSchema>

export const ProvenSchema = v.strictObject({
  verdict: v.picklist(['proven', 'watch']),
  sentence: text('The verdict', 1000),
  /** What was proven, as a short print of all that the proof rests on. */
  print: text('The print', 64),
})
/** The moment someone pressed Prove, and what was proven. */
export type Proven = v.InferOutput<typeof ProvenSchema>

const orNull = <S extends v.GenericSchema>(schema: S) => v.nullable(schema)

/** Single fields. `null` clears one. */
export const FIELDS = {
  title: text('The job’s name', 300),
  site: text('The place', 300),
  notes: text('The notes', 4000),
  removed: v.boolean(),
  unit: v.picklist(UNIT_TYPE_IDS as [string, ...string[]], 'That unit type is not known here.'),
  motor: LeadSheetSchema,
  horsepower: text('Horsepower', 10),
  wanted: RotationSchema,
  plug: DirectionSchema,
  can: CanSchema,
  compressorMicrofarads: positive('The compressor’s µF', 'µF', MAX_MICROFARADS),
  prefer: v.picklist(['exact', 'simple']),
  proven: ProvenSchema,
} as const

/** Fields with one value a key: wires by id, leads by name, readings by id. */
export const KEYED_FIELDS = { wires: WireSchema, placements: PlacementSchema, readings: ReadingSchema } as const

export type FieldName = keyof typeof FIELDS
export type KeyedFieldName = keyof typeof KEYED_FIELDS

/** The schema of the value at a path, null allowed; undefined when a job has no such field. */
export function schemaAt(path: readonly string[]): v.GenericSchema | undefined {
  const [name, key] = path
  if (path.length === 1 && name !== undefined && Object.hasOwn(FIELDS, name)) return orNull(FIELDS[name as FieldName])
  if (path.length === 2 && name !== undefined && key && Object.hasOwn(KEYED_FIELDS, name)) return orNull(KEYED_FIELDS[name as KeyedFieldName])
  return undefined
}
