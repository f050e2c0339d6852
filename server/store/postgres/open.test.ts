// Opening a shop on a cluster: what is wrong is said in words; shops on one database are apart.
import { sql } from 'kysely'
import { Pool } from 'pg'
import { openPairedApp } from '../../testing/paired-app'
import { change } from '../../testing/test-app'
import { newPlace, testCluster } from '../../testing/test-shop'
import { jpeg } from '../../testing/jpeg'
import { changeStore } from '../change-store'
import { troubleOf } from '../trouble'
import { overPool, poolOf, schemaOf } from './connect'
import { openShopAt } from './open'

const said = (url: string) =>
  openShopAt({ url, shop: 'shop' }).then(
    () => 'opened',
    (error: Error & { kind?: string }) => `${error.kind}: ${error.message}`,
  )

it.each([
  [
    'user=oak',
    'user=nobody',
    /^not-let-in: The database oak_\d+ at .*, shop shop does not let this server in/,
  ],
  [/oak_\d+/, 'none', /^not-let-in: The database none at/],
  ['port=5999', 'port=5998', /^away: The database oak_\d+ at .* does not answer/],
])('%s as %s is told', async (right, wrong, words) =>
  expect(await said(testCluster().replace(right, wrong))).toMatch(words),
)
it('who may make no schema is told so', async () => {
  const as = (user: string) => testCluster().replace('user=oak', `user=${user}`)
  const keeper = new Pool({ connectionString: as('keeper') })
  await keeper.query('create role visitor login')
  await keeper.end()
  expect(await said(as('visitor'))).toMatch(/^not-let-in: .* the user must be allowed to make a schema/)
})
it.each([
  ['57P01', 'away'],
  ['08006', 'away'],
  ['ECONNRESET', 'away'],
  ['28P01', 'not-let-in'],
  ['53100', 'no-room'],
  ['53300', 'crowded'],
  ['57014', 'crowded'],
  ['25006', 'read-only-there'],
  ['42P01', 'gone'],
])('%s is %s, named with its place', (code, kind) => {
  const trouble = troubleOf('oak at db.example, shop north', { code })
  expect(trouble?.kind).toBe(kind)
  expect(trouble?.message).toContain('oak at db.example, shop north')
})
it('what is no fault of the cluster is none of these', () =>
  expect(['23505', '22P02', '42601'].map((code) => troubleOf('x', { code }))).toEqual([null, null, null]))
it('one of a later version is left as it is', async () => {
  const place = newPlace()
  const shop = await openShopAt(place)
  await sql`insert into kysely_migration (name, timestamp) values ('999-later', '')`.execute(shop.db)
  await shop.close()
  await expect(openShopAt(place)).rejects.toThrow('of a later version of Oak Switch')
})
it('is opened again without looking through every table', async () => {
  const place = newPlace()
  const first = await openShopAt(place)
  await changeStore(first.db).put([change(1)])
  await first.close()
  const again = await openShopAt(place)
  expect((await changeStore(again.db).after(0, 5)).changes).toHaveLength(1)
  await again.close()
})
it('a connection names its shop’s tables and no other’s', async () => {
  const [a, b] = [newPlace(), newPlace()]
  const [one, other] = [await openShopAt(a), await openShopAt(b)]
  await changeStore(one.db).put([change(1, 'ours')])
  expect((await changeStore(other.db).after(0, 5)).changes).toEqual([])
  const pool = poolOf(b)
  const db = overPool(pool)
  const path = await sql<{ search_path: string }>`show search_path`.execute(db)
  expect(path.rows[0]?.search_path).toBe(schemaOf(b.shop))
  await db.destroy()
  await Promise.all([one.close(), other.close()])
})

describe('two shops on one database', () => {
  it('another shop’s data by id is not there; a key of one opens nothing of the other', async () => {
    const [north, south] = [await openPairedApp(), await openPairedApp()]
    const ours = await north.pair('Ines', 'owner')
    const theirs = await south.pair('Sam', 'owner')
    const edit = { ...change(1, 'Bakery'), device: ours.id }
    await ours.post('/api/changes', { changes: [edit] })
    await ours.put(`/api/photos/${edit.job}`).set('content-type', 'image/jpeg').send(jpeg())

    const asked = ['/api/changes', `/api/jobs/whole?of=${edit.job}:0`, '/api/jobs', '/api/jobs/office']
    const found = await Promise.all(asked.map(async (path) => JSON.stringify((await theirs.get(path)).body)))
    expect(found.filter((text) => text.includes('Bakery'))).toEqual([])
    expect((await theirs.get(`/api/photos/${edit.job}`)).status).toBe(404)
    const own = await Promise.all(asked.map(async (path) => JSON.stringify((await ours.get(path)).body)))
    expect(own.filter((text) => text.includes('Bakery'))).toHaveLength(asked.length)
    // The same id is free there.
    expect(
      (await theirs.post('/api/changes', { changes: [{ ...edit, device: theirs.id, value: 'Mill' }] }))
        .status,
    ).toBe(200)
    expect((await ours.get('/api/changes')).body).toMatchObject({ changes: [{ value: 'Bakery' }] })

    const strayed = south.phone(ours.id, ours.key)
    const answers = await Promise.all(asked.map((path) => strayed.get(path)))
    expect(answers.map(({ status }) => status)).toEqual(asked.map(() => 401))
    await Promise.all([north.db.destroy(), south.db.destroy()])
  })
})
