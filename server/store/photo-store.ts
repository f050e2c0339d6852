// Pictures by id, beside the changes that speak of them. A picture never changes: the same id is the same picture.
import { sql, type SqlBool } from 'kysely'
import type { Database } from './database'
import { daysAgo } from './received'

export interface PhotoStore {
  /** `added` or `known`; `clash` when the id holds another picture. `device`: who brings it; null: an open server knows none. */
  readonly put: (id: string, bytes: Buffer, device?: string | null) => Promise<'added' | 'known' | 'clash'>
  readonly get: (id: string) => Promise<Buffer | null>
  /** Pictures that this device brought within the last day. */
  readonly broughtToday: (device: string) => Promise<number>
  /** Does a job that this person began speak of it, or did this device bring it? */
  readonly isOf: (id: string, person: string, device: string) => Promise<boolean>
  /** Takes away those that no job has spoken of for so many days; how many they were. */
  readonly clearOrphans: (days: number) => Promise<number>
}

/** As the index of what speaks of pictures has it. */
const isOfPhotos = sql<SqlBool>`substr(change.path, 1, 10) = '["photos",'`

export function photoStore(db: Database): PhotoStore {
  const get = async (id: string) =>
    (await db.selectFrom('photo').select('bytes').where('id', '=', id).executeTakeFirst())?.bytes ?? null
  const pathOf = (id: string) => JSON.stringify(['photos', id])
  return {
    get,
    async put(id, bytes, device = null) {
      const inserted = await db
        .insertInto('photo')
        .values({ id, bytes, brought_by: device })
        .onConflict((c) => c.column('id').doNothing())
        .executeTakeFirst()
      if (inserted.numInsertedOrUpdatedRows === 1n) return 'added'
      const held = await get(id)
      return held?.equals(bytes) ? 'known' : 'clash'
    },
    async broughtToday(device) {
      const { n } = await db
        .selectFrom('photo')
        .select((c) => c.fn.countAll<number>().as('n'))
        .where('brought_by', '=', device)
        .where('received', '>', daysAgo(1))
        .executeTakeFirstOrThrow()
      return n
    },
    async isOf(id, person, device) {
      const own = await db
        .selectFrom('change')
        .innerJoin('job', 'job.id', 'change.job')
        .select('change.id')
        .where(isOfPhotos)
        .where('change.path', '=', pathOf(id))
        .where('job.begun_by', '=', person)
        .executeTakeFirst()
      if (own) return true
      const brought = await db
        .selectFrom('photo')
        .select('id')
        .where('id', '=', id)
        .where('brought_by', '=', device)
        .executeTakeFirst()
      return brought !== undefined
    },
    async clearOrphans(days) {
      const gone = await db
        .deleteFrom('photo')
        .where('received', '<', daysAgo(days))
        .where((c) =>
          c.not(
            c.exists(
              c
                .selectFrom('change')
                .select('change.id')
                .where(isOfPhotos)
                .where('change.path', '=', sql<string>`'["photos","' || photo.id || '"]'`),
            ),
          ),
        )
        .executeTakeFirst()
      return Number(gone.numDeletedRows)
    },
  }
}
