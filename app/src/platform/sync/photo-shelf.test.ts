import 'fake-indexeddb/auto'
import { openPhotoShelf } from './photo-shelf'

// The stand-in for IndexedDB copies values as a browser does; jsdom has no such copying of its own.
globalThis.structuredClone ??= <T>(value: T): T => value

const picture = { name: 'a picture' } as unknown as Blob
let n = 0
const shelf = () => openPhotoShelf(`shelf-${++n}`)

it('gives back what it keeps, and null for what it does not', async () => {
  const photos = await shelf()
  await photos.keep('a', picture)
  expect(await photos.get('a')).toEqual(picture)
  expect(await photos.get('b')).toBeNull()
})
it('a picture waits until the server’s own database has it; another database has none of them', async () => {
  const photos = await shelf()
  await photos.keep('a', picture)
  await photos.keep('b', picture, 'north')
  expect(await photos.waiting('north')).toEqual(['a'])
  await photos.markDelivered('a', 'north')
  expect(await photos.waiting('north')).toEqual([])
  expect(await photos.waiting('south')).toEqual(['a', 'b'])
  expect(await photos.get('a')).toEqual(picture)
})
it('where no database has ever answered, only what none has waits', async () => {
  const photos = await shelf()
  await photos.keep('a', picture)
  expect(await photos.waiting(null)).toEqual(['a'])
})
it('a delivery of a picture that is not here makes none', async () => {
  const photos = await shelf()
  await photos.markDelivered('ghost', 'north')
  expect([await photos.get('ghost'), await photos.waiting('south')]).toEqual([null, []])
})
