// All jobs on this device. An edit is folded in at once, kept on the device, then told to the other tabs and the server.
import { cutText } from '@oak/core/quantity/whole-text'
import { filledBy } from '@oak/core/job/filled'
import { voidedBy } from '@oak/core/job/voided'
import { createStore, type StoreApi } from 'zustand/vanilla'
import { v7 as uuid } from 'uuid'
import { nextTime, parseChange, type Change } from '@oak/core/job/change'
import type { JobId } from '@oak/core/job/job-id'
import { EMPTY_JOB, type JobDocument } from '@oak/core/job/document'
import { foldJob, foldVan, takingsOf } from '@oak/core/job/fold'
import { EMPTY_VAN, stockLeft, VAN_ID, type VanDocument } from '@oak/core/job/van'
import { sameContents, type DeviceStore, type RefusedChange } from '../sync/device-store'
import type { Stamp } from '../sync/server'
import type { SyncState } from '../sync/sync'

export interface Edit {
  readonly path: readonly string[]
  readonly value: unknown
}

export interface JobEntry {
  readonly id: string
  readonly changes: readonly Change[]
  readonly document: JobDocument
}

export interface VanState {
  readonly changes: readonly Change[]
  readonly document: VanDocument
  /** What is left of each line, by line id. */
  readonly left: Readonly<Record<string, number>>
}

export interface JobsState {
  readonly ready: boolean
  readonly jobs: Readonly<Record<string, JobEntry>>
  /** Jobs that are shown and not kept: they count nowhere, and are gone with the page. */
  readonly examples: Readonly<Record<string, JobEntry>>
  readonly van: VanState
  readonly sync: SyncState
  /** Pictures that the server does not have yet. */
  readonly photosWaiting: number
  /** What the server would not take. */
  readonly refused: readonly RefusedChange[]
  /** How far this device's clock is from the server's, ms: the server's less its own. */
  readonly clockOffset: number
  /** What that was when somebody looked at it; null: never. */
  readonly clockSeen: number | null
  /** The last edit that was not acceptable, and why; a new value each time. */
  readonly notTaken: { readonly text: string } | null
  /** The device could not keep an edit: what it said. */
  readonly trouble: string | null
  readonly technician: string
}

export interface Jobs {
  readonly store: StoreApi<JobsState>
  readonly load: () => Promise<void>
  readonly create: () => string
  /** Applies edits together. Returns what is wrong with the first that is not acceptable; then none is applied. */
  readonly edit: (job: JobId, edits: readonly Edit[]) => string | null
  /** Takes changes from a file, from another tab or from the server. */
  readonly take: (changes: readonly Change[]) => void
  readonly keepAndTake: (changes: readonly Change[]) => void
  /** The server keeps these under other times than they were written with. */
  readonly restamp: (stamps: readonly Stamp[]) => void
  /** Takes changes back that were given up. */
  readonly drop: (ids: readonly string[]) => void
  /** Shows a job that is not kept. What is edited in it is not kept either. */
  readonly show: (job: JobId, changes: readonly Change[]) => void
  readonly setTechnician: (name: string) => void
  readonly setSync: (state: SyncState) => void
  readonly setPhotosWaiting: (count: number) => void
}

export interface JobsPorts {
  readonly device: DeviceStore
  readonly deviceId: string
  readonly now: () => number
  /** Called when changes were kept that others should know of. */
  readonly onKept: (changes: readonly Change[]) => void
}

const TECHNICIAN = 'technician'

const NO_JOBS: JobsState = {
  ready: false,
  jobs: {},
  examples: {},
  van: { changes: [], document: EMPTY_VAN, left: {} },
  sync: { kind: 'starting' },
  photosWaiting: 0,
  refused: [],
  clockOffset: 0,
  clockSeen: null,
  notTaken: null,
  trouble: null,
  technician: '',
}

/**
 * A change as this version reads it: fields that its format gained since have their defaults. One that it cannot read, as from
 * a later version, stays on the device and the server and is not folded.
 */
function readable(change: Change): Change[] {
  const parsed = parseChange(change)
  return parsed.ok ? [parsed.change] : []
}

/** Jobs and van with these changes taken in; what is known already changes nothing. */
function taken(
  { jobs: before, van: vanBefore }: JobsState,
  changes: readonly Change[],
): Pick<JobsState, 'jobs' | 'van'> {
  const jobs = { ...before }
  let van = vanBefore
  let stockMoved = false
  for (const id of new Set(changes.map((c) => c.job))) {
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
    else jobs[id] = { id, changes: all, document: foldJob(all) }
    stockMoved ||= id === VAN_ID || fresh.some((c) => c.path[0] === 'taken')
  }
  if (!stockMoved) return { jobs, van }
  const takings = takingsOf(Object.values(jobs).flatMap((entry) => entry.changes))
  return { jobs, van: { ...van, left: stockLeft(van.document.stock, takings) } }
}

