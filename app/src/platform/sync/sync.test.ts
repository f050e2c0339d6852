import { change } from './testing/change'
import type { Change } from '@oak/core/job/change'
import { foldJob } from '@oak/core/job/fold'
import { summaryOf } from '@oak/core/job/summary/summary'
import { VAN_ID } from '@oak/core/job/van'
import type { JobRow } from './device-db'
import type { Server, TimeHeard } from './server'
import { memoryDevice } from './testing/memory-device'
import { memoryServer } from './testing/memory-server'
import { createSync } from './sync'
import type { SyncState } from './sync-ports'

async function setUp() {
  const device = await memoryDevice()
  const { server, kept, state, batches, asked } = memoryServer()
  const states: SyncState[] = []
  const received: Change[] = []
  const rows: JobRow[] = []
  const time = { now: 0, heard: [] as TimeHeard[] }
  const sync = createSync({
    device,
    server,
    now: () => time.now,
    onReceived: (c) => received.push(...c),
    onNews: (r) => rows.push(...r),
    onStartedOver: async () => undefined,
    onRestamped: () => undefined,
    onState: (s) => states.push(s),
    onTime: (t) => time.heard.push(t),
  })
  return {
    device,
    kept,
    state,
    batches,
    asked,
    sync,
    states,
    received,
    rows,
    time,
    last: () => states.at(-1),
  }
}

const QUIET = {
  onReceived: () => undefined,
  onNews: () => undefined,
  onStartedOver: async () => undefined,
  onRestamped: () => undefined,
  onState: () => undefined,
  onTime: () => undefined,
}
const NOTHING = { news: async () => 'unreachable' as const, whole: async () => 'unreachable' as const }

it('delivers what waited while the server was away, once and in order', async () => {
  const { device, kept, state, sync, last } = await setUp()
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
  const { device, kept, state, sync } = await setUp()
  await device.keep([change(1), change(2)])
  state.losesAnswers = true
  await sync.round()
  state.losesAnswers = false
  await sync.round()
  expect(kept).toHaveLength(2)
  expect(await device.undelivered()).toEqual([])
})

it('lets one refused change hold up no other, and keeps it on the device', async () => {
  const { device, kept, state, sync, last } = await setUp()
  state.refuses.add('id-2')
  await device.keep([change(1), change(2), change(3)])
  await sync.round()
  expect(kept.map((c) => c.id)).toEqual(['id-1', 'id-3'])
  expect(last()).toEqual({ kind: 'refused', message: 'no such field', count: 1, waiting: 0 })
  expect((await device.undelivered()).map((c) => c.id)).toEqual(['id-2'])
})

it('fetches all pages of what others did', async () => {
  const { kept, sync, received, device } = await setUp()
  kept.push(...[1, 2, 3, 4, 5, 6, 7].map((n) => change(n)))
  await sync.round()
  expect(received).toHaveLength(7)
  expect(await device.row('job')).toMatchObject({ seq: 7, have: 7 })
})

it('delivers everything anew when the server has another database, and says nothing else meanwhile', async () => {
  const { device, kept, state, sync, last } = await setUp()
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
  const { device, sync, kept } = await setUp()
  const first = sync.round()
  await device.keep([change(1)])
  await Promise.all([first, sync.round(), sync.round()])
  expect(kept).toHaveLength(1)
})

