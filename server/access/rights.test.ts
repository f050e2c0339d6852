// What each role reads and writes over the wire, under whose name it is kept, and what is written down of it.
import Papa from 'papaparse'
import { VAN_ID } from '@oak/core/job/van'
import { change, refusal, uuid } from '../testing/test-app'
import { openPairedApp, type PairedApp, type TestPhone } from '../testing/paired-app'

let t: PairedApp
let [owner, ines, omar, office, learner]: TestPhone[] = []
beforeEach(async () => {
  t = await openPairedApp()
  owner = await t.pair('Rosa', 'owner')
  ines = await t.pair('Ines', 'technician')
  omar = await t.pair('Omar', 'technician')
  office = await t.pair('Lee', 'office')
  learner = await t.pair('Sam', 'apprentice')
})
afterEach(() => t.db.destroy())

interface Kept {
  readonly id: string
  readonly device: string
  readonly technician: string
}
const put = (phone: TestPhone | undefined, ...changes: object[]) =>
  (phone as TestPhone).post('/api/changes', { changes })
const by = (phone: TestPhone | undefined, n: number, more: object = {}) => ({
  ...change(n),
  device: (phone as TestPhone).id,
  ...more,
})
const kept = async (): Promise<Kept[]> =>
  ((await (owner as TestPhone).get('/api/changes')).body as { changes: Kept[] }).changes

describe('the name under which something is kept', () => {
  it('is the phone’s person, whatever the phone says; sent again it is known', async () => {
    const sent = by(ines, 1, { technician: 'Somebody else' })
    expect((await put(ines, sent)).body).toMatchObject({ added: [uuid(1)] })
    expect((await put(ines, sent)).body).toMatchObject({ known: [uuid(1)], refused: [] })
    expect(await kept()).toMatchObject([{ id: uuid(1), device: ines?.id, technician: 'Ines' }])
  })
  it('is not another’s of the shop: that one delivers it itself; the rest of the batch is kept', async () => {
    const answer = await put(ines, by(ines, 1), by(omar, 2, { technician: 'Omar' }))
    expect(refusal(answer)).toMatchObject({
      status: 403,
      path: 'changes.1.job',
      message: expect.stringContaining('under its name'),
    })
    expect(answer.body).toMatchObject({ added: [uuid(1)], refused: [{ id: uuid(2), index: 1 }] })
    expect((await put(omar, by(omar, 2))).body).toMatchObject({ added: [uuid(2)] })
    // What is here already may be sent by anybody: nothing changes.
    expect((await put(ines, by(omar, 2, { technician: 'Omar' }))).body).toMatchObject({ known: [uuid(2)] })
  })
  it('is that of a phone outside the shop, as in a job file, and who brought it is kept beside it', async () => {
    expect((await put(ines, by(ines, 1), { ...change(2), technician: 'Gone' })).status).toBe(200)
    const rows = await t.db.selectFrom('change').select(['technician', 'brought_by']).orderBy('seq').execute()
    expect(rows).toEqual([
      { technician: 'Ines', brought_by: null },
      { technician: 'Gone', brought_by: ines?.id },
    ])
  })
  it('is anybody’s for a month after the database was put back from a copy: phones bring what they hold', async () => {
    await t.db.updateTable('shop').set({ restored: t.now() }).execute()
    expect((await put(ines, by(omar, 2, { technician: 'Omar' }))).body).toMatchObject({ added: [uuid(2)] })
    expect(await kept()).toMatchObject([{ device: omar?.id, technician: 'Omar' }])
    // For a month: after that each phone delivers its own again.
    t.wait(30 * 86_400_000)
    expect((await put(ines, by(omar, 3))).status).toBe(403)
  })
})

