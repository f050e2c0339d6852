// A shop that nothing else has seen: a database in memory, or, where these tests run on a cluster, tables of its own there.
import { sql } from 'kysely'
import type { OpenDatabase } from '../store/database'
import { schemaOf, type Place } from '../store/postgres/connect'
import { openShopAt } from '../store/postgres/open'
import { fileAsShop } from '../store/sqlite/open'

/** Each worker of the tests has a database of its own: shops that go while another is made would be missed by it. */
export const databaseOf = (worker: number): string => `oak_${worker}`

/** Where the cluster of these tests is; set by the run that started it. */
export function testCluster(): string {
  const url = process.env.OAK_TEST_POSTGRES
  if (!url)
    throw new Error('These tests need a PostgreSQL cluster; jest starts one for the project “postgres”.')
  return url.replace('///oak?', `///${databaseOf(Number(process.env.JEST_WORKER_ID))}?`)
}

/** Set in the project that runs on it. */
const isOnPostgres = (): boolean => process.env.OAK_TEST_STORE === 'postgres'

let made = 0
/** Of a name that no other test has. */
export const newPlace = (): Place => ({
  url: testCluster(),
  shop: `t${process.pid}_${Date.now().toString(36)}_${++made}`,
})

/** Its tables go with it: the more a cluster has, the longer it takes to make others. */
async function openTestPlace(): Promise<OpenDatabase> {
  const place = newPlace()
  const shop = await openShopAt(place, { connections: 4 })
  const end = shop.db.destroy.bind(shop.db)
  shop.db.destroy = async () => {
    await sql`drop schema ${sql.id(schemaOf(place.shop))} cascade`.execute(shop.db)
    await end()
  }
  return shop
}

export const openTestShop = (): Promise<OpenDatabase> =>
  isOnPostgres() ? openTestPlace() : fileAsShop(':memory:')
