// Changes of jobs: devices put theirs and ask for those that came after the last one they know.
import { Router } from 'express'
import * as v from 'valibot'
import { parseChange, type Change } from '@oak/core/job/change'
import { problemsOf, type Problem } from '@oak/core/quantity/problem'
import { refuse } from '../errors'
import type { ChangeStore } from '../store/change-store'

/** Most changes in one request or one answer. */
const BATCH = 500

const count = (what: string, most: number) =>
  v.pipe(
    v.string(),
    v.regex(/^\d{1,15}$/, `${what} must be a whole number.`),
    v.transform(Number),
    v.maxValue(most, `${what} is at most ${most}.`),
  )
const QuerySchema = v.strictObject({
  after: v.optional(count('after', Number.MAX_SAFE_INTEGER), '0'),
  limit: v.optional(count('limit', BATCH), String(BATCH)),
})
const BodySchema = v.strictObject({
  changes: v.pipe(
    v.array(v.unknown(), 'The changes must be a list.'),
    v.maxLength(BATCH, `At most ${BATCH} changes at a time.`),
  ),
})

export function changeRoutes(store: ChangeStore): Router {
  const router = Router()

  router.get('/', async (req, res) => {
    const query = v.safeParse(QuerySchema, req.query)
    if (!query.success) return refuse(res, 400, 'bad-input', problemsOf(query.issues))
    const { after, limit } = query.output
    const { changes, next } = await store.after(after, limit)
    res.json({ store: await store.identity(), changes, next, more: changes.length === limit && limit > 0 })
  })

  router.post('/', async (req, res) => {
    const body = v.safeParse(BodySchema, req.body)
    if (!body.success) return refuse(res, 400, 'bad-input', problemsOf(body.issues))
    const { changes, problems } = parseAll(body.output.changes)
    if (problems.length > 0) return refuse(res, 400, 'bad-input', problems)
    const result = await store.put(changes)
    if (!result.ok)
      return refuse(res, 409, 'id-clash', [
        {
          path: `changes.${changes.findIndex((c) => c.id === result.clash)}.id`,
          message: 'A change with this id is kept already, with other contents.',
        },
      ])
    res.json({ added: result.added, known: result.known })
  })

  return router
}

function parseAll(raw: readonly unknown[]): { changes: Change[]; problems: Problem[] } {
  const changes: Change[] = []
  const problems: Problem[] = []
  raw.forEach((input, i) => {
    const parsed = parseChange(input)
    if (parsed.ok) changes.push(parsed.change)
    else
      problems.push(...parsed.problems.map((p) => ({ path: `changes.${i}.${p.path}`, message: p.message })))
  })
  return { changes, problems }
}