describe('the office', () => {
  it('reads all, and writes notes and estimates and nothing else', async () => {
    await put(ines, by(ines, 1))
    const read = await office?.get('/api/jobs')
    expect((read?.body as { jobs: object[] }).jobs).toHaveLength(1)
    expect((await put(office, by(office, 2, { path: ['notes'], value: 'call back' }))).status).toBe(200)
    const refused = await put(office, by(office, 3))
    expect(refusal(refused)).toMatchObject({
      status: 403,
      code: 'not-allowed',
      message: expect.stringContaining('notes and estimates'),
    })
    expect(await kept()).toHaveLength(2)
    const noted = t.db.selectFrom('audit').select(['person', 'about']).where('act', '=', 'not allowed')
    expect(await noted.execute()).toEqual([{ person: 'Lee', about: '1 of 1 edits' }])
  })
  it('brings no photos', async () => {
    const answer = await office
      ?.put(`/api/photos/${uuid(5)}`)
      .set('content-type', 'image/jpeg')
      .send('x')
    expect(answer?.status).toBe(403)
  })
})

describe('an apprentice', () => {
  const own = (n: number, more: object = {}) => by(learner, n, { job: uuid(500), ...more })
  it('begins jobs and writes those, no other one and not the van', async () => {
    await put(ines, by(ines, 1))
    expect((await put(learner, own(2))).status).toBe(200)
    expect((await put(learner, own(3, { path: ['notes'], value: 'hot' }))).status).toBe(200)
    expect(refusal(await put(learner, by(learner, 4)))).toMatchObject({
      status: 403,
      message: expect.stringContaining('he or she began'),
    })
    const van = { job: VAN_ID, path: ['settings', 'hertz'], value: 50 }
    expect(refusal(await put(learner, by(learner, 5, van)))).toMatchObject({ status: 403 })
    expect(await kept()).toHaveLength(3)
    // A technician goes on with it; it stays the apprentice's.
    expect((await put(ines, by(ines, 6, { job: uuid(500) }))).status).toBe(200)
    expect((await put(learner, own(7))).status).toBe(200)
  })
  it('reads the own jobs and the van, by no address another’s', async () => {
    await put(ines, by(ines, 1), by(ines, 2, { job: VAN_ID, path: ['settings', 'hertz'], value: 50 }))
    await put(learner, own(3))
    const news = (await learner?.get('/api/jobs'))?.body as { jobs: { job: string }[] }
    expect(news.jobs.map(({ job }) => job).sort()).toEqual([VAN_ID, uuid(500)].sort())
    const before = (await learner?.get('/api/jobs?before=9999'))?.body as { jobs: object[] }
    expect(before.jobs).toHaveLength(2)
    const whole = async (...jobs: string[]) =>
      (
        (await learner?.get(`/api/jobs/whole?of=${jobs.map((job) => `${job}:0`).join()}`))?.body as {
          changes: Kept[]
        }
      ).changes.map(({ id }) => id)
    expect(await whole(uuid(1))).toEqual([])
    expect(await whole(uuid(1), uuid(500))).toEqual([uuid(3)])
    const rows = (await learner?.get('/api/jobs/office'))?.body as { rows: { id: string }[]; total: number }
    expect([rows.rows.map(({ id }) => id), rows.total]).toEqual([[uuid(500)], 1])
    expect(refusal(await (learner as TestPhone).get('/api/changes'))).toMatchObject({ status: 403 })
  })
  it('sees photos of own jobs and those brought by the own phone; others are as if they were not there', async () => {
    const jpeg = Buffer.from('ffd8ffe000104a46494600010100000100010000ffd9', 'hex')
    const bring = async (phone: TestPhone | undefined, n: number) => {
      await t.db
        .insertInto('photo')
        .values({ id: uuid(n), bytes: jpeg, brought_by: phone?.id })
        .execute()
    }
    await bring(ines, 600)
    await bring(ines, 601)
    await bring(learner, 602)
    const photo = {
      path: ['photos', uuid(601)],
      value: { caption: '', width: 10, height: 10, takenAt: 1_800_000_000_000, pins: [] },
    }
    const spoken = await put(learner, own(8), own(9, photo))
    const see = async (n: number) => (await learner?.get(`/api/photos/${uuid(n)}`))?.status
    expect([spoken.status, await see(600), await see(601), await see(602)]).toEqual([200, 404, 200, 200])
    expect((await ines?.get(`/api/photos/${uuid(602)}`))?.status).toBe(200)
  })
})

