import {
  copyFileSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { brotliCompressSync, gzipSync } from 'node:zlib'
import express from 'express'
import request from 'supertest'
import { BY_LOOPBACK } from './app'
import { seedDemo, seedPhotos, seedVan } from './demo'
import { errorHandler, refuse } from './errors'
import { changeStore } from './store/change-store'
import { openFile } from './store/sqlite/open'
import { photoStore } from './store/photo-store'
import { change, NOW, openTestApp, refusal, type TestApp } from './testing/test-app'

let one: TestApp
beforeEach(async () => void (one = await openTestApp()))
afterEach(() => one.db.destroy())

const NOTHING = { status: 404, code: 'not-found', path: '', message: 'There is nothing at this address.' }

describe('requests that are wrong altogether', () => {
  const post = (body: string, type = 'application/json') =>
    request(one.app).post('/api/changes').set('content-type', type).send(body)
  const NO_OBJECT = 'The request is not one whole JSON object.'
  it.each([
    ['not JSON', 'nonsense', NO_OBJECT],
    ['cut short', '{"changes":[', NO_OBJECT],
    ['a bare word', '"changes"', NO_OBJECT],
  ])('%s', async (_, body, message) =>
    expect(refusal(await post(body))).toEqual({ status: 400, code: 'bad-input', path: '', message }),
  )
  it.each([
    ['a list', '[]'],
    ['with extra fields', '{"changes":[],"admin":true}'],
  ])('%s', async (_, body) =>
    expect(refusal(await post(body))).toMatchObject({ status: 400, code: 'bad-input' }),
  )
  it('2 MB are read, more are refused by size', async () => {
    const limit = 2 * 1_048_576
    const ofBytes = (bytes: number) => `{"changes":"${'x'.repeat(bytes - '{"changes":""}'.length)}"}`
    expect(refusal(await post(ofBytes(limit)))).toMatchObject({ message: 'The changes must be a list.' })
    expect(refusal(await post(ofBytes(limit + 1)))).toEqual({
      status: 413,
      code: 'too-large',
      path: '',
      message: 'What was sent is larger than 2 MB.',
    })
  })
  it('in letters that nobody can read', async () =>
    expect(refusal(await post('{}', 'application/json; charset=klingon'))).toEqual({
      status: 415,
      code: 'bad-input',
      path: '',
      message: 'The request could not be read.',
    }))
  it('to nowhere', async () => expect(refusal(await request(one.app).get('/api/nowhere'))).toEqual(NOTHING))
  it('too many in a minute are held off, and told until when', async () => {
    const small = one.withOptions({ requestsPerMinute: 2 })
    const answers = []
    for (let i = 0; i < 3; i++) answers.push(await request(small).get('/api/health'))
    expect(answers.slice(0, 2).map(({ body }) => body as unknown)).toEqual([{ ok: true }, { ok: true }])
    expect(answers.slice(2).map(refusal)).toEqual([
      { status: 429, code: 'too-many', path: '', message: 'Too many requests; try again in a minute.' },
    ])
    expect(answers[2]?.headers).toMatchObject({ 'retry-after': '60', 'ratelimit-policy': '2;w=60' })
    expect(answers[2]?.headers).not.toHaveProperty('x-ratelimit-limit')
  })
  it('one phone does not spend what another one has, behind one address', async () => {
    const small = one.withOptions({ requestsPerMinute: 1 })
    const from = async (device: string) =>
      (await request(small).get('/api/health').set('x-oak-device', device)).status
    expect([await from('a'), await from('a'), await from('b'), await from('b')]).toEqual([200, 429, 200, 429])
    // Names made up by the dozen do not help: the address has a limit too, of 25 phones.
    const many = []
    for (let i = 0; i < 25; i++) many.push(await from(`made-up-${i}`))
    expect(many.slice(0, 21)).toEqual(Array.from({ length: 21 }, () => 200))
    expect(many.slice(21)).toEqual([429, 429, 429, 429])
  })
  it('twelve hundred a minute are taken, if nothing else is said', async () =>
    expect((await request(one.app).get('/api/health')).headers).toMatchObject({
      'ratelimit-policy': '1200;w=60',
    }))
})

describe('on a slow link', () => {
  it('changes come packed, a tenth of their size; a picture as it is', async () => {
    for (let n = 0; n < 5; n++) await one.put(Array.from({ length: 100 }, (_, i) => change(n * 100 + i + 1)))
    const packed = await request(one.app).get('/api/changes').set('accept-encoding', 'gzip')
    const plain = await request(one.app).get('/api/changes').set('accept-encoding', 'identity')
    expect([packed.headers['content-encoding'], plain.headers['content-encoding']]).toEqual([
      'gzip',
      undefined,
    ])
    expect(packed.body).toEqual(plain.body)
  })
})

describe('every error of every route is the JSON error', () => {
  it.each([
    ['get', '/api/changes?after=%ff'],
    ['get', '/api/photos/%E0%A4%A'],
    ['put', '/api/changes'],
    ['delete', '/api/photos/00000000-0000-4000-8000-00000000000a'],
    ['post', '/api/operations/%00'],
    ['get', '/api/schemas/__proto__'],
    ['patch', '/api/health'],
    ['post', '/api/meter/stream'],
    ['get', '/api/%2e%2e/%2e%2e/etc/passwd'],
  ] as const)('%s %s', async (method, path) => {
    const answer = await request(one.app)[method](path)
    expect(answer.headers['content-type']).toMatch(/^application\/json/)
    expect(answer.status).toBeGreaterThanOrEqual(400)
    expect(answer.status).toBeLessThan(500)
    expect(refusal(answer).message).toMatch(/^\w.*\.$/)
  })
})

describe('a page from elsewhere', () => {
  const from = (origin: string) =>
    request(one.withOptions({ reach: { ...BY_LOOPBACK, isOwnHost: (name) => name === 'oak.test' } }))
      .post('/api/changes')
      .set('origin', origin)
      .set('host', 'oak.test:8080')
      .send({ changes: [change(1)] })
  it.each(['http://elsewhere.example', 'http://oak.test', 'http://oak.test:8081', 'null'])(
    'such as %s may not write',
    async (origin) => {
      expect(refusal(await from(origin))).toEqual({
        status: 403,
        code: 'other-origin',
        path: '',
        message: 'This request comes from another site.',
      })
      expect((await one.all()).changes).toEqual([])
    },
  )
  it('is not our own page', async () => expect((await from('http://oak.test:8080')).status).toBe(200))
  it('may look, as anyone may', async () =>
    expect((await request(one.app).get('/api/health').set('origin', 'http://elsewhere.example')).status).toBe(
      200,
    ))
})

it('no answer is kept by anyone on the way, and none says what the server is made of', async () => {
  const { headers } = await request(one.app).get('/api/health')
  expect(headers).toMatchObject({ 'cache-control': 'no-store' })
  expect(headers).not.toHaveProperty('x-powered-by')
  // Plain HTTP on loopback: a browser told otherwise would never come back.
  expect(headers).not.toHaveProperty('strict-transport-security')
})

describe('an error', () => {
  it('that no field is named for still has words', async () => {
    const app = express().get('/', (_req, res) => refuse(res, 400, 'bad-input', []))
    expect(refusal(await request(app).get('/'))).toEqual({
      status: 400,
      code: 'bad-input',
      path: '',
      message: 'The request is wrong.',
    })
  })
  it.each([
    [399, 500, 'server-error'],
    [400, 400, 'bad-input'],
    [499, 499, 'bad-input'],
    [500, 500, 'server-error'],
  ])('of status %s is told as %s', async (status, told, code) => {
    const log = jest.spyOn(console, 'error').mockImplementation(() => undefined)
    const app = express()
      .get('/', () => {
        throw Object.assign(new Error('inside'), { status })
      })
      .use(errorHandler(':memory:'))
    expect(refusal(await request(app).get('/'))).toMatchObject({ status: told, code })
    // Ours are logged; those of the one who asked are not.
    expect(log).toHaveBeenCalledTimes(told === 500 ? 1 : 0)
    log.mockRestore()
  })
  it('in the middle of an answer ends it, and adds nothing to it', async () => {
    const log = jest.spyOn(console, 'error').mockImplementation(() => undefined)
    const app = express()
      .get('/', (_req, res) => {
        res.write('half')
        throw new Error('late')
      })
      .use(errorHandler(':memory:'))
    await expect(request(app).get('/')).rejects.toThrow()
    log.mockRestore()
  })
})

describe('the page', () => {
  let folder: string
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'oak-web-'))
    writeFileSync(join(folder, 'index.html'), '<p>page</p>')
    writeFileSync(join(folder, 'a.js'), 'plain')
    writeFileSync(join(folder, 'a.js.br'), brotliCompressSync('plain'))
    writeFileSync(join(folder, 'a.js.gz'), gzipSync('plain'))
    mkdirSync(join(folder, 'assets'))
    writeFileSync(join(folder, 'assets', 'font.7f3a.ttf'), 'font')
  })
  afterEach(() => rmSync(folder, { recursive: true }))
  const get = (path: string) => request(one.withOptions({ webRoot: folder })).get(path)

  it('comes with a policy that allows no inline script and nothing from elsewhere', async () => {
    const policy = (await get('/')).headers['content-security-policy'] ?? ''
    expect(policy.split(';').sort()).toEqual([
      "base-uri 'none'",
      "connect-src 'self'",
      "default-src 'none'",
      "font-src 'self'",
      "form-action 'none'",
      "frame-ancestors 'none'",
      "img-src 'self' data: blob:",
      "manifest-src 'self'",
      "script-src 'self' 'wasm-unsafe-eval'",
      "style-src 'self' 'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='",
      "worker-src 'self' blob:",
    ])
  })
  it.each(['/', '/job/x/board', '/apiary'])(
    'is the same at %s, and asked for anew each time',
    async (path) => {
      const { text, headers } = await get(path)
      expect([text, headers['cache-control']]).toEqual(['<p>page</p>', 'no-cache'])
    },
  )
  it('keeps files that carry a hash for ever, and no others', async () => {
    const [font, script] = [await get('/assets/font.7f3a.ttf'), await get('/a.js')]
    expect([font, script].map(({ headers }) => headers['cache-control'])).toEqual([
      'public, max-age=31536000, immutable',
      'no-cache',
    ])
  })
  it('comes compressed where a compressed file was built, the smaller one first', async () => {
    const encoding = async (accept: string) =>
      (await get('/a.js').set('accept-encoding', accept)).headers['content-encoding']
    expect([await encoding('br'), await encoding('gzip'), await encoding('gzip, br')]).toEqual([
      'br',
      'gzip',
      'br',
    ])
    expect((await get('/a.js').set('accept-encoding', 'identity')).text).toBe('plain')
  })
  it('answers for files that are not there, and for the API, as the API does', async () => {
    for (const path of ['/gone.js', '/api', '/api/nowhere']) expect(refusal(await get(path))).toEqual(NOTHING)
  })
  it('says so while it is not built', async () => {
    rmSync(join(folder, 'index.html'))
    expect(refusal(await get('/'))).toEqual({
      status: 503,
      code: 'not-built',
      path: '',
      message: 'The web app is not built yet.',
    })
  })
  it.each(['/../package.json', '/..%2f..%2fpackage.json', '/%2e%2e/%2e%2e/etc/passwd', '/a.js%00.html'])(
    'does not leave its folder for %s',
    async (path) => {
      const response = await get(path)
      expect([
        response.status >= 400 || response.text === '<p>page</p>',
        response.text.includes('workspaces'),
      ]).toEqual([true, false])
    },
  )
})

