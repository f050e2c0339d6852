// Two servers in this process on one database: ours, paired and signed in to, and the bare floor, which puts the same statements and sends what they
// found as JSON. Run by the bench as a process of its own: `tsx sides.ts FILE` or `tsx sides.ts postgres://…`.
import { randomUUID } from 'node:crypto'
import type { AddressInfo } from 'node:net'
import SQLite from 'better-sqlite3'
import express, { type Express } from 'express'
import type { Pool } from 'pg'
import { accessOf } from '../../access/access'
import { pairedOn } from '../../access/paired'
import { changeStore } from '../../store/change-store'
import { jobIndex } from '../../store/jobs/index-jobs'
import { openShopAt } from '../../store/postgres/open'
import { poolOf } from '../../store/postgres/connect'
import { openShopFile } from '../../store/sqlite/open'
import { openAppOn } from '../test-app'
import { listen, statementsOf, type Statement } from './statements'
import { editsOf, QUESTIONS } from './questions'

const [where = ''] = process.argv.slice(2)
const isCluster = where.startsWith('postgres')
const SHOP = 'bench'
/** Beyond what any bench asks: it is not the limits that are measured. */
const NO_LIMIT = 10_000_000

type Put = (statements: readonly Statement[]) => Promise<unknown[]>

/** The same statements by the driver alone, each prepared once. */
function bareSqlite(file: string): Put {
  const db = new SQLite(file)
  db.pragma('synchronous = FULL')
  const prepared = new Map<string, SQLite.Statement>()
  const of = (text: string) => {
    const known = prepared.get(text) ?? db.prepare(text)
    prepared.set(text, known)
    return known
  }
  return (statements) =>
    Promise.resolve(
      statements.flatMap(({ text, values }) => {
        const statement = of(text)
        return statement.reader ? statement.all(...values) : [statement.run(...values)]
      }),
    )
}

function barePostgres(pool: Pool): Put {
  return async (statements) => {
    const client = await pool.connect()
    try {
      const found: unknown[] = []
      for (const { text, values } of statements) {
        const { rows } = await client.query<Record<string, unknown>>(text, [...values])
        found.push(...rows)
      }
      return found
    } finally {
      client.release()
    }
  }
}

/** Where a summary's number stands among the values: it is another one each time. */
function placeOfRev(text: string): number {
  const at = text.indexOf('"rev" = ')
  if (at < 0 || !text.startsWith('update')) return -1
  return (text.slice(0, at).match(/\?|\$\d+/g) ?? []).length
}
/** So that it stays within what may be asked after, 15 digits. */
const SINCE = Date.UTC(2026, 0, 1)
let rev = 0
/** Above all that there are, also after ours has counted on from there: time goes faster than it counts. */
const nextRev = (): number => (rev = Math.max(rev + 1, (Date.now() - SINCE) * 100))

async function started(app: Express): Promise<number> {
  const server = app.listen(0, '127.0.0.1')
  await new Promise((done) => server.once('listening', done))
  return (server.address() as AddressInfo).port
}

async function main(): Promise<void> {
  listen()
  const shop = isCluster ? await openShopAt({ url: where, shop: SHOP }) : await openShopFile(where)
  const { db } = shop
  const rights = accessOf(db, { isSecure: false })
  const device = randomUUID()
  const key = await rights.devices.add({ id: device, name: 'Bench', person: 'Ines', role: 'technician' })
  const ours = await started(
    openAppOn(shop).withOptions({
      store: changeStore(db, { index: jobIndex(db) }),
      requestsPerMinute: NO_LIMIT,
      access: pairedOn(db, rights),
    }),
  )
  const authorization = `Bearer ${device}.${key}`
  const ask = (path: string, init: RequestInit = {}) =>
    fetch(`http://127.0.0.1:${ours}${path}`, {
      ...init,
      headers: { authorization, 'content-type': 'application/json' },
    }).then((response) => response.text())

  const put = isCluster ? barePostgres(poolOf({ url: where, shop: SHOP })) : bareSqlite(where)
  const floor = express()
  for (const { name, path } of QUESTIONS) {
    const statements = await statementsOf(() => ask(path))
    floor.get(`/${name}`, async (_req, res) => void res.json(await put(statements)))
  }
  const sent = editsOf(device)
  const statements = await statementsOf(() =>
    ask('/api/changes', { method: 'POST', body: JSON.stringify({ changes: sent }) }),
  )
  floor.post('/put', express.json(), async (req, res) => {
    const { changes } = req.body as { changes: { id: string; job: string }[] }
    const ids = new Map<unknown, string | undefined>(sent.map(({ id }, i) => [id, changes[i]?.id]))
    ids.set(sent[0]?.job, changes[0]?.job)
    const fresh = statements.map(({ text, values }) => {
      const place = placeOfRev(text)
      return { text, values: values.map((value, i) => (i === place ? nextRev() : (ids.get(value) ?? value))) }
    })
    await put(fresh)
    res.json({ added: changes.map(({ id }) => id) })
  })
  const bare = await started(floor)
  console.log(JSON.stringify({ ours, bare, device, authorization }))
}

process.once('SIGTERM', () => process.exit(0))
main().catch((error: unknown) => {
  console.error(error)
  process.exit(1)
})
