import { change } from './testing/change'
import type { Change } from '@oak/core/job/change'
import type { PutAnswer, Refusal, Server, TimeHeard } from './server'
import { memoryDevice } from './testing/memory-device'
import { createSync, type SyncState } from './sync'

/** A server in memory that can go away, lose its answers, carry little at a time, or refuse a change. */
function memoryServer() {
  const kept: Change[] = []
  const state = {
    store: 'first',
    up: true,
    losesAnswers: false,
    refuses: new Set<string>(),
    /** So many changes at a time are carried, up and down. */
    carries: Infinity,
    clock: null as TimeHeard | null,
  }
  const batches: number[] = []
  const server: Server = {
    async put(changes): Promise<PutAnswer> {
      batches.push(changes.length)
      if (!state.up) return { kind: 'unreachable' }
      if (changes.length > state.carries) return { kind: 'too-much', message: null }
      const [taken, refused]: [string[], Refusal[]] = [[], []]
      for (const c of changes) {
        if (state.refuses.has(c.id)) refused.push({ id: c.id, message: 'no such field' })
        else taken.push(c.id)
        if (!state.refuses.has(c.id) && !kept.some((k) => k.id === c.id)) kept.push(c)
      }
      if (state.losesAnswers) return { kind: 'unreachable' }
      return { kind: 'answered', taken, refused, restamped: [], time: state.clock }
    },
    async after(cursor, limit) {
      if (!state.up) return 'unreachable'
      if (limit > state.carries) return 'late'
      const next = Math.min(kept.length, cursor + limit)
      const changes = kept.slice(cursor, next)
      const { store } = state
      return {
        store,
        changes,
        next: Math.max(next, cursor),
        last: kept.length,
        more: kept.length > next,
        time: state.clock,
      }
    },
  }
  return { server, kept, state, batches }
}

function setUp() {
  const device = memoryDevice()
  const { server, kept, state, batches } = memoryServer()
  const states: SyncState[] = []
  const received: Change[] = []
  const time = { now: 0, heard: [] as TimeHeard[] }
  const sync = createSync({
    device,
    server,
    now: () => time.now,
    onReceived: (c) => received.push(...c),
    onRestamped: () => undefined,
    onState: (s) => states.push(s),
    onTime: (t) => time.heard.push(t),
  })
  return { device, kept, state, batches, sync, states, received, time, last: () => states.at(-1) }
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
  expect(last()).toEqual({ kind: 'refused', message: 'no such field', count: 1, waiting: 0 })
  expect((await device.undelivered()).map((c) => c.id)).toEqual(['id-2'])
})

