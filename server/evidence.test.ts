// Photos and the simulated meter, over HTTP.
import { createServer, type Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { resolve } from 'node:path'
import fc from 'fast-check'
import request from 'supertest'
import type { Quantity } from '@oak/core/meter/measurement'
import { readingInterval } from '@oak/core/quantity/interval'
import { createApp } from './app'
import { jpegProblem } from './photos/jpeg'
import { readMeter } from './meter/simulated-meter'
import { readTruths, trueValue, type Truths } from './meter/truth'
import { changeStore } from './store/change-store'
import { inlineOperations } from './testing/inline-operations'
import { openDatabase, type Database } from './store/database'
import { photoStore } from './store/photo-store'

const ID = '00000000-0000-4000-8000-00000000000a'
/** Segments by marker and content, then a scan and the end: a JPEG as far as its frame goes. */
const jpeg = (segments: readonly [number, string][] = [[0xe0, 'JFIF']], scan = 'pixels') =>
  Buffer.concat([
    Buffer.from([0xff, 0xd8]),
    ...segments.map(([marker, text]) =>
      Buffer.concat([Buffer.from([0xff, marker, 0, text.length + 2]), Buffer.from(text)]),
    ),
    Buffer.from([0xff, 0xda]),
    Buffer.from(scan),
    Buffer.from([0xff, 0xd9]),
  ])
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

let db: Database
const appWith = () =>
  createApp({ store: changeStore(db), operations: inlineOperations, photos: photoStore(db), truths: TRUTHS })
beforeEach(async () => void (db = await openDatabase(':memory:')))
afterEach(() => db.destroy())

describe('photos', () => {
  const put = (bytes: Buffer, id = ID, type = 'image/jpeg') =>
    request(appWith()).put(`/api/photos/${id}`).set('Content-Type', type).send(bytes)
  it('put twice are kept once, and come back as they were', async () => {
    expect([(await put(jpeg())).status, (await put(jpeg())).status]).toEqual([201, 200])
    const got = await request(appWith()).get(`/api/photos/${ID}`)
    expect([got.status, got.headers['content-type'], (got.body as Buffer).equals(jpeg())]).toEqual([
      200,
      'image/jpeg',
      true,
    ])
  })
  it('of another picture under the same id are refused', async () => {
    await put(jpeg())
    expect((await put(jpeg([[0xe0, 'JFIF']], 'others'))).status).toBe(409)
  })
  it.each<[string, Buffer, string]>([
    ['nothing at all', Buffer.alloc(0), 'The photo is empty.'],
    ['text', Buffer.from('hello, I am a photo'), 'The photo is not a JPEG picture.'],
    [
      'a PNG',
      Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
      'The photo is not a JPEG picture.',
    ],
    ['one cut short', jpeg().subarray(0, -3), 'The photo is cut short.'],
    [
      'one with the camera’s data',
      jpeg([[0xe1, 'Exif  GPS']]),
      'The photo still carries its camera’s data, such as the place. It must be drawn anew on the device first.',
    ],
  ])('%s is a 4xx in words', async (_, bytes, message) => {
    const response = await put(bytes)
    expect([response.status, (response.body as { error: { message: string } }).error.message]).toEqual([
      400,
      message,
    ])
    expect((await request(appWith()).get(`/api/photos/${ID}`)).status).toBe(404)
  })
  it('of 40 MB are refused by size', async () =>
    expect((await put(Buffer.alloc(40_000_000, 7))).status).toBe(413))
  it('under an id that is a path are refused', async () =>
    expect((await put(jpeg(), '..%2F..%2Fetc%2Fpasswd')).status).toBe(400))
  it('of another type are refused', async () => expect((await put(jpeg(), ID, 'text/html')).status).toBe(415))
  it('whatever the bytes, the check answers', () =>
    fc.assert(
      fc.property(
        fc.uint8Array({ maxLength: 200 }),
        (bytes) => jpegProblem(Buffer.from([0xff, 0xd8, ...bytes])) !== undefined,
      ),
      { seed: 8 },
    ))
})

describe('the simulated meter', () => {
  const quantity = fc.constantFrom<Quantity>('volts', 'amps', 'microfarads', 'ohms', 'celsius')
  it('stays within the accuracy it states', () =>
    fc.assert(
      fc.property(
        quantity,
        fc.double({ min: 0, max: 500, noNaN: true }),
        fc.infiniteStream(fc.double({ min: 0, max: 0.999, noNaN: true })),
        (q, truth, stream) => {
          const { value, accuracy } = readMeter(q, truth, () => stream.next().value as number)
          if (value === 'OL') return
          const { low, high } = readingInterval(value, accuracy)
          expect(truth).toBeGreaterThanOrEqual(low - 1e-9)
          expect(truth).toBeLessThanOrEqual(high + 1e-9)
        },
      ),
      { seed: 9, numRuns: 2000 },
    ))
  it('shows OL beyond its range, and nothing with its leads on nothing', () => {
    expect(readMeter('ohms', Infinity, () => 0.5).value).toBe('OL')
    expect(readMeter('amps', undefined, () => 0.5).value).toBe(0)
    expect(readMeter('ohms', undefined, () => 0.5).value).toBe('OL')
  })

  async function listen<T>(use: (url: string) => Promise<T>): Promise<T> {
    const server: Server = createServer(appWith())
    await new Promise<void>((done) => server.listen(0, '127.0.0.1', done))
    try {
      return await use(`http://127.0.0.1:${(server.address() as AddressInfo).port}`)
    } finally {
      server.closeAllConnections()
      server.close()
    }
  }
  it('streams readings of the job’s hidden truth', () =>
    listen(async (url) => {
      const stop = new AbortController()
      const response = await fetch(
        `${url}/api/meter/stream?job=job-1&probe=microfarads-FAN&quantity=microfarads`,
        { signal: stop.signal },
      )
      const chunk = await response.body?.getReader().read()
      stop.abort()
      const frame = JSON.parse(new TextDecoder().decode(chunk?.value).replace(/^data: /, '')) as {
        value: number
        range: number
      }
      expect(response.headers.get('content-type')).toBe('text/event-stream')
      // 2.9 within 1.9 % + 4 counts of 0.01.
      expect(Math.abs(frame.value - 2.9)).toBeLessThan(0.0952)
      expect(frame.range).toBe(6)
    }))
  it('refuses what it cannot read', async () =>
    expect((await request(appWith()).get('/api/meter/stream?job=x&probe=y&quantity=furlongs')).status).toBe(
      400,
    ))
})

it('the demo’s truths are well formed, and an open winding is beyond every range', () => {
  const truths = readTruths(resolve(__dirname, '..', 'demo'))
  expect(truths.size).toBeGreaterThanOrEqual(3)
  expect(trueValue(TRUTHS, 'job-1', 'ohms-common-start')).toBe(Infinity)
  expect(trueValue(TRUTHS, 'job-1', 'volts-supply')).toBeUndefined()
})
