// Who has shown what on practice units: each phone brings its own rounds, an apprentice reads the own ones.
import { Router } from 'express'
import * as v from 'valibot'
import { readsAll } from '@oak/core/crew/roles'
import { ShownRoundSchema } from '@oak/core/practice/course/shown'
import { problemsOf } from '@oak/core/quantity/problem'
import { signedIn } from '../access/signed-in'
import { refuse } from '../errors'
import type { PracticeStore } from '../store/practice-store'

const BATCH = 200
const BodySchema = v.strictObject({
  rounds: v.pipe(
    v.array(ShownRoundSchema, 'The rounds must be a list.'),
    v.maxLength(BATCH, `At most ${BATCH} rounds at a time.`),
  ),
})

export function practiceRoutes(store: PracticeStore): Router {
  const router = Router()
  router.post('/', async (req, res) => {
    const body = v.safeParse(BodySchema, req.body)
    if (!body.success) return refuse(res, 400, 'bad-input', problemsOf(body.issues))
    const { device, person } = signedIn(res)
    await store.put(body.output.rounds, { device: device ?? '', person })
    res.json({ ok: true })
  })
  router.get('/', async (_req, res) => {
    const { role, person } = signedIn(res)
    res.json({ rounds: await store.shown(readsAll(role) ? null : person) })
  })
  return router
}
