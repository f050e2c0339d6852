// The jobs as lists and one by one: summaries in the order in which they became news, the changes of some jobs, and what the office asks for.
import type { Change } from '@oak/core/job/change'
import type { JobId } from '@oak/core/job/job-id'
import { VAN_ID } from '@oak/core/job/van'
import {
  askedWords,
  type OFFICE_SORTS,
  type OFFICE_STATES,
  type OfficeRow,
} from '@oak/core/job/summary/office-row'
import { sql, type ExpressionBuilder, type SqlBool } from 'kysely'
import { CHANGE_COLUMNS, fromRow } from '../change-row'
import type { Database } from '../database'
import { prepared } from '../prepared'
import type { Tables } from '../tables'

/** A job's summary as it travels: `summary` is that of core/job/summary without the job, null for the van. */
export interface JobNews {
  readonly rev: number
  /** Of the last change that is in it. */
  readonly seq: number
  readonly job: JobId
  /** JSON, as it is kept: it is sent on, and nobody here looks into it. */
  readonly summary: string | null
}
export interface NewsPage {
  readonly jobs: JobNews[]
  /** The newest `rev` here. */
  readonly last: number
}

/** Which changes of a job are asked for: those after number `seq`. */
export interface JobAsked {
  readonly job: JobId
  readonly seq: number
}
export interface WholePage {
  readonly changes: Change[]
  /** Every change of these jobs up to this number is there. */
  readonly next: number
  readonly more: boolean
}

export interface OfficeAsked {
  readonly text: string
  readonly state: (typeof OFFICE_STATES)[number]
  readonly sort: (typeof OFFICE_SORTS)[number]
  readonly down: boolean
  readonly from: number
  readonly limit: number
}
export interface OfficePage {
  readonly rows: OfficeRow[]
  /** How many there are like that. */
  readonly total: number
  /** Jobs whose rows are not worked out yet. */
  readonly unread: number
}

export interface JobStore {
  /** Newer than `rev`, the oldest of them first. */
  readonly after: (rev: number, limit: number, of?: Whose) => Promise<NewsPage>
  /** Older than `rev`, the newest of them first. */
  readonly before: (rev: number, limit: number, of?: Whose) => Promise<NewsPage>
  readonly whole: (asked: readonly JobAsked[], limit: number, of?: Whose) => Promise<WholePage>
  readonly office: (asked: OfficeAsked, of?: Whose) => Promise<OfficePage>
}

/** Jobs of all, or those that one person began; the van is everybody's. */
export type Whose = 'all' | { readonly person: string }

const isOf = (c: ExpressionBuilder<Tables, 'job'>, of: Whose) =>
  of === 'all' ? c.lit(true) : c.or([c('begun_by', '=', of.person), c('id', '=', VAN)])
const VAN = VAN_ID as JobId

interface NewsAsked {
  readonly rev: number
  readonly limit: number
  readonly newer: boolean
  readonly of: Whose
}

const newsQuery = (db: Database, { rev, limit, newer, of }: NewsAsked) =>
  db
    .selectFrom('job')
    .select(['rev', 'seq', 'id as job', 'summary'])
    .where('rev', newer ? '>' : '<', rev)
    .where((c) => isOf(c, of))
    .orderBy('rev', newer ? 'asc' : 'desc')
    .limit(limit)

function newsOf(db: Database) {
  // What every phone asks every few seconds.
  const newer = prepared(db, (rev: number, limit: number) =>
    newsQuery(db, { rev, limit, newer: true, of: 'all' }),
  )
  const newest = prepared(db, () => db.selectFrom('job').select((c) => c.fn.max('rev').as('last')))
  return async (asked: NewsAsked): Promise<NewsPage> => {
    const isUsual = asked.newer && asked.of === 'all'
    const rows = isUsual ? await newer(asked.rev, asked.limit) : await newsQuery(db, asked).execute()
    const [end] = await newest()
    return { jobs: rows.map((row) => ({ ...row, rev: row.rev ?? 0 })), last: end?.last ?? 0 }
  }
}

