// Brings what this device keeps to the server and back, and tells the other tabs. Changes and pictures go apart: a slow picture holds
// up no change.
import type { Change } from '@oak/core/job/change'
import type { JobSummary } from '@oak/core/job/summary/summary'
import { Amount } from '../sync/amount'
import { setClockOffset, clockOffset, offsetFrom, shopNow } from '../sync/clock'
import type { DeviceStore } from '../sync/device-store'
import { httpPhotos } from '../sync/photo-http'
import type { PhotoShelf } from '../sync/photo-shelf'
import { deliverPhotos } from '../sync/photo-sync'
import { httpServer, type TimeHeard } from '../sync/server'
import { fetchJobs, lookAt } from '../sync/pull'
import { createSync } from '../sync/sync'
import type { SyncPorts } from '../sync/sync-ports'
import { alone, openTabs, type Delivery, type TabMessage, type Tabs } from '../sync/tabs'
import type { Jobs } from './jobs'

const ROUND_EVERY_MS = 4000
/** It is kept here already; the page answers the thumb first. */
const AFTER_EDIT_MS = 250
/** Pictures that are refused or stuck are asked about less often. */
const PHOTOS_EVERY_MS = 15_000

const OFFSET = 'clock offset'
const SEEN = 'clock seen'

/** Stamps go by what the server last said of this clock, also before it is reached again. */
export async function recallClock(device: DeviceStore): Promise<void> {
  const kept = await device.fact(OFFSET)
  setClockOffset(typeof kept === 'number' ? kept : 0)
}

/** How wrong the clock was when it was looked at; null: never. */
export async function recallSeen(device: DeviceStore): Promise<number | null> {
  const kept = await device.fact(SEEN)
  return typeof kept === 'number' ? kept : null
}
export const keepSeen = (device: DeviceStore, offset: number): Promise<void> => device.setFact(SEEN, offset)

export interface DeliveryPorts {
  readonly jobs: Jobs
  readonly device: DeviceStore
  readonly photos: PhotoShelf
  readonly deviceId: string
}

export interface Deliverer {
  /** Edited here: the other tabs show it, and it goes to the server. */
  readonly edited: (changes: readonly Change[], summaries: readonly JobSummary[]) => void
  readonly round: () => void
  readonly pictures: () => void
  readonly letGo: (ids: readonly string[]) => Promise<void>
  /** All that the server has of a job, now; how many changes came, null: it was not reached. */
  readonly fetch: (job: string) => Promise<number | null>
  /** The same of several, to look at and not to keep. */
  readonly look: (jobs: readonly string[]) => Promise<Change[] | null>
  readonly start: () => void
}

/** Another tab's news, taken over here. `round`: what it edited goes to the server by whichever of them is first. */
function hearTab(message: TabMessage, jobs: Jobs, round: () => void): void {
  switch (message.kind) {
    case 'edited':
      jobs.take(message.changes)
      jobs.hear(message.summaries)
      return round()
    case 'received':
      return jobs.take(message.changes)
    case 'news':
      return jobs.hear(message.summaries)
    case 'started over':
      return void jobs.relist()
    case 'restamped':
      return jobs.restamp(message.stamps)
    case 'dropped':
      return void jobs.drop(message.ids, message.jobs)
    case 'delivery':
      setClockOffset(message.delivery.clockOffset)
      return jobs.store.setState(message.delivery)
  }
}

/** Carries the pictures that wait, one run at a time; `tell` hears how many still do. */
function pictureCarrier({ device, photos, deviceId }: DeliveryPorts, tell: (waiting: number) => void) {
  let isCarrying = false
  return async (): Promise<void> => {
    if (isCarrying) return
    isCarrying = true
    try {
      await alone('oak-switch pictures', async () => {
        const store = await device.fact('store')
        const name = typeof store === 'string' ? store : null
        tell(await deliverPhotos(photos, httpPhotos(deviceId), name))
      })
    } finally {
      isCarrying = false
    }
  }
}