describe('what is refused', () => {
  it('is asked about again after a minute, then after four, and holds up nothing new', async () => {
    const { device, state, sync, batches, time } = await setUp()
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
    const { device, state, sync, last } = await setUp()
    state.refuses.add('id-1')
    await device.keep([change(1)])
    await sync.round()
    state.up = false
    await device.keep([change(2), change(3)])
    await sync.round()
    expect(last()).toEqual({ kind: 'refused', message: 'no such field', count: 1, waiting: 2 })
  })
  it('given up is gone from the device', async () => {
    const { device, state, sync, last } = await setUp()
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
    const { device, state, sync, batches, kept } = await setUp()
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
    const { kept, state, sync, received, last } = await setUp()
    kept.push(...many(300))
    state.carries = 25
    await sync.round()
    expect(received).toHaveLength(300)
    expect(last()).toEqual({ kind: 'delivered' })
  })
  it('not even ten at a time: the round ends, and nothing is lost', async () => {
    const { kept, state, sync, last } = await setUp()
    kept.push(...many(30))
    state.carries = 9
    await sync.round()
    expect(last()).toEqual({ kind: 'waiting', count: 0 })
  })
  it('one change that the server will not even read is refused by itself', async () => {
    const { device, sync } = await setUp()
    await device.keep(many(3))
    const big = 'What was sent is larger than 2 MB.'
    const odd: Server = {
      put: async (changes) =>
        changes.some((c) => c.id === 'id-2')
          ? { kind: 'too-much', message: big }
          : { kind: 'answered', taken: changes.map((c) => c.id), refused: [], restamped: [], time: null },
      ...NOTHING,
    }
    await createSync({ ...QUIET, device, server: odd, now: () => 0 }).round()
    expect(await device.refused()).toEqual([{ change: change(2), message: big }])
    expect((await device.undelivered()).map((c) => c.id)).toEqual(['id-2'])
    await sync.round()
  })
})

it('a server that ends before this device’s place is another one, whatever its name: all is delivered anew', async () => {
  const { device, kept, sync, last } = await setUp()
  await device.keep([change(1), change(2), change(3)])
  await sync.round()
  // Files copied back by hand: the same name, an older state.
  kept.length = 1
  await sync.round()
  expect(kept.map((c) => c.id).sort()).toEqual(['id-1', 'id-2', 'id-3'])
  expect(last()).toEqual({ kind: 'delivered' })
})

it('hears the server’s time with every answer', async () => {
  const { device, state, sync, time } = await setUp()
  state.clock = { at: 7, askedAt: 1, heardAt: 2 }
  await device.keep([change(1)])
  await sync.round()
  // Of putting, and of the page; what was put to a server not known before is not put again.
  expect(time.heard).toEqual([state.clock, state.clock])
})

it('a change that the server keeps under another time is kept so here too, and told', async () => {
  const device = await memoryDevice()
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
    ...NOTHING,
  }
  await createSync({ ...QUIET, device, server, now: () => 0, onRestamped: (s) => told.push(...s) }).round()
  expect(told).toEqual([{ id: 'id-5', at: 3 }])
  expect(await device.all()).toEqual([{ ...change(5), at: 3 }])
  expect(await device.undelivered()).toEqual([])
})

