// The jobs as rows on this device: a summary of each, and which are whole here.
import type { Change } from '@oak/core/job/change'
import type { JobSummary } from '@oak/core/job/summary/summary'
import { VAN_ID } from '@oak/core/job/van'
import type { DeviceDatabase, JobRow, KeptChange, KeptRow } from './device-db'
import type { JobNews } from './server'
import { isWholeHere, LATEST, OPENED_FOR } from './whole-here'

/** A job, and the number of the last change that is known of it. */
export interface JobAsked {
  readonly job: string
  readonly seq: number
}

export interface JobRows {
  /** The latest of them, the latest first. */
  readonly latest: (limit: number) => Promise<JobRow[]>
  readonly rows: () => Promise<JobRow[]>
  readonly row: (job: string) => Promise<JobRow | undefined>
  readonly changesOf: (job: string) => Promise<Change[]>
  /** Summaries that this device made itself. */
  readonly note: (summaries: readonly JobSummary[]) => Promise<void>
  /** What the server says of jobs; one with edits that are not delivered keeps the summary that was made here. Returns the rows as they are then. */
  readonly hear: (news: readonly JobNews[]) => Promise<JobRow[]>
  /** All changes of these up to that number are here now. */
  readonly markWhole: (jobs: readonly string[], have: number) => Promise<void>
  readonly markOpened: (job: string, now: number) => Promise<void>
  /** It stays on this device, or goes when it is old. */
  readonly keepHere: (job: string, stays: boolean) => Promise<void>
  /** Jobs that should be whole here and are not, or not to the last. */
  readonly toFetch: (now: number) => Promise<JobAsked[]>
  /** Lets go of jobs that need not be whole here any more and are delivered; returns how many. */
  readonly dropOld: (now: number) => Promise<number>
}

export const withOrder = (row: JobRow): KeptRow => (row.summary ? { ...row, order: -row.summary.at } : row)

async function latestOf(db: DeviceDatabase, limit: number): Promise<JobRow[]> {
  return db.getAllFromIndex('jobs', 'order', null, limit)
}

async function pendingJobs(db: DeviceDatabase): Promise<Set<string>> {
  return new Set((await db.getAllFromIndex('changes', 'delivered', 0)).map(({ change }) => change.job))
}

/** Rewrites rows together; a job that has none yet gets one. */
async function rewrite(
  db: DeviceDatabase,
  jobs: readonly string[],
  next: (row: JobRow) => JobRow,
): Promise<JobRow[]> {
  const tx = db.transaction('jobs', 'readwrite')
  const held = await Promise.all(jobs.map((job) => tx.store.get(job)))
  const rows = jobs.map((job, i) => next(held[i] ?? { job, summary: null, seq: 0 }))
  await Promise.all([...rows.map((row) => tx.store.put(withOrder(row))), tx.done])
  return rows
}

async function hear(db: DeviceDatabase, news: readonly JobNews[]): Promise<JobRow[]> {
  const pending = await pendingJobs(db)
  const byJob = new Map(news.map((one) => [one.job as string, one]))
  return rewrite(db, [...byJob.keys()], (row) => {
    const one = byJob.get(row.job)
    if (!one) return row
    const own = pending.has(row.job) && row.summary !== null
    return {
      ...row,
      seq: Math.max(row.seq, one.seq),
      summary: own ? row.summary : (one.summary ?? row.summary),
    }
  })
}

/** Those that should be whole here, as far as there are rows of them. */
async function wanted(db: DeviceDatabase, now: number): Promise<JobRow[]> {
  const [latest, opened, kept, van] = await Promise.all([
    latestOf(db, LATEST),
    db.getAllFromIndex('jobs', 'opened', IDBKeyRange.lowerBound(now - OPENED_FOR)),
    db.getAllFromIndex('jobs', 'kept'),
    db.get('jobs', VAN_ID),
  ])
  // The van first: every stage works with what is on it.
  const rows = [van ?? { job: VAN_ID, summary: null, seq: 1 }, ...latest, ...opened, ...kept]
  return [...new Map(rows.map((row) => [row.job, row])).values()]
}

async function dropOld(db: DeviceDatabase, now: number): Promise<number> {
  const [whole, latest, pending] = await Promise.all([
    db.getAllFromIndex('jobs', 'have'),
    latestOf(db, LATEST),
    pendingJobs(db),
  ])
  const latestJobs = new Set(latest.map(({ job }) => job))
  const old = whole.filter((row) => !isWholeHere(row, latestJobs, now) && !pending.has(row.job))
  for (const row of old) {
    const tx = db.transaction(['changes', 'jobs'], 'readwrite')
    const rows: KeptChange[] = await tx.objectStore('changes').index('job').getAll(row.job)
    // An edit that was made meanwhile is looked for once more, where nothing can come between.
    if (rows.some(({ delivered }) => delivered === 0)) continue
    const rest: JobRow = { ...row, have: undefined }
    await Promise.all([
      ...rows.map(({ id }) => tx.objectStore('changes').delete(id)),
      tx.objectStore('jobs').put(rest),
      tx.done,
    ])
  }
  return old.length
}

export function jobRows(db: DeviceDatabase): JobRows {
  return {
    latest: (limit) => latestOf(db, limit),
    rows: () => db.getAll('jobs'),
    row: (job) => db.get('jobs', job),
    changesOf: async (job) => (await db.getAllFromIndex('changes', 'job', job)).map(({ change }) => change),
    async note(summaries) {
      const byJob = new Map(summaries.map((summary) => [summary.job as string, summary]))
      await rewrite(db, [...byJob.keys()], (row) => ({
        ...row,
        summary: byJob.get(row.job) ?? row.summary,
        have: row.have ?? 0,
      }))
    },
    hear: (news) => hear(db, news),
    markWhole: async (jobs, have) =>
      void (await rewrite(db, jobs, (row) => ({ ...row, have: Math.max(row.have ?? 0, have) }))),
    markOpened: async (job, now) => void (await rewrite(db, [job], (row) => ({ ...row, opened: now }))),
    keepHere: async (job, stays) =>
      void (await rewrite(db, [job], (row) => ({ ...row, kept: stays ? 1 : undefined }))),
    toFetch: async (now) =>
      (await wanted(db, now))
        .filter(({ have, seq }) => (have ?? 0) < seq || have === undefined)
        .map(({ job, have }) => ({ job, seq: have ?? 0 })),
    dropOld: (now) => dropOld(db, now),
  }
}
