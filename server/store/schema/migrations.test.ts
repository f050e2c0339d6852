import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import SQLite from 'better-sqlite3'
import { Kysely, Migrator, sql, SqliteDialect } from 'kysely'
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

  it('of the version before: its indexes by another order go, and those of now stand', async () => {
    const file = join(folder, 'c.sqlite')
    const before = new Kysely<unknown>({ dialect: new SqliteDialect({ database: new SQLite(file) }) })
    const earlier = Object.fromEntries(Object.entries(MIGRATIONS).filter(([name]) => name < '008'))
    await new Migrator({
      db: before,
      provider: { getMigrations: () => Promise.resolve(earlier) },
    }).migrateToLatest()
    // As that version made them.
    for (const column of ['title', 'site', 'unit', 'technician', 'next', 'at'])
      await sql`create index ${sql.id(`job_${column}`)} on job (listed, ${sql.id(column)} collate nocase, id)`.execute(
        before,
      )
    await sql`create index change_photo on change (path) where path like '["photos",%'`.execute(before)
    await sql`insert into job (id, stale, rev, listed, title, words) values ('a', 0, 1, 1, 'Bakery', 'bakery')`.execute(
      before,
    )
    await sql`insert into job_words (rowid, words) values (1, 'bakery')`.execute(before)
    await before.destroy()

    const db = await openFile(file)
    const { rows } = await sql<{ name: string; sql: string }>`
      select name, sql from sqlite_master where type = 'index' and sql is not null`.execute(db)
    const made = new Map(rows.map((row) => [row.name, row.sql]))
    expect(rows.filter((row) => /nocase|like/.test(row.sql))).toEqual([])
    expect(made.get('job_title')).toContain('lower("title")')
    expect(made.get('change_photo')).toContain('substr(path, 1, 10)')
    // Words follow from now on by themselves.
    await db.updateTable('job').set({ words: 'clinic' }).execute()
    const { rows: words } = await sql<{
      words: string
    }>`select words from job_words where words like '%lin%'`.execute(db)
    expect(words).toEqual([{ words: 'clinic' }])
    await db.destroy()
  })
})
