// Changes of jobs: devices put theirs and ask for those that came after the last one they know.
import { Router } from 'express'
import * as v from 'valibot'
import { parseChange, type Change } from '@oak/core/job/change'
import { first } from '@oak/core/quantity/at'
import { problemsOf } from '@oak/core/quantity/problem'
import type { Judged } from '../access/may-write'
import { onlyRoles, signedIn } from '../access/signed-in'
import type { SignedIn } from '../access/who'
import { count } from '../edge/count'
import { refuse } from '../errors'
import type { ChangeStore } from '../store/change-store'

/** Most changes in one request or one answer. */
const BATCH = 500

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

/** Which of these that person may write. */
export type Judge = (who: SignedIn, changes: readonly Change[]) => Promise<Judged>

export interface ChangeRouteParts {
  readonly store: ChangeStore
  readonly now: () => number
  /** null: everybody may write everything. */
  readonly judge: Judge | null
}

const asIs: Judge = (_who, allowed) => Promise.resolve({ allowed, refused: [] })

export function changeRoutes({ store, now, judge }: ChangeRouteParts): Router {
  const router = Router()

  // Everything in order of arrival, of whatever job.
  router.get('/', onlyRoles('owner', 'technician', 'office'), async (req, res) => {
    const query = v.safeParse(QuerySchema, req.query)
    if (!query.success) return refuse(res, 400, 'bad-input', problemsOf(query.issues))
    const { after, limit } = query.output
    const { changes, next, last } = await store.after(after, limit)
    res.json({
      store: await store.identity(),
      changes,
      next,
      last,
      // By numbers and not by how many came: one that cannot be read is left out, and more may follow it.
      more: limit > 0 && next < last,
      at: now(),
    })
  })

  router.post('/', async (req, res) => {
    const body = v.safeParse(BodySchema, req.body)
    if (!body.success) return refuse(res, 400, 'bad-input', problemsOf(body.issues))
    const { changes, refused } = parseAll(body.output.changes)
    const who = signedIn(res)
    const judged = await (judge ?? asIs)(who, changes)
    const { clashes, ...kept } = await store.put(judged.allowed, who)
    const all = [
      ...refused,
      ...judged.refused.map((one) => ({ ...one, index: placeOf(body.output.changes, one.id) })),
      ...clashes.map((id) => clashOf(body.output.changes, id)),
    ].sort((a, b) => a.index - b.index)
    if (all.length === 0) return void res.json({ ...kept, refused: [], at: now() })
    // What is right is kept all the same; each of the others is named, so that nobody must send them singly to find out.
    const [{ index, path, message }] = all as [Refused]
    const [status, code] = kindOf(all.length, clashes.length, judged.refused.length)
    res.status(status).json({
      error: {
        code,
        path: `changes.${index}.${path}`,
        message,
        problems: all.map((one) => ({ path: `changes.${one.index}.${one.path}`, message: one.message })),
      },
      ...kept,
      refused: all,
      at: now(),
    })
  })
  return router
}

function kindOf(all: number, clashes: number, judged: number): [number, string] {
  if (clashes === all) return [409, 'id-clash']
  return judged === all ? [403, 'not-allowed'] : [400, 'bad-input']
}

/** A change that is not kept: where it stood, its id as far as it has one, and why. */
interface Refused {
  readonly index: number
  readonly id: string | null
  readonly path: string
  readonly message: string
}

const idOf = (raw: unknown): string | null =>
  typeof raw === 'object' && raw !== null && 'id' in raw && typeof raw.id === 'string' ? raw.id : null

const placeOf = (raw: readonly unknown[], id: string): number => raw.findLastIndex((one) => idOf(one) === id)

const clashOf = (raw: readonly unknown[], id: string): Refused => ({
  index: placeOf(raw, id),
  id,
  path: 'id',
  message: 'This edit is on the server already, with other contents.',
})

function parseAll(raw: readonly unknown[]): { changes: Change[]; refused: Refused[] } {
  const changes: Change[] = []
  const refused: Refused[] = []
  raw.forEach((input, index) => {
    const parsed = parseChange(input)
    if (parsed.ok) changes.push(parsed.change)
    else {
      const { path, message } = first(parsed.problems)
      refused.push({ index, id: idOf(input), path, message })
    }
  })
  return { changes, refused }
}
