// The simulated parts counter over HTTP: it answers after a while.
import { Router } from 'express'
import * as v from 'valibot'
import { problemsOf } from '@oak/core/quantity/problem'
import { STOCK_KINDS } from '@oak/core/van/stock-line'
import { askCounter, lookingMs, type Catalogue } from '../counter/simulated-counter'
import { refuse } from '../errors'

const MAX_WAITING = 16

const QuerySchema = v.strictObject({
  kind: v.picklist(STOCK_KINDS, `A counter is asked for one of: ${STOCK_KINDS.join(', ')}.`),
  text: v.optional(v.pipe(v.string(), v.maxLength(100, 'A question has 100 letters at most.')), ''),
})

export function counterRoutes(catalogue: Catalogue, random: () => number = Math.random): Router {
  const router = Router()
  let waiting = 0
  router.get('/', (req, res) => {
    const query = v.safeParse(QuerySchema, req.query)
    if (!query.success) return refuse(res, 400, 'bad-input', problemsOf(query.issues))
    if (waiting >= MAX_WAITING)
      return refuse(res, 503, 'too-many', [
        { path: '', message: 'The counter is busy: too many are waiting.' },
      ])
    waiting += 1
    const look = setTimeout(() => res.json(askCounter(catalogue, query.output)), lookingMs(random()))
    res.on('close', () => {
      waiting -= 1
      clearTimeout(look)
    })
  })
  return router
}