/** Takes over what the server says of this device's clock; null: it is no news. */
function heardOffset({ at, askedAt, heardAt }: TimeHeard): number | null {
  const offset = offsetFrom(at, askedAt, heardAt)
  // A link's own wavering is no news.
  const isWavering = offset !== 0 && Math.abs(offset - clockOffset()) <= heardAt - askedAt
  if (offset === clockOffset() || isWavering) return null
  setClockOffset(offset)
  return offset
}

/** What a round brings is taken over here, and told to the other tabs. */
function hearing(
  jobs: Jobs,
  tabs: Tabs,
): Pick<SyncPorts, 'onReceived' | 'onNews' | 'onStartedOver' | 'onRestamped'> {
  return {
    onReceived: (changes) => {
      jobs.take(changes)
      tabs.tell({ kind: 'received', changes })
    },
    onNews: (rows) => {
      const summaries = rows.flatMap(({ summary }) => (summary ? [summary] : []))
      jobs.hear(summaries)
      tabs.tell({ kind: 'news', summaries })
    },
    onStartedOver: async () => {
      await jobs.relist()
      tabs.tell({ kind: 'started over' })
    },
    onRestamped: (stamps) => {
      jobs.restamp(stamps)
      tabs.tell({ kind: 'restamped', stamps })
    },
  }
}

export function createDelivery(ports: DeliveryPorts): Deliverer {
  const { jobs, device, deviceId } = ports
  const tabs = openTabs()
  const failed = (error: unknown) => jobs.store.setState({ trouble: `Delivering failed: ${String(error)}` })

  function show(part: Partial<Delivery>): void {
    jobs.store.setState(part)
    const { sync, refused, photosWaiting } = jobs.store.getState()
    tabs.tell({ kind: 'delivery', delivery: { sync, refused, photosWaiting, clockOffset: clockOffset() } })
  }
  const carry = pictureCarrier(ports, (waiting) => {
    if (waiting !== jobs.store.getState().photosWaiting) show({ photosWaiting: waiting })
  })
  const pictures = () => void carry().catch(failed)

  const server = httpServer(deviceId)
  const heard = hearing(jobs, tabs)
  const sync = createSync({
    device,
    server,
    now: shopNow,
    ...heard,
    onState: (state) => {
      device
        .refused()
        .then((refused) => show({ sync: state, refused }))
        .catch(failed)
    },
    onTime: (time) => {
      const offset = heardOffset(time)
      if (offset === null) return
      show({ clockOffset: offset })
      device.setFact(OFFSET, offset).catch(failed)
    },
  })
  let soon: ReturnType<typeof setTimeout> | undefined
  let isRunning = false
  async function run(): Promise<void> {
    isRunning = true
    try {
      await alone('oak-switch rounds', () => sync.round())
    } finally {
      isRunning = false
    }
  }
  // While one runs here it is told, and another follows it: this tab's own lock would only turn the question away.
  const round = () => void (isRunning ? sync.round() : run()).then(pictures).catch(failed)
  tabs.onMessage((message) => hearTab(message, jobs, round))

  return {
    round,
    pictures,
    fetch: (job) => fetchJobs({ device, server, ...heard }, new Amount(500, 10, 2000), [{ job, seq: 0 }]),
    look: (jobsLooked) => lookAt(server, jobsLooked),
    edited(changes, summaries) {
      tabs.tell({ kind: 'edited', changes, summaries })
      clearTimeout(soon)
      soon = setTimeout(round, AFTER_EDIT_MS)
    },
    async letGo(ids) {
      const refused = (await device.refused()).filter(({ change }) => ids.includes(change.id))
      const touched = [...new Set(refused.map(({ change }) => change.job))]
      await device.letGo(ids)
      await jobs.drop(ids, touched)
      tabs.tell({ kind: 'dropped', ids, jobs: touched })
      show({ refused: await device.refused() })
      round()
    },
    start() {
      jobs.store.setState({ clockOffset: clockOffset() })
      round()
      setInterval(round, ROUND_EVERY_MS)
      setInterval(pictures, PHOTOS_EVERY_MS)
      window.addEventListener('online', round)
    },
  }
}
