// How the database is now, found out by using it.
import { sql } from 'kysely'
import type { OpenDatabase } from './database'
import { DatabaseTrouble, troubleOf } from './trouble'

/** null: it reads and writes. Else what is wrong. */
export async function databaseHealth({
  db,
  name,
  look,
}: Pick<OpenDatabase, 'db' | 'name' | 'look'>): Promise<DatabaseTrouble | null> {
  try {
    look()
    // A real write, of what stands there already: a full disk and a lost right show themselves only so.
    const written = await sql`update identity set id = id`.execute(db)
    if (written.numAffectedRows !== 1n) return new DatabaseTrouble('damaged', name)
    return null
  } catch (error) {
    const trouble = troubleOf(name, error)
    if (trouble) return trouble
    throw error
  }
}
