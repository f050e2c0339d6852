// How the database is now, found out by using it.
import { statSync } from 'node:fs'
import { sql } from 'kysely'
import type { Database } from './database'
import { DatabaseTrouble, troubleOf } from './trouble'

/** null: it reads and writes. Else what is wrong. `file` null: it lies in memory. */
export async function databaseHealth(db: Database, file: string | null): Promise<DatabaseTrouble | null> {
  try {
    if (file !== null) statSync(file)
    // A real write, of what stands there already: a full disk and a lost right show themselves only so.
    const written = await sql`update identity set id = id`.execute(db)
    if (written.numAffectedRows !== 1n) return new DatabaseTrouble('damaged', file ?? ':memory:')
    return null
  } catch (error) {
    if ((error as { code?: string }).code === 'ENOENT')
      return new DatabaseTrouble('emptied', file ?? ':memory:')
    const trouble = troubleOf(file ?? ':memory:', error)
    if (trouble) return trouble
    throw error
  }
}
