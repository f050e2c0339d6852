// A database from before there were summaries: its jobs are listed once the server has read them.
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import SQLite from 'better-sqlite3'
import { Kysely, Migrator, SqliteDialect } from 'kysely'
import { change, uuid } from '../../testing/test-app'
import { toRow } from '../change-row'
import { migrationsOf } from '../schema/migrations'
import { SQLITE } from '../schema/sqlite'
import { openFile } from '../sqlite/open'
import type { Tables } from '../tables'
import { jobIndex } from './index-jobs'
import { jobStore } from './job-store'

const NEWEST = { text: '', state: 'all', sort: 'at', down: true, from: 0, limit: 10 } as const

it('what was there before is read at the first start, job by job, and the office says how many are not yet', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'oak-index-'))
  const file = join(folder, 'x.sqlite')
  const before = new Kysely<Tables>({ dialect: new SqliteDialect({ database: new SQLite(file) }) })
  const earlier = Object.fromEntries(Object.entries(migrationsOf(SQLITE)).filter(([name]) => name < '005'))
  await new Migrator({
    db: before,
    provider: { getMigrations: () => Promise.resolve(earlier) },
  }).migrateToLatest()
  await before
    .insertInto('change')
    .values(
      [change(1, 'Bakery fan'), change(2, 'Bakery fan again'), { ...change(3, 'Clinic'), job: uuid(2) }].map(
        toRow,
      ),
    )
    .execute()
  await before.destroy()

  const db = await openFile(file)
  const jobs = jobStore(db)
  expect(await jobs.office(NEWEST)).toEqual({ rows: [], total: 0, unread: 2 })
  await jobIndex(db).rest()
  const { rows, total, unread } = await jobs.office(NEWEST)
  expect([rows.map(({ title }) => title), total, unread]).toEqual([['Clinic', 'Bakery fan again'], 2, 0])
  expect((await jobs.after(0, 10)).jobs.map(({ seq }) => seq).sort()).toEqual([2, 3])
  await db.destroy()
  rmSync(folder, { recursive: true })
})
