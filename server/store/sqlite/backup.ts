// Copies of a shop's database file, pictures and all, while its server runs; and one put back in its place.
import { copyFileSync, existsSync, renameSync, rmSync } from 'node:fs'
import SQLite from 'better-sqlite3'
import { BESIDE, keepCopy, timeOf, type Kept } from '../copies/folder'
import { DatabaseTrouble, troubleOf } from '../trouble'
import { isEmptied, lockDatabase } from './lock'
import { checkWhole } from './open'

/** A whole copy, checked by opening it; returns its file. Throws a DatabaseTrouble; then no copy is left behind and none is taken away. */
export async function backUp(database: string, kept: Kept): Promise<string> {
  if (!existsSync(database)) throw new DatabaseTrouble('missing', database)
  if (isEmptied(database)) throw new DatabaseTrouble('emptied', database)
  try {
    return await keepCopy(kept, async (half) => {
      const source = new SQLite(database, { readonly: true, fileMustExist: true })
      try {
        await source.backup(half)
      } finally {
        source.close()
      }
      checkWhole(half)
    })
  } catch (error) {
    throw troubleOf(database, error) ?? error
  }
}

/**
 * Puts a backup in the database's place, under a new name for devices, so that each delivers anew what it holds. What stood
 * there is kept beside it; returns where, or null when there was nothing. Throws a DatabaseTrouble; then nothing was changed.
 */
export function restore(backup: string, database: string, at: Date): string | null {
  if (!existsSync(backup)) throw new DatabaseTrouble('unreachable', backup)
  if (isEmptied(backup)) throw new DatabaseTrouble('emptied', backup)
  const lock = lockDatabase(database)
  if (!lock) throw new DatabaseTrouble('in-use', database)
  const fresh = `${database}.restoring`
  try {
    // What is checked is what is put in place: the copy, and not the file that it was made from.
    copyFileSync(backup, fresh)
    checkShop(fresh, backup)
    renew(fresh, at)
    const before = `${database}.before-${timeOf(at)}`
    const wasThere = !isEmptied(database)
    // What lies beside the old file belongs to it, and may hold its last changes.
    for (const ending of ['', '-wal', '-shm'])
      if (existsSync(`${database}${ending}`)) renameSync(`${database}${ending}`, `${before}${ending}`)
    renameSync(fresh, database)
    lock.noteMade()
    return wasThere ? before : null
  } finally {
    for (const ending of BESIDE) rmSync(`${fresh}${ending}`, { force: true })
    lock.release()
  }
}

/** Is the copy whole, of a version known here, and a shop's? The words name the file that the user chose. */
export function checkShop(copy: string, chosen: string): void {
  try {
    checkWhole(copy)
  } catch (error) {
    throw error instanceof DatabaseTrouble ? new DatabaseTrouble(error.kind, chosen, error) : error
  }
  const sqlite = new SQLite(copy, { readonly: true })
  const tables = sqlite
    .prepare(
      "select count(*) as n from sqlite_master where type = 'table' and name in ('change', 'identity')",
    )
    .get() as { n: number }
  sqlite.close()
  if (tables.n !== 2) throw new DatabaseTrouble('another', chosen)
}

/** Another name for devices, and when it was put back. */
export function renew(copy: string, at: Date): void {
  const sqlite = new SQLite(copy)
  sqlite.prepare('update identity set id = lower(hex(randomblob(16)))').run()
  // An older copy has no shop yet; it gets one when it is opened.
  if (sqlite.prepare("select 1 from sqlite_master where name = 'shop'").get())
    sqlite.prepare('update shop set restored = ?').run(at.getTime())
  // Into the file itself: it is moved without what lies beside it.
  sqlite.pragma('wal_checkpoint(truncate)')
  sqlite.pragma('journal_mode = delete')
  sqlite.close()
}
