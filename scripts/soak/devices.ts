// Simulated devices on one server: links that are cut, lose answers, repeat, reorder and carry half; clocks from 40 days behind to a
// year ahead. In the end all show the same jobs, and every edit is on record.
import type { Change } from '../../core/job/change'
import * as v from 'valibot'
import { foldJob } from '../../core/job/fold'
import { JobSummarySchema } from '../../core/job/summary/summary'
import { createJobs, type Jobs } from '../../app/src/platform/state/jobs'
import { openJob } from '../../app/src/platform/state/open-jobs'
import { offsetFrom } from '../../app/src/platform/sync/clock'
import type { DeviceStore } from '../../app/src/platform/sync/device-store'
import type { PutAnswer, Server, TimeHeard } from '../../app/src/platform/sync/server'
import { createSync, type Sync } from '../../app/src/platform/sync/sync'
import { memoryDevice } from '../../app/src/platform/sync/testing/memory-device'
import { accessOf, type Access } from '../../server/access/access'
import { judgeChanges } from '../../server/access/may-write'
import type { SignedIn } from '../../server/access/who'
import { changeStore, type ChangeStore } from '../../server/store/change-store'
import type { Database } from '../../server/store/database'
import { jobIndex, type JobIndex } from '../../server/store/jobs/index-jobs'
import { jobStore, type JobStore } from '../../server/store/jobs/job-store'
import { chance, type Chance } from './random'

const [MINUTE, DAY] = [60_000, 86_400_000]
/** When it all begins, by the server's clock. */
const START = Date.UTC(2026, 6, 14, 8)
/** How far each device's clock is from the server's. */
const CLOCKS = [0, -40 * DAY, 365 * DAY, 4 * MINUTE, -3 * MINUTE, 20 * MINUTE, -1 * DAY]

/** One process of the server. */
interface Process {
  readonly store: ChangeStore
  readonly jobs: JobStore
  readonly index: JobIndex
  readonly access: Access
  readonly db: Database
}

interface World {
  readonly random: Chance
  readonly name: string
  time: number
  isCalm: boolean
}

interface Device {
  readonly jobs: Jobs
  readonly store: DeviceStore
  readonly sync: Sync
}

/** What the server does with a batch: whose it is, and what that person may write, before it is kept. */
const putAs =
  ({ store, access, db }: Process, who: SignedIn) =>
  async (changes: readonly Change[]) => {
    const { allowed, refused } = await judgeChanges({ db, access, who }, changes)
    const kept = await store.put(allowed, who)
    return {
      ...kept,
      refused: [...refused, ...kept.clashes.map((id) => ({ id, message: 'here with other contents' }))],
    }
  }

interface Link {
  readonly world: World
  /** The process that this device reaches. */
  readonly process: Process
  readonly who: SignedIn
}

/** The server through a link that is as bad as links get, until it is calm. */
function badLink(
  { world, process, who }: Link,
  heard: (time: () => number) => TimeHeard,
  clock: () => number,
): Server {
  const { random } = world
  const { jobs } = process
  const time = () => heard(clock)
  const put = putAs(process, who)
  return {
    async put(changes): Promise<PutAnswer> {
      const isBad = !world.isCalm
      if (isBad && random.maybe(0.25)) return { kind: 'unreachable' }
      let batch = [...changes]
      if (isBad && random.maybe(0.2)) batch.sort(() => random.next() - 0.5)
      // Cut in the middle: a part arrives, and nobody hears of it.
      const isCut = isBad && random.maybe(0.15)
      if (isCut) batch = batch.slice(0, random.below(batch.length))
      const { added, known, refused, restamped } = await put(batch)
      if (isBad && random.maybe(0.2)) await put(batch)
      if (isCut || (isBad && random.maybe(0.15))) return { kind: 'unreachable' }
      return { kind: 'answered', taken: [...added, ...known], refused, restamped, time: time() }
    },
    async news(asked, limit) {
      if (!world.isCalm && random.maybe(0.25)) return random.maybe(0.5) ? 'late' : 'unreachable'
      const page =
        'after' in asked ? await jobs.after(asked.after, limit) : await jobs.before(asked.before, limit)
      const rows = page.jobs.map(({ summary, ...one }) => ({
        ...one,
        summary: v.parse(JobSummarySchema, { ...(JSON.parse(summary ?? 'null') as object), job: one.job }),
      }))
      return {
        store: world.name,
        jobs: rows,
        last: page.last,
        more: page.jobs.length === limit,
        time: time(),
      }
    },
    async whole(asked, limit) {
      if (!world.isCalm && random.maybe(0.25)) return random.maybe(0.5) ? 'late' : 'unreachable'
      const page = await jobs.whole(asked, limit)
      return { store: world.name, ...page, time: time() }
    },
  }
}