it('fetches all pages of what others did', async () => {
  const { kept, sync, received, device } = setUp()
  kept.push(...[1, 2, 3, 4, 5, 6, 7].map((n) => change(n)))
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

describe('what is refused', () => {
  it('is asked about again after a minute, then after four, and holds up nothing new', async () => {
    const { device, state, sync, batches, time } = setUp()
    state.refuses.add('id-1')
    await device.keep([change(1)])
    await sync.round()
    await sync.round()
    time.now = 59_999
    await sync.round()
    expect(batches).toEqual([1])
    await device.keep([change(2)])
    await sync.round()
    time.now = 60_000
    await sync.round()
    // The new one by itself, then the old one at its minute.
    expect(batches).toEqual([1, 1, 1])
    time.now = 60_000 + 4 * 60_000 - 1
    await sync.round()
    expect(batches).toHaveLength(3)
    time.now += 1
    state.refuses.clear()
    await sync.round()
    expect(batches).toHaveLength(4)
    expect(await device.undelivered()).toEqual([])
  })
  it('and others that wait are told apart', async () => {
    const { device, state, sync, last } = setUp()
    state.refuses.add('id-1')
    await device.keep([change(1)])
    await sync.round()
    state.up = false
    await device.keep([change(2), change(3)])
    await sync.round()
    expect(last()).toEqual({ kind: 'refused', message: 'no such field', count: 1, waiting: 2 })
  })
  it('given up is gone from the device', async () => {
    const { device, state, sync, last } = setUp()
    state.refuses.add('id-1')
    await device.keep([change(1), change(2)])
    await sync.round()
    await device.letGo(['id-1', 'id-2'])
    await sync.round()
    // What was delivered cannot be given up by the same tap.
    expect((await device.all()).map((c) => c.id)).toEqual(['id-2'])
    expect(last()).toEqual({ kind: 'delivered' })
  })
})

describe('on a slow link', () => {
  const many = (count: number) => Array.from({ length: count }, (_, i) => change(i + 1))
  it('what goes up begins with fifty, doubles while it is carried, and halves when it is not', async () => {
    const { device, state, sync, batches, kept } = setUp()
    await device.keep(many(400))
    await sync.round()
    expect(batches).toEqual([50, 100, 200, 50])
    batches.length = 0
    state.carries = 60
    await device.keep(many(700).slice(400))
    await sync.round()
    // 200 and 100 are too much; fifty are carried, so a hundred is tried again.
    expect(batches.slice(0, 4)).toEqual([200, 100, 50, 100])
    expect(kept).toHaveLength(700)
  })
  it('pages shrink until one arrives, and all arrive', async () => {
    const { kept, state, sync, received, last } = setUp()
    kept.push(...many(300))
    state.carries = 25
    await sync.round()
    expect(received).toHaveLength(300)
    expect(last()).toEqual({ kind: 'delivered' })
  })
  it('not even ten at a time: the round ends, and nothing is lost', async () => {
    const { kept, state, sync, last } = setUp()
    kept.push(...many(30))
    state.carries = 9
    await sync.round()
    expect(last()).toEqual({ kind: 'waiting', count: 0 })
  })
  it('one change that the server will not even read is refused by itself', async () => {
    const { device, sync } = setUp()
    await device.keep(many(3))
    const big = 'What was sent is larger than 2 MB.'
    const odd: Server = {
      put: async (changes) =>
        changes.some((c) => c.id === 'id-2')
          ? { kind: 'too-much', message: big }
          : { kind: 'answered', taken: changes.map((c) => c.id), refused: [], restamped: [], time: null },
      after: async () => 'unreachable',
    }
    const quiet = { onReceived: () => undefined, onRestamped: () => undefined, onState: () => undefined }
    await createSync({ device, server: odd, now: () => 0, onTime: () => undefined, ...quiet }).round()
    expect(await device.refused()).toEqual([{ change: change(2), message: big }])
    expect((await device.undelivered()).map((c) => c.id)).toEqual(['id-2'])
    await sync.round()
  })
})

it('a server that ends before this device’s place is another one, whatever its name: all is delivered anew', async () => {
  const { device, kept, sync, last } = setUp()
  await device.keep([change(1), change(2), change(3)])
  await sync.round()
  // Files copied back by hand: the same name, an older state.
  kept.length = 1
  await sync.round()
  expect(kept.map((c) => c.id).sort()).toEqual(['id-1', 'id-2', 'id-3'])
  expect(last()).toEqual({ kind: 'delivered' })
})

it('hears the server’s time with every answer', async () => {
  const { device, state, sync, time } = setUp()
  state.clock = { at: 7, askedAt: 1, heardAt: 2 }
  await device.keep([change(1)])
  await sync.round()
  // Of putting, and of the page; what was put to a server not known before is not put again.
  expect(time.heard).toEqual([state.clock, state.clock])
})

it('a change that the server keeps under another time is kept so here too, and told', async () => {
  const device = memoryDevice()
  await device.keep([change(5)])
  const told: unknown[] = []
  const server: Server = {
    put: async () => ({
      kind: 'answered',
      taken: ['id-5'],
      refused: [],
      restamped: [{ id: 'id-5', at: 3 }],
      time: null,
    }),
    after: async () => 'unreachable',
  }
  const quiet = { onReceived: () => undefined, onState: () => undefined, onTime: () => undefined }
  await createSync({ device, server, now: () => 0, onRestamped: (s) => told.push(...s), ...quiet }).round()
  expect(told).toEqual([{ id: 'id-5', at: 3 }])
  expect(await device.all()).toEqual([{ ...change(5), at: 3 }])
  expect(await device.undelivered()).toEqual([])
})
