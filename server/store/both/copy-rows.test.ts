// A shop moved elsewhere is the same shop: every row, number and name.
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { openPairedApp } from '../../testing/paired-app'
import { change } from '../../testing/test-app'
import { openTestShop } from '../../testing/test-shop'
import { changeStore } from '../change-store'
import { copyRows } from '../copies/copy-rows'
import type { OpenDatabase } from '../database'
import { jobIndex } from '../jobs/index-jobs'
import { fileAsShop } from '../sqlite/open'

const TABLES = [
  'identity',
  'shop',
  'device',
  'code',
  'session',
  'change',
  'job',
  'photo',
  'audit',
  'practice',
] as const
const all = async ({ db }: OpenDatabase) =>
  Object.fromEntries(
    await Promise.all(
      TABLES.map(async (table) => {
        const rows = await db.selectFrom(table).selectAll().execute()
        return [table, rows.map((row) => JSON.stringify(row, Object.keys(row).sort())).sort()] as const
      }),
    ),
  )

let folder: string
beforeEach(() => void (folder = mkdtempSync(join(tmpdir(), 'oak-move-'))))
afterEach(() => rmSync(folder, { recursive: true }))

it('out into a file and back, then goes on: phones sign in, numbers follow, words are found', async () => {
  const t = await openPairedApp()
  const owner = await t.pair('Ines', 'owner')
  await owner.post('/api/owner/password', { password: 'gravel teapot lantern ferry' })
  const written = Array.from({ length: 700 }, (_, i) => ({
    ...change(i + 1, `Bakery ${i}`),
    device: owner.id,
  }))
  for (const part of [written.slice(0, 400), written.slice(400)])
    await owner.post('/api/changes', { changes: part })
  await t.db
    .insertInto('photo')
    .values({ id: 'p', bytes: Buffer.from([0, 255, 1]), brought_by: owner.id })
    .execute()
  const file = await fileAsShop(join(folder, 'x.sqlite'))
  const back = await openTestShop()
  const copied = await copyRows(t.shop, file)
  expect(await copyRows(file, back)).toBe(copied)
  expect(await all(back)).toEqual(await all(t.shop))
  expect(await all(file)).toEqual(await all(t.shop))

  const store = changeStore(back.db, { index: jobIndex(back.db), now: t.now })
  const { last } = await store.after(0, 1)
  await store.put([change(999, 'Clinic')])
  const next = await store.after(last, 10)
  expect([next.changes.map(({ value }) => value), next.next > last]).toEqual([['Clinic'], true])
  await Promise.all([t.db.destroy(), file.close(), back.db.destroy()])
})

it('a place that holds a shop already is left as it is', async () => {
  const [from, to] = [await openTestShop(), await openTestShop()]
  await changeStore(from.db).put([change(1, 'mine')])
  await changeStore(to.db).put([change(2, 'yours')])
  const before = await all(to)
  await expect(copyRows(from, to)).rejects.toThrow(`${to.name} holds a shop already. It is left as it is`)
  expect(await all(to)).toEqual(before)
  await Promise.all([from.db.destroy(), to.db.destroy()])
})

it('what breaks off in the middle leaves nothing behind', async () => {
  const [from, to] = [await openTestShop(), await openTestShop()]
  await changeStore(from.db).put([change(1)])
  const before = await all(to)
  const broken = { ...to, dialect: { ...to.dialect, goOnAfter: () => Promise.reject(new Error('cut off')) } }
  await expect(copyRows(from, broken)).rejects.toThrow('cut off')
  expect(await all(to)).toEqual(before)
  await Promise.all([from.db.destroy(), to.db.destroy()])
})
