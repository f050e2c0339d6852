import { spawn } from 'node:child_process'
import {
  copyFileSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  rmSync,
  truncateSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import SQLite from 'better-sqlite3'
import { sql } from 'kysely'
import request from 'supertest'
import { change, openTestApp, refusal } from '../../testing/test-app'
import { databaseHealth } from '../health'
import { openShopFile } from './open'
import { troubleOf } from '../trouble'

let folder: string
let file: string
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'oak-open-'))
  file = join(folder, 'oak-switch.sqlite')
})
afterEach(() => rmSync(folder, { recursive: true }))

/** Opened once and closed, with a good many rows in it. */
async function made(): Promise<void> {
  const { db, close } = await openShopFile(file)
  const value = 'x'.repeat(500)
  for (let n = 0; n < 200; n++)
    await db
      .insertInto('change')
      .values({ id: `${n}`, job: 'j', path: '[]', value, at: n, device: 'd', technician: '' })
      .onConflict((c) => c.doNothing())
      .execute()
  await close()
}
const said = (promise: Promise<unknown>) =>
  promise.then(
    () => 'opened',
    (error: Error & { kind?: string }) => `${error.kind}: ${error.message}`,
  )

it('opens one that is new, and one that it has made', async () => {
  for (let i = 0; i < 2; i++) await made()
  const shop = await openShopFile(file)
  expect(await databaseHealth(shop)).toBeNull()
  await shop.close()
})
it('a second server is refused while the first lives, and let in after a kill', async () => {
  const holder = spawn(process.execPath, [
    '--import',
    'tsx',
    '-e',
    `const { lockDatabase } = require(${JSON.stringify(join(__dirname, 'lock.ts'))});
     globalThis.lock = lockDatabase(${JSON.stringify(file)}); console.log('held'); setInterval(() => undefined, 1000)`,
  ])
  await new Promise((done) => holder.stdout.once('data', done))
  expect(await said(openShopFile(file))).toMatch(
    /^in-use: Another server is using the database .*oak-switch\.sqlite\./,
  )
  holder.kill('SIGKILL')
  await new Promise((done) => holder.once('exit', done))
  await made()
}, 20_000)
it('a damaged one is told with its path and what to do, and is left as it is', async () => {
  await made()
  const bytes = readFileSync(file)
  // Every page but the first: the file still says that it is a database.
  bytes.fill(0xa5, 4096)
  writeFileSync(file, bytes)
  expect(await said(openShopFile(file))).toMatch(
    /^damaged: .*oak-switch\.sqlite is damaged\. Stop the server and run npm run restore/,
  )
  expect(readFileSync(file).equals(bytes)).toBe(true)
  writeFileSync(file, 'this is no database, whatever its name says'.repeat(100))
  expect(await said(openShopFile(file))).toMatch(/^damaged: /)
})
it('an emptied one, or one that is gone, is not taken for a new one', async () => {
  await made()
  truncateSync(file)
  expect(await said(openShopFile(file))).toMatch(
    /^emptied: .*oak-switch\.sqlite was here before and is empty or gone/,
  )
  rmSync(file)
  expect(await said(openShopFile(file))).toMatch(/^emptied: /)
  // As the words say: without the lock too it begins anew.
  rmSync(`${file}.lock`)
  await made()
})
it('an empty file of a start that was cut off before there was anything is a new one', async () => {
  writeFileSync(file, '')
  await made()
})
it('one of a later version is not touched', async () => {
  await made()
  const later = new SQLite(file)
  later.exec("insert into kysely_migration (name, timestamp) values ('999-later', '')")
  later.close()
  expect(await said(openShopFile(file))).toMatch(/^newer: .*of a later version of Oak Switch/)
})
it('a folder where the file should be cannot be opened, and is told', async () => {
  mkdirSync(file)
  expect(await said(openShopFile(file))).toMatch(/^(unreachable|damaged|emptied): The database/)
})
it('after any refusal the lock is free again', async () => {
  await made()
  const whole = join(folder, 'whole')
  copyFileSync(file, whole)
  truncateSync(file)
  expect(await said(openShopFile(file))).toMatch(/^emptied/)
  copyFileSync(whole, file)
  await made()
})

describe('while it runs', () => {
  it('says that it is full, to who asks how it is and to who wants to put; what was kept is still read', async () => {
    const t = await openTestApp()
    const error = jest.spyOn(console, 'error').mockImplementation(() => undefined)
    await t.put([change(1)])
    const [{ page_count: pages } = { page_count: 0 }] = (
      await sql<{ page_count: number }>`pragma page_count`.execute(t.db)
    ).rows
    await sql`pragma max_page_count = ${sql.lit(pages)}`.execute(t.db)
    const many = Array.from({ length: 300 }, (_, n) => change(n + 2, 'x'.repeat(300)))
    expect(refusal(await t.put(many))).toMatchObject({
      status: 507,
      code: 'full',
      message: expect.stringContaining('What you entered is kept on your device.'),
    })
    expect(error).toHaveBeenCalledWith(
      expect.stringContaining('There is no room left where the database :memory: lies'),
    )
    expect((await t.all()).changes).toHaveLength(1)
    error.mockRestore()
    await t.db.destroy()
  })
  it('health tells the truth: a file that is gone, a database that is closed', async () => {
    const shop = await openShopFile(file)
    rmSync(file)
    expect((await databaseHealth(shop))?.kind).toBe('emptied')
    await shop.close()
    const t = await openTestApp()
    const app = t.withOptions({
      health: () => Promise.resolve(troubleOf('a.sqlite', { code: 'SQLITE_READONLY' })),
    })
    expect(refusal(await request(app).get('/api/health'))).toMatchObject({
      status: 503,
      code: 'read-only',
      message: expect.stringContaining('a.sqlite cannot be written to'),
    })
    expect((await request(t.app).get('/api/health')).body).toEqual({ ok: true })
    await t.db.destroy()
  })
})

it.each([
  ['SQLITE_CORRUPT_VTAB', 'damaged'],
  ['SQLITE_NOTADB', 'damaged'],
  ['SQLITE_READONLY_DBMOVED', 'read-only'],
  ['SQLITE_FULL', 'full'],
  ['SQLITE_CANTOPEN', 'unreachable'],
  ['SQLITE_IOERR_READ', 'unreachable'],
  ['SQLITE_BUSY_SNAPSHOT', 'busy'],
])('%s is %s, named with its path', (code, kind) => {
  const trouble = troubleOf('/data/oak.sqlite', { code })
  expect(trouble?.kind).toBe(kind)
  expect(trouble?.message).toContain('/data/oak.sqlite')
})
it('what is no fault of the database is none of these', () =>
  expect(
    [new Error('x'), null, { code: 'ENOENT' }, { code: 'SQLITE_CONSTRAINT' }].map((e) => troubleOf('f', e)),
  ).toEqual([null, null, null, null]))