async function device(world: World, process: Process, off: number, n: number): Promise<Device> {
  let offset = 0
  const own = () => world.time + off
  const now = () => own() + offset
  const store = await memoryDevice()
  const deviceId = `00000000-0000-4000-8000-00000000090${n}`
  let jobs: Jobs | null = null
  const who: SignedIn = { device: deviceId, person: `Person ${n}`, role: 'technician' }
  await process.access.devices.add({ id: deviceId, name: `Phone ${n}`, person: who.person, role: who.role })
  const server = badLink(
    { world, process, who },
    (clock) => ({ at: world.time, askedAt: clock(), heardAt: clock() }),
    own,
  )
  const sync = createSync({
    device: store,
    server,
    now,
    onReceived: (changes) => jobs?.take(changes),
    onNews: (rows) => jobs?.hear(rows.flatMap(({ summary }) => (summary ? [summary] : []))),
    onStartedOver: async () => jobs?.relist(),
    onRestamped: (stamps) => jobs?.restamp(stamps),
    onState: () => undefined,
    onTime: ({ at, askedAt, heardAt }) => (offset = offsetFrom(at, askedAt, heardAt)),
  })
  jobs = createJobs({ device: store, deviceId, now, onKept: () => undefined })
  return { jobs, store, sync }
}

const FIELDS = ['title', 'site', 'notes', 'owner'] as const

/** What the jobs hold, for comparison. */
const shownBy = ({ jobs }: Device): Record<string, unknown> =>
  Object.fromEntries(
    Object.values(jobs.store.getState().jobs)
      .map((entry) => [entry.id, FIELDS.map((field) => entry.document[field])] as const)
      .sort(([a], [b]) => (a < b ? -1 : 1)),
  )

/** Opens a job that this device has or can begin; false: it is elsewhere. */
async function opened({ jobs, store }: Device, job: string): Promise<boolean> {
  const row = await store.row(job)
  const nowhere = () => Promise.resolve(null)
  return (
    row === undefined ||
    (await openJob({ jobs, device: store, fetch: nowhere, look: nowhere, now: () => START }, job)) === 'here'
  )
}

const settle = () => new Promise((done) => setImmediate(done))

export interface ConvergeReport {
  readonly edits: number
  readonly wrong: readonly string[]
}

function processOn(db: Database, now: () => number): Process {
  const index = jobIndex(db)
  return {
    db,
    index,
    store: changeStore(db, { now, index }),
    jobs: jobStore(db),
    access: accessOf(db, { now, isSecure: false }),
  }
}

export interface ConvergeOptions {
  readonly count: number
  readonly steps: number
  readonly seed: number
  /** One for each process of the server, all of the same shop. */
  readonly shops: readonly Database[]
}

export async function converge({ count, steps, seed, shops }: ConvergeOptions): Promise<ConvergeReport> {
  const random = chance(seed)
  const time = { now: START }
  const processes = shops.map((db) => processOn(db, () => time.now))
  const [first] = processes as [Process]
  const world: World = { random, name: 'shop', time: START, isCalm: false }
  const devices = await Promise.all(
    Array.from({ length: count }, (_, i) =>
      device(world, processes[i % processes.length] ?? first, CLOCKS[i % CLOCKS.length] ?? 0, i),
    ),
  )
  const known = Array.from({ length: 6 }, () => random.uuid())
  const written: string[] = []
  for (let step = 0; step < steps; step++) {
    time.now = world.time += random.below(10 * MINUTE)
    for (const one of devices) {
      if (random.maybe(0.7)) {
        const value = `step ${step}`
        const job = random.pick(known)
        // As a person does: a job is opened before it is edited; what is elsewhere waits for another day.
        if (await opened(one, job)) one.jobs.edit(job, [{ path: [random.pick(FIELDS)], value }])
        await settle()
      }
      if (random.maybe(0.5)) await one.sync.round()
    }
  }
  for (const one of devices) written.push(...(await one.store.all()).map((c) => c.id))
  world.isCalm = true
  // Each delivers, then each fetches what the others did.
  for (let round = 0; round < 3; round++)
    for (const one of devices) {
      time.now = world.time += MINUTE
      await one.sync.round()
      for (const job of known) await opened(one, job)
    }
  const wrong = await compare(first.store, devices, new Set(written))
  for (const { index } of processes) await index.rest()
  return { edits: new Set(written).size, wrong }
}

async function compare(
  store: ChangeStore,
  devices: readonly Device[],
  written: ReadonlySet<string>,
): Promise<string[]> {
  const all: Change[] = []
  for (let after = 0; ;) {
    const page = await store.after(after, 500)
    all.push(...page.changes)
    if (page.next >= page.last) break
    after = page.next
  }
  const ids = new Set(all.map((c) => c.id))
  const wrong = [...written].filter((id) => !ids.has(id)).map((id) => `Edit ${id} is not on the server.`)
  if (ids.size !== all.length) wrong.push('A change is on the server twice.')
  const ahead = all.filter((c) => c.at > START + 365 * DAY - DAY)
  if (ahead.length > 0) wrong.push(`${ahead.length} changes claim a time that has not come.`)
  const folded = Object.fromEntries(
    [...new Set(all.map((c) => c.job))].sort().map((job) => {
      const document = foldJob(all.filter((c) => c.job === job))
      return [job, FIELDS.map((field) => document[field])]
    }),
  )
  for (const [i, one] of devices.entries()) {
    if (JSON.stringify(shownBy(one)) !== JSON.stringify(folded))
      wrong.push(`Device ${i} shows other jobs than the server.`)
    const waiting = (await one.store.undelivered()).length
    if (waiting > 0) wrong.push(`Device ${i} still has ${waiting} edits to deliver.`)
  }
  return wrong
}