describe('what is written down', () => {
  const PASSWORD = 'gravel teapot lantern ferry'
  it('comes as a table: acts and edits, with the server’s time, the phone and the person', async () => {
    await put(ines, by(ines, 1, { value: '=1+1' }), { ...change(2), technician: 'Gone' })
    const phone = owner as TestPhone
    const cookie = [(await phone.post('/api/owner/password', { password: PASSWORD })).get('set-cookie') ?? []]
      .flat()
      .join()
    const answer = await phone.get('/api/owner/audit.csv').set('cookie', cookie.split(';')[0] ?? '')
    expect(answer.headers['content-type']).toMatch(/^text\/csv/)
    const { data, errors } = Papa.parse<Record<string, string>>(answer.text, {
      header: true,
      skipEmptyLines: true,
    })
    expect(errors).toEqual([])
    expect(data.map(({ what }) => what)).toEqual([
      ...Array.from({ length: 5 }, () => 'paired'),
      'password set',
      'audit read',
      'edited',
      'edited',
    ])
    expect(data[1]).toMatchObject({
      person: 'Ines',
      role: 'technician',
      device: ines?.id,
      about: 'Ines’s phone',
    })
    expect(data[1]?.received).toBe(new Date(t.now()).toISOString())
    expect(data[7]).toMatchObject({ person: 'Ines', device: ines?.id, about: `${uuid(1)} ["title"] "=1+1"` })
    expect(data[8]).toMatchObject({ person: 'Gone', 'brought by': ines?.id })
    expect(data[8]?.received).toMatch(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\dZ$/)
  })
  it('cannot be altered or deleted, nor can an edit', async () => {
    await put(ines, by(ines, 1))
    const attempts = [
      () => t.db.updateTable('audit').set({ person: 'Nobody' }).execute(),
      () => t.db.deleteFrom('audit').execute(),
      () => t.db.updateTable('change').set({ technician: 'Nobody' }).execute(),
      () => t.db.deleteFrom('change').execute(),
    ]
    for (const attempt of attempts)
      await expect(attempt()).rejects.toMatchObject({
        message: expect.stringContaining('kept as they are'),
      })
    expect(await kept()).toHaveLength(1)
  })
})

it('a phone that goes wrong fills no disk with photos: five hundred a day', async () => {
  const jpeg = Buffer.from('ffd8', 'hex')
  const row = (n: number) => ({ id: uuid(1000 + n), bytes: jpeg, brought_by: ines?.id })
  await t.db
    .insertInto('photo')
    .values(Array.from({ length: 500 }, (_, i) => row(i)))
    .execute()
  const bring = (phone: TestPhone | undefined) =>
    (phone as TestPhone)
      .put(`/api/photos/${uuid(5)}`)
      .set('content-type', 'image/jpeg')
      .send(jpeg)
  expect(refusal(await bring(ines))).toMatchObject({
    status: 429,
    message: expect.stringContaining('500 photos within a day'),
  })
  expect((await bring(omar)).status).not.toBe(429)
})
it('photos that no job speaks of go after a month, and only those', async () => {
  const { photoStore } = await import('../store/photo-store')
  const bytes = Buffer.from('ffd8', 'hex')
  const at = (days: number) =>
    new Date(Date.now() - days * 86_400_000).toISOString().slice(0, 19).replace('T', ' ')
  await t.db
    .insertInto('photo')
    .values([
      { id: uuid(601), bytes, received: at(40) },
      { id: uuid(602), bytes, received: at(40) },
      { id: uuid(603), bytes, received: at(20) },
    ])
    .execute()
  const photo = {
    path: ['photos', uuid(601)],
    value: { caption: '', width: 10, height: 10, takenAt: 1_800_000_000_000, pins: [] },
  }
  await put(ines, by(ines, 1), by(ines, 2, photo))
  expect(await photoStore(t.db).clearOrphans(30)).toBe(1)
  expect((await t.db.selectFrom('photo').select('id').orderBy('id').execute()).map(({ id }) => id)).toEqual([
    uuid(601),
    uuid(603),
  ])
})
