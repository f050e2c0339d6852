import type { Change } from '@oak/core/job/change'
import type { DeviceStore } from './device-store'
import type { PutAnswer, Server } from './server'
import { createSync, type SyncState } from './sync'

const change = (n: number): Change => ({
  id: `id-${n}`,
  job: 'job',
  path: ['title'],
  value: n,
  at: n,
  device: 'device',
  technician: '',
})

/** A device in memory, with the narrow port of the real one. */
function memoryDevice(): DeviceStore {
  const rows = new Map<string, { change: Change; delivered: boolean }>()
  const facts = new Map<string, string | number>()
  return {
    all: async () => [...rows.values()].map((r) => r.change),
    keep: async (changes) => changes.forEach((c) => rows.set(c.id, { change: c, delivered: false })),
    receive: async (changes, cursor) => {
      changes.forEach((c) => rows.set(c.id, { change: c, delivered: true }))
      facts.set('cursor', cursor)
    },
    undelivered: async () => [...rows.values()].filter((r) => !r.delivered).map((r) => r.change),
    markDelivered: async (ids) =>
      ids.forEach((id) =>
        rows.set(id, { change: (rows.get(id) as { change: Change }).change, delivered: true }),
      ),
    startOver: async (store) => {
      rows.forEach((r, id) => rows.set(id, { ...r, delivered: false }))
      facts.set('cursor', 0).set('store', store)
    },
    fact: async (name) => facts.get(name),
    setFact: async (name, value) => void facts.set(name, value),
  }
}

/** A server in memory that can go away, lose its answers, or refuse a change. */
function memoryServer() {
  const kept: Change[] = []
  const state = { store: 'first', up: true, losesAnswers: false, refuses: new Set<string>() }
  const server: Server = {
    async put(changes): Promise<PutAnswer> {
      if (!state.up) return { kind: 'unreachable' }
      if (changes.some((c) => state.refuses.has(c.id))) return { kind: 'refused', message: 'no such field' }
      for (const c of changes) if (!kept.some((k) => k.id === c.id)) kept.push(c)
      return state.losesAnswers ? { kind: 'unreachable' } : { kind: 'kept' }
    },
    after: async (cursor) =>
      state.up
        ? {
            store: state.store,
            changes: kept.slice(cursor, cursor + 3),
            next: Math.min(kept.length, cursor + 3),
            more: kept.length > cursor + 3,
          }
        : null,
  }
  return { server, kept, state }
}

function setUp() {
  const device = memoryDevice()
  const { server, kept, state } = memoryServer()
  const states: SyncState[] = []
  const received: Change[] = []
  const sync = createSync(
    device,
    server,
    (c) => received.push(...c),
    (s) => states.push(s),
  )
  return { device, kept, state, sync, states, received, last: () => states.at(-1) }
}

it('delivers what waited while the server was away, once and in order', async () => {
  const { device, kept, state, sync, last } = setUp()
  state.up = false
  await device.keep([change(2), change(1), change(3)])
  await sync.round()
  expect(last()).toEqual({ kind: 'waiting', count: 3 })
  state.up = true
  await sync.round()
  expect(kept.map((c) => c.id)).toEqual(['id-1', 'id-2', 'id-3'])
  expect(last()).toEqual({ kind: 'delivered' })
})

it('keeps no duplicate when the server took changes but its answer was lost', async () => {
  const { device, kept, state, sync } = setUp()
  await device.keep([change(1), change(2)])
  state.losesAnswers = true
  await sync.round()
  state.losesAnswers = false
  await sync.round()
  expect(kept).toHaveLength(2)
  expect(await device.undelivered()).toEqual([])
})

it('lets one refused change hold up no other, and keeps it on the device', async () => {
  const { device, kept, state, sync, last } = setUp()
  state.refuses.add('id-2')
  await device.keep([change(1), change(2), change(3)])
  await sync.round()
  expect(kept.map((c) => c.id)).toEqual(['id-1', 'id-3'])
  expect(last()).toEqual({ kind: 'refused', message: 'no such field', count: 1 })
  expect((await device.undelivered()).map((c) => c.id)).toEqual(['id-2'])
})

it('fetches all pages of what others did', async () => {
  const { kept, sync, received, device } = setUp()
  kept.push(...[1, 2, 3, 4, 5, 6, 7].map(change))
  await sync.round()
  expect(received).toHaveLength(7)
  expect(await device.fact('cursor')).toBe(7)
})

it('delivers everything anew when the server has another database, and says nothing else meanwhile', async () => {
  const { device, kept, state, sync, last } = setUp()
  await device.keep([change(1), change(2)])
  await sync.round()
  kept.length = 0
  state.store = 'second'
  kept.push(change(7))
  await sync.round()
  expect(kept.map((c) => c.id).sort()).toEqual(['id-1', 'id-2', 'id-7'])
  expect((await device.all()).map((c) => c.id).sort()).toEqual(['id-1', 'id-2', 'id-7'])
  expect(last()).toEqual({ kind: 'delivered' })
})

it('runs one round at a time, and another when one was asked for meanwhile', async () => {
  const { device, sync, kept } = setUp()
  const first = sync.round()
  await device.keep([change(1)])
  await Promise.all([first, sync.round(), sync.round()])
  expect(kept).toHaveLength(1)
})
