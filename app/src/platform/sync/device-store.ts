// What this device keeps: changes, which of them the server has, what it knows of every job, and who and what it is.
import type { Change } from '@oak/core/job/change'
import { openDeviceDatabase, type DeviceDatabase, type KeptChange } from './device-db'
import { jobRows, withOrder, type JobRows } from './job-rows'
import type { Refusal, Stamp } from './server'

/** A change that the server would not take. */
export interface RefusedChange {
  readonly change: Change
  readonly message: string
}

export interface DeviceStore extends JobRows {
  /** Every change that is here. */
  readonly all: () => Promise<Change[]>
  /** Keeps changes made here: to be delivered. */
  readonly keep: (changes: readonly Change[]) => Promise<void>
  /** Keeps changes that came from the server. One of the same id that was written here otherwise stays as it is. */
  readonly receive: (changes: readonly Change[]) => Promise<void>
  readonly undelivered: () => Promise<Change[]>
  /** Those of them that are to be sent now: what was refused waits its time. */
  readonly due: (now: number) => Promise<Change[]>
  readonly markDelivered: (ids: readonly string[]) => Promise<void>
  readonly markRefused: (refusals: readonly Refusal[], now: number) => Promise<void>
  readonly refused: () => Promise<RefusedChange[]>
  /** Gives up changes that were refused, and fetches their jobs anew: the server may have others of these ids. */
  readonly letGo: (ids: readonly string[]) => Promise<void>
  /** The server keeps them under these times. */
  readonly restamp: (stamps: readonly Stamp[]) => Promise<void>
  /** Another database answers: everything is to be delivered anew, and fetched from its start. Of jobs that are not whole here nothing is left. */
  readonly startOver: (store: string) => Promise<void>
  readonly fact: (name: string) => Promise<string | number | undefined>
  /** `surely`: on the disk before it is answered, for what nothing may go on without. */
  readonly setFact: (name: string, value: string | number, surely?: boolean) => Promise<void>
  readonly forget: (name: string) => Promise<void>
  /** What was entered here under one id, and is not delivered, is the same device's under another. */
  readonly renameDevice: (from: string, to: string) => Promise<void>
  /** All that the server has goes, and what is known of jobs; what nobody else has stays. */
  readonly wipeDelivered: () => Promise<void>
  /** Nothing of the shop stays, nor of this device. */
  readonly wipeAll: () => Promise<void>
}

const kept = (change: Change, delivered: 0 | 1): KeptChange => ({ id: change.id, change, delivered })

/** A refused change is asked about again after a minute, then four times as long each, six hours at the most. */
export const refusedFor = (times: number): number => Math.min(60_000 * 4 ** (times - 1), 6 * 3_600_000)

/** The same change, whatever time it is kept under. */
export const sameContents = (a: Change, b: Change): boolean =>
  a.id === b.id && JSON.stringify({ ...a, at: 0 }) === JSON.stringify({ ...b, at: 0 })

/** So many at a time are written: an edit made meanwhile waits for no more, so that a page that is left at once has kept it. */
const PIECE = 100

async function receive(db: DeviceDatabase, changes: readonly Change[]): Promise<void> {
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
}

/** Deletes those of these that were refused, and has their jobs fetched anew. */
async function giveUp(db: DeviceDatabase, ids: readonly string[]): Promise<void> {
  const tx = db.transaction(['changes', 'jobs'], 'readwrite')
  const jobs = new Set<string>()
  for (const id of ids) {
    const row = await tx.objectStore('changes').get(id)
    if (!row?.refused) continue
    await tx.objectStore('changes').delete(id)
    jobs.add(row.change.job)
  }
  for (const job of jobs) {
    const row = await tx.objectStore('jobs').get(job)
    const left = await tx.objectStore('changes').index('job').count(job)
    // Begun here, and nobody else has heard of it.
    if (row && left === 0 && row.seq === 0) await tx.objectStore('jobs').delete(job)
    else if (row?.have !== undefined) await tx.objectStore('jobs').put({ ...row, have: 0 })
  }
  await tx.done
}

async function startOver(db: DeviceDatabase, store: string): Promise<void> {
  const tx = db.transaction(['changes', 'facts', 'jobs'], 'readwrite')
  for (const row of await tx.objectStore('changes').getAll())
    await tx.objectStore('changes').put(kept(row.change, 0))
  for (const row of await tx.objectStore('jobs').getAll()) {
    if (row.have === undefined) await tx.objectStore('jobs').delete(row.job)
    else await tx.objectStore('jobs').put(withOrder({ ...row, have: 0, seq: 0 }))
  }
  for (const place of ['rev', 'floor']) await tx.objectStore('facts').delete(place)
  await tx.objectStore('facts').put(store, 'store')
  await tx.done
}

async function wipeDelivered(db: DeviceDatabase): Promise<void> {
  const tx = db.transaction(['changes', 'facts', 'jobs'], 'readwrite')
  for (const key of await tx.objectStore('changes').index('delivered').getAllKeys(1))
    await tx.objectStore('changes').delete(key)
  await tx.objectStore('jobs').clear()
  for (const place of ['rev', 'floor', 'store', 'practice']) await tx.objectStore('facts').delete(place)
  await tx.done
}

export async function openDeviceStore(name = 'oak-switch'): Promise<DeviceStore> {
  const db = await openDeviceDatabase(name)
  const waiting = () => db.getAllFromIndex('changes', 'delivered', 0)
  /** Writes what becomes of each kept row of these ids, together. */
  async function rewrite(ids: readonly string[], next: (row: KeptChange) => KeptChange) {
    const tx = db.transaction('changes', 'readwrite')
    for (const id of ids) {
      const row = await tx.store.get(id)
      if (row) await tx.store.put(next(row))
    }
    await tx.done
  }
  return {
    ...jobRows(db),
    all: async () => (await db.getAll('changes')).map((row) => row.change),
    async keep(changes) {
      const tx = db.transaction('changes', 'readwrite', { durability: 'strict' })
      const puts = changes.map((change) => tx.store.put(kept(change, 0)))
      // Now, and not once the page has heard of each: a page that is left in this moment loses nothing.
      tx.commit()
      await Promise.all([...puts, tx.done])
    },
    receive: (changes) => receive(db, changes),
    undelivered: async () => (await waiting()).map((row) => row.change),
    due: async (now) =>
      (await waiting()).filter((row) => (row.refused?.until ?? 0) <= now).map((row) => row.change),
    markDelivered: (ids) => rewrite(ids, ({ change }) => kept(change, 1)),
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
    startOver: (store) => startOver(db, store),
    fact: (name) => db.get('facts', name),
    async setFact(name, value, surely = false) {
      const tx = db.transaction('facts', 'readwrite', { durability: surely ? 'strict' : 'default' })
      await Promise.all([tx.store.put(value, name), tx.done])
    },
    forget: (name) => db.delete('facts', name),
    async renameDevice(from, to) {
      const own = (await waiting()).filter(({ change }) => change.device === from)
      await rewrite(
        own.map(({ id }) => id),
        (row) => ({ ...row, change: { ...row.change, device: to } }),
      )
    },
    wipeDelivered: () => wipeDelivered(db),
    async wipeAll() {
      const tx = db.transaction(['changes', 'facts', 'jobs'], 'readwrite')
      await Promise.all([
        ...(['changes', 'facts', 'jobs'] as const).map((name) => tx.objectStore(name).clear()),
        tx.done,
      ])
    },
  }
}
