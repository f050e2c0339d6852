// A job as a file (format "oak-switch/job"): its changes, whole, so that history travels with it.
import * as v from 'valibot'
import { problemsOf, type Problem } from '../quantity/problem'
import { VAN_ID } from './van'
import { ChangeSchema, parseChange, type Change } from './change'
import type { JobId } from './job-id'

const JOB_FORMAT = 'oak-switch/job'
const JOB_VERSION = 1
/** Largest job file read, bytes. */
export const MAX_JOB_FILE_BYTES = 5_000_000

export const JobFileSchema = v.strictObject({
  format: v.literal(JOB_FORMAT, 'This is not a job file of Oak Switch.'),
  version: v.literal(
    JOB_VERSION,
    `This job file is of another version; version ${JOB_VERSION} is read here.`,
  ),
  job: v.pipe(v.string(), v.uuid('The job’s id is not an id.')),
  changes: v.pipe(
    v.array(ChangeSchema, 'The changes must be a list.'),
    v.minLength(1, 'The file holds no changes.'),
    v.maxLength(20_000, 'The file holds more than 20,000 changes.'),
  ),
})
/** A job file (`oak-switch/job` 1): its changes, whole. */
export type JobFile = v.InferOutput<typeof JobFileSchema>

/** The file's job, or every problem of it; a file with any problem changes nothing. */
export type ReadJobFile =
  | { readonly ok: true; readonly file: JobFile }
  | { readonly ok: false; readonly problems: readonly Problem[] }

/** The text of a job file. */
export const writeJobFile = (job: JobId, changes: Change[]): string =>
  `${JSON.stringify({ format: JOB_FORMAT, version: JOB_VERSION, job, changes } satisfies JobFile, null, 2)}\n`

/** Reads a job file's text. All of it is right, or none of it is taken. */
export function readJobFile(text: string): ReadJobFile {
  if (text.length > MAX_JOB_FILE_BYTES)
    return {
      ok: false,
      problems: [{ path: '', message: 'The file is larger than 5 MB: that is no job file.' }],
    }
  const json = parseJson(text)
  if (!json.ok) return json
  const head = json.value
  if (typeof head !== 'object' || head === null || !('format' in head) || head.format !== JOB_FORMAT)
    return { ok: false, problems: [{ path: 'format', message: 'This is not a job file of Oak Switch.' }] }
  const file = v.safeParse(JobFileSchema, json.value)
  if (!file.success) return { ok: false, problems: problemsOf(file.issues) }
  if (file.output.job === VAN_ID)
    return {
      ok: false,
      problems: [
        { path: 'job', message: 'This file holds the van, not a job. A van travels as CSV and lead sheets.' },
      ],
    }
  const changes: Change[] = []
  for (const [i, raw] of file.output.changes.entries()) {
    const parsed = parseChange(raw)
    if (!parsed.ok)
      return {
        ok: false,
        problems: parsed.problems.map((p) => ({ path: `changes.${i}.${p.path}`, message: p.message })),
      }
    if (parsed.change.job !== file.output.job)
      return {
        ok: false,
        problems: [{ path: `changes.${i}.job`, message: 'A change in the file belongs to another job.' }],
      }
    changes.push(parsed.change)
  }
  return { ok: true, file: { ...file.output, changes } }
}

/** JSON, or the reason in words a person can use. */
export function parseJson(
  text: string,
):
  | { readonly ok: true; readonly value: unknown }
  | { readonly ok: false; readonly problems: readonly Problem[] } {
  try {
    return { ok: true, value: JSON.parse(text) }
  } catch {
    const cut = /^\s*[[{]/.test(text)
    return {
      ok: false,
      problems: [
        {
          path: '',
          message: cut
            ? 'The file is cut short or damaged: its JSON does not end as it should.'
            : 'This file is not JSON.',
        },
      ],
    }
  }
}
