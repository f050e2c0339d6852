// Backups of a shop on a cluster, and one put back, while and after its server runs.
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { change } from '../../testing/test-app'
import { newPlace } from '../../testing/test-shop'
import { changeStore } from '../change-store'
import { fileAsShop } from '../sqlite/open'
import type { Place } from './connect'
import { backUpPlace, checkNotServed, isShopThere, openForTool, restorePlace } from './copies'
import { openShopAt } from './open'

const AT = new Date(Date.UTC(2026, 10, 27, 15, 30))
const kept = (keep = 5) => ({ folder, shop: 'north', at: AT, keep })
const values = async (place: Place): Promise<unknown[]> => {
  const shop = await openForTool(place)
  const { changes } = await changeStore(shop.db).after(0, 100)
  await shop.close()
  return changes.map(({ value }) => value)
}
const names = async (place: Place) => {
  const shop = await openForTool(place)
  const { id } = await shop.db.selectFrom('identity').selectAll().executeTakeFirstOrThrow()
  const own = await shop.db.selectFrom('shop').selectAll().executeTakeFirstOrThrow()
  await shop.close()
  return { id, own }
}

let folder: string
let place: Place
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'oak-copies-'))
  place = newPlace()
})
afterEach(() => rmSync(folder, { recursive: true }))

/** Opens it as a server does, and writes. */
async function served(value: string, n: number) {
  const shop = await openShopAt(place)
  await changeStore(shop.db).put([change(n, value)])
  return shop
}

it('a copy is made while the server runs, is a whole shop as a file, and the oldest go', async () => {
  const shop = await served('Bakery', 1)
  const file = await backUpPlace(place, kept())
  expect(file).toBe(join(folder, 'oak-switch-north-20261127-153000.sqlite'))
  const copy = await fileAsShop(file)
  expect((await changeStore(copy.db).after(0, 10)).changes).toMatchObject([{ value: 'Bakery' }])
  await copy.close()
  const later = await backUpPlace(place, { ...kept(1), at: new Date(AT.getTime() + 60_000) })
  expect(readdirSync(folder)).toEqual([later.slice(folder.length + 1)])
  await shop.close()
})

it('put back, it is the shop as it was, under a new name for devices; what stood there is kept', async () => {
  await (await served('Bakery', 1)).close()
  const file = await backUpPlace(place, kept())
  const before = await names(place)
  await (await served('Clinic', 2)).close()
  const schema = await restorePlace(file, place, AT)
  expect(await values(place)).toEqual(['Bakery'])
  expect(await values({ ...place, shop: (schema ?? '').replace('oak_', '') })).toEqual(['Bakery', 'Clinic'])
  const after = await names(place)
  expect(after.id).not.toBe(before.id)
  expect(after.id).toMatch(/^[0-9a-f]{32}$/)
  expect(after.own).toEqual({ ...before.own, restored: AT.getTime() })
})

it('while a server of that shop runs nothing is put back, and it is said', async () => {
  const shop = await served('Bakery', 1)
  const file = await backUpPlace(place, kept())
  await expect(restorePlace(file, place, AT)).rejects.toThrow(
    /A server is using the database .*\. Stop every server/,
  )
  await shop.close()
  expect(await values(place)).toEqual(['Bakery'])
})

it('a server that nobody has asked anything for long is still seen', async () => {
  const shop = await openShopAt(place, { idleMs: 50 })
  await Promise.all([1, 2, 3].map(() => shop.db.selectFrom('identity').selectAll().execute()))
  await new Promise((done) => setTimeout(done, 400))
  await expect(checkNotServed(place)).rejects.toThrow('A server is using the database')
  await shop.close()
  await checkNotServed(place)
})

it('a file that is no shop is refused by its name, and the shop stays', async () => {
  await (await served('Bakery', 1)).close()
  const file = join(folder, 'x.sqlite')
  writeFileSync(file, 'no database'.repeat(400))
  await expect(restorePlace(file, place, AT)).rejects.toThrow(`The database ${file} is damaged`)
  await expect(restorePlace(join(folder, 'none'), place, AT)).rejects.toThrow('cannot be opened')
  expect(await values(place)).toEqual(['Bakery'])
})

it('a shop that is not there has no copy, and none is made of it', async () => {
  await expect(backUpPlace(place, kept())).rejects.toThrow(/There is no database oak_\d+ at/)
  expect([readdirSync(folder), await isShopThere(place)]).toEqual([[], false])
})