it('the demo is seeded once, however often the server starts', async () => {
  const folder = join(__dirname, '..', 'demo')
  await seedDemo(one.store, folder)
  const first = (await one.all()).changes.length
  await seedDemo(one.store, folder)
  expect([first > 30, (await one.all()).changes.length]).toEqual([true, first])
})

it('the demo’s pictures are seeded once, and one that is no picture stops it', async () => {
  const db = await openFile(':memory:')
  const photos = photoStore(db)
  const folder = join(__dirname, '..', 'demo', 'photos')
  await seedPhotos(photos, folder)
  await seedPhotos(photos, folder)
  const [name = ''] = readdirSync(folder)
  expect(await photos.get(name.replace('.jpg', ''))).toEqual(readFileSync(join(folder, name)))
  const bad = mkdtempSync(join(tmpdir(), 'oak-photos-'))
  writeFileSync(join(bad, name), 'no picture')
  await expect(seedPhotos(photos, bad)).rejects.toThrow(`${name}: The photo is not a JPEG picture.`)
  // Another picture under an id that is taken is not put over it.
  const [, other = ''] = readdirSync(folder)
  copyFileSync(join(folder, other), join(bad, name))
  await expect(seedPhotos(photos, bad)).rejects.toThrow('another picture is in the database under this id')
  rmSync(bad, { recursive: true })
  await db.destroy()
})

