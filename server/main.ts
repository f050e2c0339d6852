// The one process: API, store and web app on one port. Loopback only, unless HOST says otherwise.
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { createApp } from './app'
import { readCatalogue } from './counter/simulated-counter'
import { seedDemo, seedPhotos, seedVan } from './demo'
import { ownHosts } from './edge/hosts'
import { readTruths } from './meter/truth'
import { operationPool } from './operations/pool'
import { repositoryRoot } from './root'
import { readSettings } from './settings'
import { changeStore } from './store/change-store'
import { databaseHealth } from './store/health'
import { keepCopies } from './store/keep-copies'
import { jobIndex } from './store/jobs/index-jobs'
import { jobStore } from './store/jobs/job-store'
import { openShop } from './store/open'
import { photoStore } from './store/photo-store'

/** Ended with, when it is told why it cannot run as it is set: whoever keeps it running does not start it again. */
const TOLD = 78
const root = repositoryRoot(__dirname)

async function main(): Promise<void> {
  const settings = readSettings(process.env, root)
  const { demo, data, host, port } = settings
  mkdirSync(data, { recursive: true })
  const shop = await openShop(settings.database)
  const { db } = shop
  const index = jobIndex(db)
  const store = changeStore(db, { index })
  const photos = photoStore(db)
  if (demo) {
    await seedDemo(store, join(root, 'demo'))
    await seedVan(store, join(root, 'demo', 'van.csv'))
    await seedPhotos(photos, join(root, 'demo', 'photos'))
  }
  const operations = operationPool()
  const server = createApp({
    store,
    jobs: jobStore(db),
    photos,
    database: shop.file,
    health: () => databaseHealth(db, shop.file),
    operations,
    truths: demo ? readTruths(join(root, 'demo')) : new Map(),
    catalogue: demo ? readCatalogue(join(root, 'demo', 'counter.json')) : undefined,
    webRoot: join(root, 'app', 'dist'),
    isOwnHost: ownHosts(host, settings.hosts),
  }).listen(port, host, (error?: Error) => {
    if (error) return fail(error)
    const address = server.address()
    const shown = typeof address === 'object' && address ? address.port : port
    console.log(`Oak Switch is at http://${host}:${shown}  (data in ${data})`)
  })
  // After a new version, or an end in the midst of it.
  index.rest().catch((error: unknown) => console.error('Summaries of jobs stopped:', error))
  const copies = keepCopies(settings)
  const close = () => {
    clearInterval(copies)
    index.close()
    server.close(
      () => void Promise.allSettled([shop.close(), operations.close()]).finally(() => process.exit(0)),
    )
    server.closeAllConnections()
  }
  process.once('SIGINT', close)
  process.once('SIGTERM', close)
}

function fail(error: Error & { code?: string }): never {
  console.error(
    error.code === 'EADDRINUSE'
      ? `The port is taken; set another one, such as PORT=4651 npm start.`
      : error.message,
  )
  process.exit(TOLD)
}

main().catch(fail)
