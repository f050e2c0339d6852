import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import SQLite from 'better-sqlite3'
import { openFile } from '../sqlite/open'
import { migrationsOf } from './migrations'
import { SQLITE } from './sqlite'

const MIGRATIONS = migrationsOf(SQLITE)

it('migrations are numbered from 001 without a gap, in the order they are listed', () => {
  const names = Object.keys(MIGRATIONS)
  expect(names.map((name) => Number(name.slice(0, 3)))).toEqual(names.map((_, i) => i + 1))
  expect([...names].sort()).toEqual(names)
})

describe('a database file', () => {
  let folder: string
  beforeEach(() => void (folder = mkdtempSync(join(tmpdir(), 'oak-migrate-'))))
  afterEach(() => rmSync(folder, { recursive: true }))

  it('is made from nothing, and opened again without a second migration', async () => {
    const file = join(folder, 'a.sqlite')
    for (let i = 0; i < 2; i++) await (await openFile(file)).destroy()
    const db = new SQLite(file)
    const tables = db.prepare("select name from sqlite_master where type = 'table' and name = 'change'").all()
    const applied = db.prepare('select name from kysely_migration').all()
    db.close()
    expect([tables.length, applied.length]).toEqual([1, Object.keys(MIGRATIONS).length])
  })

  it('that cannot be brought up to date is named, and is left as it was', async () => {
    const file = join(folder, 'b.sqlite')
    const db = new SQLite(file)
    db.exec("create table change (id text); insert into change values ('mine')")
    db.close()
    await expect(openFile(file)).rejects.toThrow(/b\.sqlite could not be brought up to date/)
    const after = new SQLite(file)
    expect(after.prepare('select id from change').all()).toEqual([{ id: 'mine' }])
    after.close()
  })
})
