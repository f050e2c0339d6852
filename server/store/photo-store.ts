// Pictures by id, beside the changes that speak of them. A picture never changes: the same id is the same picture.
import type { Database } from './database'

export interface PhotoStore {
  /** `added` or `known`; `clash` when the id holds another picture. */
  readonly put: (id: string, bytes: Buffer) => Promise<'added' | 'known' | 'clash'>
  readonly get: (id: string) => Promise<Buffer | null>
}

export function photoStore(db: Database): PhotoStore {
  const get = async (id: string) =>
    (await db.selectFrom('photo').select('bytes').where('id', '=', id).executeTakeFirst())?.bytes ?? null
  return {
    get,
    async put(id, bytes) {
      const inserted = await db
        .insertInto('photo')
        .values({ id, bytes })
        .onConflict((c) => c.column('id').doNothing())
        .executeTakeFirst()
      if (inserted.numInsertedOrUpdatedRows === 1n) return 'added'
      const held = await get(id)
      return held?.equals(bytes) ? 'known' : 'clash'
    },
  }
}
