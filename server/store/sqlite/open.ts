// Opens the shop's database for this server alone, once it is known to be whole and to be writable.
import { existsSync, statSync } from 'node:fs'
import SQLite from 'better-sqlite3'
import { Kysely, SqliteDialect, type SqliteDatabase } from 'kysely'
import { upToDate, type Database, type OpenDatabase } from '../database'
import { migrationsOf } from '../schema/migrations'
import { SQLITE } from '../schema/sqlite'
import type { Tables } from '../tables'
import { DatabaseTrouble, troubleOf } from '../trouble'
import { isEmptied, lockDatabase, lockFile, type DatabaseLock } from './lock'

/** Far more than there are in the code; lists of ids make a statement for each length. */
const MOST_PREPARED = 500

/** A statement that comes again, as those of every request do, is not prepared again. */
function remembering(sqlite: SQLite.Database): SqliteDatabase {
  const known = new Map<string, SQLite.Statement>()
  return {
    prepare(text) {
      const held = known.get(text)
      if (held) return held
      if (known.size >= MOST_PREPARED) known.clear()
      const statement = sqlite.prepare(text)
      known.set(text, statement)
      return statement
    },
    close: () => sqlite.close(),
  }
}

/** Opens the file (":memory:" for tests) and brings its tables up to date. Throws when a migration fails. */
export async function openFile(file: string): Promise<Database> {
  const sqlite = new SQLite(file)
  sqlite.pragma('journal_mode = WAL')
  sqlite.pragma('synchronous = FULL')
  const db = new Kysely<Tables>({ dialect: new SqliteDialect({ database: remembering(sqlite) }) })
  try {
    await upToDate({ db, dialect: SQLITE, name: file })
  } catch (error) {
    await db.destroy()
    throw error
  }
  return db
}

/** One that nobody else uses: a copy, or a test's. */
export async function fileAsShop(file: string): Promise<OpenDatabase> {
  const db = await openFile(file)
  return { db, dialect: SQLITE, name: file, look: () => undefined, close: () => db.destroy() }
}

const KNOWN = migrationsOf(SQLITE)

/** Throws a DatabaseTrouble where a person must do something first; then nothing was changed. */
export async function openShopFile(file: string): Promise<OpenDatabase> {
  const lock = locked(file)
  try {
    if (lock.wasMade && isEmptied(file)) throw new DatabaseTrouble('emptied', file)
    if (existsSync(file) && statSync(file).size > 0) checkWhole(file)
    const db = await openFile(file)
    lock.noteMade()
    return {
      db,
      dialect: SQLITE,
      name: file,
      look: () => {
        if (!existsSync(file)) throw new DatabaseTrouble('emptied', file)
      },
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
    if (applied.some(({ name }) => !Object.hasOwn(KNOWN, name))) throw new DatabaseTrouble('newer', file)
  } catch (error) {
    throw troubleOf(file, error) ?? error
  } finally {
    sqlite?.close()
  }
}
