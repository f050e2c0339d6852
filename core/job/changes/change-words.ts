// One change of a job as a line that a person reads: what it is of, and what it says.
import * as v from 'valibot'
import { capital } from '../../quantity/display'
import type { TemperatureUnit } from '../../quantity/temperature'
import type { Change } from '../change'
import type { JobDocument } from '../document'
import { KEYED_FIELDS, schemaAt, type FieldName, type KeyedFieldName } from '../fields'
import { FIELD_NAMES, isField } from './field-names'
import { KEYED_WORDS, type Reader } from './keyed-values'
import { VALUE_WORDS } from './values'

/** A change in two parts; together "L1 to L2: read 0.3 V: dead". */
export interface ChangeWords {
  readonly what: string
  readonly says: string
}

const TAKEN_AWAY = 'taken away'
/** Records are read for ever; what an older version wrote otherwise is not guessed at. */
const UNREAD = 'in a form that is read no more'

/** `job`: as it is now, for the names of its posts. `degrees`: in which temperatures are read. */
export function changeWords(
  { path, value }: Pick<Change, 'path' | 'value'>,
  job: JobDocument,
  degrees: TemperatureUnit = 'F',
): ChangeWords {
  const [name, key = ''] = path
  const schema = schemaAt(path)
  if (!isField(name) || !schema) return { what: 'Something of another version', says: UNREAD }
  const read = v.safeParse(schema, value)
  const reader = { job, degrees }
  if (Object.hasOwn(KEYED_FIELDS, name)) return keyedWords(name as KeyedFieldName, key, read, reader)
  const what = capital(FIELD_NAMES[name])
  if (value === null) return { what, says: TAKEN_AWAY }
  // The table is complete by its type: what was read by a field's schema is that field's value.
  const words = VALUE_WORDS[name as FieldName] as (value: unknown, job: JobDocument) => string
  return { what, says: read.success ? words(read.output, job) : UNREAD }
}

function keyedWords(
  name: KeyedFieldName,
  key: string,
  read: v.SafeParseResult<v.GenericSchema>,
  reader: Reader,
): ChangeWords {
  const words = KEYED_WORDS[name] as {
    readonly of: (key: string, reader: Reader, value: unknown) => string
    readonly says: (value: unknown, reader: Reader, key: string) => string
  }
  const value = read.success ? read.output : null
  const what = words.of(key, reader, value)
  if (!read.success) return { what, says: UNREAD }
  return { what, says: value === null ? TAKEN_AWAY : words.says(value, reader, key) }
}
