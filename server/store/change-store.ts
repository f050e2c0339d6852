// Changes in and out of the database. Putting a change twice is the same as putting it once.
import type { Change } from '@oak/core/job/change'
import type { Database } from './database'

export type PutResult =
  | { readonly ok: true; readonly added: readonly string[]; readonly known: readonly string[] }
  /** An id came again with other contents: nothing of the batch was stored. */
  | { readonly ok: false; readonly clash: string }

export interface ChangeStore {
  readonly put: (changes: readonly Change[]) => Promise<PutResult>
  /** The name of this database; another database has another. */
  readonly identity: () => Promise<string>
  /** Changes that arrived after number `seq`, in order of arrival, and the number of the last. */
  readonly after: (
    seq: number,
    limit: number,
  ) => Promise<{ readonly changes: Change[]; readonly next: number }>
}

const toRow = ({ id, job, path, value, at, device, technician }: Change) => ({
  id,
  job,
  path: JSON.stringify(path),
  value: JSON.stringify(value),
  at,
  device,
  technician,
})
type Row = ReturnType<typeof toRow>
const fromRow = ({ id, job, path, value, at, device, technician }: Row): Change => ({
  id,
  job,
  path: JSON.parse(path) as string[],
  value: JSON.parse(value) as unknown,
  at,
  device,
  technician,
})

const sameRow = (a: Row, b: Row): boolean =>
  (Object.keys(a) as (keyof Row)[]).every((key) => a[key] === b[key])

class Clash extends Error {
  constructor(readonly id: string) {
    super(`change ${id} came again with other contents`)
  }
}

export function changeStore(db: Database): ChangeStore {
  return {
    async put(changes) {
      try {
        return await db.transaction().execute(async (trx) => {
          const added: string[] = []
          const known: string[] = []
          for (const row of changes.map(toRow)) {
            const inserted = await trx
              .insertInto('change')
              .values(row)
              .onConflict((c) => c.column('id').doNothing())
              .executeTakeFirst()
            if (inserted.numInsertedOrUpdatedRows === 1n) {
              added.push(row.id)
              continue
            }
            const held = await trx
              .selectFrom('change')
              .select(['id', 'job', 'path', 'value', 'at', 'device', 'technician'])
              .where('id', '=', row.id)
              .executeTakeFirstOrThrow()
            if (!sameRow(row, held)) throw new Clash(row.id)
            known.push(row.id)
          }
          return { ok: true, added, known }
        })
      } catch (error) {
        if (error instanceof Clash) return { ok: false, clash: error.id }
        throw error
      }
    },
    identity: async () => (await db.selectFrom('identity').select('id').executeTakeFirstOrThrow()).id,
    async after(seq, limit) {
      const rows = await db
        .selectFrom('change')
        .select(['seq', 'id', 'job', 'path', 'value', 'at', 'device', 'technician'])
        .where('seq', '>', seq)
        .orderBy('seq')
        .limit(limit)
        .execute()
      return { changes: rows.map(fromRow), next: rows.at(-1)?.seq ?? seq }
    },
  }
}
