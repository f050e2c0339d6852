// Opens the shop's database for this server alone, once it is known to be whole and to be writable.
import { existsSync, statSync } from 'node:fs'
import SQLite from 'better-sqlite3'
import { openDatabase, type Database } from './database'
import { isEmptied, lockDatabase, lockFile, type DatabaseLock } from './lock'
import { MIGRATIONS } from './migrations'
import { DatabaseTrouble, troubleOf } from './trouble'

export interface OpenDatabase {
  readonly db: Database
  readonly file: string
  readonly close: () => Promise<void>
}

/** Throws a DatabaseTrouble where a person must do something first; then nothing was changed. */
export async function openShop(file: string): Promise<OpenDatabase> {
  const lock = locked(file)
  try {
    if (lock.wasMade && isEmptied(file)) throw new DatabaseTrouble('emptied', file)
    if (existsSync(file) && statSync(file).size > 0) checkWhole(file)
    const db = await openDatabase(file)
    lock.noteMade()
    return {
      db,
      file,
      close: async () => {
        await db.destroy()
        lock.release()
      },
    }
  } catch (error) {
    lock.release()
    throw troubleOf(file, error) ?? error
  }
}

function locked(file: string): DatabaseLock {
  let lock: DatabaseLock | null
  try {
    lock = lockDatabase(file)
  } catch (error) {
    const trouble = troubleOf(file, error)
    // A lock that is damaged says nothing of the database: it is named itself.
    if (trouble?.kind === 'damaged') throw new DatabaseTrouble('damaged', lockFile(file), error)
    throw trouble ?? error
  }
  if (!lock) throw new DatabaseTrouble('in-use', file)
  return lock
}

/** Looks without changing anything: every page, whether it can be written to, and whose version it is. */
export function checkWhole(file: string): void {
  let sqlite: SQLite.Database | null = null
  try {
    sqlite = new SQLite(file, { fileMustExist: true })
    const [said] = sqlite.pragma('quick_check(1)') as { quick_check: string }[]
    if (said?.quick_check !== 'ok') throw new DatabaseTrouble('damaged', file)
    sqlite.exec('begin immediate; rollback')
    const applied = sqlite
      .prepare("select 1 from sqlite_master where type = 'table' and name = 'kysely_migration'")
      .get()
      ? (sqlite.prepare('select name from kysely_migration').all() as { name: string }[])
      : []
    if (applied.some(({ name }) => !Object.hasOwn(MIGRATIONS, name))) throw new DatabaseTrouble('newer', file)
  } catch (error) {
    throw troubleOf(file, error) ?? error
  } finally {
    sqlite?.close()
  }
}
