// What the tables need said differently in each database.
import type { CreateTableBuilder, QueryExecutorProvider, RawBuilder } from 'kysely'

export interface Dialect {
  /** A whole number as large as a time in ms since 1970. */
  readonly whole: 'integer' | 'bigint'
  readonly bytes: 'blob' | 'bytea'
  readonly fraction: 'real' | 'double precision'
  /** A new name of 32 hexadecimal digits. */
  readonly newName: RawBuilder<string>
  /** Now, as received.ts has it. */
  readonly received: RawBuilder<string>
  /** A column that numbers its rows by itself, and never gives a number twice. */
  readonly numbered: <Table extends string>(
    table: CreateTableBuilder<Table>,
    column: string,
  ) => CreateTableBuilder<Table>
  /** From now on the database refuses to alter or delete a row of this table. */
  readonly keepRows: (db: QueryExecutorProvider, table: string) => Promise<void>
  /** job_words: any part of a word in what a job is found by is found by it; and what keeps that up to date. */
  readonly wordsOfJobs: (db: QueryExecutorProvider) => Promise<void>
  readonly wordsKept: (db: QueryExecutorProvider) => Promise<void>
  /** A table's own numbers go on after those that were put there by hand. */
  readonly goOnAfter: (db: QueryExecutorProvider, table: string, column: string) => Promise<void>
}

export const KEPT = 'rows of this table are kept as they are'
