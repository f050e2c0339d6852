// The one process: API, store and web app on one port. Loopback only, unless HOST says otherwise.
import { mkdirSync } from 'node:fs'
import { ownerCode } from './access/first-code'
import { byName } from './edge/by-name'
import { operationPool } from './operations/pool'
import { repositoryRoot } from './root'
import { fingerprintOf } from './routes/shop/authority'
import { readSettings, type Settings } from './settings'
import { serveShop, type ServedShop } from './shop-app'
import { keepCopies } from './store/copies/keep-copies'
import { openShopsSoon } from './store/shops'
import { listenerOf } from './tls/listen'
import { servedBase } from './tls/names'

/** Ended with, when it is told why it cannot run as it is set: whoever keeps it running does not start it again. */
const TOLD = 78
const root = repositoryRoot(__dirname)

async function main(): Promise<void> {
  const settings = readSettings(process.env, root)
  const { data, host, port } = settings
  mkdirSync(data, { recursive: true })
  const listener = await listenerOf(settings)
  const open = await openShopsSoon(settings)
  const operations = operationPool()
  const parts = { settings, root, operations, authority: listener.root }
  const shops = await Promise.all(open.map((shop) => serveShop(shop, parts)))
  const server = listener.make(byName(shops))
  server.once('error', fail)
  server.listen(port, host, () => {
    const address = server.address()
    const shown = typeof address === 'object' && address ? address.port : port
    const where =
      settings.database.kind === 'file' ? `data in ${data}` : open.map(({ name }) => name).join('; ')
    console.log(`Oak Switch is at ${listener.scheme}://${host}:${shown}  (${where})`)
    greet(settings, shops, { port: shown, root: listener.root }).catch(fail)
  })
  const copies = keepCopies(settings)
  const close = () => {
    clearInterval(copies)
    server.close(
      () =>
        void Promise.allSettled([...shops.map((shop) => shop.close()), operations.close()]).finally(() =>
          process.exit(0),
        ),
    )
    server.closeAllConnections()
  }
  process.once('SIGINT', close)
  process.once('SIGTERM', close)
}

interface Reached {
  readonly port: number
  readonly root: string | null
}

/** Says who can reach it, and what the first phone of each shop needs. */
async function greet(
  settings: Settings,
  shops: readonly ServedShop[],
  { port, root }: Reached,
): Promise<void> {
  for (const { rights, hosts } of shops) {
    if (!rights) return console.log('It is open to this machine only, without pairing.')
    const base = servedBase({ ...settings, hosts }, port)
    if (root)
      console.log(
        `Phones must trust this shop’s authority first: ${base}/authority.crt, fingerprint\n${fingerprintOf(root)}`,
      )
    if (!(await rights.devices.hasOwner())) console.log(await ownerCode(rights, base))
  }
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
