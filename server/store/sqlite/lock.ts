// One server on one database. The lock is SQLite's own, on a file beside it: the system lets go of it when the process ends,
// also by a kill. The file remembers too that a database was made here, so that an emptied one is not taken for a new one.
import { existsSync, statSync } from 'node:fs'
import SQLite from 'better-sqlite3'

export interface DatabaseLock {
  /** A database was made here before. */
  readonly wasMade: boolean
  /** From now on there is one to lose. */
  readonly noteMade: () => void
  readonly release: () => void
}

export const lockFile = (database: string): string => `${database}.lock`

/** null: another process holds it. Throws where the folder cannot be written to. */
export function lockDatabase(database: string): DatabaseLock | null {
  const lock = new SQLite(lockFile(database), { timeout: 0 })
  try {
    // In this mode what was locked once is locked until it is closed.
    lock.pragma('locking_mode = exclusive')
    lock.exec('begin exclusive; create table if not exists made (at text); commit')
  } catch (error) {
    lock.close()
    if ((error as { code?: string }).code === 'SQLITE_BUSY') return null
    throw error
  }
  return {
    wasMade: lock.prepare('select at from made').get() !== undefined,
    noteMade: () =>
      void lock
        .prepare('insert into made (at) select current_timestamp where not exists (select 1 from made)')
        .run(),
    release: () => void lock.close(),
  }
}

/** Is there nothing at all in this file? */
export const isEmptied = (database: string): boolean => !existsSync(database) || statSync(database).size === 0
