import type { JobId } from '@oak/core/job/job-id'
import request from 'supertest'
import {
  change,
  NOW,
  openTestApp,
  refusal,
  uuid,
  type ChangesAnswer,
  type TestApp,
} from '../testing/test-app'

let one: TestApp
beforeEach(async () => void (one = await openTestApp()))
afterEach(() => one.db.destroy())
const get = async (query: string) =>
  (await request(one.app).get(`/api/changes?${query}`)).body as ChangesAnswer

describe('changes', () => {
  it('put twice are kept once', async () => {
    const none = { refused: [], restamped: [], at: NOW() }
    expect((await one.put([change(1), change(2)])).body).toEqual({
      added: [uuid(1), uuid(2)],
      known: [],
      ...none,
    })
    expect((await one.put([change(2), change(3)])).body).toEqual({
      added: [uuid(3)],
      known: [uuid(2)],
      ...none,
    })
    expect((await one.all()).changes).toEqual([change(1), change(2), change(3)])
  })
  it('come in pages, in order of arrival', async () => {
    await one.put(Array.from({ length: 30 }, (_, i) => change(100 - i)))
    const first = await get('limit=20')
    const rest = await get(`limit=20&after=${first.next}`)
    expect([first.changes.length, first.more, rest.changes.length, rest.more]).toEqual([20, true, 10, false])
    expect([...first.changes, ...rest.changes].map((c) => c.id)).toEqual(
      Array.from({ length: 30 }, (_, i) => uuid(100 - i)),
    )
  })
  it('all seen, the same number comes again, and nothing more', async () => {
    await one.put([change(1)])
    expect(await get('after=1')).toMatchObject({ changes: [], next: 1, more: false })
    expect(await get('after=7')).toMatchObject({ changes: [], next: 7, more: false })
    // A device that asks for none is not told to ask again for ever.
    expect(await get('limit=0')).toMatchObject({ changes: [], next: 0, more: false })
  })
  it('come 500 at a time at the most, and 500 may be put at a time', async () => {
    const many = Array.from({ length: 501 }, (_, i) => change(i + 1))
    expect(refusal(await one.put(many))).toEqual({
      status: 400,
      code: 'bad-input',
      path: 'changes',
      message: 'At most 500 changes at a time.',
    })
    await one.put(many.slice(0, 500))
    await one.put(many.slice(500))
    const page = await get('')
    expect([page.changes.length, page.more, page.next]).toEqual([500, true, 500])
    expect((await get('limit=500')).changes).toHaveLength(500)
  })
  it('carry the name of the database: another database has another', async () => {
    const other = await openTestApp()
    const names = [await one.all(), await one.all(), await other.all()].map(({ store }) => store)
    await other.db.destroy()
    expect(names[0]).toMatch(/^[0-9a-f]{32}$/)
    expect(names[1]).toBe(names[0])
    expect(names[2]).not.toBe(names[0])
  })
  it('with the id of another are refused, and what is kept stands; the rest of the batch is kept', async () => {
    await one.put([change(1)])
    const answer = await one.put([change(5), change(1, 'something else')])
    const message = 'This edit is on the server already, with other contents.'
    expect(refusal(answer)).toEqual({ status: 409, code: 'id-clash', path: 'changes.1.id', message })
    expect(answer.body).toMatchObject({
      added: [uuid(5)],
      known: [],
      refused: [{ index: 1, id: uuid(1), path: 'id', message }],
    })
    expect((await one.all()).changes).toEqual([change(1), change(5)])
  })
  it('that are wrong are named one by one, field and all, and the right ones among them are kept', async () => {
    const answer = await one.put([
      change(1),
      change(2, { from: 'T1' }, ['wires', 'a']),
      change(3),
      change(4, 'x', ['hovercraft']),
      7,
    ])
    const wire = 'The wire has no second end: name the terminal it goes to, or “motor”.'
    expect(refusal(answer)).toEqual({
      status: 400,
      code: 'bad-input',
      path: 'changes.1.value.to',
      message: wire,
    })
    const { refused, added } = answer.body as { refused: object[]; added: string[] }
    expect(added).toEqual([uuid(1), uuid(3)])
    expect(refused).toEqual([
      { index: 1, id: uuid(2), path: 'value.to', message: wire },
      { index: 3, id: uuid(4), path: 'path', message: 'A job has no field “hovercraft”.' },
      { index: 4, id: null, path: '', message: expect.any(String) },
    ])
    expect((await one.all()).changes).toEqual([change(1), change(3)])
  })
  it('of one id twice in a batch: the first is kept, the other named', async () => {
    const answer = await one.put([change(1, 'a'), change(1, 'b')])
    expect(answer.body).toMatchObject({ added: [uuid(1)], refused: [{ index: 1, id: uuid(1) }] })
    expect((await one.all()).changes).toEqual([change(1, 'a')])
  })
  describe('from a clock that runs ahead', () => {
    const ahead = (n: number, ms: number) => ({ ...change(n), at: NOW() + ms })
    const MINUTES = 60_000
    it('up to five minutes are kept as they are', async () => {
      await one.put([ahead(1, 5 * MINUTES)])
      expect((await one.all()).changes).toEqual([ahead(1, 5 * MINUTES)])
    })
    it('further ahead are kept with the server’s time, in their own order, and everyone is told the same', async () => {
      const year = 365 * 24 * 60 * MINUTES
      const answer = await one.put([ahead(2, year + 1), ahead(1, year), change(3)])
      expect(answer.body).toMatchObject({
        added: [uuid(2), uuid(1), uuid(3)],
        restamped: [
          { id: uuid(2), at: NOW() + 1 },
          { id: uuid(1), at: NOW() },
        ],
      })
      expect((await one.all()).changes.map((c) => [c.id, c.at])).toEqual([
        [uuid(2), NOW() + 1],
        [uuid(1), NOW()],
        [uuid(3), change(3).at],
      ])
    })
    it('come again, as they were written or as they were told, they are known', async () => {
      const [first] = [ahead(1, 6 * MINUTES)]
      await one.put([first])
      for (const again of [first, { ...first, at: NOW() }])
        expect((await one.put([again])).body).toMatchObject({ known: [uuid(1)], refused: [] })
      expect((await one.put([first])).body).toMatchObject({ restamped: [{ id: uuid(1), at: NOW() }] })
      expect((await one.put([{ ...first, at: NOW() + 7 }])).status).toBe(409)
    })
  })
  it('in a row that cannot be read are left out, and those after it come', async () => {
    const said = jest.spyOn(console, 'error').mockImplementation(() => undefined)
    await one.put([change(1)])
    // As another hand might have left it: no row is altered through this database.
    const { path, value, ...rest } = change(2)
    const cut = { ...rest, job: rest.job as JobId, path: JSON.stringify(path), value: `{"${value as string}` }
    await one.db.insertInto('change').values(cut).execute()
    await one.put([change(3)])
    expect((await one.all()).changes).toEqual([change(1), change(3)])
    expect(await get('limit=2')).toMatchObject({ changes: [change(1)], next: 2, more: true, last: 3 })
    expect(said).toHaveBeenCalledWith(expect.stringContaining(uuid(2)))
    said.mockRestore()
  })
  it('keep values that look like SQL, markup or paths as they are', async () => {
    const nasty = [
      `'); DROP TABLE change; --`,
      '<script>alert(1)</script>',
      '../../etc/passwd',
      '\u0000\u202e😀',
      'x'.repeat(300),
    ]
    await one.put(nasty.map((value, i) => change(i + 1, value)))
    expect((await one.all()).changes).toEqual(nasty.map((value, i) => change(i + 1, value)))
  })
  it('that are no list are refused in words', async () =>
    expect(refusal(await request(one.app).post('/api/changes').send({ changes: 'all' }))).toEqual({
      status: 400,
      code: 'bad-input',
      path: 'changes',
      message: 'The changes must be a list.',
    }))
  it.each([
    ['after=-1', 'after', 'after must be a whole number.'],
    ['after=x', 'after', 'after must be a whole number.'],
    ['after=9007199254740992', 'after', 'after must be a whole number.'],
    ['limit=501', 'limit', 'limit is at most 500.'],
    ['limit=1;drop', 'limit', 'limit must be a whole number.'],
  ])('asked for with %s are refused in words', async (query, path, message) =>
    expect(refusal(await request(one.app).get(`/api/changes?${query}`))).toEqual({
      status: 400,
      code: 'bad-input',
      path,
      message,
    }),
  )
  it('asked for by what is not known are refused', async () =>
    expect((await request(one.app).get('/api/changes?other=1')).status).toBe(400))
})
