// What this device keeps: every change it knows, which of them the server has, and who and what it is.
// IndexedDB, so that a closed tab, a dead battery or no signal loses nothing.
import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Change } from '@oak/core/job/change'
import type { Refusal, Stamp } from './server'

interface KeptChange {
  readonly change: Change
  /** 0: still to be delivered. A number, because IndexedDB cannot index booleans. */
  readonly delivered: 0 | 1
  /** The server would not take it: what it said, how often, and when it is asked again. */
  readonly refused?: { readonly message: string; readonly times: number; readonly until: number }
}

interface Schema extends DBSchema {
  changes: { key: string; value: KeptChange & { id: string }; indexes: { delivered: number } }
  facts: { key: string; value: string | number }
}

/** A change that the server would not take. */
export interface RefusedChange {
  readonly change: Change
  readonly message: string
}

export interface DeviceStore {
  readonly all: () => Promise<Change[]>
  /** Keeps changes made here: to be delivered. */
  readonly keep: (changes: readonly Change[]) => Promise<void>
  /** Keeps changes that came from the server. One of the same id that was written here otherwise stays as it is. */
  readonly receive: (changes: readonly Change[], cursor: number) => Promise<void>
  readonly undelivered: () => Promise<Change[]>
  /** Those of them that are to be sent now: what was refused waits its time. */
  readonly due: (now: number) => Promise<Change[]>
  readonly markDelivered: (ids: readonly string[]) => Promise<void>
  readonly markRefused: (refusals: readonly Refusal[], now: number) => Promise<void>
  readonly refused: () => Promise<RefusedChange[]>
  /** Gives up changes that were refused, and fetches everything anew: the server may have others of these ids. */
  readonly letGo: (ids: readonly string[]) => Promise<void>
  /** The server keeps them under these times. */
  readonly restamp: (stamps: readonly Stamp[]) => Promise<void>
  /** Another database answers: everything is to be delivered anew, and fetched from its start. */
  readonly startOver: (store: string) => Promise<void>
  readonly fact: (name: string) => Promise<string | number | undefined>
  readonly setFact: (name: string, value: string | number) => Promise<void>
}

const kept = (change: Change, delivered: 0 | 1) => ({ id: change.id, change, delivered })

/** A refused change is asked about again after a minute, then four times as long each, six hours at the most. */
export const refusedFor = (times: number): number => Math.min(60_000 * 4 ** (times - 1), 6 * 3_600_000)

/** The same change, whatever time it is kept under. */
export const sameContents = (a: Change, b: Change): boolean =>
  a.id === b.id && JSON.stringify({ ...a, at: 0 }) === JSON.stringify({ ...b, at: 0 })

/** So many at a time are written: an edit made meanwhile waits for no more, so that a page that is left at once has kept it. */
const PIECE = 100

async function receive(db: IDBPDatabase<Schema>, changes: readonly Change[], cursor: number): Promise<void> {
  for (let from = 0; from < changes.length; from += PIECE) {
    const piece = changes.slice(from, from + PIECE)
    const tx = db.transaction('changes', 'readwrite')
    const held = await Promise.all(piece.map(({ id }) => tx.store.get(id)))
    const fresh = piece.filter((change, i) => {
      const row = held[i]
      return !row || row.delivered === 1 || sameContents(row.change, change)
    })
    await Promise.all([...fresh.map((change) => tx.store.put(kept(change, 1))), tx.done])
  }
  // Last: a page that was cut off is asked for again, and is the same twice.
  await db.put('facts', cursor, 'cursor')
}

/** Deletes those of these that were refused, and has everything fetched anew. */
async function giveUp(db: IDBPDatabase<Schema>, ids: readonly string[]): Promise<void> {
  const tx = db.transaction(['changes', 'facts'], 'readwrite')
  for (const id of ids) {
    const row = await tx.objectStore('changes').get(id)
    if (row?.refused) await tx.objectStore('changes').delete(id)
  }
  await tx.objectStore('facts').put(0, 'cursor')
  await tx.done
}

export async function openDeviceStore(name = 'oak-switch'): Promise<DeviceStore> {
  const db: IDBPDatabase<Schema> = await openDB<Schema>(name, 1, {
    upgrade(database) {
      database.createObjectStore('changes', { keyPath: 'id' }).createIndex('delivered', 'delivered')
      database.createObjectStore('facts')
    },
  })
  const waiting = () => db.getAllFromIndex('changes', 'delivered', 0)
  /** Writes what becomes of each kept row of these ids, together. */
  async function rewrite(ids: readonly string[], next: (row: KeptChange & { id: string }) => KeptChange) {
    const tx = db.transaction('changes', 'readwrite')
    for (const id of ids) {
      const row = await tx.store.get(id)
      if (row) await tx.store.put({ ...next(row), id })
    }
    await tx.done
  }
  return {
    all: async () => (await db.getAll('changes')).map((row) => row.change),
    async keep(changes) {
      const tx = db.transaction('changes', 'readwrite', { durability: 'strict' })
      const puts = changes.map((change) => tx.store.put(kept(change, 0)))
      // Now, and not once the page has heard of each: a page that is left in this moment loses nothing.
      tx.commit()
      await Promise.all([...puts, tx.done])
    },
    receive: (changes, cursor) => receive(db, changes, cursor),
    undelivered: async () => (await waiting()).map((row) => row.change),
    due: async (now) =>
      (await waiting()).filter((row) => (row.refused?.until ?? 0) <= now).map((row) => row.change),
    markDelivered: (ids) => rewrite(ids, ({ change }) => ({ change, delivered: 1 })),
    markRefused: (refusals, now) =>
      rewrite(
        refusals.map(({ id }) => id),
        (row) => {
          const times = (row.refused?.times ?? 0) + 1
          const message = refusals.find(({ id }) => id === row.id)?.message ?? ''
          return { ...row, refused: { message, times, until: now + refusedFor(times) } }
        },
      ),
    refused: async () =>
      (await waiting()).flatMap(({ change, refused }) =>
        refused ? [{ change, message: refused.message }] : [],
      ),
    letGo: (ids) => giveUp(db, ids),
    restamp: (stamps) => {
      const times = new Map(stamps.map(({ id, at }) => [id, at]))
      return rewrite([...times.keys()], (row) => ({
        ...row,
        change: { ...row.change, at: times.get(row.id) ?? row.change.at },
      }))
    },
    async startOver(store) {
      const tx = db.transaction(['changes', 'facts'], 'readwrite')
      for (const { id, change } of await tx.objectStore('changes').getAll())
        await tx.objectStore('changes').put({ id, change, delivered: 0 })
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
