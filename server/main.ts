// The one process: API, store and web app on one port. Loopback only, unless HOST says otherwise.
import { mkdirSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { createApp } from './app'
import { readCatalogue } from './counter/simulated-counter'
import { seedDemo, seedPhotos, seedVan } from './demo'
import { hostList, ownHosts } from './edge/hosts'
import { readTruths } from './meter/truth'
import { operationPool } from './operations/pool'
import { changeStore } from './store/change-store'
import { databaseHealth } from './store/health'
import { openShop } from './store/open'
import { photoStore } from './store/photo-store'

/** Ended with, when it is told why it cannot run as it is set: whoever keeps it running does not start it again. */
const TOLD = 78
const root = resolve(__dirname, '..')

async function main(): Promise<void> {
  const demo = process.env.OAK_DEMO === '1'
  const data = resolve(process.env.OAK_DATA ?? join(root, 'data', demo ? 'demo' : 'shop'))
  const host = process.env.HOST ?? '127.0.0.1'
  // Two default ports, so that a browser keeps the demo's jobs apart from the shop's own.
  const port = Number(process.env.PORT ?? (demo ? 4650 : 4651))
  if (!Number.isInteger(port) || port < 0 || port > 65_535)
    throw new Error(`PORT must be a whole number from 0 to 65535, not “${process.env.PORT}”.`)
  mkdirSync(data, { recursive: true })
  const shop = await openShop(join(data, 'oak-switch.sqlite'))
  const { db } = shop
  const store = changeStore(db)
  const photos = photoStore(db)
  if (demo) {
    await seedDemo(store, join(root, 'demo'))
    await seedVan(store, join(root, 'demo', 'van.csv'))
    await seedPhotos(photos, join(root, 'demo', 'photos'))
  }
  const operations = operationPool()
  const server = createApp({
    store,
    photos,
    health: () => databaseHealth(db, shop.file),
    operations,
    truths: demo ? readTruths(join(root, 'demo')) : new Map(),
    catalogue: demo ? readCatalogue(join(root, 'demo', 'counter.json')) : undefined,
    webRoot: join(root, 'app', 'dist'),
    isOwnHost: ownHosts(host, hostList(process.env.OAK_HOSTS)),
  }).listen(port, host, (error?: Error) => {
    if (error) return fail(error)
    const address = server.address()
    const shown = typeof address === 'object' && address ? address.port : port
    console.log(`Oak Switch is at http://${host}:${shown}  (data in ${data})`)
  })
  const close = () => {
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
