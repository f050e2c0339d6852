// Changes in and out of the database. Putting a change twice is the same as putting it once; one that cannot be kept holds up no other.
import type { Change } from '@oak/core/job/change'
import type { JobId } from '@oak/core/job/job-id'
import type { Transaction } from 'kysely'
import { CHANGE_COLUMNS, fromRow, toRow, type ChangeRow } from './change-row'
import type { Database } from './database'
import type { JobIndex } from './jobs/index-jobs'
import { takePen } from './pen'
import { prepared } from './prepared'
import type { Tables } from './tables'

export interface PutResult {
  readonly added: readonly string[]
  readonly known: readonly string[]
  /** Ids that came again with other contents: what is kept stands. */
  readonly clashes: readonly string[]
  /** Changes from too far ahead of this server's clock, with the time under which they are kept. */
  readonly restamped: readonly Stamp[]
}
export interface Stamp {
  readonly id: string
  readonly at: number
}

export interface ChangePage {
  readonly changes: Change[]
  /** The number of the last of them, or what was asked for. */
  readonly next: number
  /** The number of the last change here: who asks after a later one knows another database. */
  readonly last: number
}

/** Who brings changes: what it did not write itself is marked, and a job that begins with them is that person's. */
export interface Deliverer {
  readonly device: string | null
  readonly person: string
}

export interface ChangeStore {
  readonly put: (changes: readonly Change[], from?: Deliverer) => Promise<PutResult>
  /** The name of this database; another database has another. */
  readonly identity: () => Promise<string>
  /** Changes that arrived after number `seq`, in order of arrival. */
  readonly after: (seq: number, limit: number) => Promise<ChangePage>
}

/** A clock may run this far ahead before its stamps are put right, ms. Phones that set themselves are within seconds. Our judgement. */
const MOST_AHEAD_MS = 5 * 60_000

const SAME: readonly (keyof ChangeRow)[] = ['id', 'job', 'path', 'value', 'device', 'technician']
/** The same change, under the stamp that it came with or the one that it was given here. */
const isSame = (row: ChangeRow, held: Held): boolean =>
  SAME.every((key) => row[key] === held[key]) && (row.at === held.at || row.at === held.claimed)

/** Those too far ahead with the server's time, one millisecond after another in their own order. */
function stamped(changes: readonly Change[], now: number): Map<string, number> {
  const ahead = changes.filter((change) => change.at > now + MOST_AHEAD_MS)
  return new Map([...ahead].sort((a, b) => a.at - b.at).map((change, i) => [change.id, now + i]))
}

type Held = ChangeRow & { readonly claimed: number | null }
const HELD = ['id', 'job', 'path', 'value', 'at', 'claimed', 'device', 'technician'] as const

const rowOf = (change: Change, stamp: number | undefined, { device }: Deliverer) => {
  const row = toRow(change)
  return {
    ...row,
    ...(stamp === undefined ? { claimed: null } : { at: stamp, claimed: row.at }),
    brought_by: device !== null && device !== row.device ? device : null,
  }
}

/** Keeps those whose ids are new; returns what stands under each id now, and which ids were new. */
async function keep(trx: Transaction<Tables>, rows: readonly ReturnType<typeof rowOf>[]) {
  if (rows.length === 0) return { fresh: new Set<string>(), held: new Map<string, Held>() }
  const inserted = await trx
    .insertInto('change')
    .values(rows)
    .onConflict((c) => c.column('id').doNothing())
    .returning('id')
    .execute()
  const held = await trx
    .selectFrom('change')
    .select(HELD)
    .where('id', 'in', [...new Set(rows.map(({ id }) => id))])
    .execute()
  return { fresh: new Set(inserted.map(({ id }) => id)), held: new Map(held.map((row) => [row.id, row])) }
}

async function putAll(trx: Transaction<Tables>, changes: readonly Change[], now: number, from: Deliverer) {
  const stamps = stamped(changes, now)
  const { fresh, held } = await keep(
    trx,
    changes.map((change) => rowOf(change, stamps.get(change.id), from)),
  )
  const [added, known, clashes]: [string[], string[], string[]] = [[], [], []]
  const restamped: Stamp[] = []
  for (const change of changes) {
    const stands = held.get(change.id)
    if (!stands || !isSame(toRow(change), stands)) {
      clashes.push(change.id)
      continue
    }
    // Twice in one batch: new the first time.
    ;(fresh.has(change.id) && !added.includes(change.id) ? added : known).push(change.id)
    if (stands.at !== change.at) restamped.push({ id: change.id, at: stands.at })
  }
  const isNew = new Set(added)
  const jobs = [...new Set(changes.filter(({ id }) => isNew.has(id)).map(({ job }) => job))]
  return { result: { added, known, clashes, restamped }, jobs }
}

/** A full disk ends a transaction by itself; the error of ending it once more must not stand in for the one that tells why. */
async function inTransaction<T>(db: Database, work: (trx: Transaction<Tables>) => Promise<T>): Promise<T> {
  let why: { readonly error: unknown } | null = null
  try {
    return await db.transaction().execute((trx) =>
      work(trx).catch((error: unknown) => {
        why = { error }
        throw error
      }),
    )
  } catch (error) {
    throw why ? (why as { readonly error: unknown }).error : error
  }
}

/** Marks their rows, in the same transaction: whatever happens next, they are worked out anew. */
async function markStale(
  trx: Transaction<Tables>,
  jobs: readonly JobId[],
  { person }: Deliverer,
): Promise<void> {
  if (jobs.length === 0) return
  await trx
    .insertInto('job')
    .values(jobs.map((id) => ({ id, stale: 1, rev: null, summary: null, begun_by: person })))
    .onConflict((c) => c.column('id').doUpdateSet({ stale: 1 }))
    .execute()
}

const NOBODY: Deliverer = { device: null, person: '' }

export interface ChangeStoreOptions {
  /** This server's clock. */
  readonly now?: () => number
  /** Hears which jobs were changed; without one their summaries wait. */
  readonly index?: Pick<JobIndex, 'touched'>
}

export function changeStore(db: Database, { now = Date.now, index }: ChangeStoreOptions = {}): ChangeStore {
  // It is another one only after a restore, and that is done while no server runs.
  let name: string | null = null
  const since = prepared(db, (seq: number, limit: number) =>
    db.selectFrom('change').select(CHANGE_COLUMNS).where('seq', '>', seq).orderBy('seq').limit(limit),
  )
  const newest = prepared(db, () => db.selectFrom('change').select((c) => c.fn.max('seq').as('last')))
  return {
    async put(changes, from = NOBODY) {
      const { result, jobs } = await inTransaction(db, async (trx) => {
        await takePen(trx)
        const put = await putAll(trx, changes, now(), from)
        await markStale(trx, put.jobs, from)
        return put
      })
      await index?.touched(jobs)
      return result
    },
    identity: async () =>
      (name ??= (await db.selectFrom('identity').select('id').executeTakeFirstOrThrow()).id),
    async after(seq, limit) {
      const rows = await since(seq, limit)
      const [end] = await newest()
      return { changes: rows.flatMap(fromRow), next: rows.at(-1)?.seq ?? seq, last: end?.last ?? 0 }
    },
  }
}
