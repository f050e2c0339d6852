// What every store promises, whichever database it lies on.
import { sql } from 'kysely'
import { change, NOW, uuid } from '../../testing/test-app'
import { openTestShop } from '../../testing/test-shop'
import { changeStore } from '../change-store'
import type { Database, OpenDatabase } from '../database'
import { databaseHealth } from '../health'
import { jobIndex } from '../jobs/index-jobs'
import { jobStore } from '../jobs/job-store'
import { photoStore } from '../photo-store'

let shop: OpenDatabase
beforeEach(async () => void (shop = await openTestShop()))
afterEach(() => shop.db.destroy())

async function put(changes: readonly ReturnType<typeof change>[]) {
  const index = jobIndex(shop.db)
  const result = await changeStore(shop.db, { now: NOW, index }).put(changes.map((one) => one as never))
  await index.rest()
  return result
}
const ASKED = { text: '', state: 'all', sort: 'title', down: false, from: 0, limit: 50 } as const
const found = async (more: object) =>
  (await jobStore(shop.db).office({ ...ASKED, ...more })).rows.map(({ title }) => title)
const titled = (...titles: string[]) =>
  titles.map((title, i) => ({ ...change(i + 1, title), job: uuid(100 + i) }))

it('is well', async () => expect(await databaseHealth(shop)).toBeNull())

describe('changes', () => {
  it('one that comes twice is known, also within one batch; other contents under its id are a clash', async () => {
    const [one, other] = [change(1, 'a'), change(2, 'b')]
    expect(await put([one, one, { ...one, value: 'else' }, other])).toMatchObject({
      added: [one.id, other.id],
      known: [one.id],
      clashes: [one.id],
    })
    expect(await put([{ ...one, value: 'else' }, one])).toMatchObject({
      added: [],
      known: [one.id],
      clashes: [one.id],
    })
    const { changes } = await changeStore(shop.db).after(0, 10)
    expect(changes.map(({ value }) => value)).toEqual(['a', 'b'])
  })
  it('are numbered in the order of their batch, without a gap and from one on', async () => {
    await put(Array.from({ length: 300 }, (_, i) => change(i + 1)))
    await put([change(3), change(301)])
    const page = await changeStore(shop.db).after(0, 500)
    expect(page.changes.map(({ id }) => id)).toEqual(Array.from({ length: 301 }, (_, i) => uuid(i + 1)))
    // A number that was given to none may be passed over: none is given twice, and the last is the largest.
    expect([page.next, page.last]).toEqual([page.last, page.next])
    expect((await changeStore(shop.db).after(page.last, 5)).changes).toEqual([])
  })
  it('from too far ahead get this server’s time, and are known again under the one they came with', async () => {
    const ahead = { ...change(1), at: NOW() + 3_600_000 }
    const stamp = { id: ahead.id, at: NOW() }
    expect((await put([ahead])).restamped).toEqual([stamp])
    expect(await put([ahead])).toMatchObject({ known: [ahead.id], restamped: [stamp] })
    expect(await put([{ ...ahead, at: NOW() }])).toMatchObject({ known: [ahead.id], restamped: [] })
  })
  it('hold whatever a text can hold', async () => {
    const hard = [
      '\0 \u0001 nul',
      '\ud800 half',
      '“’\'";--',
      '𝔘𝔫𝔦 漢字 עברית',
      '\\ \\\\ %_',
      'x'.repeat(4000),
    ]
    await put(titled(...hard))
    const { changes } = await changeStore(shop.db).after(0, 10)
    expect(changes.map(({ value }) => value)).toEqual(hard)
    expect(await found({})).toHaveLength(hard.length)
  })
  it('and what was done are never altered: the database refuses it, and to delete or empty', async () => {
    await put([change(1)])
    await shop.db
      .insertInto('audit')
      .values({ at: 1, act: 'paired', device: null, person: '', role: '', about: '' })
      .execute()
    for (const table of ['change', 'audit'])
      for (const act of [`update ${table} set at = 2`, `delete from ${table}`])
        // By its words: what SQLite's binding throws is no error of this file's own realm.
        expect(
          await sql
            .raw(act)
            .execute(shop.db)
            .then(
              () => 'done',
              (error: Error) => error.message,
            ),
        ).toBe('rows of this table are kept as they are')
  })
})

