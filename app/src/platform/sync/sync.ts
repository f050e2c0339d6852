// Brings this device and the server together: what is undelivered goes up, what is new comes down.
// One round at a time; a round that is asked for while one runs follows it, so that no edit waits for the clock.
import type { Change } from '@oak/core/job/change'
import type { DeviceStore } from './device-store'
import type { Server } from './server'

/** `refused`: the server will not take a change; it stays on the device and is said. */
export type SyncState =
  | { readonly kind: 'starting' }
  | { readonly kind: 'delivered' }
  | { readonly kind: 'waiting'; readonly count: number }
  | { readonly kind: 'refused'; readonly message: string; readonly count: number }

export interface Sync {
  readonly round: () => Promise<void>
}

const BATCH = 200

export function createSync(
  device: DeviceStore,
  server: Server,
  onReceived: (changes: Change[]) => void,
  onState: (state: SyncState) => void,
): Sync {
  let running: Promise<void> | null = null
  let again = false

  async function once(): Promise<void> {
    const refusal = await push(device, server)
    const reached = await pull(device, server, onReceived)
    if (reached === 'another server') return void (again = true)
    const left = (await device.undelivered()).length
    if (refusal !== null && left > 0) onState({ kind: 'refused', message: refusal, count: left })
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

/** Sends what is undelivered. A batch that is refused is sent one by one, so that one bad change holds up no other. */
async function push(device: DeviceStore, server: Server): Promise<string | null> {
  const waiting = (await device.undelivered()).sort((a, b) => a.at - b.at)
  let refusal: string | null = null
  for (let i = 0; i < waiting.length; i += BATCH) {
    const batch = waiting.slice(i, i + BATCH)
    const answer = await server.put(batch)
    if (answer.kind === 'unreachable') return refusal
    if (answer.kind === 'kept') await device.markDelivered(batch.map((c) => c.id))
    else refusal = (await pushSingly(device, server, batch)) ?? refusal
  }
  return refusal
}

async function pushSingly(
  device: DeviceStore,
  server: Server,
  batch: readonly Change[],
): Promise<string | null> {
  let refusal: string | null = null
  for (const change of batch) {
    const answer = await server.put([change])
    if (answer.kind === 'unreachable') return refusal
    if (answer.kind === 'kept') await device.markDelivered([change.id])
    else refusal = answer.message
  }
  return refusal
}

/** Fetches what is new. When another database answers than last time, nothing is taken: delivery starts over first. */
async function pull(
  device: DeviceStore,
  server: Server,
  onReceived: (changes: Change[]) => void,
): Promise<'all' | 'unreachable' | 'another server'> {
  for (;;) {
    const cursor = Number((await device.fact('cursor')) ?? 0)
    const page = await server.after(cursor)
    if (!page) return 'unreachable'
    if (page.store !== (await device.fact('store'))) {
      await device.startOver(page.store)
      return 'another server'
    }
    if (page.changes.length > 0) {
      await device.receive(page.changes, page.next)
      onReceived(page.changes)
    }
    if (!page.more) return 'all'
  }
}
