// One edit of one field of one job. A job is nothing but what its changes fold to.
import * as v from 'valibot'
import { idSchema } from '../quantity/id'
import type { JobId } from './job-id'
import { noNul } from '../quantity/name-text'
import { problemsOf, type Problem } from '../quantity/problem'
import { isWhole } from '../quantity/whole-text'
import { schemaAt, type KeyedFieldName } from './fields'
import { keyTakes } from './keyed-keys'
import { UUID } from './uuid'
import { VAN_ID, vanSchemaAt } from './van'

const Id = (what: string) => v.pipe(v.string(`${what} is missing.`), v.regex(UUID, `${what} is not an id.`))

const PathSchema = v.pipe(
  v.array(
    v.pipe(
      v.string(),
      v.minLength(1),
      v.maxLength(60),
      v.check((key) => key !== '__proto__', 'That is no field.'),
    ),
    'The field’s path is a list of names.',
  ),
  v.minLength(1, 'The field is not named.'),
  v.maxLength(2, 'No field lies that deep.'),
)

/** Changes may not claim times before 2020 or beyond 2100 (milliseconds since 1970). */
const EARLIEST = 1_577_836_800_000
const LATEST = 4_102_444_800_000
const AtSchema = v.pipe(
  v.number('The time is missing.'),
  v.integer('The time is whole milliseconds.'),
  v.minValue(EARLIEST, 'The time is before 2020.'),
  v.maxValue(LATEST, 'The time is beyond 2100.'),
)

const EnvelopeSchema = v.strictObject({
  id: Id('The change’s id'),
  job: idSchema<JobId>(Id('The job’s id')),
  path: PathSchema,
  value: v.unknown(),
  at: AtSchema,
  device: Id('The device’s id'),
  technician: v.pipe(
    v.string('The technician must be text.'),
    v.maxLength(300, 'The technician’s name has 300 letters at most.'),
    noNul('The technician’s name'),
  ),
})
/** One edit: `at` in ms since 1970, `value` null clears the field. */
export type Change = v.InferOutput<typeof EnvelopeSchema>

export const ChangeSchema = EnvelopeSchema

/** A change that may be kept, or what is wrong with it, field by field. */
export type ParsedChange =
  | { readonly ok: true; readonly change: Change }
  | { readonly ok: false; readonly problems: readonly Problem[] }

/** Checks the envelope and the value against the field it is for. */
export function parseChange(input: unknown): ParsedChange {
  const envelope = v.safeParse(EnvelopeSchema, input)
  if (!envelope.success) return { ok: false, problems: problemsOf(envelope.issues) }
  const van = envelope.output.job === VAN_ID
  const schema = (van ? vanSchemaAt : schemaAt)(envelope.output.path)
  if (!schema)
    return {
      ok: false,
      problems: [
        {
          path: 'path',
          message: `${van ? 'The van' : 'A job'} has no field “${envelope.output.path.join(' › ')}”.`,
        },
      ],
    }
  const value = v.safeParse(schema, envelope.output.value)
  if (!value.success)
    return {
      ok: false,
      problems: problemsOf(value.issues).map((p) => ({
        path: p.path ? `value.${p.path}` : 'value',
        message: p.message,
      })),
    }
  const [name, key] = envelope.output.path
  if (!van && key !== undefined && !keyTakes(name as KeyedFieldName, key, value.output))
    return {
      ok: false,
      problems: [{ path: 'path', message: `“${key}” is no key of this field with that value.` }],
    }
  if (!isWhole([envelope.output, value.output])) return { ok: false, problems: [HALF] }
  return { ok: true, change: { ...envelope.output, value: value.output } }
}

/** Half a character cannot be written down and read again as it was. */
const HALF: Problem = { path: '', message: 'A text in it is cut through the middle of a character.' }

/**
 * Changes as this version reads them: fields that its format gained since have their defaults. Those that it cannot read, as from a
 * later version, are left out; they stay where they are kept.
 */
export const readable = (changes: Iterable<Change>): Change[] =>
  [...changes].flatMap((change) => {
    const parsed = parseChange(change)
    return parsed.ok ? [parsed.change] : []
  })

/** The order in which changes count: by time, then by id. The same on every device. */
export const compareChanges = (a: Change, b: Change): number =>
  a.at - b.at || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0)

/**
 * A time for a new change: never earlier than one already seen, so that an edit made knowing another comes after it. A clock
 * that is beyond belief counts as none: the edit is kept all the same, after what was seen.
 */
export const nextTime = (nowMs: number, seen: Iterable<Change>): number => {
  let latest = EARLIEST - 1
  for (const change of seen) if (change.at > latest) latest = change.at
  return nowMs > LATEST ? latest + 1 : Math.max(nowMs, latest + 1)
}
