import type { Change } from '@oak/core/job/change'
import { httpPhotos } from './photo-http'
import { httpServer } from './server'
import { answers, bytesOf, garbled, json, network, portal } from './testing/network'

const real = globalThis.fetch
afterEach(() => {
  globalThis.fetch = real
})
const server = httpServer('phone-7')
const change = (id: string) => ({ id }) as Change
const kept = (more: object = {}) => ({ added: [], known: [], refused: [], restamped: [], at: 5, ...more })

describe('putting changes', () => {
  it('posts them as JSON under this device’s name; kept is what the server names', async () => {
    const asked = network(json(200, kept({ added: ['a'], known: ['b'], restamped: [{ id: 'b', at: 3 }] })))
    expect(await server.put([change('a'), change('b')])).toEqual({
      kind: 'answered',
      taken: ['a', 'b'],
      refused: [],
      restamped: [{ id: 'b', at: 3 }],
      time: { at: 5, askedAt: expect.any(Number), heardAt: expect.any(Number) },
    })
    expect(asked).toEqual([
      {
        path: '/api/changes',
        init: expect.objectContaining({
          method: 'POST',
          body: '{"changes":[{"id":"a"},{"id":"b"}]}',
          headers: { 'content-type': 'application/json', 'x-oak-device': 'phone-7' },
        }),
      },
    ])
  })
  it('a refusal names each, and what was taken beside it', async () => {
    const refused = [{ index: 1, id: 'b', path: 'value', message: 'A job has no field “x”.' }]
    network(json(400, { error: { code: 'bad-input', message: 'x' }, ...kept({ added: ['a'], refused }) }))
    expect(await server.put([change('a'), change('b')])).toMatchObject({
      taken: ['a'],
      refused: [{ id: 'b', message: 'A job has no field “x”.' }],
    })
  })
  it.each([
    ['a portal’s page', portal()],
    ['JSON of somebody else', json(200, { ok: true })],
    ['an answer that leaves one out', json(200, kept({ added: ['a'] }))],
    ['an answer about others', json(200, kept({ added: ['c', 'd'] }))],
    ['an answer that is no JSON', garbled(200)],
    ['a portal’s refusal', portal(403)],
    ['a server that cannot now', json(503, { error: { code: 'busy', message: 'x' } })],
    ['a server with too many questions', json(429, { error: { code: 'too-many', message: 'x' } })],
    ['no network', new TypeError('Failed to fetch')],
  ])('%s is no delivery: they wait', async (_, answer) => {
    network(answer)
    expect(await server.put([change('a'), change('b')])).toEqual({ kind: 'unreachable' })
  })
  it('too large for the server is too much at a time, in its words', async () => {
    network(json(413, { error: { code: 'too-large', message: 'What was sent is larger than 2 MB.' } }))
    expect(await server.put([change('a')])).toEqual({
      kind: 'too-much',
      message: 'What was sent is larger than 2 MB.',
    })
  })
})

const store = '0123456789abcdef0123456789abcdef'
const JOB = '01950000-0000-7000-8000-000000000001'
const BAD: readonly (readonly [string, Parameters<typeof network>[0]])[] = [
  ['no network', new TypeError('Failed to fetch')],
  ['an error', json(500, { error: { code: 'x', message: 'x' } })],
  ['a portal’s page', portal()],
  ['JSON of somebody else', json(200, { changes: [], jobs: [] })],
  ['an answer that is no JSON', garbled(200)],
]

describe('asking which jobs are news', () => {
  const summary = { at: 5, begun: 4, title: 'Bakery fan', taken: [['cap', 2, 5]] }
  const page = { store, jobs: [{ rev: 9, seq: 7, job: JOB, summary }], last: 9, more: true }
  it('asks from a number on, up or down, for so many; what is as usual is filled in', async () => {
    const asked = network(json(200, { ...page, at: 5 }))
    const answer = await server.news({ after: 3 }, 40)
    await server.news({ before: 8 }, 10)
    expect(asked.map(({ path }) => path)).toEqual([
      '/api/jobs?after=3&limit=40',
      '/api/jobs?before=8&limit=10',
    ])
    expect(answer).toMatchObject({ store, last: 9, more: true, time: { at: 5 } })
    expect(answer).toHaveProperty('jobs', [
      {
        rev: 9,
        seq: 7,
        job: JOB,
        summary: expect.objectContaining({
          job: JOB,
          title: 'Bakery fan',
          site: '',
          removed: false,
          standing: null,
        }),
      },
    ])
  })
  it('a summary that a later version wrote otherwise leaves the job known, without one', async () => {
    const odd = { rev: 9, seq: 7, job: JOB, summary: { at: 'noon' } }
    network(json(200, { ...page, jobs: [odd, { ...odd, summary: null }], at: 5 }))
    expect(await server.news({ after: 0 }, 40)).toMatchObject({
      jobs: [{ job: JOB, summary: null }, { summary: null }],
    })
  })
  it.each([...BAD, ['jobs that are none', json(200, { ...page, jobs: ['a'], at: 5 })] as const])(
    '%s is no page',
    async (_, answer) => {
      network(answer)
      expect(await server.news({ after: 0 }, 40)).toBe('unreachable')
    },
  )
})

