// Works out each job's row from its changes: at once where few are touched, else one after the other while nothing else is asked. A row whose job
// changed is marked with the changes themselves, so that a server that is ended in between goes on where it was.
import { readable } from '@oak/core/job/change'
import type { JobDocument } from '@oak/core/job/document'
import { foldJob } from '@oak/core/job/fold'
import type { JobId } from '@oak/core/job/job-id'
import { standingOf } from '@oak/core/job/summary/standing'
import { officeRow, officeWords } from '@oak/core/job/summary/office-row'
import type { Standing } from '@oak/core/job/summary/standing-words'
import { packed, summaryOf, type JobSummary } from '@oak/core/job/summary/summary'
import { VAN_ID } from '@oak/core/job/van'
import { sql } from 'kysely'
import { CHANGE_COLUMNS, fromRow } from '../change-row'
import type { Database } from '../database'
import { takePen } from '../pen'

export interface JobIndex {
  /** Brings these up to date; where they are many, soon. */
  readonly touched: (jobs: readonly JobId[]) => Promise<void>
  /** Brings all up to date; resolves when none is left. */
  readonly rest: () => Promise<void>
  readonly close: () => void
}

/** So many are worked out before who put them has an answer. Each takes some milliseconds. */
const AT_ONCE = 3
/** Of more changes than any visit has, as when a file of many is put batch by batch: it is worked out less often than it is put. */
const SMALL = 1000

/** A record that cannot be judged is listed all the same. */
function standing(id: JobId, document: JobDocument): Standing | null {
  try {
    return standingOf(document)
  } catch (error) {
    console.error(`How job ${id} stands cannot be worked out:`, error)
    return null
  }
}

async function summaryFrom(db: Database, id: JobId) {
  const rows = await db
    .selectFrom('change')
    .select(CHANGE_COLUMNS)
    .where('job', '=', id)
    .orderBy('seq')
    .execute()
  const changes = rows.flatMap(fromRow)
  const seq = rows.at(-1)?.seq ?? 0
  if (id === VAN_ID || changes.length === 0) return { seq, summary: null }
  const document = foldJob(readable(changes))
  return { seq, summary: { ...summaryOf(id, changes, document), standing: standing(id, document) } }
}

/** A text with a NUL in it is none to a database. */
const plain = (text: string): string => text.replaceAll('\0', ' ')

function rowOf(summary: JobSummary) {
  const { title, site, unit, technician, at, next, proven } = officeRow(summary)
  return {
    title: plain(title),
    site: plain(site),
    unit: plain(unit),
    technician: plain(technician),
    at,
    next,
    proven: proven ? 1 : 0,
    listed: summary.removed ? 0 : 1,
    summary: JSON.stringify({ ...packed(summary), job: undefined }),
    words: plain(officeWords(summary)),
  }
}

async function refresh(db: Database, id: JobId): Promise<void> {
  const { seq, summary } = await summaryFrom(db, id)
  const row = summary ? rowOf(summary) : { summary: null, words: '' }
  await db.transaction().execute(async (trx) => {
    await takePen(trx)
    const { rev } = await trx
      .selectFrom('job')
      .select((c) => sql<number>`coalesce(${c.fn.max('rev')}, 0) + 1`.as('rev'))
      .executeTakeFirstOrThrow()
    await trx
      .updateTable('job')
      // What came meanwhile marks it again.
      .set((c) => ({
        ...row,
        seq,
        rev,
        stale: c
          .case()
          .when(
            c
              .selectFrom('change')
              .select((x) => x.fn.max('seq').as('m'))
              .where('job', '=', id),
            '>',
            seq,
          )
          .then(1)
          .else(0)
          .end(),
      }))
      .where('id', '=', id)
      // Another process may have read later, and written first.
      .where('seq', '<=', seq)
      .execute()
  })
}

async function changesOf(db: Database, jobs: readonly JobId[]): Promise<number> {
  if (jobs.length === 0) return 0
  const { count } = await db
    .selectFrom('change')
    .select((c) => c.fn.countAll<number>().as('count'))
    .where('job', 'in', jobs)
    .executeTakeFirstOrThrow()
  return count
}

const breath = () => new Promise<void>((resolve) => setImmediate(resolve))

export function jobIndex(db: Database): JobIndex {
  let isOpen = true
  let running: Promise<void> | null = null

  async function all(): Promise<void> {
    while (isOpen) {
      const stale = await db.selectFrom('job').select('id').where('stale', '=', 1).limit(50).execute()
      if (stale.length === 0) return
      for (const { id } of stale) {
        if (!isOpen) return
        await refresh(db, id)
        await breath()
      }
    }
  }
  const rest = () => (running ??= all().finally(() => (running = null)))
  return {
    async touched(jobs) {
      if (jobs.length <= AT_ONCE && (await changesOf(db, jobs)) <= SMALL)
        for (const id of jobs) await refresh(db, id)
      else rest().catch((error: unknown) => console.error('Summaries of jobs stopped:', error))
    },
    rest,
    close: () => void (isOpen = false),
  }
}
