import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { brotliCompressSync } from 'node:zlib'
import type { Express } from 'express'
import request from 'supertest'
import { createApp } from './app'
import { seedDemo, seedVan } from './demo'
import { changeStore, type ChangeStore } from './store/change-store'
import { inlineOperations } from './testing/inline-operations'
import { openDatabase, type Database } from './store/database'
import { photoStore } from './store/photo-store'

const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
const change = (n: number, value: unknown = `name ${n}`, path = ['title']) => ({
  id: uuid(n),
  job: uuid(1),
  path,
  value,
  at: 1_800_000_000_000 + n,
  device: uuid(900),
  technician: 'Ines',
})

let db: Database
let store: ChangeStore
let app: Express
beforeEach(async () => {
  db = await openDatabase(':memory:')
  store = changeStore(db)
  app = createApp({ store, operations: inlineOperations, photos: photoStore(db) })
})
afterEach(() => db.destroy())

const put = (changes: unknown[]) => request(app).post('/api/changes').send({ changes })
const all = async () =>
  (await request(app).get('/api/changes')).body as { changes: unknown[]; next: number; more: boolean }

describe('changes', () => {
  it('put twice are kept once', async () => {
    expect((await put([change(1), change(2)])).body).toEqual({ added: [uuid(1), uuid(2)], known: [] })
    expect((await put([change(2), change(3)])).body).toEqual({ added: [uuid(3)], known: [uuid(2)] })
    expect((await all()).changes).toEqual([change(1), change(2), change(3)])
  })
  it('come in pages, in order of arrival', async () => {
    await put(Array.from({ length: 30 }, (_, i) => change(100 - i)))
    const first = (await request(app).get('/api/changes?limit=20')).body as {
      changes: { id: string }[]
      next: number
      more: boolean
    }
    const rest = (await request(app).get(`/api/changes?limit=20&after=${first.next}`)).body as typeof first
    expect([first.changes.length, first.more, rest.changes.length, rest.more]).toEqual([20, true, 10, false])
    expect([...first.changes, ...rest.changes].map((c) => c.id)).toEqual(
      Array.from({ length: 30 }, (_, i) => uuid(100 - i)),
    )
  })
  it('with the id of another are refused, and nothing of the batch is kept', async () => {
    await put([change(1)])
    const response = await put([change(5), change(1, 'something else')])
    expect([response.status, response.body]).toEqual([
      409,
      { error: expect.objectContaining({ code: 'id-clash', path: 'changes.1.id' }) },
    ])
    expect((await all()).changes).toEqual([change(1)])
  })
  it('that a wrong one stands among are all refused, and the field is named', async () => {
    const response = await put([change(1), change(2, { from: 'T1' }, ['wires', 'a'])])
    expect(response.status).toBe(400)
    expect(response.body).toEqual({
      error: expect.objectContaining({
        code: 'bad-input',
        path: 'changes.1.value.to',
        message: 'The wire has no second end: name the terminal it goes to, or “motor”.',
      }),
    })
    expect((await all()).changes).toEqual([])
  })
  it('keep values that look like SQL, markup or paths as they are', async () => {
    const nasty = [
      `'); DROP TABLE change; --`,
      '<script>alert(1)</script>',
      '../../etc/passwd',
      '\u0000\u202e😀',
      'x'.repeat(300),
    ]
    await put(nasty.map((value, i) => change(i + 1, value)))
    expect((await all()).changes).toEqual(nasty.map((value, i) => change(i + 1, value)))
  })
  it.each([['after=-1'], ['after=x'], ['limit=9999999'], ['limit=1;drop'], ['other=1']])(
    'asked for with %s are a 400',
    async (query) => {
      expect((await request(app).get(`/api/changes?${query}`)).status).toBe(400)
    },
  )
})

describe('requests that are wrong altogether', () => {
  it.each([
    ['not JSON', 'nonsense', 400, 'bad-input'],
    ['cut short', '{"changes":[', 400, 'bad-input'],
    ['a list', '[]', 400, 'bad-input'],
    ['with extra fields', '{"changes":[],"admin":true}', 400, 'bad-input'],
    ['3 MB', JSON.stringify({ changes: ['x'.repeat(3_000_000)] }), 413, 'too-large'],
  ])('%s', async (_, body, status, code) => {
    const response = await request(app)
      .post('/api/changes')
      .set('content-type', 'application/json')
      .send(body)
    expect([response.status, (response.body as { error: { code: string } }).error.code]).toEqual([
      status,
      code,
    ])
  })
  it('from another site are refused', async () => {
    const response = await request(app)
      .post('/api/changes')
      .set('origin', 'http://elsewhere.example')
      .send({ changes: [change(1)] })
    expect(response.status).toBe(403)
    expect((await all()).changes).toEqual([])
  })
  it('to nowhere get JSON', async () =>
    expect((await request(app).get('/api/nowhere')).body).toMatchObject({ error: { code: 'not-found' } }))
  it('too many in a minute are held off', async () => {
    const small = createApp({
      store,
      operations: inlineOperations,
      photos: photoStore(db),
      requestsPerMinute: 2,
    })
    const codes = []
    for (let i = 0; i < 3; i++) codes.push((await request(small).get('/api/health')).status)
    expect(codes).toEqual([200, 200, 429])
  })
})

