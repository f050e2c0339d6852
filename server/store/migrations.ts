// Every change to the tables since the first, in order of their names.
import { sql, type Kysely, type Migration } from 'kysely'

export const MIGRATIONS: Readonly<Record<string, Migration>> = {
  '001-changes': {
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('change')
        .addColumn('seq', 'integer', (c) => c.primaryKey().autoIncrement())
        .addColumn('id', 'text', (c) => c.notNull().unique())
        .addColumn('job', 'text', (c) => c.notNull())
        .addColumn('path', 'text', (c) => c.notNull())
        .addColumn('value', 'text', (c) => c.notNull())
        .addColumn('at', 'integer', (c) => c.notNull())
        .addColumn('device', 'text', (c) => c.notNull())
        .addColumn('technician', 'text', (c) => c.notNull())
        .addColumn('received', 'text', (c) => c.notNull().defaultTo(sql`current_timestamp`))
        .execute()
      await db.schema.createIndex('change_job').on('change').column('job').execute()
    },
  },
  '002-identity': {
    // A name for this database, so that a device can tell when it speaks to another one and must deliver anew.
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('identity')
        .addColumn('id', 'text', (c) => c.notNull())
        .execute()
      await sql`insert into identity (id) values (lower(hex(randomblob(16))))`.execute(db)
    },
  },
  '003-photos': {
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('photo')
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('bytes', 'blob', (c) => c.notNull())
        .addColumn('received', 'text', (c) => c.notNull().defaultTo(sql`current_timestamp`))
        .execute()
    },
  },
  '004-claimed-stamp': {
    // What a device with a wrong clock wrote, so that the change is known again when it comes again.
    async up(db: Kysely<unknown>) {
      await db.schema.alterTable('change').addColumn('claimed', 'integer').execute()
    },
  },
  '005-jobs': {
    // One row a job: its summary, what the office sorts by, and the words it is found by. Worked out from the changes, and again when they change (`stale`).
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('job')
        .addColumn('num', 'integer', (c) => c.primaryKey())
        .addColumn('id', 'text', (c) => c.notNull().unique())
        .addColumn('stale', 'integer', (c) => c.notNull())
        .addColumn('rev', 'integer', (c) => c.unique())
        .addColumn('seq', 'integer', (c) => c.notNull().defaultTo(0))
        .addColumn('summary', 'text')
        .addColumn('listed', 'integer', (c) => c.notNull().defaultTo(0))
        .addColumn('proven', 'integer', (c) => c.notNull().defaultTo(0))
        .addColumn('at', 'integer', (c) => c.notNull().defaultTo(0))
        .addColumn('title', 'text', (c) => c.notNull().defaultTo(''))
        .addColumn('site', 'text', (c) => c.notNull().defaultTo(''))
        .addColumn('unit', 'text', (c) => c.notNull().defaultTo(''))
        .addColumn('technician', 'text', (c) => c.notNull().defaultTo(''))
        .addColumn('next', 'text', (c) => c.notNull().defaultTo(''))
        .addColumn('words', 'text', (c) => c.notNull().defaultTo(''))
        .execute()
      for (const column of ['title', 'site', 'unit', 'technician', 'next', 'at'])
        await sql`create index ${sql.id(`job_${column}`)} on job (listed, ${sql.id(column)} collate nocase, id)`.execute(
          db,
        )
      await sql`create index job_stale on job (stale) where stale = 1`.execute(db)
      // Three letters at a time, so that any part of a word is found.
      await sql`create virtual table job_words using fts5(words, tokenize = 'trigram')`.execute(db)
      await sql`insert into job (id, stale) select distinct job, 1 from change`.execute(db)
    },
  },
}
