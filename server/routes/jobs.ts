// Jobs: their summaries as they become news, the changes of some of them, and the office's table.
import { Router, type Response } from 'express'
import * as v from 'valibot'
import type { JobId } from '@oak/core/job/job-id'
import { OFFICE_SORTS, OFFICE_STATES } from '@oak/core/job/summary/office-row'
import { UUID } from '@oak/core/job/uuid'
import { problemsOf } from '@oak/core/quantity/problem'
import { readsAll } from '@oak/core/crew/roles'
import { signedIn } from '../access/signed-in'
import { count } from '../edge/count'
import { refuse } from '../errors'
import type { ChangeStore } from '../store/change-store'
import type { JobNews, JobStore, Whose } from '../store/jobs/job-store'

/** Most summaries, changes or rows in one answer, and most jobs in one question. */
const MOST = { news: 2000, changes: 2000, rows: 200, jobs: 40 } as const

const NewsSchema = v.strictObject({
  after: v.optional(count('after', Number.MAX_SAFE_INTEGER)),
  before: v.optional(count('before', Number.MAX_SAFE_INTEGER)),
  limit: v.optional(count('limit', MOST.news), String(MOST.news)),
})
const WholeSchema = v.strictObject({
  of: v.pipe(
    v.string(),
    v.transform((text) => text.split(',')),
    v.maxLength(MOST.jobs, `At most ${MOST.jobs} jobs at a time.`),
    v.mapItems((one) => one.split(':')),
    v.everyItem(
      ([job = '', seq = '', ...more]) => UUID.test(job) && /^\d{1,15}$/.test(seq) && more.length === 0,
      'Each job is its id, a colon, and the number of the last change that is known of it.',
    ),
    v.mapItems(([job, seq]) => ({ job: job as JobId, seq: Number(seq) })),
  ),
  limit: v.optional(count('limit', MOST.changes), String(MOST.changes)),
})
const OfficeSchema = v.strictObject({
  text: v.optional(v.pipe(v.string(), v.maxLength(300, 'The words are more than 300 letters.')), ''),
  state: v.optional(v.picklist(OFFICE_STATES, 'The state is all, proven or open.'), 'all'),
  sort: v.optional(v.picklist(OFFICE_SORTS, `Sorted is by one of: ${OFFICE_SORTS.join(', ')}.`), 'at'),
  down: v.optional(
    v.pipe(
      v.picklist(['0', '1'], 'down is 0 or 1.'),
      v.transform((x) => x === '1'),
    ),
    '1',
  ),
  from: v.optional(count('from', 10_000_000), '0'),
  limit: v.optional(count('limit', MOST.rows), '100'),
})

/** An apprentice reads what he or she began. */
const whose = (res: Response): Whose => {
  const { role, person } = signedIn(res)
  return readsAll(role) ? 'all' : { person }
}

/** A summary is JSON already: it is not read to be written again. */
const newsText = ({ summary, ...news }: JobNews): string =>
  withField(JSON.stringify(news), 'summary', summary ?? 'null')

/** `object`: JSON of an object that has a field; `value`: JSON. */
const withField = (object: string, name: string, value: string): string =>
  `${object.slice(0, -1)},${JSON.stringify(name)}:${value}}`

export interface JobRouteParts {
  readonly jobs: JobStore
  readonly store: ChangeStore
  readonly now: () => number
}

export function jobRoutes({ jobs, store, now }: JobRouteParts): Router {
  const router = Router()

  router.get('/', async (req, res) => {
    const query = v.safeParse(NewsSchema, req.query)
    if (!query.success) return refuse(res, 400, 'bad-input', problemsOf(query.issues))
    const { after, before, limit } = query.output
    const of = whose(res)
    const page =
      before === undefined ? await jobs.after(after ?? 0, limit, of) : await jobs.before(before, limit, of)
    const rest = {
      store: await store.identity(),
      last: page.last,
      more: page.jobs.length === limit && limit > 0,
      at: now(),
    }
    res.type('json').send(withField(JSON.stringify(rest), 'jobs', `[${page.jobs.map(newsText).join()}]`))
  })

  router.get('/whole', async (req, res) => {
    const query = v.safeParse(WholeSchema, req.query)
    if (!query.success) return refuse(res, 400, 'bad-input', problemsOf(query.issues))
    const page = await jobs.whole(query.output.of, query.output.limit, whose(res))
    res.json({ store: await store.identity(), ...page, at: now() })
  })

  router.get('/office', async (req, res) => {
    const query = v.safeParse(OfficeSchema, req.query)
    if (!query.success) return refuse(res, 400, 'bad-input', problemsOf(query.issues))
    res.json(await jobs.office(query.output, whose(res)))
  })
  return router
}
