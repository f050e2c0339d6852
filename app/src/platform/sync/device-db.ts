// This device's database. IndexedDB, so that a closed tab, a dead battery or no signal loses nothing.
import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Change } from '@oak/core/job/change'
import type { JobSummary } from '@oak/core/job/summary/summary'

export interface KeptChange {
  readonly id: string
  readonly change: Change
  /** 0: still to be delivered. A number, because IndexedDB cannot index booleans. */
  readonly delivered: 0 | 1
  /** The server would not take it: what it said, how often, and when it is asked again. */
  readonly refused?: { readonly message: string; readonly times: number; readonly until: number }
}

/** What is known of a job beside its changes. */
export interface JobRow {
  readonly job: string
  /** null: the van has none. */
  readonly summary: JobSummary | null
  /** The last change that the server had when it spoke of this job; 0: it has not. */
  readonly seq: number
  /** Every change that the server had up to this number is here; missing: the job is not whole on this device. */
  readonly have?: number
  /** When it was last opened here, ms. */
  readonly opened?: number
  /** It is to stay on this device. */
  readonly kept?: 1
}
/** `order`: the latest first. */
export type KeptRow = JobRow & { readonly order?: number }

interface Schema extends DBSchema {
  changes: { key: string; value: KeptChange; indexes: { delivered: number; job: string } }
  facts: { key: string; value: string | number }
  jobs: {
    key: string
    value: KeptRow
    indexes: { order: number; have: number; opened: number; kept: number }
  }
}
export type DeviceDatabase = IDBPDatabase<Schema>

export async function openDeviceDatabase(name: string): Promise<DeviceDatabase> {
  const db = await openDB<Schema>(name, 2, {
    upgrade(database, from, _to, tx) {
      if (from < 1) {
        database.createObjectStore('changes', { keyPath: 'id' }).createIndex('delivered', 'delivered')
        database.createObjectStore('facts')
      }
      tx.objectStore('changes').createIndex('job', 'change.job')
      const jobs = database.createObjectStore('jobs', { keyPath: 'job' })
      for (const index of ['order', 'have', 'opened', 'kept'] as const) jobs.createIndex(index, index)
    },
    // A later version in another tab waits for this one: it has all that was kept, so this page begins anew.
    blocking() {
      db.close()
      window.location.reload()
    },
  })
  return db
}
