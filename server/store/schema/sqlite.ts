// SQLite's way.
import { sql } from 'kysely'
import { KEPT, type Dialect } from './dialect'

export const SQLITE: Dialect = {
  whole: 'integer',
  bytes: 'blob',
  fraction: 'real',
  newName: sql<string>`lower(hex(randomblob(16)))`,
  received: sql<string>`current_timestamp`,
  numbered: (table, column) => table.addColumn(column, 'integer', (c) => c.primaryKey().autoIncrement()),
  async keepRows(db, table) {
    for (const act of ['update', 'delete'])
      await sql`create trigger ${sql.id(`${table}_no_${act}`)} before ${sql.raw(act)} on ${sql.id(table)}
        begin select raise(abort, ${sql.lit(KEPT)}); end`.execute(db)
  },
  async wordsOfJobs(db) {
    // Three letters at a time, so that any part of a word is found.
    await sql`create virtual table job_words using fts5(words, tokenize = 'trigram')`.execute(db)
  },
  async wordsKept(db) {
    await sql`create trigger job_words_changed after update of words on job when new.words is not old.words begin
        delete from job_words where rowid = old.num;
        insert into job_words (rowid, words) select new.num, new.words where new.words <> '';
      end`.execute(db)
    await sql`create trigger job_words_new after insert on job when new.words <> '' begin
        insert into job_words (rowid, words) values (new.num, new.words);
      end`.execute(db)
  },
  // It looks at the largest number that ever stood there by itself.
  goOnAfter: () => Promise.resolve(),
}
