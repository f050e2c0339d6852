// Brings what this device keeps to the server and back, and tells the other tabs. Changes and pictures go apart: a slow picture holds
// up no change.
import { setClockOffset, clockOffset, offsetFrom, shopNow } from '../sync/clock'
import type { DeviceStore } from '../sync/device-store'
import { httpPhotos } from '../sync/photo-http'
import type { PhotoShelf } from '../sync/photo-shelf'
import { deliverPhotos } from '../sync/photo-sync'
import { httpServer, type TimeHeard } from '../sync/server'
import { createSync } from '../sync/sync'
import { alone, openTabs, type Delivery } from '../sync/tabs'
import type { Jobs } from './jobs'

const ROUND_EVERY_MS = 4000
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
  readonly edited: (changes: Parameters<Jobs['take']>[0]) => void
  readonly round: () => void
  readonly pictures: () => void
  readonly letGo: (ids: readonly string[]) => Promise<void>
  readonly start: () => void
}

export function createDelivery({ jobs, device, photos, deviceId }: DeliveryPorts): Deliverer {
  const tabs = openTabs()
  const failed = (error: unknown) => jobs.store.setState({ trouble: `Delivering failed: ${String(error)}` })

  function show(part: Partial<Delivery>): void {
    jobs.store.setState(part)
    const { sync, refused, photosWaiting } = jobs.store.getState()
    tabs.tell({
      kind: 'delivery',
      delivery: { sync, refused, photosWaiting, clockOffset: clockOffset() },
    })
  }

  function hearTime({ at, askedAt, heardAt }: TimeHeard): void {
    const offset = offsetFrom(at, askedAt, heardAt)
    // A link's own wavering is no news.
    if (Math.abs(offset - clockOffset()) <= heardAt - askedAt && offset !== 0) return
    if (offset === clockOffset()) return
    setClockOffset(offset)
    show({ clockOffset: offset })
    device.setFact(OFFSET, offset).catch(failed)
  }

  const sync = createSync({
    device,
    server: httpServer(deviceId),
    now: shopNow,
    onReceived: (changes) => {
      jobs.take(changes)
      tabs.tell({ kind: 'received', changes })
    },
    onRestamped: (stamps) => {
      jobs.restamp(stamps)
      tabs.tell({ kind: 'restamped', stamps })
    },
    onState: (state) => {
      device
        .refused()
        .then((refused) => show({ sync: state, refused }))
        .catch(failed)
    },
    onTime: hearTime,
  })

  const round = () =>
    void alone('oak-switch rounds', () => sync.round())
      .then(pictures)
      .catch(failed)

  let carrying = false
  function pictures(): void {
    if (carrying) return
    carrying = true
    alone('oak-switch pictures', async () => {
      const store = await device.fact('store')
      const name = typeof store === 'string' ? store : null
      const waiting = await deliverPhotos(photos, httpPhotos(deviceId), name)
      if (waiting !== jobs.store.getState().photosWaiting) show({ photosWaiting: waiting })
    })
      .catch(failed)
      .finally(() => (carrying = false))
  }

  tabs.onMessage((message) => {
    switch (message.kind) {
      case 'edited':
        jobs.take(message.changes)
        return round()
      case 'received':
        return jobs.take(message.changes)
      case 'restamped':
        return jobs.restamp(message.stamps)
      case 'dropped':
        return jobs.drop(message.ids)
      case 'delivery':
        setClockOffset(message.delivery.clockOffset)
        return jobs.store.setState(message.delivery)
    }
  })

  return {
    round,
    pictures,
    edited(changes) {
      tabs.tell({ kind: 'edited', changes })
      round()
    },
    async letGo(ids) {
      await device.letGo(ids)
      jobs.drop(ids)
      tabs.tell({ kind: 'dropped', ids })
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