describe('a shop of many jobs', () => {
  const job = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
  /** Job number n: named so. */
  const named = (n: number, at = n): Change => ({
    ...change(at),
    id: `c-${n}-${at}`,
    job: job(n),
    value: `Job ${n}`,
  })
  const fill = (kept: Change[], count: number) =>
    kept.push(...Array.from({ length: count }, (_, i) => named(i + 1)))

  it('a new phone hears of the latest first, then of all; the latest hundred are whole on it', async () => {
    const { kept, sync, device, rows, asked, last } = await setUp()
    fill(kept, 250)
    await sync.round()
    // Sixty at once, the newest of them first.
    expect(rows.slice(0, 60).map((row) => row.job)).toEqual(
      Array.from({ length: 60 }, (_, i) => job(250 - i)),
    )
    expect(asked.slice(0, 2)).toEqual(['older', 'whole 20'])
    expect((await device.rows()).filter((row) => row.summary)).toHaveLength(250)
    const whole = (await device.rows()).filter((row) => row.have !== undefined && row.summary)
    expect(whole.map((row) => row.job).sort()).toEqual(Array.from({ length: 100 }, (_, i) => job(151 + i)))
    expect(await device.changesOf(job(250))).toEqual([named(250)])
    expect(await device.changesOf(job(1))).toEqual([])
    expect(last()).toEqual({ kind: 'delivered' })
  })
  it('then hears only of what changed, and fetches it only where it is whole here', async () => {
    const { kept, sync, device, received, rows, asked } = await setUp()
    fill(kept, 150)
    await sync.round()
    rows.length = received.length = asked.length = 0
    await sync.round()
    expect([rows, received, asked]).toEqual([[], [], ['newer']])
    // An old job is worked on again: it is among the latest now, so it becomes whole.
    kept.push(named(1, 900))
    await sync.round()
    expect(rows.map(({ job: id, summary }) => [id, summary?.at])).toEqual([[job(1), 900]])
    expect(received).toEqual([named(1), named(1, 900)])
    expect(await device.row(job(1))).toMatchObject({ have: 151 })
  })
  it('edits made here keep their summary until they are delivered', async () => {
    const { kept, sync, device, state } = await setUp()
    fill(kept, 2)
    await sync.round()
    state.refuses.add('mine')
    const mine = { ...named(1, 700), id: 'mine', value: 'Mine' }
    await device.keep([mine])
    await device.note([{ ...summaryOf(mine.job, [mine], foldJob([mine])), title: 'Mine' }])
    kept.push({ ...named(1, 500), value: 'Theirs' })
    await sync.round()
    expect((await device.row(job(1)))?.summary?.title).toBe('Mine')
    expect((await device.changesOf(job(1))).map((c) => c.value).sort()).toEqual(['Job 1', 'Mine', 'Theirs'])
    await device.letGo(['mine'])
    kept.push({ ...named(1, 800), value: 'Again' })
    await sync.round()
    expect((await device.row(job(1)))?.summary?.title).toBe('Again')
  })
  it('another database: what is whole here is delivered, of the rest nothing is left but what the other one says', async () => {
    const { kept, sync, device, state } = await setUp()
    fill(kept, 150)
    await sync.round()
    kept.length = 0
    state.store = 'second'
    fill(kept, 1)
    await sync.round()
    expect(new Set(kept.map((c) => c.job)).size).toBe(101)
    expect((await device.rows()).filter((row) => row.summary)).toHaveLength(101)
  })
  it('the van is whole on every phone, however old it is', async () => {
    const { kept, sync, device } = await setUp()
    kept.push({
      ...change(1),
      id: 'shelf',
      job: VAN_ID,
      path: ['settings', 'hertz'],
      value: 50,
    })
    fill(kept, 150)
    await sync.round()
    expect((await device.changesOf(VAN_ID)).map((c) => c.id)).toEqual(['shelf'])
  })
})

describe('what is whole here', () => {
  const DAY = 86_400_000
  const now = 100 * DAY
  const summary = (n: number) => ({
    ...summaryOf('x', [change(n)], foldJob([])),
    job: `job-${n}` as Change['job'],
  })
  it('is let go of when it is old, delivered, and not kept by hand; what was opened of late stays', async () => {
    const device = await memoryDevice()
    const numbers = Array.from({ length: 104 }, (_, i) => i + 1)
    for (const n of numbers) await device.keep([{ ...change(n), job: `job-${n}` as Change['job'] }])
    await device.note(numbers.map(summary))
    await device.markDelivered(numbers.filter((n) => n !== 2).map((n) => `id-${n}`))
    await device.keepHere('job-1', true)
    await device.markOpened('job-3', now - 29 * DAY)
    await device.markOpened('job-4', now - 31 * DAY)
    // The latest hundred are 5 to 104; 1 is kept, 2 is not delivered, 3 was opened of late.
    expect(await device.dropOld(now)).toBe(1)
    expect(await device.changesOf('job-4')).toEqual([])
    expect((await device.row('job-4'))?.have).toBeUndefined()
    expect((await device.rows()).filter((row) => row.have !== undefined)).toHaveLength(103)
    await device.keepHere('job-1', false)
    expect(await device.dropOld(now)).toBe(1)
    expect((await device.all()).map((c) => c.id)).not.toContain('id-1')
  })
})
