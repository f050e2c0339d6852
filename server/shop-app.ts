// One shop: its stores on its database, its rights, and the app that serves them.
import { join } from 'node:path'
import type { Express } from 'express'
import { accessOf, shopId, type Access } from './access/access'
import { pairedOn } from './access/paired'
import { createApp } from './app'
import { readCatalogue } from './counter/simulated-counter'
import { seedDemo, seedPhotos, seedVan } from './demo'
import { ownHosts } from './edge/hosts'
import { readTruths } from './meter/truth'
import type { OperationRunner } from './operations/pool'
import type { Settings } from './settings'
import { changeStore } from './store/change-store'
import { databaseHealth } from './store/health'
import { jobIndex } from './store/jobs/index-jobs'
import { jobStore } from './store/jobs/job-store'
import { photoStore, type PhotoStore } from './store/photo-store'
import type { OpenShop } from './store/shops'

export interface ServedShop {
  readonly app: Express
  readonly hosts: readonly string[]
  /** null: open to this machine. */
  readonly rights: Access | null
  readonly close: () => Promise<void>
}

export interface ShopParts {
  readonly settings: Settings
  readonly root: string
  readonly operations: OperationRunner
  /** The root of the shop's own authority, PEM; null: it has none. */
  readonly authority: string | null
}

/** Photos that no job speaks of stay for a month: their change may still be on a phone. */
const ORPHAN_DAYS = 30
const TIDY_EVERY_MS = 6 * 3_600_000
const CATCH_UP_EVERY_MS = 60_000

const tidy = (photos: PhotoStore): Promise<unknown> =>
  photos
    .clearOrphans(ORPHAN_DAYS)
    .catch((error: unknown) => console.error('Old photos were not cleared:', error))

export async function serveShop(
  shop: OpenShop,
  { settings, root, operations, authority }: ShopParts,
): Promise<ServedShop> {
  const { demo, host } = settings
  const { db } = shop
  const index = jobIndex(db)
  const store = changeStore(db, { index })
  const photos = photoStore(db)
  if (demo) {
    await seedDemo(store, join(root, 'demo'))
    await seedVan(store, join(root, 'demo', 'van.csv'))
    await seedPhotos(photos, join(root, 'demo', 'photos'))
  }
  const isSecure = settings.tls.kind !== 'none'
  const rights = settings.paired ? accessOf(db, { isSecure }) : null
  const app = createApp({
    store,
    jobs: jobStore(db),
    photos,
    shop: () => shopId(db),
    database: shop.name,
    health: () => databaseHealth(shop),
    operations,
    truths: demo ? readTruths(join(root, 'demo')) : new Map(),
    catalogue: demo ? readCatalogue(join(root, 'demo', 'counter.json')) : undefined,
    webRoot: join(root, 'app', 'dist'),
    access: rights && pairedOn(db, rights),
    reach: { isSecure, proxies: settings.proxies, authority, isOwnHost: ownHosts(host, shop.hosts) },
  })
  const catchUp = () =>
    void index.rest().catch((error: unknown) => console.error('Summaries of jobs stopped:', error))
  // After a new version, or an end in the midst of it; and what another process left when it ended.
  catchUp()
  const catching = setInterval(catchUp, CATCH_UP_EVERY_MS)
  const tidying = setInterval(() => void tidy(photos), TIDY_EVERY_MS)
  return {
    app,
    hosts: shop.hosts,
    rights,
    close: async () => {
      clearInterval(catching)
      clearInterval(tidying)
      index.close()
      await shop.close()
    },
  }
}
