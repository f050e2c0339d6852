// The shops that this server serves, each with a database of its own: a file, or tables of its own on a cluster.
import { setTimeout } from 'node:timers/promises'
import type { Settings, ShopSetting } from '../settings'
import type { OpenDatabase } from './database'
import { openShopAt } from './postgres/open'
import { openShopFile } from './sqlite/open'
import { DatabaseTrouble } from './trouble'

export interface OpenShop extends OpenDatabase {
  /** null: the only one. */
  readonly shop: string | null
  /** The names that it is asked for by. */
  readonly hosts: readonly string[]
}

/** As when a machine starts and the cluster comes up after this server. */
const [AGAIN_MS, PATIENCE_MS] = [2000, 60_000]

/** Waits a minute for a cluster that does not answer yet. Throws a DatabaseTrouble where a person must do something. */
export async function openShopsSoon(settings: Parameters<typeof openShops>[0]): Promise<OpenShop[]> {
  for (let waited = 0; ; waited += AGAIN_MS)
    try {
      return await openShops(settings)
    } catch (error) {
      if (!(error instanceof DatabaseTrouble) || error.kind !== 'away' || waited >= PATIENCE_MS) throw error
      if (waited === 0) console.error(`${error.message} Waiting for it.`)
      await setTimeout(AGAIN_MS)
    }
}

/** Throws a DatabaseTrouble where a person must do something first; then none is left open. */
async function openShops({ database, hosts }: Pick<Settings, 'database' | 'hosts'>): Promise<OpenShop[]> {
  if (database.kind === 'file') return [{ ...(await openShopFile(database.file)), shop: null, hosts }]
  const { url, connections, shops } = database
  const open: OpenShop[] = []
  try {
    for (const { shop, hosts } of shops)
      open.push({ ...(await openShopAt({ url, shop }, { connections })), shop, hosts })
    return open
  } catch (error) {
    await Promise.allSettled(open.map((one) => one.close()))
    throw error
  }
}

/** The one that is meant by its name; where there is only one, it need not be named. */
export function shopNamed(shops: readonly ShopSetting[], name: string | undefined): ShopSetting {
  const [only, ...more] = shops
  const found = name === undefined && more.length === 0 ? only : shops.find(({ shop }) => shop === name)
  if (!found) throw new Error(`Which shop? --shop NAME, one of: ${shops.map(({ shop }) => shop).join(', ')}.`)
  return found
}
