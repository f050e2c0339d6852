// The simulated clamp meter over server-sent events: one reading after another until the line is dropped.
import { Router, type Response } from 'express'
import * as v from 'valibot'
import { QUANTITIES } from '@oak/core/meter/measurement'
import { problemsOf } from '@oak/core/quantity/problem'
import { refuse } from '../errors'
import { METER_NAME, readMeter } from '../meter/simulated-meter'
import { trueValue, type Truths } from '../meter/truth'

/** A frame every so often, as such meters show. */
const FRAME_MS = 350
/** It switches itself off after this. */
const SLEEP_MS = 120_000
const MAX_STREAMS = 16

const QuerySchema = v.strictObject({
  job: v.pipe(v.string('Which job is read must be named.'), v.maxLength(60)),
  probe: v.pipe(v.string('Where it is read must be named.'), v.maxLength(60)),
  quantity: v.picklist(QUANTITIES, 'A meter reads volts, amps, microfarads, ohms or degrees.'),
})

export function meterRoutes(truths: Truths, random: () => number = Math.random): Router {
  const router = Router()
  let streams = 0

  router.get('/', (_req, res) => {
    res.json({ name: METER_NAME, quantities: QUANTITIES })
  })

  router.get('/stream', (req, res) => {
    const query = v.safeParse(QuerySchema, req.query)
    if (!query.success) return refuse(res, 400, 'bad-input', problemsOf(query.issues))
    if (streams >= MAX_STREAMS)
      return refuse(res, 503, 'too-many', [{ path: '', message: 'The meter is in use in too many places.' }])
    const { job, probe, quantity } = query.output
    streams += 1
    openStream(res)
    const send = () =>
      res.write(
        `data: ${JSON.stringify({ meter: METER_NAME, ...readMeter(quantity, trueValue(truths, job, probe), random) })}\n\n`,
      )
    send()
    const frames = setInterval(send, FRAME_MS)
    const sleep = setTimeout(() => res.end(), SLEEP_MS)
    res.on('close', () => {
      streams -= 1
      clearInterval(frames)
      clearTimeout(sleep)
    })
  })
  return router
}

function openStream(res: Response): void {
  res.writeHead(200, {
    'Content-Type': 'text/event-stream',
    'Cache-Control': 'no-store',
    'X-Accel-Buffering': 'no',
  })
}
