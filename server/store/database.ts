// A shop's database, whichever it is, and its tables brought up to date: migrations run at start, in order, each in a transaction.
import { Migrator, type Kysely } from 'kysely'
import type { Dialect } from './schema/dialect'
import { migrationsOf } from './schema/migrations'
import type { Tables } from './tables'

export type Database = Kysely<Tables>

export interface OpenDatabase {
  readonly db: Database
  readonly dialect: Dialect
  /** What it is called where it is told about: its file, or its place; never with a password. */
  readonly name: string
  /** Is it there at all? Throws a DatabaseTrouble where it is not. */
  readonly look: () => void
  readonly close: () => Promise<void>
}

export interface Tidied {
  readonly db: Database
  readonly dialect: Dialect
  /** What its user knows it by. */
  readonly name: string
  /** Where its tables lie, in a database that has more than one such place. */
  readonly schema?: string
}

/** Throws when a migration fails. */
export async function upToDate({ db, dialect, name, schema }: Tidied): Promise<void> {
  const migrations = migrationsOf(dialect)
  const migrator = new Migrator({
    db,
    provider: { getMigrations: () => Promise.resolve(migrations) },
    migrationTableSchema: schema,
  })
  const { error } = await migrator.migrateToLatest()
  if (error)
    throw new Error(
      `The database ${name} could not be brought up to date: ${error instanceof Error ? error.message : 'for an unknown reason'}`,
      { cause: error },
    )
}
