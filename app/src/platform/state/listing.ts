// The list of all jobs while the app runs: read at the start, kept as it is edited and heard of.
import { readable } from '@oak/core/job/change'
import { foldJob } from '@oak/core/job/fold'
import type { JobSummary } from '@oak/core/job/summary/summary'
import { VAN_ID } from '@oak/core/job/van'
import type { StoreApi } from 'zustand/vanilla'
import type { DeviceStore } from '../sync/device-store'
import { newList, summaryFrom, withSummaries } from './job-list'
import type { JobsState } from './jobs-state'

/** What a first look at home shows. */
const FIRST_ROWS = 40

export interface Listing {
  readonly hear: (summaries: readonly JobSummary[]) => void
  /** Of those of these jobs that are open, as they are now. */
  readonly summariesNow: (jobs: Iterable<string>) => JobSummary[]
  /** Keeps them on the device. */
  readonly note: (summaries: readonly JobSummary[]) => Promise<void>
  /** What is known of a job, from what the device has of it now; nothing: it is gone. */
  readonly reread: (job: string) => Promise<void>
  readonly readFirst: () => Promise<void>
  /** Once the rest is read too. */
  readonly listed: () => Promise<void>
  /** All of it anew. */
  readonly relist: () => Promise<void>
}

const isNewer = (held: JobSummary | undefined, read: JobSummary): boolean =>
  held !== undefined && held.at > read.at

export function createListing(store: StoreApi<JobsState>, device: DeviceStore): Listing {
  let listed: Promise<void> = Promise.resolve()
  const hear = (summaries: readonly JobSummary[]): void => {
    if (summaries.length > 0) store.setState(withSummaries(store.getState(), summaries))
  }
  /** Of the jobs that these touch, as they are now. */
  const summariesNow = (jobs: Iterable<string>): JobSummary[] =>
    [...new Set(jobs)].flatMap((id) => {
      const entry = store.getState().jobs[id]
      return entry ? [summaryFrom(entry)] : []
    })
  const note = (summaries: readonly JobSummary[]): Promise<void> =>
    summaries.length > 0 ? device.note(summaries) : Promise.resolve()
  /** What was edited or heard of while they were read is newer. */
  function hearRows(rows: readonly { readonly summary: JobSummary | null }[]): void {
    const { summaries } = store.getState().list
    hear(
      rows.flatMap(({ summary }) =>
        summary && !isNewer(summaries.get(summary.job), summary) ? [summary] : [],
      ),
    )
  }
  const setWhole = (isWhole: boolean) => store.setState(({ list }) => ({ list: { ...list, isWhole } }))

  async function readAll(): Promise<void> {
    hearRows(await device.rows())
    setWhole(true)
  }
  return {
    hear,
    summariesNow,
    note,
    async reread(id) {
      if (id === VAN_ID) return
      const changes = readable(await device.changesOf(id))
      if (changes.length === 0) return store.setState(withSummaries(store.getState(), [], [id]))
      const summary = summaryFrom({ id, changes, document: foldJob(changes) })
      hear([summary])
      await note([summary])
    },
    async readFirst() {
      const rows = await device.latest(FIRST_ROWS)
      hearRows(rows)
      if (rows.length < FIRST_ROWS) return setWhole(true)
      // After what is seen is drawn.
      listed = new Promise((resolve) => setTimeout(resolve)).then(readAll)
    },
    listed: () => listed,
    async relist() {
      store.setState({ list: newList() })
      await readAll()
    },
  }
}
