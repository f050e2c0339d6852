// Opens a shop on a PostgreSQL database, for this process beside any others; its schema is made where there is none.
import { sql } from 'kysely'
import type { Pool } from 'pg'
import { upToDate, type Database, type OpenDatabase } from '../database'
import { migrationsOf } from '../schema/migrations'
import { POSTGRES } from '../schema/postgres'
import { DatabaseTrouble, troubleOf } from '../trouble'
import { nameOf, overPool, poolOf, schemaOf, type Place, type PoolOptions } from './connect'

/** Throws a DatabaseTrouble where a person must do something first. */
export async function openShopAt(place: Place, options: PoolOptions = {}): Promise<OpenDatabase> {
  const name = nameOf(place)
  const pool = poolOf(place, options)
  const db = overPool(pool)
  try {
    await alone(pool, place.shop, async () => {
      await pool.query(`create schema if not exists ${schemaOf(place.shop)}`)
      // To bring it up to date looks through every table of every shop: only where there is need.
      if (!(await isUpToDate(db, name, place.shop)))
        await upToDate({ db, dialect: POSTGRES, name, schema: schemaOf(place.shop) })
    })
  } catch (error) {
    await db.destroy()
    throw troubleOf(name, error) ?? error
  }
  return { db, dialect: POSTGRES, name, look: () => undefined, close: () => db.destroy() }
}

/** Processes that start together bring the tables up to date one after the other. */
async function alone(pool: Pool, shop: string, work: () => Promise<void>): Promise<void> {
  const client = await pool.connect()
  try {
    await client.query('select pg_advisory_lock(hashtext($1))', [schemaOf(shop)])
    await work()
  } finally {
    // With the connection goes the lock.
    client.release(true)
  }
}

/** Throws where a later version was here; else whether this one was. */
async function isUpToDate(db: Database, name: string, shop: string): Promise<boolean> {
  const { rows } = await sql<{ there: string | null }>`
    select to_regclass(${`${schemaOf(shop)}.kysely_migration`})::text as there`.execute(db)
  if (!rows[0]?.there) return false
  const applied = await sql<{ name: string }>`select name from kysely_migration`.execute(db)
  const [known, done] = [migrationsOf(POSTGRES), new Set(applied.rows.map((one) => one.name))]
  if ([...done].some((one) => !Object.hasOwn(known, one))) throw new DatabaseTrouble('newer', name)
  return Object.keys(known).every((one) => done.has(one))
}
