// The tabs of this app on one device: what one edits or receives, all show; one at a time speaks with the server.
import type { Change } from '@oak/core/job/change'
import type { JobSummary } from '@oak/core/job/summary/summary'
import type { RefusedChange } from './device-store'
import type { Stamp } from './server'
import type { SyncState } from './sync-ports'

export type TabMessage =
  /** Edited here: to be shown and delivered. */
  | {
      readonly kind: 'edited'
      readonly changes: readonly Change[]
      readonly summaries: readonly JobSummary[]
    }
  | { readonly kind: 'received'; readonly changes: readonly Change[] }
  /** What is known of these jobs now. */
  | { readonly kind: 'news'; readonly summaries: readonly JobSummary[] }
  /** What is known of all jobs is to be read anew. */
  | { readonly kind: 'started over' }
  | { readonly kind: 'restamped'; readonly stamps: readonly Stamp[] }
  | { readonly kind: 'dropped'; readonly ids: readonly string[]; readonly jobs: readonly string[] }
  | { readonly kind: 'delivery'; readonly delivery: Delivery }

/** How far the device's work has got. */
export interface Delivery {
  readonly sync: SyncState
  readonly refused: readonly RefusedChange[]
  readonly photosWaiting: number
  readonly clockOffset: number
}

export interface Tabs {
  readonly tell: (message: TabMessage) => void
  readonly onMessage: (hear: (message: TabMessage) => void) => void
}

export function openTabs(name = 'oak-switch'): Tabs {
  const channel = new BroadcastChannel(name)
  return {
    tell: (message) => channel.postMessage(message),
    onMessage: (hear) => {
      channel.onmessage = (event: MessageEvent<TabMessage>) => hear(event.data)
    },
  }
}

/** Does the work if no other tab is doing it; true: it was done here. Browsers without locks have it done by each: it harms nothing. */
export async function alone(name: string, work: () => Promise<void>): Promise<boolean> {
  // Not there on a page that was not opened safely, whatever the types say.
  const locks = (navigator as { readonly locks?: LockManager }).locks
  if (!locks) {
    await work()
    return true
  }
  return locks.request(name, { ifAvailable: true }, async (lock) => {
    if (lock) await work()
    return lock !== null
  })
}