describe('asking for the changes of jobs', () => {
  const one = { id: 'a', job: 'j', path: ['title'], value: 'x', at: 1, device: 'd', technician: '' }
  const page = { store, changes: [one], next: 7, more: true }
  it('names each with the last change that is known of it', async () => {
    const asked = network(json(200, { ...page, at: 5 }))
    const jobs = [
      { job: 'j', seq: 3 },
      { job: 'k', seq: 0 },
    ]
    expect(await server.whole(jobs, 40)).toEqual({ ...page, time: expect.objectContaining({ at: 5 }) })
    expect(asked[0]?.path).toBe('/api/jobs/whole?of=j:3,k:0&limit=40')
  })
  it.each([...BAD, ['changes that are none', json(200, { ...page, changes: ['a'], at: 5 })] as const])(
    '%s is no page',
    async (_, answer) => {
      network(answer)
      expect(await server.whole([], 40)).toBe('unreachable')
    },
  )
})

describe('silence', () => {
  beforeEach(() => jest.useFakeTimers())
  afterEach(() => jest.useRealTimers())
  it('of eight seconds ends a question; an answer that still comes is waited for, however long', async () => {
    const { piece, end } = answers(200)
    const page = server.news({ after: 0 }, 40)
    for (let i = 0; i < 6; i++) {
      await jest.advanceTimersByTimeAsync(7_900)
      piece(' ')
    }
    piece(JSON.stringify({ store: '0'.repeat(32), jobs: [], last: 0, more: false, at: 5 }))
    end()
    expect(await page).toMatchObject({ last: 0 })
  })
  it('in the middle of an answer ends it too, as late', async () => {
    const { piece } = answers(200)
    const page = server.news({ after: 0 }, 40)
    piece('{"store"')
    await jest.advanceTimersByTimeAsync(8_001)
    expect(await page).toBe('late')
  })
  it('what is sent up has two bytes a millisecond more before it counts', async () => {
    answers(200)
    const big = { id: 'a', value: 'x'.repeat(40_000) } as unknown as Change
    let said: unknown = null
    void server.put([big]).then((answer) => (said = answer))
    // 40 kB at 2 kB/s are twenty seconds.
    await jest.advanceTimersByTimeAsync(27_900)
    expect(said).toBeNull()
    await jest.advanceTimersByTimeAsync(200)
    expect(said).toEqual({ kind: 'too-much', message: null })
  })
})

describe('pictures', () => {
  const photos = httpPhotos('phone-7')
  const picture = bytesOf([0xff, 0xd8, 1, 2])
  it('are kept when the server says so of this very one', async () => {
    network(json(201, { kept: true, id: 'p' }))
    expect(await photos.put('p', picture)).toBe('kept')
  })
  it.each([
    ['a portal’s page', portal(), 'unreachable'],
    ['another picture’s answer', json(200, { kept: true, id: 'q' }), 'unreachable'],
    ['our refusal', json(400, { error: { message: 'The photo is cut short.' } }), 'refused'],
    ['a portal’s refusal', portal(403), 'unreachable'],
    ['a server that cannot now', json(503, { error: { message: 'x' } }), 'unreachable'],
    ['no network', new TypeError('Failed to fetch'), 'unreachable'],
  ])('%s', async (_, answer, says) => {
    network(answer)
    expect(await photos.put('p', picture)).toBe(says)
  })
  it('fetched are pictures: a portal’s page is none', async () => {
    network(portal())
    expect(await photos.get('p')).toBeNull()
    network(json(404, { error: { message: 'x' } }))
    expect(await photos.get('p')).toBeNull()
  })
})
