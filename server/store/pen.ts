// One writer at a time, across every process on this database. Numbers that say in which order something came are given out only by who has
// the pen, and it is laid down by the commit: so whoever sees a number sees all below it.
import { sql, type Transaction } from 'kysely'
import type { Tables } from './tables'

/** To be taken before anything else in the transaction: who takes it later could wait for one who waits for it. */
export async function takePen(trx: Transaction<Tables>): Promise<void> {
  await sql`update identity set id = id`.execute(trx)
}
