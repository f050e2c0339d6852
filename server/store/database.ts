// The SQLite file and its tables. Migrations run at start, in order, each in a transaction.
import type { JobId } from '@oak/core/job/job-id'
import SQLite from 'better-sqlite3'
import { Kysely, Migrator, SqliteDialect, type Generated } from 'kysely'
import { MIGRATIONS } from './migrations'

export interface ChangeTable {
  /** Order of arrival at this server; what a device asks "after" of. */
  seq: Generated<number>
  id: string
  job: JobId
  /** JSON list of names. */
  path: string
  /** JSON. */
  value: string
  at: number
  /** The stamp that it came with, where the server gave it another. */
  claimed: number | null
  device: string
  technician: string
}

export interface PhotoTable {
  id: string
  /** A JPEG, as the device drew it. */
  bytes: Buffer
}

export interface Tables {
  change: ChangeTable
  photo: PhotoTable
  /** One row: the name of this database. */
  identity: { id: string }
}

export type Database = Kysely<Tables>

/** Opens the file (":memory:" for tests) and brings its tables up to date. Throws when a migration fails. */
export async function openDatabase(file: string): Promise<Database> {
  const sqlite = new SQLite(file)
  sqlite.pragma('journal_mode = WAL')
  sqlite.pragma('synchronous = FULL')
  const db = new Kysely<Tables>({ dialect: new SqliteDialect({ database: sqlite }) })
  const migrator = new Migrator({ db, provider: { getMigrations: () => Promise.resolve(MIGRATIONS) } })
  const { error } = await migrator.migrateToLatest()
  if (error) {
    await db.destroy()
    throw new Error(
      `The database ${file} could not be brought up to date: ${error instanceof Error ? error.message : 'for an unknown reason'}`,
      {
        cause: error,
      },
    )
  }
  return db
}