/** Those of these jobs that may be read. */
async function readable(db: Database, asked: readonly JobAsked[], of: Whose): Promise<readonly JobAsked[]> {
  if (of === 'all') return asked
  const rows = await db
    .selectFrom('job')
    .select('id')
    .where(
      'id',
      'in',
      asked.map(({ job }) => job),
    )
    .where((c) => isOf(c, of))
    .execute()
  const ids = new Set(rows.map(({ id }) => id))
  return asked.filter(({ job }) => ids.has(job))
}

async function whole(
  db: Database,
  wanted: readonly JobAsked[],
  limit: number,
  of: Whose,
): Promise<WholePage> {
  const asked = await readable(db, wanted, of)
  // The end is read first: what comes meanwhile is asked for next time.
  const { end } = await db
    .selectFrom('change')
    .select((c) => c.fn.max('seq').as('end'))
    .executeTakeFirstOrThrow()
  const rows = await db
    .selectFrom('change')
    .select(CHANGE_COLUMNS)
    .where((c) => c.or(asked.map(({ job, seq }) => c.and([c('job', '=', job), c('seq', '>', seq)]))))
    .where('seq', '<=', end ?? 0)
    .orderBy('seq')
    .limit(limit + 1)
    .execute()
  const more = rows.length > limit
  const sent = rows.slice(0, limit)
  return { changes: sent.flatMap(fromRow), next: more ? (sent.at(-1)?.seq ?? 0) : (end ?? 0), more }
}

/** A word somewhere in what a job is found by. The index of words knows it at least by its likeness, then it is looked at letter by letter. */
const hasWord = (word: string) => {
  // Signs that stand for others in a likeness, in one of the databases: each is any one letter first.
  const likeness = `%${word.replace(/[%_\\]/g, '_')}%`
  return sql<SqlBool>`num in (select rowid from job_words where words like ${likeness}) and replace(words, ${word}, '') <> words`
}

/** Listed, in that state, and with every word somewhere in what it is found by. */
const isAskedFor = (c: ExpressionBuilder<Tables, 'job'>, { text, state }: OfficeAsked) =>
  c.and([
    c('listed', '=', 1),
    ...(state === 'all' ? [] : [c('proven', '=', state === 'proven' ? 1 : 0)]),
    ...askedWords(text).map(hasWord),
  ])

/** Without regard to small and capital letters. */
const sortedBy = (sort: OfficeAsked['sort']) => (sort === 'at' ? sql.ref('at') : sql`lower(${sql.ref(sort)})`)

async function office(db: Database, asked: OfficeAsked, of: Whose): Promise<OfficePage> {
  const { sort, down, from, limit } = asked
  const there = db
    .selectFrom('job')
    .where((c) => isAskedFor(c, asked))
    .where((c) => isOf(c, of))
  const rows = await there
    .select(['id', 'title', 'site', 'unit', 'technician', 'at', 'next', 'proven'])
    .orderBy(sortedBy(sort), down ? 'desc' : 'asc')
    // Those alike keep their places.
    .orderBy('id')
    .limit(limit)
    .offset(from)
    .execute()
  const { n: total } = await there.select((c) => c.fn.countAll<number>().as('n')).executeTakeFirstOrThrow()
  const { n: unread } = await db
    .selectFrom('job')
    .select((c) => c.fn.countAll<number>().as('n'))
    .where('stale', '=', 1)
    .where('rev', 'is', null)
    .executeTakeFirstOrThrow()
  return { rows: rows.map((row) => ({ ...row, proven: row.proven === 1 })), total, unread }
}

export function jobStore(db: Database): JobStore {
  const news = newsOf(db)
  return {
    after: (rev, limit, of = 'all') => news({ rev, limit, newer: true, of }),
    before: (rev, limit, of = 'all') => news({ rev, limit, newer: false, of }),
    whole: (asked, limit, of = 'all') => whole(db, asked, limit, of),
    office: (asked, of = 'all') => office(db, asked, of),
  }
}
