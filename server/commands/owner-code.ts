// `npm run owner-code`: another code for an owner's phone, as when the last one was lost; its server may be running. With
// `-- --forget-password` the password goes too, and the next owner's phone sets another one.
import { existsSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { accessOf } from '../access/access'
import { ownerCode } from '../access/first-code'
import { repositoryRoot } from '../root'
import { readSettings, type Settings } from '../settings'
import type { Database } from '../store/database'
import { nameOf } from '../store/postgres/connect'
import { isShopThere, openForTool } from '../store/postgres/copies'
import { shopNamed } from '../store/shops'
import { openFile } from '../store/sqlite/open'
import { DatabaseTrouble } from '../store/trouble'
import { servedBase } from '../tls/names'

const { values } = parseArgs({
  options: { 'forget-password': { type: 'boolean' }, shop: { type: 'string' } },
})

interface One {
  readonly db: Database
  readonly hosts: readonly string[]
  readonly close: () => Promise<void>
}

/** Beside its server: a file is not locked. */
async function openOne({ database, hosts }: Settings): Promise<One> {
  if (database.kind === 'file') {
    if (!existsSync(database.file)) throw new DatabaseTrouble('missing', database.file)
    const db = await openFile(database.file)
    return { db, hosts, close: () => db.destroy() }
  }
  const { shop, hosts: names } = shopNamed(database.shops, values.shop)
  const place = { url: database.url, shop }
  if (!(await isShopThere(place))) throw new DatabaseTrouble('missing', nameOf(place))
  const { db, close } = await openForTool(place)
  return { db, hosts: names, close }
}

async function main(): Promise<void> {
  const settings = readSettings(process.env, repositoryRoot(__dirname))
  if (!settings.paired)
    throw new Error('This server is open to its own machine and pairs no phones; set it up as you start it.')
  const { db, hosts, close } = await openOne(settings)
  const access = accessOf(db, { isSecure: settings.tls.kind !== 'none' })
  if (values['forget-password']) {
    await access.owner.forget()
    await access.audit.note(null, 'password forgotten', 'where the server runs')
  }
  console.log(await ownerCode(access, servedBase({ ...settings, hosts })))
  await close()
}

main().catch((error: Error) => {
  console.error(error.message)
  process.exit(1)
})