describe('operations', () => {
  it('answer as the registry does', async () => {
    const response = await request(app)
      .post('/api/operations/microfarads')
      .send({ amps: 1, volts: 265.258238, hertz: 60 })
    expect((response.body as { microfarads: number }).microfarads).toBeCloseTo(10, 5)
  })
  it('name the field of bad input', async () => {
    const response = await request(app)
      .post('/api/operations/microfarads')
      .send({ amps: -1, volts: 370, hertz: 60 })
    expect([response.status, response.body]).toEqual([
      400,
      {
        error: expect.objectContaining({
          path: 'amps',
          message: 'Amps in the start lead must be above 0 A.',
        }),
      },
    ])
  })
  it.each([
    ['late', 'too-long'],
    ['busy', 'too-many'],
  ] as const)('that are %s are a 503 that says so', async (answer, code) => {
    const slow = createApp({
      store,
      photos: photoStore(db),
      operations: { run: async () => answer, close: async () => undefined },
    })
    const response = await request(slow).post('/api/operations/restock').send({})
    expect([response.status, (response.body as { error: { code: string } }).error.code]).toEqual([503, code])
  })
  it('that do not exist are a 404', async () =>
    expect((await request(app).post('/api/operations/weld').send({})).status).toBe(404))
  it('are listed, and publish their schemas', async () => {
    const list = (await request(app).get('/api/operations')).body as { operations: { name: string }[] }
    for (const { name } of list.operations)
      expect((await request(app).get(`/api/schemas/${name}.input`)).body).toHaveProperty('$schema')
    expect((await request(app).get('/api/schemas/__proto__')).status).toBe(404)
  })
})

describe('the page', () => {
  let folder: string
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'oak-web-'))
    writeFileSync(join(folder, 'index.html'), '<p>page</p>')
    writeFileSync(join(folder, 'a.js'), 'plain')
    writeFileSync(join(folder, 'a.js.br'), brotliCompressSync('plain'))
  })
  afterEach(() => rmSync(folder, { recursive: true }))
  const web = () =>
    createApp({ store, operations: inlineOperations, photos: photoStore(db), webRoot: folder })

  it('comes with a policy that allows no inline script and nothing from elsewhere', async () => {
    const policy = (await request(web()).get('/')).headers['content-security-policy'] ?? ''
    expect(policy).toContain("default-src 'none'")
    expect(policy).toContain("script-src 'self';")
    expect(policy).not.toContain('unsafe')
  })
  it('is the same for every route of the app', async () =>
    expect((await request(web()).get('/job/x/board')).text).toBe('<p>page</p>'))
  it('comes compressed where a compressed file was built', async () => {
    expect((await request(web()).get('/a.js').set('accept-encoding', 'br')).headers['content-encoding']).toBe(
      'br',
    )
    expect((await request(web()).get('/a.js').set('accept-encoding', 'identity')).text).toBe('plain')
  })
  it.each(['/../package.json', '/..%2f..%2fpackage.json', '/%2e%2e/%2e%2e/etc/passwd', '/a.js%00.html'])(
    'does not leave its folder for %s',
    async (path) => {
      const response = await request(web()).get(path)
      expect([
        response.status >= 400 || response.text === '<p>page</p>',
        response.text.includes('workspaces'),
      ]).toEqual([true, false])
    },
  )
})

it('the demo is seeded once, however often the server starts', async () => {
  const folder = join(__dirname, '..', 'demo')
  await seedDemo(store, folder)
  const first = (await all()).changes.length
  await seedDemo(store, folder)
  expect([first > 30, (await all()).changes.length]).toEqual([true, first])
})

it('a database file keeps its changes over a restart', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'oak-db-'))
  const file = join(folder, 'x.sqlite')
  const before = await openDatabase(file)
  await changeStore(before).put([change(1)])
  await before.destroy()
  const after = await openDatabase(file)
  expect(await changeStore(after).after(0, 10)).toEqual({ changes: [change(1)], next: 1 })
  await after.destroy()
  rmSync(folder, { recursive: true })
})

describe('the van and the counter', () => {
  it('the demo’s van is seeded once, every line readable', async () => {
    const file = join(__dirname, '..', 'demo', 'van.csv')
    await seedVan(store, file)
    await seedVan(store, file)
    const { changes } = await all()
    const rows = readFileSync(file, 'utf8').trim().split('\n').length - 1
    expect([changes.length, rows > 20]).toEqual([rows, true])
    // What the server holds goes back in as a device would put it.
    expect((await put(changes)).body).toMatchObject({ added: [] })
  })
  it('a line of the van is checked as a job’s field is', async () => {
    const line = { kind: 'part', name: 'Cap', quantity: -1, cents: null, countedAt: 0 }
    const answer = await put([
      { ...change(1, line, ['stock', 'part-cap']), job: '00000000-0000-4000-8000-00000000a0ad' },
    ])
    expect([answer.status, (answer.body as { error: { message: string } }).error.message]).toEqual([
      400,
      'The quantity cannot be below 0.',
    ])
  })
  it('the counter answers after a while, and refuses what it cannot be asked', async () => {
    expect((await request(app).get('/api/counter?kind=motor&text=rowan')).body).toEqual({
      counter: 'No parts counter is connected',
      parts: [],
    })
    for (const query of [
      'kind=engine',
      'kind=motor&text=' + 'x'.repeat(101),
      '',
      'kind=motor&kind=blade',
      'kind=motor&shelf=3',
    ])
      expect((await request(app).get(`/api/counter?${query}`)).status).toBe(400)
  })
})
