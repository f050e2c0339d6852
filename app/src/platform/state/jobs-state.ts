// What the app holds of the jobs while it runs.
import type { Change } from '@oak/core/job/change'
import type { JobDocument } from '@oak/core/job/document'
import type { JobSummary } from '@oak/core/job/summary/summary'
import type { VanDocument } from '@oak/core/job/van'
import type { RefusedChange } from '../sync/device-store'
import type { SyncState } from '../sync/sync-ports'

export interface JobEntry {
  readonly id: string
  readonly changes: readonly Change[]
  readonly document: JobDocument
}

export interface VanState {
  readonly changes: readonly Change[]
  readonly document: VanDocument
  /** What is left of each line, by line id. */
  readonly left: Readonly<Record<string, number>>
}

/** What is known of every job, open or not. */
export interface JobList {
  readonly summaries: ReadonlyMap<string, JobSummary>
  /** Every job that this device knows is in it; false while it is still being read. */
  readonly isWhole: boolean
}

export interface JobsState {
  readonly ready: boolean
  /** Every job that this device knows of. */
  readonly list: JobList
  /** Those that were opened on this page, whole. */
  readonly jobs: Readonly<Record<string, JobEntry>>
  /** Jobs that are shown and not kept: they count nowhere, and are gone with the page. */
  readonly examples: Readonly<Record<string, JobEntry>>
  readonly van: VanState
  readonly sync: SyncState
  /** Pictures that the server does not have yet. */
  readonly photosWaiting: number
  /** What the server would not take. */
  readonly refused: readonly RefusedChange[]
  /** How far this device's clock is from the server's, ms: the server's less its own. */
  readonly clockOffset: number
  /** What that was when somebody looked at it; null: never. */
  readonly clockSeen: number | null
  /** The last edit that was not acceptable, and why; a new value each time. */
  readonly notTaken: { readonly text: string } | null
  /** The device could not keep an edit: what it said. */
  readonly trouble: string | null
  readonly technician: string
}
