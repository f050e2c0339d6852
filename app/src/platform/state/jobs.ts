// The jobs on this device: a summary of each, and whole those that are open. An edit is folded in at once, kept on the device, then told to the other tabs and the server.
import { cutText } from '@oak/core/quantity/whole-text'
import { filledBy } from '@oak/core/job/filled'
import { voidedBy } from '@oak/core/job/voided'
import { createStore, type StoreApi } from 'zustand/vanilla'
import { v7 as uuid } from 'uuid'
import { nextTime, parseChange, type Change } from '@oak/core/job/change'
import type { JobId } from '@oak/core/job/job-id'
import { EMPTY_JOB, type JobDocument } from '@oak/core/job/document'
import { foldJob } from '@oak/core/job/fold'
import type { JobSummary } from '@oak/core/job/summary/summary'
import { VAN_ID } from '@oak/core/job/van'
import type { DeviceStore } from '../sync/device-store'
import type { Stamp } from '../sync/server'
import type { SyncState } from '../sync/sync-ports'
import { NO_VAN, restamped, shared, taken, without } from './fold-in'
import { mendList, newList } from './job-list'
import { createListing } from './listing'
import type { JobEntry, JobsState } from './jobs-state'

export interface Edit {
  readonly path: readonly string[]
  readonly value: unknown
}

export interface Jobs {
  readonly store: StoreApi<JobsState>
  /** Reads what home shows; the rest of the list follows, and is awaited by `listed`. */
  readonly load: () => Promise<void>
  readonly listed: () => Promise<void>
  readonly create: () => string
  /** Applies edits together. Returns what is wrong with the first that is not acceptable; then none is applied. */
  readonly edit: (job: JobId, edits: readonly Edit[]) => string | null
  /** What the job would be with these edits; null: they are not acceptable. */
  readonly ifEdited: (job: JobId, edits: readonly Edit[]) => JobDocument | null
  /** Takes changes from another tab or from the server, for the van and the jobs that are open here. */
  readonly take: (changes: readonly Change[]) => void
  /** What is known of these jobs now. */
  readonly hear: (summaries: readonly JobSummary[]) => void
  readonly keepAndTake: (changes: readonly Change[]) => void
  /** Opens a job with the changes that this device keeps of it. */
  readonly open: (changes: readonly Change[]) => void
  /** The server keeps these under other times than they were written with. */
  readonly restamp: (stamps: readonly Stamp[]) => void
  /** Takes changes of these jobs back that were given up, and are gone from the device. */
  readonly drop: (ids: readonly string[], jobs: readonly string[]) => Promise<void>
  /** Reads anew what is known of all jobs: another server answers. */
  readonly relist: () => Promise<void>
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
  /** Called when changes were kept that others should know of, with what is known of their jobs now. */
  readonly onKept: (changes: readonly Change[], summaries: readonly JobSummary[]) => void
  /** Why the person at this device may not write that, as a sentence; null: it may be written. Not asked of what is not kept. */
  readonly forbids?: Forbids
}

/** `held`: what is here of the job. */
export type Forbids = (job: JobId, path: readonly string[], held: readonly Change[]) => string | null

