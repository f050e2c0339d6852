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
  '006-access': {
    // Phones of the shop, the codes that pair them, the owner's password and sessions, and what was done with them.
    async up(db: Kysely<unknown>) {
      const table = (name: string) => db.schema.createTable(name)
      await table('shop')
        .addColumn('id', 'text', (c) => c.notNull())
        .addColumn('password', 'text')
        .addColumn('restored', 'integer', (c) => c.notNull().defaultTo(0))
        .execute()
      await sql`insert into shop (id) values (lower(hex(randomblob(16))))`.execute(db)
      await table('device')
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('name', 'text', (c) => c.notNull())
        .addColumn('person', 'text', (c) => c.notNull())
        .addColumn('role', 'text', (c) => c.notNull())
        .addColumn('key', 'text', (c) => c.notNull())
        .addColumn('before', 'text')
        .addColumn('next', 'text')
        .addColumn('renewed', 'integer', (c) => c.notNull())
        .addColumn('paired', 'integer', (c) => c.notNull())
        .addColumn('seen', 'integer', (c) => c.notNull())
        .addColumn('revoked', 'integer')
        .addColumn('why', 'text')
        .addColumn('wiped', 'integer')
        .execute()
      await table('code')
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('hash', 'text', (c) => c.notNull().unique())
        .addColumn('person', 'text', (c) => c.notNull())
        .addColumn('role', 'text', (c) => c.notNull())
        .addColumn('ends', 'integer', (c) => c.notNull())
        .addColumn('used', 'integer')
        .execute()
      await table('session')
        .addColumn('hash', 'text', (c) => c.primaryKey())
        .addColumn('device', 'text', (c) => c.notNull())
        .addColumn('made', 'integer', (c) => c.notNull())
        .addColumn('seen', 'integer', (c) => c.notNull())
        .execute()
      await table('audit')
        .addColumn('seq', 'integer', (c) => c.primaryKey().autoIncrement())
        .addColumn('at', 'integer', (c) => c.notNull())
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
      // Which job speaks of a picture.
      await sql`create index change_photo on change (path) where path like '["photos",%'`.execute(db)
      // What was written stays as it was written.
      for (const kept of ['change', 'audit'])
        for (const act of ['update', 'delete'])
          await sql`create trigger ${sql.id(`${kept}_no_${act}`)} before ${sql.raw(act)} on ${sql.id(kept)}
            begin select raise(abort, 'rows of this table are kept as they are'); end`.execute(db)
    },
  },
  '007-practice': {
    // What people showed on practice units.
    async up(db: Kysely<unknown>) {
      await db.schema
        .createTable('practice')
        .addColumn('id', 'text', (c) => c.primaryKey())
        .addColumn('device', 'text', (c) => c.notNull())
        .addColumn('person', 'text', (c) => c.notNull())
        .addColumn('at', 'integer', (c) => c.notNull())
        .addColumn('state', 'text', (c) => c.notNull())
        .addColumn('total', 'real', (c) => c.notNull())
        .addColumn('skills', 'text', (c) => c.notNull())
        .execute()
    },
  },
  '008-words-kept': {
    // The index of words follows the jobs by itself, and rows are sorted as they are asked for: by small letters.
    async up(db: Kysely<unknown>) {
      await sql`create trigger job_words_changed after update of words on job when new.words is not old.words begin
          delete from job_words where rowid = old.num;
          insert into job_words (rowid, words) select new.num, new.words where new.words <> '';
        end`.execute(db)
      await sql`create trigger job_words_new after insert on job when new.words <> '' begin
          insert into job_words (rowid, words) values (new.num, new.words);
        end`.execute(db)
      for (const column of ['title', 'site', 'unit', 'technician', 'next']) {
        await db.schema.dropIndex(`job_${column}`).execute()
        await sql`create index ${sql.id(`job_${column}`)} on job (listed, lower(${sql.id(column)}), id)`.execute(
          db,
        )
      }
      await db.schema.dropIndex('job_at').execute()
      await db.schema.createIndex('job_at').on('job').columns(['listed', 'at', 'id']).execute()
    },
  },
}
