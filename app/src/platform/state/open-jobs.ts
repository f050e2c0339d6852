// Opening a job: from the page, from this device, or from the server where it is not kept here.
import { readable, type Change } from '@oak/core/job/change'
import { foldJob } from '@oak/core/job/fold'
import type { DeviceStore } from '../sync/device-store'
import type { Jobs } from './jobs'
import type { JobEntry } from './jobs-state'

/** `elsewhere`: it is known, but not on this device, and the server is not reached. `unknown`: nobody knows of it. */
export type JobHere = 'here' | 'elsewhere' | 'unknown'

export interface OpenPorts {
  readonly jobs: Jobs
  readonly device: DeviceStore
  readonly fetch: (job: string) => Promise<number | null>
  /** The changes of these from the server, not kept here; null: it was not reached. */
  readonly look: (jobs: readonly string[]) => Promise<Change[] | null>
  readonly now: () => number
}

export async function openJob({ jobs, device, fetch, now }: OpenPorts, id: string): Promise<JobHere> {
  const { jobs: open, examples } = jobs.store.getState()
  if (Object.hasOwn(open, id) || Object.hasOwn(examples, id)) return 'here'
  const row = await device.row(id)
  if (row?.have === undefined) {
    const came = await fetch(id)
    if (came === null) return row ? 'elsewhere' : 'unknown'
    if (came === 0 && !row) return 'unknown'
  }
  jobs.open(await device.changesOf(id))
  // Of a later version, with nothing in it that this one can read.
  if (!Object.hasOwn(jobs.store.getState().jobs, id)) return 'unknown'
  await device.markOpened(id, now())
  return 'here'
}

/** So many jobs in one question to look at. */
const LOOKED = 20

function entryOf(id: string, changes: readonly Change[]): JobEntry[] {
  const read = readable(changes)
  return read.length > 0 ? [{ id, changes: read, document: foldJob(read) }] : []
}

/** Jobs to look at and not to edit: from this device, else from the server; those that neither has now are left out. */
export async function readJobs(ports: OpenPorts, ids: readonly string[]): Promise<JobEntry[]> {
  const { jobs, device, look } = ports
  const found = new Map<string, JobEntry>()
  const away: string[] = []
  for (const id of ids) {
    const open = jobs.store.getState().jobs[id]
    if (open) found.set(id, open)
    else if ((await device.row(id))?.have === undefined) away.push(id)
    else for (const entry of entryOf(id, await device.changesOf(id))) found.set(id, entry)
  }
  for (let from = 0; from < away.length; from += LOOKED) {
    const asked = away.slice(from, from + LOOKED)
    const changes = await look(asked)
    if (changes === null) break
    for (const id of asked)
      for (const entry of entryOf(
        id,
        changes.filter((c) => c.job === id),
      ))
        found.set(id, entry)
  }
  return ids.flatMap((id) => found.get(id) ?? [])
}
