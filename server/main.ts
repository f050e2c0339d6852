// The one process: API, store and web app on one port. Loopback only, unless HOST says otherwise.
import { mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { accessOf, shopId, type Access } from './access/access'
import { ownerCode } from './access/first-code'
import { judgeChanges } from './access/may-write'
import { createApp } from './app'
import { readCatalogue } from './counter/simulated-counter'
import { seedDemo, seedPhotos, seedVan } from './demo'
import { ownHosts } from './edge/hosts'
import { readTruths } from './meter/truth'
import { operationPool } from './operations/pool'
import { repositoryRoot } from './root'
import { fingerprintOf } from './routes/shop/authority'
import { readSettings, type Settings } from './settings'
import { changeStore } from './store/change-store'
import { databaseHealth } from './store/health'
import { keepCopies } from './store/keep-copies'
import { jobIndex } from './store/jobs/index-jobs'
import { jobStore } from './store/jobs/job-store'
import { openShop } from './store/open'
import { photoStore, type PhotoStore } from './store/photo-store'
import { practiceStore } from './store/practice-store'
import { listenerOf } from './tls/listen'
import { servedBase } from './tls/names'

/** Ended with, when it is told why it cannot run as it is set: whoever keeps it running does not start it again. */
const TOLD = 78
const root = repositoryRoot(__dirname)

async function main(): Promise<void> {
  const settings = readSettings(process.env, root)
  const { demo, data, host, port } = settings
  mkdirSync(data, { recursive: true })
  const listener = await listenerOf(settings)
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
  const isSecure = settings.tls.kind !== 'none'
  const rights = settings.paired ? accessOf(db, { isSecure }) : null
  const app = createApp({
    store,
    jobs: jobStore(db),
    photos,
    shop: () => shopId(db),
    database: shop.file,
    health: () => databaseHealth(db, shop.file),
    operations,
    truths: demo ? readTruths(join(root, 'demo')) : new Map(),
    catalogue: demo ? readCatalogue(join(root, 'demo', 'counter.json')) : undefined,
    webRoot: join(root, 'app', 'dist'),
    access: rights && {
      rights,
      judge: (who, changes) => judgeChanges({ db, access: rights, who }, changes),
      practice: practiceStore(db),
    },
    reach: {
      isSecure,
      proxies: settings.proxies,
      authority: listener.root,
      isOwnHost: ownHosts(host, settings.hosts),
    },
  })
  const server = listener.make(app)
  server.once('error', fail)
  server.listen(port, host, () => {
    const address = server.address()
    const shown = typeof address === 'object' && address ? address.port : port
    console.log(`Oak Switch is at ${listener.scheme}://${host}:${shown}  (data in ${data})`)
    greet(settings, rights, { port: shown, root: listener.root }).catch(fail)
  })
  // After a new version, or an end in the midst of it.
  index.rest().catch((error: unknown) => console.error('Summaries of jobs stopped:', error))
  const copies = keepCopies(settings)
  const tidying = setInterval(() => void tidy(photos), TIDY_EVERY_MS)
  const close = () => {
    clearInterval(copies)
    clearInterval(tidying)
    index.close()
    server.close(
      () => void Promise.allSettled([shop.close(), operations.close()]).finally(() => process.exit(0)),
    )
    server.closeAllConnections()
  }
  process.once('SIGINT', close)
  process.once('SIGTERM', close)
}

/** Photos that no job speaks of stay for a month: their change may still be on a phone. */
const ORPHAN_DAYS = 30
const TIDY_EVERY_MS = 6 * 3_600_000

const tidy = (photos: PhotoStore): Promise<unknown> =>
  photos
    .clearOrphans(ORPHAN_DAYS)
    .catch((error: unknown) => console.error('Old photos were not cleared:', error))

interface Reached {
  readonly port: number
  readonly root: string | null
}

/** Says who can reach it, and what the first phone needs. */
async function greet(settings: Settings, rights: Access | null, { port, root }: Reached): Promise<void> {
  if (!rights) return console.log('It is open to this machine only, without pairing.')
  const base = servedBase(settings, port)
  if (root)
    console.log(
      `Phones must trust this shop’s authority first: ${base}/authority.crt, fingerprint\n${fingerprintOf(root)}`,
    )
  if (!(await rights.devices.hasOwner())) console.log(await ownerCode(rights, base))
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