describe('the office', () => {
  it('sorts without regard to capitals, both ways', async () => {
    await put(titled('bravo', 'Alpha', 'charlie', 'Bravo 2'))
    expect(await found({})).toEqual(['Alpha', 'bravo', 'Bravo 2', 'charlie'])
    expect(await found({ down: true })).toEqual(['charlie', 'Bravo 2', 'bravo', 'Alpha'])
  })
  it.each([
    ['ake', ['50% Bakery']],
    ['AKE', ['50% Bakery']],
    ['0%', ['50% Bakery']],
    ['50% bak', ['50% Bakery']],
    ['%', ['50% Bakery']],
    ['a_b', ['fan a_b\\c']],
    ['b\\c', ['fan a_b\\c']],
    ['_', ['fan a_b\\c']],
    ['é', ['Café "fan"']],
    ['"fan"', ['Café "fan"']],
    ["fan'", []],
    ['fan', ['Café "fan"', 'fan a_b\\c', 'fan axbyc']],
    ['fan axb', ['fan axbyc']],
    ['fan\0axb', ['fan axbyc']],
  ])('finds %s', async (text, titles) => {
    await put(titled('50% Bakery', 'fan a_b\\c', 'fan axbyc', 'Café "fan"'))
    expect(await found({ text })).toEqual(titles)
  })
  it('finds a job by what it is called now, and no more by what it was', async () => {
    await put([change(1, 'Bakery')])
    await put([change(2, 'Clinic')])
    expect([await found({ text: 'bakery' }), await found({ text: 'clinic' })]).toEqual([[], ['Clinic']])
  })
})

it('a summary that was read earlier never stands over one that was read later', async () => {
  await put([change(1, 'early')])
  // A process that has read, and is held up before it writes: meanwhile another one reads a later change and writes.
  const { db } = shop
  const slow = {
    selectFrom: db.selectFrom.bind(db),
    transaction: () => ({
      execute: async (work: Parameters<ReturnType<typeof db.transaction>['execute']>[0]) => {
        await put([change(2, 'late')])
        return db.transaction().execute(work)
      },
    }),
  } as unknown as Database
  await jobIndex(slow).touched([change(1).job])
  expect(await found({})).toEqual(['late'])
  const { stale, seq } = await shop.db.selectFrom('job').selectAll().executeTakeFirstOrThrow()
  expect([stale, seq]).toEqual([0, 2])
})

describe('pictures', () => {
  const bytes = (n: number) => Buffer.from([0xff, 0xd8, 0, n, 255])
  it('are kept byte by byte under an id that holds one picture', async () => {
    const photos = photoStore(shop.db)
    expect([
      await photos.put('a', bytes(1)),
      await photos.put('a', bytes(1)),
      await photos.put('a', bytes(2)),
    ]).toEqual(['added', 'known', 'clash'])
    expect([await photos.get('a'), await photos.get('b')]).toEqual([bytes(1), null])
  })
  it('that no job has spoken of for a month go, and no others', async () => {
    const photos = photoStore(shop.db)
    for (const id of ['spoken', 'orphan', 'fresh']) await photos.put(id, bytes(1), 'phone')
    await put([change(1, null, ['photos', 'spoken'])])
    await shop.db
      .updateTable('photo')
      .set({ received: '2020-01-01 00:00:00' })
      .where('id', '!=', 'fresh')
      .execute()
    expect(await photos.broughtToday('phone')).toBe(1)
    expect(await photos.clearOrphans(30)).toBe(1)
    expect([await photos.get('orphan'), await photos.get('spoken'), await photos.get('fresh')]).toEqual([
      null,
      bytes(1),
      bytes(1),
    ])
  })
})
