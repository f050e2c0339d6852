import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import SQLite from 'better-sqlite3'
import { change, NOW } from '../../testing/test-app'
import { backups } from '../copies/folder'
import { backUp, restore } from './backup'
import { changeStore } from '../change-store'
import { openShopFile } from './open'
import { photoStore } from '../photo-store'

let folder: string
let database: string
let copies: string
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'oak-backup-'))
  database = join(folder, 'oak-switch.sqlite')
  copies = join(folder, 'copies')
})
afterEach(() => rmSync(folder, { recursive: true }))

const at = (minute: number) => new Date(Date.UTC(2026, 10, 27, 15, minute))
const PHOTO = '00000000-0000-4000-8000-00000000000a'

/** Works with the shop's database as its server does. */
async function atWork<T>(
  work: (shop: {
    store: ReturnType<typeof changeStore>
    photos: ReturnType<typeof photoStore>
  }) => Promise<T>,
): Promise<T> {
  const { db, close } = await openShopFile(database)
  try {
    return await work({ store: changeStore(db, { now: NOW }), photos: photoStore(db) })
  } finally {
    await close()
  }
}
const held = () =>
  atWork(async ({ store, photos }) => ({
    name: await store.identity(),
    ids: (await store.after(0, 500)).changes.map((c) => c.id),
    photo: (await photos.get(PHOTO))?.toString(),
  }))
/** The shop's name, and when its database was put back. */
async function shopRow(): Promise<{ readonly id: string; readonly restored: number }> {
  const { db, close } = await openShopFile(database)
  const row = await db.selectFrom('shop').select(['id', 'restored']).executeTakeFirstOrThrow()
  await close()
  return row
}
const trouble = (work: () => unknown) =>
  Promise.resolve()
    .then(work)
    .then(
      () => 'done',
      (error: Error) => error.message,
    )

it('copies a database while its server writes, changes and pictures; put back, it is the same under a new name', async () => {
  let file = ''
  await atWork(async ({ store, photos }) => {
    await store.put([change(1), change(2)])
    await photos.put(PHOTO, Buffer.from('picture'))
    file = await backUp(database, { folder: copies, shop: null, at: at(0), keep: 5 })
    await store.put([change(3)])
  })
  const before = await held()
  const kept = restore(file, database, at(1))
  const after = await held()
  expect([after.ids, after.photo]).toEqual([[change(1).id, change(2).id], 'picture'])
  expect(after.name).not.toBe(before.name)
  expect(after.name).toMatch(/^[0-9a-f]{32}$/)
  // What stood there is not lost: it can be put back in turn, with all that it held.
  restore(kept ?? '', database, at(2))
  expect((await held()).ids).toEqual(before.ids)
})
it('keeps so many copies, the newest, and touches nothing else in the folder', async () => {
  await atWork(({ store }) => store.put([change(1)]))
  for (let i = 0; i < 4; i++) await backUp(database, { folder: copies, shop: null, at: at(i), keep: 2 })
  writeFileSync(join(copies, 'notes.txt'), 'mine')
  await backUp(database, { folder: copies, shop: null, at: at(9), keep: 2 })
  expect(readdirSync(copies).sort()).toEqual([
    'notes.txt',
    'oak-switch-20261127-150300.sqlite',
    'oak-switch-20261127-150900.sqlite',
  ])
  await backUp(database, { folder: copies, shop: null, at: at(9), keep: 3 })
  expect(backups(copies, null)).toHaveLength(3)
})
it('a copy of a damaged or missing database is none: it is said, and the old copies stay', async () => {
  await atWork(({ store }) => store.put([change(1)]))
  await backUp(database, { folder: copies, shop: null, at: at(0), keep: 1 })
  const bytes = readFileSync(database)
  bytes.fill(0xa5, 4096)
  writeFileSync(database, bytes)
  expect(await trouble(() => backUp(database, { folder: copies, shop: null, at: at(1), keep: 1 }))).toContain(
    'is damaged',
  )
  rmSync(database)
  expect(await trouble(() => backUp(database, { folder: copies, shop: null, at: at(2), keep: 1 }))).toContain(
    'There is no database',
  )
  expect(readdirSync(copies)).toEqual(['oak-switch-20261127-150000.sqlite'])
})

describe('what is no backup', () => {
  const file = () => join(folder, 'chosen.sqlite')
  const never = async (words: RegExp) => {
    await atWork(({ store }) => store.put([change(1)]))
    const before = await held()
    expect(await trouble(() => restore(file(), database, at(1)))).toMatch(words)
    expect(await held()).toEqual(before)
    expect(readdirSync(folder).filter((name) => /restoring|before/.test(name))).toEqual([])
  }
  it('is not there', () => never(/chosen\.sqlite cannot be opened/))
  it('is empty', () => {
    writeFileSync(file(), '')
    return never(/chosen\.sqlite/)
  })
  it('is something else', () => {
    writeFileSync(file(), 'a letter to the office'.repeat(300))
    return never(/chosen\.sqlite is damaged/)
  })
  it('is another program’s database', () => {
    const other = new SQLite(file())
    other.exec('create table songs (name text)')
    other.close()
    return never(/chosen\.sqlite is a database, and none of Oak Switch/)
  })
  it('is of a later version', async () => {
    await atWork(({ store }) => store.put([change(1)]))
    const later = new SQLite(await backUp(database, { folder: copies, shop: null, at: at(0), keep: 1 }))
    await later.backup(file())
    later.close()
    const chosen = new SQLite(file())
    chosen.exec("insert into kysely_migration (name, timestamp) values ('999-later', '')")
    chosen.close()
    await never(/chosen\.sqlite is of a later version of Oak Switch/)
  })
})
it('nothing is put in the place of a database that a server uses', async () => {
  await atWork(async ({ store }) => {
    await store.put([change(1)])
    const file = await backUp(database, { folder: copies, shop: null, at: at(0), keep: 1 })
    expect(await trouble(() => restore(file, database, at(1)))).toMatch(
      /Another server is using the database/,
    )
    expect((await store.after(0, 10)).changes).toEqual([change(1)])
  })
})
it('is put where there is none yet: a new machine', async () => {
  await atWork(({ store }) => store.put([change(1)]))
  const file = await backUp(database, { folder: copies, shop: null, at: at(0), keep: 1 })
  const elsewhere = join(folder, 'new.sqlite')
  expect(restore(file, elsewhere, at(1))).toBeNull()
  database = elsewhere
  expect((await held()).ids).toEqual([change(1).id])
})

it('put back it is the same shop to its phones, which is told when it was', async () => {
  await atWork(({ store }) => store.put([change(1)]))
  const before = await shopRow()
  expect(before.restored).toBe(0)
  restore(await backUp(database, { folder: copies, shop: null, at: at(0), keep: 5 }), database, at(1))
  expect(await shopRow()).toEqual({ id: before.id, restored: at(1).getTime() })
})
