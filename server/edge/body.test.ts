import request from 'supertest'
import { operationPool, type OperationRunner } from '../operations/pool'
import { openTestApp, refusal, type TestApp } from '../testing/test-app'
import { depthOf, MAX_DEPTH } from './body'

const nested = (depth: number) => '['.repeat(depth) + ']'.repeat(depth)
const depth = (text: string) => depthOf(Buffer.from(text))

describe('how deep it lies', () => {
  it('counts lists and objects in one another, not beside one another', () => {
    expect(['7', '"a"', '[]', '{"a":[]}', '[[],[],[[]]]'].map(depth)).toEqual([0, 0, 1, 2, 3])
    expect(depth(nested(1000))).toBe(1000)
  })
  it('brackets in a text are letters, also after an escaped quote', () => {
    expect(depth('{"a":"[[[["}')).toBe(1)
    expect(depth('{"a":"\\"[[["}')).toBe(1)
    expect(depth('{"a\\\\":[[]]}')).toBe(3)
  })
})

describe('a server that works in threads', () => {
  let t: TestApp
  let operations: OperationRunner
  beforeAll(async () => {
    t = await openTestApp()
    operations = operationPool()
  })
  afterAll(async () => {
    await operations.close()
    await t.db.destroy()
  })
  const post = (path: string, body: string, type = 'application/json') =>
    request(t.withOptions({ operations })).post(path).set('content-type', type).send(body)

  it.each([MAX_DEPTH + 1, 6_000, 400_000])(
    'a body %i deep is refused in words, and it lives on',
    async (deep) => {
      for (const name of ['hookup', 'no-such-thing'])
        expect(refusal(await post(`/api/operations/${name}`, `{"a":${nested(deep)}}`))).toMatchObject({
          status: 400,
          code: 'too-deep',
        })
      expect((await post('/api/changes', nested(deep))).status).toBe(400)
      expect((await request(t.app).get('/api/health')).body).toMatchObject({ ok: true })
    },
  )
  it('just as deep as may be is read, and judged by what it is', async () => {
    const answer = refusal(await post('/api/operations/hookup', `{"a":${nested(MAX_DEPTH - 1)}}`))
    expect([answer.status, answer.code]).toEqual([400, 'bad-input'])
  })
  it('an unknown name is refused before a thread is asked', async () => {
    const run = jest.fn<Promise<never>, [string, unknown]>()
    const app = t.withOptions({ operations: { run, close: () => Promise.resolve() } })
    for (const name of ['__proto__', 'constructor', 'hookupp'])
      expect(refusal(await request(app).post(`/api/operations/${name}`).send({}))).toMatchObject({
        status: 404,
        code: 'unknown-operation',
      })
    expect(run).not.toHaveBeenCalled()
  })
  it('JSON in other letters than UTF-8 is not guessed at', async () => {
    const body = Buffer.from('{"a":1}', 'utf16le')
    const answer = await request(t.app)
      .post('/api/operations/hookup')
      .set('content-type', 'application/json; charset=utf-16le')
      .serialize((b: unknown) => b as string)
      .send(body)
    expect(refusal(answer)).toMatchObject({ status: 415, message: 'JSON is sent as UTF-8.' })
  })
})
