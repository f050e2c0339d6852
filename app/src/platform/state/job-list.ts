// What is known of every job, open or not, and what they took of the van.
import { readable, type Change } from '@oak/core/job/change'
import { foldJob } from '@oak/core/job/fold'
import type { JobId } from '@oak/core/job/job-id'
import { summaryOf, takingsIn, type JobSummary } from '@oak/core/job/summary/summary'
import { stockLeft, VAN_ID } from '@oak/core/job/van'
import type { DeviceStore } from '../sync/device-store'
import type { JobEntry, JobList, VanState } from './jobs-state'

export const newList = (): JobList => ({ summaries: new Map(), isWhole: false })

/** Of a job as it is here; how it stands is worked out where it is looked at. */
export const summaryFrom = ({ id, changes, document }: JobEntry): JobSummary =>
  summaryOf(id, changes, document)

interface Counted {
  readonly list: JobList
  readonly van: VanState
}

const counted = (van: VanState, { summaries }: JobList): VanState => ({
  ...van,
  left: stockLeft(van.document.stock, takingsIn(summaries.values())),
})

const sameTakings = (a: JobSummary | undefined, b: JobSummary | undefined): boolean =>
  JSON.stringify(a?.taken ?? []) === JSON.stringify(b?.taken ?? [])

/** The list with these in it and those out of it; the van is counted anew where they took of it. */
export function withSummaries(
  { list: before, van }: Counted,
  summaries: readonly JobSummary[],
  gone: readonly string[] = [],
): Counted {
  // Twenty thousand are copied in a millisecond.
  const map = new Map(before.summaries)
  let moved = false
  for (const summary of summaries) {
    moved ||= !sameTakings(map.get(summary.job), summary)
    map.set(summary.job, summary)
  }
  for (const job of gone) {
    moved ||= !sameTakings(map.get(job), undefined)
    map.delete(job)
  }
  const list = { ...before, summaries: map }
  return { list, van: moved ? counted(van, list) : van }
}

/** The van counted anew if its shelves are others than before. */
export const withCounts = (van: VanState, before: VanState, list: JobList): VanState =>
  van.document === before.document ? van : counted(van, list)

function byJob(changes: readonly Change[]): Map<JobId, Change[]> {
  const found = new Map<JobId, Change[]>()
  for (const change of changes) {
    const held = found.get(change.job)
    if (held) held.push(change)
    else found.set(change.job, [change])
  }
  found.delete(VAN_ID)
  return found
}
const noteAll = (device: DeviceStore, jobs: ReadonlyMap<JobId, readonly Change[]>) =>
  device.note([...jobs].map(([id, changes]) => summaryOf(id, changes, foldJob(readable(changes)))))

/** A version of the app that kept changes alone: what it has is whole, up to where it was. */
async function firstRows(device: DeviceStore): Promise<void> {
  const jobs = byJob(await device.all())
  await noteAll(device, jobs)
  const cursor = await device.fact('cursor')
  if (typeof cursor === 'number') await device.markWhole([...jobs.keys(), VAN_ID], cursor)
  await device.setFact('rows', 1)
}

/** A page that was left at once has kept its last edit, and may have left the list as it was before. */
async function lastEdits(device: DeviceStore): Promise<void> {
  const behind = new Map<JobId, Change[]>()
  for (const [id, changes] of byJob(await device.undelivered())) {
    const known = (await device.row(id))?.summary?.at ?? 0
    if (changes.some(({ at }) => at > known)) behind.set(id, await device.changesOf(id))
  }
  if (behind.size > 0) await noteAll(device, behind)
}

/** Brings the list on this device up to the changes on it. */
export const mendList = async (device: DeviceStore): Promise<void> =>
  (await device.fact('rows')) === undefined ? firstRows(device) : lastEdits(device)