/** Those that are not held yet, or under another time, and can be read here, each once. Of two with one id the first stays. */
function freshOf(changes: readonly Change[], held: readonly Change[]): Change[] {
  const known = new Map(held.map((c) => [c.id, c]))
  const fresh = changes
    .filter((change) => {
      const before = known.get(change.id)
      return !before || (before.at !== change.at && sameContents(before, change))
    })
    .flatMap(readable)
  return [...new Map(fresh.map((c) => [c.id, c])).values()]
}

/** Jobs and van without these changes; a job that has none left is gone. */
function without(
  { jobs: before, van }: JobsState,
  ids: ReadonlySet<string>,
): Pick<JobsState, 'jobs' | 'van'> {
  const left = [...Object.values(before), { id: VAN_ID, changes: van.changes }].flatMap(({ changes }) =>
    changes.filter((c) => !ids.has(c.id)),
  )
  return taken(NO_JOBS, left)
}

/** The changes of these ids under the times that the server gave them. */
function restamped({ jobs, van }: JobsState, stamps: readonly Stamp[]): Change[] {
  const times = new Map(stamps.map(({ id, at }) => [id, at]))
  return [...Object.values(jobs), van].flatMap(({ changes }) =>
    changes.flatMap((change) => {
      const at = times.get(change.id)
      return at === undefined ? [] : [{ ...change, at }]
    }),
  )
}

/** The edits with what they fill and what they make void. What is said in the same breath is neither: an undo puts back what an edit took. */
export function withConsequences(job: JobDocument, edits: readonly Edit[]): readonly Edit[] {
  const said = [...edits, ...filledBy(job, edits)]
  return [
    ...said,
    ...voidedBy(job, said).filter(
      (fallen) => !said.some(({ path }) => path.join('\n') === fallen.path.join('\n')),
    ),
  ]
}

export function createJobs({ device, deviceId, now, onKept }: JobsPorts): Jobs {
  const store = createStore<JobsState>(() => NO_JOBS)

  const take = (changes: readonly Change[]): void => store.setState(taken(store.getState(), changes))

  function keepAndTake(changes: readonly Change[]): void {
    take(changes)
    // Not delivered any more, until the next round says so.
    const { sync } = store.getState()
    const before = sync.kind === 'waiting' ? sync.count : 0
    if (sync.kind !== 'refused') store.setState({ sync: { kind: 'waiting', count: changes.length + before } })
    device
      .keep(changes)
      .then(() => onKept(changes))
      .catch((error: unknown) =>
        store.setState({
          trouble: `This device could not keep the last edit (${String(error)}). Free some space, or export the job now.`,
        }),
      )
  }

  const show = (id: JobId, changes: readonly Change[]): void =>
    store.setState(({ examples }) => ({
      examples: { ...examples, [id]: { id, changes, document: foldJob([...changes]) } },
    }))

  function edit(job: JobId, edits: readonly Edit[]): string | null {
    const text = applied(job, edits)
    if (text !== null) store.setState({ notTaken: { text } })
    return text
  }

  function applied(job: JobId, edits: readonly Edit[]): string | null {
    const { van, technician, examples } = store.getState()
    const held = job === VAN_ID ? van.changes : changesOf(store.getState(), job)
    const from = nextTime(now(), held)
    const made: Change[] = []
    const whole = job === VAN_ID ? edits : withConsequences(documentOf(store.getState(), job), edits)
    for (const [i, { path, value }] of whole.entries()) {
      const change = { id: uuid(), job, path: [...path], value, at: from + i, device: deviceId, technician }
      const parsed = parseChange(change)
      if (!parsed.ok) return parsed.problems[0]?.message ?? 'That cannot be kept.'
      made.push(parsed.change)
    }
    if (Object.hasOwn(examples, job)) show(job, [...held, ...made])
    else keepAndTake(made)
    return null
  }

  return {
    store,
    take,
    keepAndTake,
    restamp: (stamps) => take(restamped(store.getState(), stamps)),
    drop: (ids) => store.setState(without(store.getState(), new Set(ids))),
    show,
    edit,
    async load() {
      const [technician, changes] = await Promise.all([device.fact(TECHNICIAN), device.all()])
      take(changes)
      store.setState({ ready: true, technician: typeof technician === 'string' ? technician : '' })
    },
    create: () => uuid(),
    setTechnician(name) {
      store.setState({ technician: cutText(name, 300) })
      device
        .setFact(TECHNICIAN, cutText(name, 300))
        .catch((error: unknown) => store.setState({ trouble: String(error) }))
    },
    setSync: (sync) => store.setState({ sync }),
    setPhotosWaiting: (photosWaiting) => store.setState({ photosWaiting }),
  }
}

type Known = Pick<JobsState, 'jobs' | 'examples'>
const entryOf = ({ jobs, examples }: Known, id: string): JobEntry | undefined => jobs[id] ?? examples[id]
const NO_CHANGES: readonly Change[] = []

/** Of a job that is kept or shown; an empty one where there is none. */
export const documentOf = (state: Known, id: string): JobDocument => entryOf(state, id)?.document ?? EMPTY_JOB
/** The same list as long as nothing is edited. */
export const changesOf = (state: Known, id: string): readonly Change[] =>
  entryOf(state, id)?.changes ?? NO_CHANGES
