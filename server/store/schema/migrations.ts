// Every change to the tables since the first, in order of their names, as each database has it said.
import { sql, type Kysely, type Migration } from 'kysely'
import type { Dialect } from './dialect'

/** One step further, in the words of that database. */
type Step = (db: Kysely<unknown>, d: Dialect) => Promise<void>

const STEPS: Readonly<Record<string, Step>> = {
  '001-changes': async (db, d) => {
    await d
      .numbered(db.schema.createTable('change'), 'seq')
      .addColumn('id', 'text', (c) => c.notNull().unique())
      .addColumn('job', 'text', (c) => c.notNull())
      .addColumn('path', 'text', (c) => c.notNull())
      .addColumn('value', 'text', (c) => c.notNull())
      .addColumn('at', d.whole, (c) => c.notNull())
      .addColumn('device', 'text', (c) => c.notNull())
      .addColumn('technician', 'text', (c) => c.notNull())
      .addColumn('received', 'text', (c) => c.notNull().defaultTo(d.received))
      .execute()
    await db.schema.createIndex('change_job').on('change').column('job').execute()
  },
  // A name for this database, so that a device can tell when it speaks to another one and must deliver anew.
  '002-identity': async (db, d) => {
    await db.schema
      .createTable('identity')
      .addColumn('id', 'text', (c) => c.notNull())
      .execute()
    await sql`insert into identity (id) values (${d.newName})`.execute(db)
  },
  '003-photos': async (db, d) => {
    await db.schema
      .createTable('photo')
      .addColumn('id', 'text', (c) => c.primaryKey())
      .addColumn('bytes', d.bytes, (c) => c.notNull())
      .addColumn('received', 'text', (c) => c.notNull().defaultTo(d.received))
      .execute()
  },
  // What a device with a wrong clock wrote, so that the change is known again when it comes again.
  '004-claimed-stamp': async (db, d) => {
    await db.schema.alterTable('change').addColumn('claimed', d.whole).execute()
  },
  // One row a job: its summary, what the office sorts by, and the words it is found by. Worked out from the changes, and again when they change (`stale`).
  '005-jobs': async (db, d) => {
    await d
      .numbered(db.schema.createTable('job'), 'num')
      .addColumn('id', 'text', (c) => c.notNull().unique())
      .addColumn('stale', 'integer', (c) => c.notNull())
      .addColumn('rev', d.whole, (c) => c.unique())
      .addColumn('seq', d.whole, (c) => c.notNull().defaultTo(0))
      .addColumn('summary', 'text')
      .addColumn('listed', 'integer', (c) => c.notNull().defaultTo(0))
      .addColumn('proven', 'integer', (c) => c.notNull().defaultTo(0))
      .addColumn('at', d.whole, (c) => c.notNull().defaultTo(0))
      .addColumn('title', 'text', (c) => c.notNull().defaultTo(''))
      .addColumn('site', 'text', (c) => c.notNull().defaultTo(''))
      .addColumn('unit', 'text', (c) => c.notNull().defaultTo(''))
      .addColumn('technician', 'text', (c) => c.notNull().defaultTo(''))
      .addColumn('next', 'text', (c) => c.notNull().defaultTo(''))
      .addColumn('words', 'text', (c) => c.notNull().defaultTo(''))
      .execute()
    await sql`create index job_stale on job (stale) where stale = 1`.execute(db)
    await d.wordsOfJobs(db)
    await sql`insert into job (id, stale) select distinct job, 1 from change`.execute(db)
  },
  // Phones of the shop, the codes that pair them, the owner's password and sessions, and what was done with them.
  '006-access': async (db, d) => {
    const table = (name: string) => db.schema.createTable(name)
    await table('shop')
      .addColumn('id', 'text', (c) => c.notNull())
      .addColumn('password', 'text')
      .addColumn('restored', d.whole, (c) => c.notNull().defaultTo(0))
      .execute()
    await sql`insert into shop (id) values (${d.newName})`.execute(db)
    await table('device')
      .addColumn('id', 'text', (c) => c.primaryKey())
      .addColumn('name', 'text', (c) => c.notNull())
      .addColumn('person', 'text', (c) => c.notNull())
      .addColumn('role', 'text', (c) => c.notNull())
      .addColumn('key', 'text', (c) => c.notNull())
      .addColumn('before', 'text')
      .addColumn('next', 'text')
      .addColumn('renewed', d.whole, (c) => c.notNull())
      .addColumn('paired', d.whole, (c) => c.notNull())
      .addColumn('seen', d.whole, (c) => c.notNull())
      .addColumn('revoked', d.whole)
      .addColumn('why', 'text')
      .addColumn('wiped', d.whole)
      .execute()
    await table('code')
      .addColumn('id', 'text', (c) => c.primaryKey())
      .addColumn('hash', 'text', (c) => c.notNull().unique())
      .addColumn('person', 'text', (c) => c.notNull())
      .addColumn('role', 'text', (c) => c.notNull())
      .addColumn('ends', d.whole, (c) => c.notNull())
      .addColumn('used', d.whole)
      .execute()
    await table('session')
      .addColumn('hash', 'text', (c) => c.primaryKey())
      .addColumn('device', 'text', (c) => c.notNull())
      .addColumn('made', d.whole, (c) => c.notNull())
      .addColumn('seen', d.whole, (c) => c.notNull())
      .execute()
    await d
      .numbered(table('audit'), 'seq')
      .addColumn('at', d.whole, (c) => c.notNull())
      .addColumn('act', 'text', (c) => c.notNull())
      .addColumn('device', 'text')
      .addColumn('person', 'text', (c) => c.notNull())
      .addColumn('role', 'text', (c) => c.notNull())
      .addColumn('about', 'text', (c) => c.notNull())
      .execute()
    await db.schema.alterTable('change').addColumn('brought_by', 'text').execute()
    await db.schema
      .alterTable('job')
      .addColumn('begun_by', 'text', (c) => c.notNull().defaultTo(''))
      .execute()
    await db.schema.alterTable('photo').addColumn('brought_by', 'text').execute()
    await db.schema.createIndex('photo_brought').on('photo').columns(['brought_by', 'received']).execute()
    for (const kept of ['change', 'audit']) await d.keepRows(db, kept)
  },
  // What people showed on practice units.
  '007-practice': async (db, d) => {
    await db.schema
      .createTable('practice')
      .addColumn('id', 'text', (c) => c.primaryKey())
      .addColumn('device', 'text', (c) => c.notNull())
      .addColumn('person', 'text', (c) => c.notNull())
      .addColumn('at', d.whole, (c) => c.notNull())
      .addColumn('state', 'text', (c) => c.notNull())
      .addColumn('total', d.fraction, (c) => c.notNull())
      .addColumn('skills', 'text', (c) => c.notNull())
      .execute()
  },
  // The index of words follows the jobs by itself, and rows are sorted as they are asked for: by small letters.
  '008-words-kept': async (db, d) => {
    await d.wordsKept(db)
    // Indexes of earlier versions, where there are any.
    for (const column of ['title', 'site', 'unit', 'technician', 'next', 'at'])
      await db.schema.dropIndex(`job_${column}`).ifExists().execute()
    await db.schema.dropIndex('change_photo').ifExists().execute()
    for (const column of ['title', 'site', 'unit', 'technician', 'next'])
      await sql`create index ${sql.id(`job_${column}`)} on job (listed, lower(${sql.id(column)}), id)`.execute(
        db,
      )
    await db.schema.createIndex('job_at').on('job').columns(['listed', 'at', 'id']).execute()
    // Which job speaks of a picture.
    await sql`create index change_photo on change (path) where substr(path, 1, 10) = '["photos",'`.execute(db)
  },
  // Codes and passwords that were tried: counted here, so that several processes count as one.
  '009-attempts': async (db, d) => {
    await d
      .numbered(db.schema.createTable('attempt'), 'seq')
      .addColumn('what', 'text', (c) => c.notNull())
      .addColumn('at', d.whole, (c) => c.notNull())
      .execute()
    await db.schema.createIndex('attempt_what').on('attempt').columns(['what', 'at']).execute()
  },
}

export const migrationsOf = (d: Dialect): Readonly<Record<string, Migration>> =>
  Object.fromEntries(
    Object.entries(STEPS).map(([name, step]) => [name, { up: (db: Kysely<unknown>) => step(db, d) }]),
  )
