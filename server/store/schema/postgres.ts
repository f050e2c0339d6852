// PostgreSQL's way.
import { sql, type QueryExecutorProvider } from 'kysely'
import { KEPT, type Dialect } from './dialect'

export const POSTGRES: Dialect = {
  whole: 'bigint',
  bytes: 'bytea',
  fraction: 'double precision',
  newName: sql<string>`replace(gen_random_uuid()::text, '-', '')`,
  received: sql<string>`to_char(now() at time zone 'utc', 'YYYY-MM-DD HH24:MI:SS')`,
  numbered: (table, column) =>
    table.addColumn(column, 'bigint', (c) => c.generatedByDefaultAsIdentity().primaryKey()),
  async keepRows(db, table) {
    const refusal = sql.id(`${table}_kept`)
    await sql`create function ${refusal}() returns trigger language plpgsql as ${sql.lit(
      `begin raise exception '${KEPT}'; end`,
    )}`.execute(db)
    await sql`create trigger ${refusal} before update or delete or truncate on ${sql.id(table)}
      for each statement execute function ${refusal}()`.execute(db)
  },
  async wordsOfJobs(db) {
    await sql`create view job_words as select num as rowid, words from job`.execute(db)
    if (await hasTrigrams(db))
      await sql`create index job_words_parts on job using gin (words public.gin_trgm_ops)`.execute(db)
  },
  wordsKept: () => Promise.resolve(),
  async goOnAfter(db, table, column) {
    const [of, numbers] = [sql.lit(table), sql.id(column)]
    await sql`select setval(pg_get_serial_sequence(${of}, ${sql.lit(column)}), coalesce((select max(${numbers}) from ${sql.id(table)}), 0) + 1, false)`.execute(
      db,
    )
  },
}

/** Its index of parts of words comes as an extension. Where that may not be had, words are looked for row by row: slower, and as right. */
async function hasTrigrams(db: QueryExecutorProvider): Promise<boolean> {
  const { rows } = await sql<{ where: string | null; may: boolean }>`
    select (select n.nspname from pg_extension e join pg_namespace n on n.oid = e.extnamespace where e.extname = 'pg_trgm') as "where",
      case when to_regnamespace('public') is null then false
        else has_database_privilege(current_database(), 'CREATE') and has_schema_privilege('public', 'CREATE')
          and exists (select 1 from pg_available_extensions where name = 'pg_trgm') end as may`.execute(db)
  const [{ where, may } = { where: null, may: false }] = rows
  if (where === null && may) await sql`create extension if not exists pg_trgm with schema public`.execute(db)
  return where === 'public' || (where === null && may)
}
