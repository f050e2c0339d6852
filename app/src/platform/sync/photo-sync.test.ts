import { deliverPhotos, fetchPhoto, type PhotoServer, type PhotosToDeliver } from './photo-sync'

const picture = (text: string) => ({ text }) as unknown as Blob

function memoryShelf(): PhotosToDeliver & {
  readonly rows: Map<string, { picture: Blob; deliveredTo: string | null }>
} {
  const rows = new Map<string, { picture: Blob; deliveredTo: string | null }>()
  return {
    rows,
    keep: async (id, p, deliveredTo = null) => void rows.set(id, { picture: p, deliveredTo }),
    get: async (id) => rows.get(id)?.picture ?? null,
    waiting: async (store) =>
      [...rows].filter(([, r]) => r.deliveredTo === null || r.deliveredTo !== store).map(([id]) => id),
    markDelivered: async (id, store) =>
      void rows.set(id, {
        ...(rows.get(id) as { picture: Blob; deliveredTo: string | null }),
        deliveredTo: store,
      }),
  }
}

function memoryServer() {
  const kept = new Map<string, Blob>()
  const state = { up: true, refuses: new Set<string>() }
  const server: PhotoServer = {
    async put(id, p) {
      if (!state.up) return 'unreachable'
      if (state.refuses.has(id)) return 'refused'
      kept.set(id, p)
      return 'kept'
    },
    get: async (id) => (state.up ? (kept.get(id) ?? null) : null),
  }
  return { server, kept, state }
}

it('delivers what waits, once, and to another database anew', async () => {
  const shelf = memoryShelf()
  const { server, kept, state } = memoryServer()
  await shelf.keep('a', picture('a'))
  await shelf.keep('b', picture('b'))
  state.up = false
  expect(await deliverPhotos(shelf, server, 'first')).toBe(2)
  state.up = true
  expect(await deliverPhotos(shelf, server, 'first')).toBe(0)
  kept.clear()
  expect(await deliverPhotos(shelf, server, 'first')).toBe(0)
  expect(kept.size).toBe(0)
  expect(await deliverPhotos(shelf, server, 'second')).toBe(0)
  expect([...kept.keys()]).toEqual(['a', 'b'])
})

it('one that is refused stays and holds up no other', async () => {
  const shelf = memoryShelf()
  const { server, kept, state } = memoryServer()
  for (const id of ['a', 'b', 'c']) await shelf.keep(id, picture(id))
  state.refuses.add('b')
  expect(await deliverPhotos(shelf, server, 'first')).toBe(1)
  expect([...kept.keys()]).toEqual(['a', 'c'])
  expect(await shelf.get('b')).toEqual(picture('b'))
})

it('waits while the server’s name is not known', async () => {
  const shelf = memoryShelf()
  const { server, kept } = memoryServer()
  await shelf.keep('a', picture('a'))
  expect([await deliverPhotos(shelf, server, null), kept.size]).toEqual([1, 0])
})

it('fetches what another device took, and keeps it without delivering it again', async () => {
  const shelf = memoryShelf()
  const { server, kept, state } = memoryServer()
  kept.set('a', picture('a'))
  expect(await fetchPhoto(shelf, server, 'first', 'a')).toEqual(picture('a'))
  state.up = false
  expect(await fetchPhoto(shelf, server, 'first', 'a')).toEqual(picture('a'))
  expect(await shelf.waiting('first')).toEqual([])
  expect(await fetchPhoto(shelf, server, 'first', 'b')).toBeNull()
})
