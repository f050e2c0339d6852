// Brings this device and the server together: what is undelivered goes up, what is new comes down.
// One round at a time; a round that is asked for while one runs follows it, so that no edit waits for the clock.
import type { Change } from '@oak/core/job/change'
import type { DeviceStore } from './device-store'
import type { Refusal, Server, Stamp, TimeHeard } from './server'

/** `refused`: the server will not take some changes; they stay on the device, and are said. */
export type SyncState =
  | { readonly kind: 'starting' }
  | { readonly kind: 'delivered' }
  | { readonly kind: 'waiting'; readonly count: number }
  | { readonly kind: 'refused'; readonly message: string; readonly count: number; readonly waiting: number }

export interface Sync {
  readonly round: () => Promise<void>
}

export interface SyncPorts {
  readonly device: DeviceStore
  readonly server: Server
  /** The shop's time. */
  readonly now: () => number
  readonly onReceived: (changes: Change[]) => void
  readonly onRestamped: (stamps: readonly Stamp[]) => void
  readonly onState: (state: SyncState) => void
  readonly onTime: (time: TimeHeard) => void
}

/** So many at a time: begins small, doubles while the way carries it, halves when it does not. */
class Amount {
  constructor(
    private size: number,
    private readonly least: number,
    private readonly most: number,
  ) {}
  get now(): number {
    return this.size
  }
  grow(): void {
    this.size = Math.min(this.most, this.size * 2)
  }
  /** False: it was the least already. */
  shrink(): boolean {
    if (this.size <= this.least) return false
    this.size = Math.max(this.least, Math.floor(this.size / 2))
    return true
  }
}

export function createSync(ports: SyncPorts): Sync {
  const { device, onState } = ports
  const up = new Amount(50, 1, 200)
  const down = new Amount(100, 10, 500)
  let running: Promise<void> | null = null
  let again = false

  async function once(): Promise<void> {
    await push(ports, up)
    const reached = await pull(ports, down)
    if (reached === 'another server') return void (again = true)
    const left = (await device.undelivered()).length
    const refused = await device.refused()
    const [first] = refused
    if (first)
      onState({
        kind: 'refused',
        message: first.message,
        count: refused.length,
        waiting: left - refused.length,
      })
    else onState(left === 0 && reached === 'all' ? { kind: 'delivered' } : { kind: 'waiting', count: left })
  }

  async function loop(): Promise<void> {
    do {
      again = false
      await once()
    } while (again)
  }

  return {
    round() {
      if (running) again = true
      else running = loop().finally(() => (running = null))
      return running ?? Promise.resolve()
    },
  }
}

/** Sends what is due, the oldest first. What the server refuses it names; the rest of the batch is delivered. */
async function push({ device, server, now, onRestamped, onTime }: SyncPorts, amount: Amount): Promise<void> {
  const waiting = (await device.due(now())).sort((a, b) => a.at - b.at)
  while (waiting.length > 0) {
    const batch = waiting.slice(0, amount.now)
    const answer = await server.put(batch)
    if (answer.kind === 'unreachable') return
    if (answer.kind === 'too-much') {
      // One change alone that the server will not even read is refused; one that the way does not carry waits.
      const alone = batch.length === 1 ? batch[0] : undefined
      if (alone && answer.message !== null)
        await device.markRefused([refusalOf(alone, answer.message)], now())
      if (alone && answer.message !== null) waiting.shift()
      else if (!amount.shrink()) return
      continue
    }
    if (answer.time) onTime(answer.time)
    await device.markDelivered(answer.taken)
    if (answer.restamped.length > 0) {
      await device.restamp(answer.restamped)
      onRestamped(answer.restamped)
    }
    if (answer.refused.length > 0) await device.markRefused(answer.refused, now())
    waiting.splice(0, batch.length)
    amount.grow()
  }
}

const refusalOf = ({ id }: Change, message: string): Refusal => ({ id, message })

/** Fetches what is new. When another database answers than last time, or one that ends before this device's place, delivery starts over first. */
async function pull(
  { device, server, onReceived, onTime }: SyncPorts,
  amount: Amount,
): Promise<'all' | 'unreachable' | 'another server'> {
  for (;;) {
    const cursor = Number((await device.fact('cursor')) ?? 0)
    const page = await server.after(cursor, amount.now)
    if (page === 'late' && amount.shrink()) continue
    if (page === 'late' || page === 'unreachable') return 'unreachable'
    if (page.time) onTime(page.time)
    const known = await device.fact('store')
    // The first one ever: what was sent just now went to it.
    if (known === undefined) await device.setFact('store', page.store)
    else if (page.store !== known || page.last < cursor) {
      await device.startOver(page.store)
      return 'another server'
    }
    if (page.next > cursor) await device.receive(page.changes, page.next)
    if (page.changes.length > 0) onReceived(page.changes)
    if (!page.more) return 'all'
    amount.grow()
  }
}
