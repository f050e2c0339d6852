// All jobs on this device. An edit is folded in at once, kept on the device, then told to the other tabs and the server.
import { createStore, type StoreApi } from 'zustand/vanilla'
import { v7 as uuid } from 'uuid'
import { nextTime, parseChange, type Change } from '@oak/core/job/change'
import { EMPTY_JOB, type JobDocument } from '@oak/core/job/document'
import { foldJob } from '@oak/core/job/fold'
import type { DeviceStore } from '../sync/device-store'
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

export interface JobsState {
  readonly ready: boolean
  readonly jobs: Readonly<Record<string, JobEntry>>
  readonly sync: SyncState
  /** Pictures that the server does not have yet. */
  readonly photosWaiting: number
  /** The device could not keep an edit: what it said. */
  readonly trouble: string | null
  readonly technician: string
}

export interface Jobs {
  readonly store: StoreApi<JobsState>
  readonly load: () => Promise<void>
  readonly create: () => string
  /** Applies edits together. Returns what is wrong with the first that is not acceptable; then none is applied. */
  readonly edit: (job: string, edits: readonly Edit[]) => string | null
  /** Takes changes from a file, from another tab or from the server. */
  readonly take: (changes: readonly Change[]) => void
  readonly keepAndTake: (changes: readonly Change[]) => void
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

export function createJobs({ device, deviceId, now, onKept }: JobsPorts): Jobs {
  const store = createStore<JobsState>(() => ({ ready: false, jobs: {}, sync: { kind: 'starting' }, photosWaiting: 0, trouble: null, technician: '' }))

  function take(changes: readonly Change[]): void {
    const jobs = { ...store.getState().jobs }
    for (const id of new Set(changes.map((c) => c.job))) {
      const known = new Set(jobs[id]?.changes.map((c) => c.id))
      const fresh = changes.filter((c) => c.job === id && !known.has(c.id))
      // The server sends back what this device delivered: the job must not be made anew for that, or screens blink under a finger.
      if (fresh.length === 0) continue
      const all = new Map([...(jobs[id]?.changes ?? []), ...fresh].map((c) => [c.id, c]))
      jobs[id] = { id, changes: [...all.values()], document: foldJob(all.values()) }
    }
    store.setState({ jobs })
  }

  function keepAndTake(changes: readonly Change[]): void {
    take(changes)
    // Not delivered any more, until the next round says so.
    const { sync } = store.getState()
    if (sync.kind !== 'refused') store.setState({ sync: { kind: 'waiting', count: changes.length + (sync.kind === 'waiting' ? sync.count : 0) } })
    device
      .keep(changes)
      .then(() => onKept(changes))
      .catch((error: unknown) => store.setState({ trouble: `This device could not keep the last edit (${String(error)}). Free some space, or export the job now.` }))
  }

  return {
    store,
    take,
    keepAndTake,
    async load() {
      const technician = await device.fact(TECHNICIAN)
      take(await device.all())
      store.setState({ ready: true, technician: typeof technician === 'string' ? technician : '' })
    },
    create: () => uuid(),
    edit(job, edits) {
      const { jobs, technician } = store.getState()
      let at = nextTime(now(), jobs[job]?.changes ?? [])
      const made: Change[] = []
      for (const { path, value } of edits) {
        const parsed = parseChange({ id: uuid(), job, path: [...path], value, at: at++, device: deviceId, technician })
        if (!parsed.ok) return parsed.problems[0]?.message ?? 'That cannot be kept.'
        made.push(parsed.change)
      }
      keepAndTake(made)
      return null
    },
    setTechnician(name) {
      store.setState({ technician: name.slice(0, 300) })
      device.setFact(TECHNICIAN, name.slice(0, 300)).catch((error: unknown) => store.setState({ trouble: String(error) }))
    },
    setSync: (sync) => store.setState({ sync }),
    setPhotosWaiting: (photosWaiting) => store.setState({ photosWaiting }),
  }
}

export const documentOf = (state: JobsState, id: string): JobDocument => state.jobs[id]?.document ?? EMPTY_JOB
