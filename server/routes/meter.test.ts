// The simulated meter over HTTP.
import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { resolve } from 'node:path'
import express from 'express'
import request from 'supertest'
import { readTruths, trueValue, type Truths } from '../meter/truth'
import { refusal } from '../testing/test-app'
import { meterRoutes } from './meter'

const TRUTHS: Truths = new Map([
  [
    'job-1',
    {
      format: 'oak-switch/demo-truth',
      version: 1,
      job: 'job-1',
      fault: 'x',
      probes: { 'microfarads-FAN': 2.9, 'ohms-common-start': null },
    },
  ],
])
/** Without noise: what is shown is the truth. */
const meter = () =>
  express().use(
    '/api/meter',
    meterRoutes(TRUTHS, () => 0.5),
  )

let server: Server
let url: string
beforeEach(async () => {
  server = createServer(meter())
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done))
  url = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/meter`
})
afterEach(() => {
  server.closeAllConnections()
  server.close()
})

/** The first `count` readings of a stream, then the line is dropped. */
async function readings(query: string, count: number) {
  const stop = new AbortController()
  const response = await fetch(`${url}/stream?${query}`, { signal: stop.signal })
  const reader = (response.body as ReadableStream<Uint8Array>).getReader()
  const frames: unknown[] = []
  let text = ''
  while (frames.length < count) {
    const { value, done } = await reader.read()
    if (done) break
    text += new TextDecoder().decode(value)
    for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
      frames.push(JSON.parse(text.slice(0, end).replace(/^data: /, '')))
      text = text.slice(end + 2)
    }
  }
  stop.abort()
  return { response, frames }
}

it('names itself and what it reads', async () =>
  expect((await request(server).get('/api/meter')).body).toEqual({
    name: 'Plover 600 clamp (simulated)',
    quantities: ['volts', 'amps', 'microfarads', 'ohms', 'celsius'],
  }))
it('streams one reading after another of the job’s hidden truth', async () => {
  const { response, frames } = await readings('job=job-1&probe=microfarads-FAN&quantity=microfarads', 2)
  const frame = {
    meter: 'Plover 600 clamp (simulated)',
    value: 2.9,
    range: 6,
    accuracy: { percent: 1.9, counts: 4, resolution: 0.01 },
  }
  expect(frames).toEqual([frame, frame])
  expect(
    ['content-type', 'cache-control', 'x-accel-buffering'].map((name) => response.headers.get(name)),
  ).toEqual(['text/event-stream', 'no-store', 'no'])
})
it('reads an open winding as OL, and a probe on nothing as nothing', async () => {
  const open = await readings('job=job-1&probe=ohms-common-start&quantity=ohms', 1)
  const nothing = await readings('job=job-1&probe=volts-supply&quantity=volts', 1)
  expect([open.frames[0], nothing.frames[0]]).toMatchObject([{ value: 'OL' }, { value: 0 }])
})
it('is used in sixteen places at the most, and again when one is done', async () => {
  const query = 'job=job-1&probe=microfarads-FAN&quantity=microfarads'
  const stops = Array.from({ length: 16 }, () => new AbortController())
  const open = await Promise.all(stops.map(({ signal }) => fetch(`${url}/stream?${query}`, { signal })))
  expect(open.map(({ status }) => status)).toEqual(stops.map(() => 200))
  expect(refusal(await request(server).get(`/api/meter/stream?${query}`))).toEqual({
    status: 503,
    code: 'too-many',
    path: '',
    message: 'The meter is in use in too many places.',
  })
  stops[0]?.abort()
  // The server learns of a dropped line in its own time.
  let status = 503
  while (status === 503) {
    const again = await fetch(`${url}/stream?${query}`)
    status = again.status
    await again.body?.cancel()
  }
  expect(status).toBe(200)
  for (const stop of stops) stop.abort()
})
it.each([
  ['probe=y&quantity=volts', 'job', null],
  ['job=x&quantity=volts', 'probe', null],
  ['job=x&probe=y', 'quantity', null],
  ['job=x&probe=y&quantity=furlongs', 'quantity', 'A meter reads volts, amps, microfarads, ohms or degrees.'],
  [`job=${'x'.repeat(61)}&probe=y&quantity=volts`, 'job', null],
  [`job=x&probe=${'y'.repeat(61)}&quantity=volts`, 'probe', null],
  ['job=a&job=b&probe=y&quantity=volts', 'job', 'Which job is read must be named.'],
  ['job=a&probe=y&probe=z&quantity=volts', 'probe', 'Where it is read must be named.'],
])('refuses %s, naming the field', async (query, path, message) =>
  expect(refusal(await request(server).get(`/api/meter/stream?${query}`))).toMatchObject({
    status: 400,
    code: 'bad-input',
    path,
    ...(message === null ? {} : { message }),
  }),
)
it('takes names of sixty letters', async () => {
  const names = `job=${'x'.repeat(60)}&probe=${'y'.repeat(60)}`
  expect((await readings(`${names}&quantity=volts`, 1)).frames).toMatchObject([{ value: 0 }])
})

describe('the demo’s truths', () => {
  it('are well formed; a folder that is not there has none', () => {
    expect(readTruths(resolve(__dirname, '..', '..', 'demo')).size).toBeGreaterThanOrEqual(3)
    expect(readTruths(resolve(__dirname, 'nowhere')).size).toBe(0)
  })
  it('an open winding is beyond every range; what no probe is on has no value', () => {
    expect(trueValue(TRUTHS, 'job-1', 'ohms-common-start')).toBe(Infinity)
    expect(trueValue(TRUTHS, 'job-1', 'volts-supply')).toBeUndefined()
    expect(trueValue(TRUTHS, 'job-2', 'microfarads-FAN')).toBeUndefined()
  })
})
