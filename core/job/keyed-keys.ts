// Which keys a keyed field takes, and what it takes under each: only those that mean something here. A key that the unit or the
// tag gives (a wire, a lead, an output, a step) is not told apart: another unit has others; nor is what a person adds (a line, a part, a visit).
import * as v from 'valibot'
import { ALL_TESTS, CONTRIBUTORY } from '../diagnosis/model'
import { MOUNT_FIGURES } from '../mounting/figures'
import { MOUNTING_WAYS } from '../mounting/mounting-way'
import { METERING } from '../startup/charge/figures'
import { FIRST_POWER } from '../startup/first-power'
import { LineIdSchema } from '../van/stock-line'
import type { KeyedFieldName } from './fields'
import { UUID } from './uuid'

/** Says whether this value may stand under this key of a field. */
type Takes = (key: string, value: unknown) => boolean

const byId: Takes = (key) => UUID.test(key)
const among =
  (keys: readonly string[]): Takes =>
  (key) =>
    keys.includes(key)
/** The value itself tells its key: what is read as FAN stands under FAN. */
const named =
  (field: string): Takes =>
  (key, value) =>
    typeof value === 'object' && value !== null && (value as Readonly<Record<string, unknown>>)[field] === key
/** One of these answers to one of these questions. */
const answers =
  (questions: Readonly<Record<string, readonly string[]>>): Takes =>
  (key, value) =>
    Object.hasOwn(questions, key) && typeof value === 'string' && (questions[key] ?? []).includes(value)

/** Probes are named by what is read there: “volts-supply”, “amps-start cooling”. */
const readAt: Takes = (key, value) => {
  const { quantity } = value as { readonly quantity: string }
  return key.startsWith(`${quantity}-`) && key.length > quantity.length + 1
}

/** What may be answered, by question. Fan and compressor ask some by the same name, each with answers of its own. */
const ANSWERS: Record<string, string[]> = {}
for (const { id, answers: own } of [...ALL_TESTS, ...CONTRIBUTORY])
  (ANSWERS[id] ??= []).push(...own.map((answer) => answer.id))

const TAKES: { readonly [Field in KeyedFieldName]?: Takes } = {
  readings: named('of'),
  rotationSources: named('kind'),
  measurements: readAt,
  observations: answers(ANSWERS),
  plateLines: among(['unit', 'motor', 'can']),
  photos: byId,
  taken: (key) => v.is(LineIdSchema, key),
  mountInches: among(MOUNT_FIGURES),
  mountChoices: (key, value) =>
    key === 'way' ? among(MOUNTING_WAYS)(value as string, null) : among(['position', 'through'])(key, null),
  startup: answers({
    turned: FIRST_POWER,
    blade: ['same', 'other'],
    door: ['open', 'closed'],
    metering: METERING,
  }),
}

/**
 * May this value stand under this key of this field? What clears a key always may: it changes nothing where there was none.
 */
export const keyTakes = (field: KeyedFieldName, key: string, value: unknown): boolean =>
  value === null || (TAKES[field]?.(key, value) ?? true)
