// What this device keeps: every change it knows, which of them the server has, and who and what it is.
// IndexedDB, so that a closed tab, a dead battery or no signal loses nothing.
import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Change } from '@oak/core/job/change'

interface KeptChange {
  readonly change: Change
  /** 0: still to be delivered. A number, because IndexedDB cannot index booleans. */
  readonly delivered: 0 | 1
}

interface Schema extends DBSchema {
  changes: { key: string; value: KeptChange & { id: string }; indexes: { delivered: number } }
  facts: { key: string; value: string | number }
}

export interface DeviceStore {
  readonly all: () => Promise<Change[]>
  /** Keeps changes made here: to be delivered. */
  readonly keep: (changes: readonly Change[]) => Promise<void>
  /** Keeps changes that came from the server. */
  readonly receive: (changes: readonly Change[], cursor: number) => Promise<void>
  readonly undelivered: () => Promise<Change[]>
  readonly markDelivered: (ids: readonly string[]) => Promise<void>
  /** Another database answers: everything is to be delivered anew, and fetched from its start. */
  readonly startOver: (store: string) => Promise<void>
  readonly fact: (name: string) => Promise<string | number | undefined>
  readonly setFact: (name: string, value: string | number) => Promise<void>
}

const kept = (change: Change, delivered: 0 | 1) => ({ id: change.id, change, delivered })

export async function openDeviceStore(name = 'oak-switch'): Promise<DeviceStore> {
  const db: IDBPDatabase<Schema> = await openDB<Schema>(name, 1, {
    upgrade(database) {
      database.createObjectStore('changes', { keyPath: 'id' }).createIndex('delivered', 'delivered')
      database.createObjectStore('facts')
    },
  })
  return {
    all: async () => (await db.getAll('changes')).map((row) => row.change),
    async keep(changes) {
      const tx = db.transaction('changes', 'readwrite', { durability: 'strict' })
      await Promise.all([...changes.map((change) => tx.store.put(kept(change, 0))), tx.done])
    },
    async receive(changes, cursor) {
      const tx = db.transaction(['changes', 'facts'], 'readwrite')
      await Promise.all([
        ...changes.map((change) => tx.objectStore('changes').put(kept(change, 1))),
        tx.objectStore('facts').put(cursor, 'cursor'),
        tx.done,
      ])
    },
    undelivered: async () => (await db.getAllFromIndex('changes', 'delivered', 0)).map((row) => row.change),
    async markDelivered(ids) {
      const tx = db.transaction('changes', 'readwrite')
      for (const id of ids) {
        const row = await tx.store.get(id)
        if (row) await tx.store.put({ ...row, delivered: 1 })
      }
      await tx.done
    },
    async startOver(store) {
      const tx = db.transaction(['changes', 'facts'], 'readwrite')
      for (const row of await tx.objectStore('changes').getAll())
        await tx.objectStore('changes').put({ ...row, delivered: 0 })
      await tx.objectStore('facts').put(0, 'cursor')
      await tx.objectStore('facts').put(store, 'store')
      await tx.done
    },
    fact: (name) => db.get('facts', name),
    async setFact(name, value) {
      await db.put('facts', value, name)
    },
  }
}
