// A finished job to look at: shown, and not kept. It comes when it is asked for.
import { v4 as uuid } from 'uuid'
import type { Change } from '@oak/core/job/change'
import { readJobFile } from '@oak/core/job/job-file'

/** The job of that file as one that is not on any record: under an id of its own, its name says what it is, nothing is taken off the van. */
export function exampleOf(text: string, job: string): readonly Change[] {
  const read = readJobFile(text)
  if (!read.ok) throw new Error(`the example: ${read.problems[0]?.message ?? 'cannot be read'}`)
  return read.file.changes
    .filter(({ path }) => path[0] !== 'taken')
    .map((change) => ({
      ...change,
      job,
      ...(change.path[0] === 'title' ? { value: `Example: ${String(change.value)}` } : {}),
    }))
}

export async function fetchExample(): Promise<{ readonly job: string; readonly changes: readonly Change[] }> {
  const { default: file } = await import('../../../../demo/1-saltmarsh-bakery.job.json')
  const job = uuid()
  return { job, changes: exampleOf(JSON.stringify(file), job) }
}
