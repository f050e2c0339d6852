// Copies of a shop on a cluster, as SQLite files, while its servers run; and one put back in its place.
import { copyFileSync, existsSync, mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Pool } from 'pg'
import { copyRows } from '../copies/copy-rows'
import { keepCopy, timeOf, type Kept } from '../copies/folder'
import type { OpenDatabase } from '../database'
import { checkShop, renew } from '../sqlite/backup'
import { checkWhole, fileAsShop } from '../sqlite/open'
import { DatabaseTrouble, troubleOf } from '../trouble'
import { nameOf, poolOf, schemaOf, serverOf, type Place } from './connect'
import { openShopAt } from './open'

/** What a tool is listed as on the cluster: it is no server. */
const TOOL = 'oak-switch tool'

export const openForTool = (place: Place): Promise<OpenDatabase> => openShopAt(place, { as: TOOL })

async function withPool<T>(place: Place, work: (pool: Pool) => Promise<T>): Promise<T> {
  const pool = poolOf(place, { connections: 2, as: TOOL })
  try {
    return await work(pool)
  } finally {
    await pool.end()
  }
}

const isThere = async (pool: Pool, schema: string): Promise<boolean> =>
  (await pool.query('select 1 from pg_namespace where nspname = $1', [schema])).rowCount === 1

/** Throws where a server of that shop is connected. */
async function onlyWithoutServers(pool: Pool, place: Place): Promise<void> {
  const { rowCount } = await pool.query(
    'select 1 from pg_stat_activity where datname = current_database() and application_name = $1',
    [serverOf(place.shop)],
  )
  if (rowCount) throw new DatabaseTrouble('served', nameOf(place))
}

export const checkNotServed = (place: Place): Promise<void> =>
  withPool(place, (pool) => onlyWithoutServers(pool, place))

export const isShopThere = (place: Place): Promise<boolean> =>
  withPool(place, (pool) => isThere(pool, schemaOf(place.shop)))

/** A whole copy, as of one moment; returns its file. Throws a DatabaseTrouble. */
export async function backUpPlace(place: Place, kept: Kept): Promise<string> {
  try {
    if (!(await isShopThere(place))) throw new DatabaseTrouble('missing', nameOf(place))
    const from = await openForTool(place)
    try {
      return await keepCopy(kept, async (half) => {
        const to = await fileAsShop(half)
        try {
          await copyRows(from, to)
        } finally {
          await to.close()
        }
        checkWhole(half)
      })
    } finally {
      await from.close()
    }
  } catch (error) {
    throw troubleOf(nameOf(place), error) ?? error
  }
}

/**
 * Puts a backup in the shop's place, under a new name for devices, so that each delivers anew what it holds. What stood
 * there is kept as another schema; returns its name, or null when there was nothing. Where it throws, nothing was changed.
 */
export async function restorePlace(backup: string, place: Place, at: Date): Promise<string | null> {
  if (!existsSync(backup)) throw new DatabaseTrouble('unreachable', backup)
  const folder = mkdtempSync(join(tmpdir(), 'oak-restore-'))
  const [schema, before] = [
    schemaOf(place.shop),
    `${schemaOf(place.shop)}_before_${timeOf(at).replace('-', '_')}`,
  ]
  try {
    const copy = join(folder, 'copy.sqlite')
    copyFileSync(backup, copy)
    checkShop(copy, backup)
    renew(copy, at)
    return await withPool(place, async (pool) => {
      await onlyWithoutServers(pool, place)
      const wasThere = await isThere(pool, schema)
      if (wasThere) await pool.query(`alter schema ${schema} rename to ${before}`)
      try {
        await fill(copy, place)
      } catch (error) {
        await pool.query(`drop schema if exists ${schema} cascade`)
        if (wasThere) await pool.query(`alter schema ${before} rename to ${schema}`)
        throw error
      }
      return wasThere ? before : null
    })
  } catch (error) {
    throw troubleOf(nameOf(place), error) ?? error
  } finally {
    rmSync(folder, { recursive: true })
  }
}

async function fill(copy: string, place: Place): Promise<void> {
  const from = await fileAsShop(copy)
  try {
    const to = await openForTool(place)
    try {
      await copyRows(from, to)
    } finally {
      await to.close()
    }
  } finally {
    await from.close()
  }
}
