// Codes and passwords that were tried, counted in the database: several processes count as one, and a start forgets nothing.
import type { Database } from '../store/database'

export interface Attempts {
  /** Counts one more, before it is tried: many at once are no way round it. null: there were too many already. */
  readonly begin: (what: string, limit: Limit) => Promise<Attempt | null>
  /** Forgets those of that kind. */
  readonly clear: (what: string) => Promise<void>
}
export interface Limit {
  readonly most: number
  readonly withinMs: number
}
export interface Attempt {
  /** It was right: it does not count. */
  readonly wasRight: () => Promise<void>
}

export const attemptsOf = (db: Database, now: () => number): Attempts => ({
  async begin(what, { most, withinMs }) {
    await db
      .deleteFrom('attempt')
      .where('what', '=', what)
      .where('at', '<=', now() - withinMs)
      .execute()
    const { seq } = await db
      .insertInto('attempt')
      .values({ what, at: now() })
      .returning('seq')
      .executeTakeFirstOrThrow()
    const wasRight = async () => void (await db.deleteFrom('attempt').where('seq', '=', seq).execute())
    const { n } = await db
      .selectFrom('attempt')
      .select((c) => c.fn.countAll<number>().as('n'))
      .where('what', '=', what)
      // Of many at once the first are tried.
      .where('seq', '<=', seq)
      .executeTakeFirstOrThrow()
    if (n <= most) return { wasRight }
    // What is refused does not lengthen the wait.
    await wasRight()
    return null
  },
  clear: async (what) => void (await db.deleteFrom('attempt').where('what', '=', what).execute()),
})
