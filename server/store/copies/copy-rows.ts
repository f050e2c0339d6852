// Every row of one shop's tables into another's that holds nothing yet, numbers and names too: whoever knew the first knows the second.
import type { Insertable, Transaction } from 'kysely'
import type { OpenDatabase } from '../database'
import type { ChangeTable, Tables } from '../tables'

type Table = Exclude<keyof Tables, 'job_words'>
type Trx = Transaction<Tables>

/** What each is gone through by, and so many rows at a time: pictures are large. */
const TABLES: Readonly<
  Record<Table, { readonly by: string; readonly piece: number; readonly numbered?: true }>
> = {
  identity: { by: 'id', piece: 1 },
  shop: { by: 'id', piece: 1 },
  device: { by: 'id', piece: 500 },
  code: { by: 'id', piece: 500 },
  session: { by: 'hash', piece: 500 },
  attempt: { by: 'seq', piece: 500, numbered: true },
  change: { by: 'seq', piece: 500, numbered: true },
  job: { by: 'num', piece: 500, numbered: true },
  photo: { by: 'id', piece: 20 },
  audit: { by: 'seq', piece: 500, numbered: true },
  practice: { by: 'id', piece: 500 },
}
const NAMES = Object.keys(TABLES) as Table[]

/** The tables have different columns; what is read from one is written to the one of the same name. */
type AnyRow = Readonly<Record<string, string | number>>

async function* pieces(from: Trx, table: Table): AsyncGenerator<AnyRow[]> {
  const { by, piece } = TABLES[table]
  for (let last: string | number | null = null; ;) {
    const rows = (await from
      .selectFrom(table as 'change')
      .selectAll()
      .$if(last !== null, (q) => q.where(by as 'seq', '>', last as number))
      .orderBy(by as 'seq')
      .limit(piece)
      .execute()) as unknown as AnyRow[]
    const end = rows.at(-1)
    if (!end) return
    yield rows
    last = end[by] ?? null
  }
}

async function countOf(db: Trx, table: Table): Promise<number> {
  const { n } = await db
    .selectFrom(table)
    .select((c) => c.fn.countAll<number>().as('n'))
    .executeTakeFirstOrThrow()
  return n
}

/** Has anything ever happened there? */
async function isEmpty(db: Trx): Promise<boolean> {
  for (const table of ['change', 'photo', 'device', 'audit', 'practice'] as const)
    if ((await countOf(db, table)) > 0) return false
  return true
}

async function copyTable(from: Trx, to: Trx, table: Table): Promise<number> {
  let copied = 0
  for await (const rows of pieces(from, table)) {
    await to
      .insertInto(table as 'change')
      .values(rows as unknown as Insertable<ChangeTable>[])
      .execute()
    copied += rows.length
  }
  const there = await countOf(to, table)
  if (there !== copied)
    throw new Error(`Of the table ${table} ${copied} rows were read and ${there} are there.`)
  return copied
}

/**
 * As the first stands at one moment, and all or nothing of it; returns how many rows. Throws where the second holds
 * something already.
 */
export async function copyRows(from: OpenDatabase, to: OpenDatabase): Promise<number> {
  let copied = 0
  await from.db
    .transaction()
    .setIsolationLevel('repeatable read')
    .execute((source) =>
      to.db.transaction().execute(async (target) => {
        if (!(await isEmpty(target)))
          throw new Error(
            `${to.name} holds a shop already. It is left as it is: name a place that holds nothing.`,
          )
        await target.deleteFrom('identity').execute()
        await target.deleteFrom('shop').execute()
        for (const table of NAMES) {
          copied += await copyTable(source, target, table)
          if (TABLES[table].numbered) await to.dialect.goOnAfter(target, table, TABLES[table].by)
        }
      }),
    )
  return copied
}
