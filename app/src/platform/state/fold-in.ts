// Changes folded into what the app holds of the jobs, and out of it.
import { readable, type Change } from '@oak/core/job/change'
import type { JobDocument } from '@oak/core/job/document'
import { foldJob, foldVan } from '@oak/core/job/fold'
import { EMPTY_VAN, VAN_ID } from '@oak/core/job/van'
import { sameContents } from '../sync/device-store'
import type { Stamp } from '../sync/server'
import { withCounts } from './job-list'
import type { JobsState, VanState } from './jobs-state'

export const NO_VAN: VanState = { changes: [], document: EMPTY_VAN, left: {} }

type Held = Pick<JobsState, 'jobs' | 'van' | 'list'>

/** Jobs and van with these changes taken in; what is known already changes nothing. `opens`: a job that is not open here is with them. */
export function taken(before: Held, changes: readonly Change[], opens: boolean): Held {
  const jobs = { ...before.jobs }
  let { van } = before
  for (const id of new Set(changes.map((c) => c.job))) {
    if (id !== VAN_ID && !opens && !Object.hasOwn(jobs, id)) continue
    const held = id === VAN_ID ? van.changes : (jobs[id]?.changes ?? [])
    const fresh = freshOf(
      changes.filter((c) => c.job === id),
      held,
    )
    // The server sends back what this device delivered: the job must not be made anew for that, or screens blink under a finger.
    if (fresh.length === 0) continue
    const ids = new Set(fresh.map((c) => c.id))
    const all = [...held.filter((c) => !ids.has(c.id)), ...fresh]
    if (id === VAN_ID) van = { ...van, changes: all, document: foldVan(all) }
    else jobs[id] = { id, changes: all, document: shared(jobs[id]?.document, foldJob(all)) }
  }
  return { ...before, jobs, van: withCounts(van, before.van, before.list) }
}

/** The job with every field that says what it said before kept as it was: what shows only those need not be drawn again. */
export function shared(before: JobDocument | undefined, now: JobDocument): JobDocument {
  if (!before) return now
  const fields = Object.entries(now).map(([key, value]: [string, unknown]) => {
    const held: unknown = before[key as keyof JobDocument]
    const isSame = typeof value === 'object' && JSON.stringify(held) === JSON.stringify(value)
    return [key, isSame ? held : value]
  })
  return Object.fromEntries(fields) as JobDocument
}

/** Those that are not held yet, or under another time, and can be read here, each once. Of two with one id the first stays. */
function freshOf(changes: readonly Change[], held: readonly Change[]): Change[] {
  const known = new Map(held.map((c) => [c.id, c]))
  const fresh = changes.filter((change) => {
    const before = known.get(change.id)
    return !before || (before.at !== change.at && sameContents(before, change))
  })
  return [...new Map(readable(fresh).map((c) => [c.id, c])).values()]
}

/** Jobs and van without these changes; a job that has none left is gone. */
export function without({ jobs: before, van, list }: Held, ids: ReadonlySet<string>): Held {
  const left = [...Object.values(before), { id: VAN_ID, changes: van.changes }].flatMap(({ changes }) =>
    changes.filter((c) => !ids.has(c.id)),
  )
  return taken({ jobs: {}, van: NO_VAN, list }, left, true)
}

/** The changes of these ids under the times that the server gave them. */
export function restamped({ jobs, van }: Held, stamps: readonly Stamp[]): Change[] {
  const times = new Map(stamps.map(({ id, at }) => [id, at]))
  return [...Object.values(jobs), van].flatMap(({ changes }) =>
    changes.flatMap((change) => {
      const at = times.get(change.id)
      return at === undefined ? [] : [{ ...change, at }]
    }),
  )
}
