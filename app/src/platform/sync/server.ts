// The server as this device sees it: put changes, hear which jobs are news, ask for the changes of some. A narrow port; tests give a small fake.
// Only the server's own JSON is an answer: a portal's page, a proxy's, or a server that does not know these ids is no server.
import * as v from 'valibot'
import type { Change } from '@oak/core/job/change'
import type { JobId } from '@oak/core/job/job-id'
import { JobSummarySchema, type JobSummary } from '@oak/core/job/summary/summary'
import { ask, type Asked } from './ask'
import type { JobAsked } from './job-rows'

export interface Refusal {
  readonly id: string
  readonly message: string
}
export interface Stamp {
  readonly id: string
  readonly at: number
}
/** The server's clock, and when it was asked and heard by this device's. */
export interface TimeHeard {
  readonly at: number
  readonly askedAt: number
  readonly heardAt: number
}

export type PutAnswer =
  | {
      readonly kind: 'answered'
      /** The server has these. */
      readonly taken: readonly string[]
      readonly refused: readonly Refusal[]
      /** Kept under another time than they were sent with. */
      readonly restamped: readonly Stamp[]
      readonly time: TimeHeard | null
    }
  /** This many at a time are too much for it, or for the way there. */
  | { readonly kind: 'too-much'; readonly message: string | null }
  | { readonly kind: 'unreachable' }

interface FromServer {
  /** The name of the database that answered. */
  readonly store: string
  readonly more: boolean
  readonly time: TimeHeard | null
}
/** A job that changed, by the number under which that is news. */
export interface JobNews {
  readonly rev: number
  /** Of the last change that is in it. */
  readonly seq: number
  readonly job: JobId
  /** null: the van has none. */
  readonly summary: JobSummary | null
}
export interface NewsPage extends FromServer {
  readonly jobs: JobNews[]
  /** The newest number there is. */
  readonly last: number
}
export interface ChangePage extends FromServer {
  readonly changes: Change[]
  /** Every change of the jobs that were asked for is there, up to this number. */
  readonly next: number
}
/** Later than that number, the earliest first; or before it, the latest first. */
export type NewsAsked = { readonly after: number } | { readonly before: number }

export interface Server {
  readonly put: (changes: readonly Change[]) => Promise<PutAnswer>
  readonly news: (asked: NewsAsked, limit: number) => Promise<NewsPage | 'late' | 'unreachable'>
  readonly whole: (asked: readonly JobAsked[], limit: number) => Promise<ChangePage | 'late' | 'unreachable'>
}

const at = v.pipe(v.number(), v.integer())
const KeptSchema = v.object({
  added: v.array(v.string()),
  known: v.array(v.string()),
  refused: v.array(v.object({ id: v.nullable(v.string()), message: v.string() })),
  restamped: v.array(v.object({ id: v.string(), at })),
  at,
})
const ErrorSchema = v.object({ error: v.object({ code: v.string(), message: v.string() }) })
const store = v.pipe(v.string(), v.regex(/^[0-9a-f]{32}$/))
const NewsSchema = v.object({
  store,
  jobs: v.array(
    v.object({ rev: at, seq: at, job: v.string(), summary: v.nullable(v.record(v.string(), v.unknown())) }),
  ),
  last: at,
  more: v.boolean(),
  at,
})
const WholeSchema = v.object({
  store,
  // What a change holds is looked at where it is folded: one that a later version wrote is kept all the same.
  changes: v.array(
    v.looseObject({ id: v.string(), job: v.string(), path: v.array(v.string()), at: v.number() }),
  ),
  next: at,
  more: v.boolean(),
  at,
})

/** Of a later version whose summary cannot be read here: the job is known, and has no summary until one can. */
function newsOf({ rev, seq, job, summary }: v.InferOutput<typeof NewsSchema>['jobs'][number]): JobNews {
  const read = summary === null ? null : v.safeParse(JobSummarySchema, { ...summary, job })
  return { rev, seq, job: job, summary: read?.success ? read.output : null }
}

async function jsonOf({ body }: Asked): Promise<unknown> {
  try {
    return JSON.parse(await body.text())
  } catch {
    return null
  }
}
const timeOf = ({ askedAt, heardAt }: Asked, serverAt: number): TimeHeard => ({
  at: serverAt,
  askedAt,
  heardAt,
})

/** What became of each of these changes; null where the answer does not speak of them all. */
function readKept(json: unknown, sent: readonly Change[], asked: Asked): PutAnswer | null {
  const kept = v.safeParse(KeptSchema, json)
  if (!kept.success) return null
  const taken = [...kept.output.added, ...kept.output.known]
  const refused = kept.output.refused.flatMap(({ id, message }) => (id === null ? [] : [{ id, message }]))
  const named = new Set([...taken, ...refused.map(({ id }) => id)])
  if (!sent.every(({ id }) => named.has(id))) return null
  return {
    kind: 'answered',
    taken,
    refused,
    restamped: kept.output.restamped,
    time: timeOf(asked, kept.output.at),
  }
}

/** `device`: what this device calls itself, so that its questions count as its own. */
export const httpServer = (device: string): Server => ({
  async put(changes) {
    const body = JSON.stringify({ changes })
    const headers = { 'content-type': 'application/json', 'x-oak-device': device }
    const answered = await ask('/api/changes', { method: 'POST', headers, body }, body.length)
    if (answered.kind === 'late') return { kind: 'too-much', message: null }
    if (answered.kind === 'unreachable') return answered
    const json = await jsonOf(answered.asked)
    const read = readKept(json, changes, answered.asked)
    if (read) return read
    // Refused as a whole, by our own server: less at a time tells which it is.
    const error = v.safeParse(ErrorSchema, json)
    const { status } = answered.asked
    return error.success && (status === 400 || status === 413)
      ? { kind: 'too-much', message: error.output.error.message }
      : { kind: 'unreachable' }
  },
  async news(asked, limit) {
    const query = 'after' in asked ? `after=${asked.after}` : `before=${asked.before}`
    const answered = await ask(`/api/jobs?${query}&limit=${limit}`, { headers: { 'x-oak-device': device } })
    if (answered.kind !== 'answer') return answered.kind
    const page = v.safeParse(NewsSchema, answered.asked.ok ? await jsonOf(answered.asked) : null)
    if (!page.success) return 'unreachable'
    const { jobs, at: serverAt, ...rest } = page.output
    return { ...rest, jobs: jobs.map(newsOf), time: timeOf(answered.asked, serverAt) }
  },
  async whole(asked, limit) {
    const of = asked.map(({ job, seq }) => `${job}:${seq}`).join()
    const answered = await ask(`/api/jobs/whole?of=${of}&limit=${limit}`, {
      headers: { 'x-oak-device': device },
    })
    if (answered.kind !== 'answer') return answered.kind
    const page = v.safeParse(WholeSchema, answered.asked.ok ? await jsonOf(answered.asked) : null)
    if (!page.success) return 'unreachable'
    const { changes, at: serverAt, ...rest } = page.output
    return { ...rest, changes: changes as unknown as Change[], time: timeOf(answered.asked, serverAt) }
  },
})
