// The running app: device store, jobs, sync, other tabs. Built once, when the first screen asks.
import { useStore } from 'zustand'
import { v4 as uuid } from 'uuid'
import type { Change } from '@oak/core/job/change'
import type { JobDocument } from '@oak/core/job/document'
import { openDeviceStore, type DeviceStore } from '../sync/device-store'
import { httpServer } from '../sync/server'
import { createSync, type Sync } from '../sync/sync'
import { createJobs, documentOf, type Edit, type Jobs, type JobsState } from './jobs'

const ROUND_EVERY_MS = 4000

let jobs: Jobs | null = null

/** The jobs of this app; `startApp` must have finished. */
export function theJobs(): Jobs {
  if (!jobs) throw new Error('the app has not started')
  return jobs
}

export async function startApp(): Promise<void> {
  if (jobs) return
  const device = await openDeviceStore()
  const deviceId = await deviceIdOf(device)
  const tabs = new BroadcastChannel('oak-switch')
  let sync: Sync | null = null
  const round = () => {
    sync?.round().catch((error: unknown) => made.store.setState({ trouble: `Delivering failed: ${String(error)}` }))
  }
  const made = createJobs({
    device,
    deviceId,
    now: () => Date.now(),
    onKept(changes) {
      tabs.postMessage(changes)
      round()
    },
  })
  sync = createSync(device, httpServer, (changes) => made.take(changes), made.setSync)
  tabs.onmessage = (event: MessageEvent<Change[]>) => made.take(event.data)
  await made.load()
  jobs = made
  round()
  setInterval(round, ROUND_EVERY_MS)
  window.addEventListener('online', round)
}

async function deviceIdOf(device: DeviceStore): Promise<string> {
  const known = await device.fact('device')
  if (typeof known === 'string') return known
  const fresh = uuid()
  await device.setFact('device', fresh)
  return fresh
}

export const useJobs = <T,>(select: (state: JobsState) => T): T => useStore(theJobs().store, select)
export const useJob = (id: string): JobDocument => useJobs((state) => documentOf(state, id))
/** Applies edits to a job; returns what is wrong with them, or null. */
export const editJob = (id: string, edits: readonly Edit[]): string | null => theJobs().edit(id, edits)
