// What a round of delivery works with, and how far it gets.
import type { Change } from '@oak/core/job/change'
import type { JobRow } from './device-db'
import type { DeviceStore } from './device-store'
import type { Server, Stamp, TimeHeard } from './server'

/** `refused`: the server will not take some changes; they stay on the device, and are said. */
export type SyncState =
  | { readonly kind: 'starting' }
  | { readonly kind: 'delivered' }
  | { readonly kind: 'waiting'; readonly count: number }
  | { readonly kind: 'refused'; readonly message: string; readonly count: number; readonly waiting: number }

export interface SyncPorts {
  readonly device: DeviceStore
  readonly server: Server
  /** The shop's time. */
  readonly now: () => number
  readonly onReceived: (changes: Change[]) => void
  /** What is known of these jobs now. */
  readonly onNews: (rows: readonly JobRow[]) => void
  /** Another server: rows of jobs that are not whole here are gone. */
  readonly onStartedOver: () => Promise<void>
  readonly onRestamped: (stamps: readonly Stamp[]) => void
  readonly onState: (state: SyncState) => void
  readonly onTime: (time: TimeHeard) => void
}