const TECHNICIAN = 'technician'
const NO_JOBS: Omit<JobsState, 'list'> = {
  ready: false,
  jobs: {},
  examples: {},
  van: NO_VAN,
  sync: { kind: 'starting' },
  photosWaiting: 0,
  refused: [],
  clockOffset: 0,
  clockSeen: null,
  notTaken: null,
  trouble: null,
  technician: '',
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

interface EditPorts
  extends Pick<JobsPorts, 'deviceId' | 'now' | 'forbids'>, Pick<Jobs, 'store' | 'show' | 'keepAndTake'> {}

interface Made {
  readonly held: readonly Change[]
  readonly made: readonly Change[]
  readonly isExample: boolean
}

function createEdit({
  store,
  deviceId,
  now,
  forbids,
  show,
  keepAndTake,
}: EditPorts): Pick<Jobs, 'edit' | 'ifEdited'> {
  return {
    edit(job, edits) {
      const changes = changesFor(job, edits)
      if (typeof changes === 'string') {
        store.setState({ notTaken: { text: changes } })
        return changes
      }
      const { held, made, isExample } = changes
      if (isExample) show(job, [...held, ...made])
      else keepAndTake(made)
      return null
    },
    ifEdited(job, edits) {
      const changes = changesFor(job, edits)
      return typeof changes === 'string' ? null : foldJob([...changes.held, ...changes.made])
    },
  }

  /** What is wrong with the first that is not acceptable; then there are none. */
  function changesFor(job: JobId, edits: readonly Edit[]): Made | string {
    const { van, technician, examples } = store.getState()
    const held = job === VAN_ID ? van.changes : changesOf(store.getState(), job)
    const from = nextTime(now(), held)
    const made: Change[] = []
    const isExample = Object.hasOwn(examples, job)
    const whole = job === VAN_ID ? edits : withConsequences(documentOf(store.getState(), job), edits)
    for (const [i, { path, value }] of whole.entries()) {
      const change = { id: uuid(), job, path: [...path], value, at: from + i, device: deviceId, technician }
      const parsed = parseChange(change)
      if (!parsed.ok) return parsed.problems[0]?.message ?? 'That cannot be kept.'
      const forbidden = isExample ? null : (forbids?.(job, path, held) ?? null)
      if (forbidden !== null) return forbidden
      made.push(parsed.change)
    }
    return { held, made, isExample }
  }
}

/** The examples with this one, or with these changes of it. */
const shownWith =
  (id: JobId, changes: readonly Change[]) =>
  ({ examples }: JobsState): Pick<JobsState, 'examples'> => ({
    examples: {
      ...examples,
      [id]: { id, changes, document: shared(examples[id]?.document, foldJob([...changes])) },
    },
  })

export function createJobs({ device, deviceId, now, onKept, forbids }: JobsPorts): Jobs {
  const store = createStore<JobsState>(() => ({ ...NO_JOBS, list: newList() }))
  const take = (changes: readonly Change[], opens = false): void =>
    store.setState(taken(store.getState(), changes, opens))
  const inTrouble = (error: unknown): void =>
    store.setState({
      trouble: `This device could not keep the last edit (${String(error)}). Free some space, or export the job now.`,
    })

  const listing = createListing(store, device)
  const { hear, summariesNow, note } = listing

  function keepAndTake(changes: readonly Change[]): void {
    take(changes, true)
    const summaries = summariesNow(changes.map(({ job }) => job))
    // Not delivered any more, until the next round says so.
    const { sync } = store.getState()
    const before = sync.kind === 'waiting' ? sync.count : 0
    if (sync.kind !== 'refused') store.setState({ sync: { kind: 'waiting', count: changes.length + before } })
    hear(summaries)
    // In this same turn of the page, but after what the edit changes is drawn and asked about.
    queueMicrotask(() => {
      device
        .keep(changes)
        .then(() => onKept(changes, summaries))
        .catch(inTrouble)
      note(summaries).catch(inTrouble)
    })
  }

  const show = (id: JobId, changes: readonly Change[]): void => store.setState(shownWith(id, changes))
  const { edit, ifEdited } = createEdit({ store, deviceId, now, forbids, show, keepAndTake })

  return {
    store,
    take: (changes) => take(changes),
    hear,
    keepAndTake,
    open: (changes) => take(changes, true),
    restamp(stamps) {
      const again = restamped(store.getState(), stamps)
      take(again)
      const summaries = summariesNow(again.map(({ job }) => job))
      hear(summaries)
      note(summaries).catch(inTrouble)
    },
    async drop(ids, touched) {
      store.setState(without(store.getState(), new Set(ids)))
      for (const id of touched) await listing.reread(id)
    },
    relist: listing.relist,
    show,
    edit,
    ifEdited,
    async load() {
      await mendList(device)
      const [technician, van] = await Promise.all([
        device.fact(TECHNICIAN),
        device.changesOf(VAN_ID),
        listing.readFirst(),
      ])
      take(van)
      store.setState({ ready: true, technician: typeof technician === 'string' ? technician : '' })
    },
    listed: listing.listed,
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

/** Of a job that is open or shown; an empty one where there is none. */
export const documentOf = (state: Known, id: string): JobDocument => entryOf(state, id)?.document ?? EMPTY_JOB
/** The same list as long as nothing is edited. */
export const changesOf = (state: Known, id: string): readonly Change[] =>
  entryOf(state, id)?.changes ?? NO_CHANGES