it('a database file keeps its changes over a restart', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'oak-db-'))
  const file = join(folder, 'x.sqlite')
  const before = await openFile(file)
  await changeStore(before, { now: NOW }).put([change(1)])
  await before.destroy()
  const after = await openFile(file)
  expect(await changeStore(after, { now: NOW }).after(0, 10)).toEqual({
    changes: [change(1)],
    next: 1,
    last: 1,
  })
  await after.destroy()
  rmSync(folder, { recursive: true })
})

describe('the van', () => {
  it('the demo’s van is seeded once, every line readable', async () => {
    const file = join(__dirname, '..', 'demo', 'van.csv')
    await seedVan(one.store, file)
    await seedVan(one.store, file)
    const { changes } = await one.all()
    const rows = readFileSync(file, 'utf8').trim().split('\n').length - 1
    const whole = changes as unknown as readonly {
      readonly path: readonly string[]
      readonly value: unknown
    }[]
    const of = (field: string) => whole.filter((c) => c.path[0] === field)
    expect([of('stock').length, rows > 20]).toEqual([rows, true])
    // And whose van it is: what stands over the demo's letters.
    expect(of('settings').map((c) => [c.path[1], c.value])).toEqual([
      ['name', 'Spindrift Air Works'],
      ['address', '14 Old Slipway\nSaltmarsh Quay'],
    ])
    expect(of('stock').length + of('settings').length).toBe(changes.length)
    // What the server holds goes back in as a device would put it.
    expect((await one.put(changes)).body).toMatchObject({ added: [] })
  })
  it('a line of the van is checked as a job’s field is', async () => {
    const line = { kind: 'part', name: 'Cap', quantity: -1, cents: null, countedAt: 0 }
    const answer = await one.put([
      { ...change(1, line, ['stock', 'part-cap']), job: '00000000-0000-4000-8000-00000000a0ad' },
    ])
    expect(refusal(answer)).toMatchObject({ status: 400, message: 'The quantity cannot be below 0.' })
  })
})
