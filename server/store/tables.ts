// The rows of the shop's tables, the same on every database.
import type { Generated } from 'kysely'
import type { JobId } from '@oak/core/job/job-id'
import type { Role } from '@oak/core/crew/roles'
import type { Act } from '../access/acts'

export interface ChangeTable {
  /** Order of arrival at this server; what a device asks "after" of. */
  seq: Generated<number>
  id: string
  job: JobId
  /** JSON list of names. */
  path: string
  /** JSON. */
  value: string
  at: number
  /** The stamp that it came with, where the server gave it another. */
  claimed: number | null
  device: string
  technician: string
  received: Generated<string>
  /** The device that delivered it, where that is not the one that wrote it. */
  brought_by: Generated<string | null>
}

export interface PhotoTable {
  id: string
  /** A JPEG, as the device drew it. */
  bytes: Buffer
  received: Generated<string>
  brought_by: Generated<string | null>
}

/** What is known of a job without its changes; `listed` 0: the van, or one that was put away. */
export interface JobTable {
  num: Generated<number>
  id: JobId
  /** 1: changes came since this was worked out. */
  stale: number
  /** Grows with every summary that is written; what a device asks "after" of. null: not worked out yet. */
  rev: number | null
  /** Of the last change that is in it. */
  seq: Generated<number>
  /** JSON; null: the van has none. */
  summary: string | null
  listed: Generated<number>
  proven: Generated<number>
  at: Generated<number>
  title: Generated<string>
  site: Generated<string>
  unit: Generated<string>
  technician: Generated<string>
  next: Generated<string>
  /** All that it is found by, in small letters. */
  words: Generated<string>
  /** Who wrote the first of its changes that came here. */
  begun_by: Generated<string>
}

/** A phone or desk of the shop. Times in ms since 1970. */
export interface DeviceTable {
  id: string
  /** What it is called in the shop. */
  name: string
  person: string
  role: Role
  /** Hash of the key that it signs in with; of the one before, and of one that it was given and has not used yet. */
  key: string
  before: string | null
  next: string | null
  renewed: number
  paired: number
  seen: number
  revoked: number | null
  why: 'owner' | 'copied' | null
  /** When it said that nothing of the shop is on it any more. */
  wiped: number | null
}

/** A code that pairs one phone with the shop. */
export interface CodeTable {
  id: string
  hash: string
  person: string
  role: Role
  ends: number
  used: number | null
}

export interface SessionTable {
  hash: string
  device: string
  made: number
  seen: number
}

export interface AuditTable {
  seq: Generated<number>
  at: number
  act: Act
  device: string | null
  person: string
  role: string
  about: string
}

/** What a round of practice showed. */
export interface PracticeTable {
  id: string
  device: string
  person: string
  at: number
  state: 'hurt' | 'handed-over'
  total: number
  /** JSON: a mark for each skill. */
  skills: string
}

export interface AttemptTable {
  seq: Generated<number>
  /** What was tried, and by whom where that counts. */
  what: string
  at: number
}

export interface Tables {
  change: ChangeTable
  job: JobTable
  /** The words that jobs are found by, part by part; its rowid is the job's `num`. Kept by the database itself. */
  job_words: { rowid: number; words: string }
  photo: PhotoTable
  /** One row: the name of this database. */
  identity: { id: string }
  /** One row: the name of the shop, which stays when its database is put back from a copy, and when it was, ms since 1970; 0: never. */
  shop: { id: string; password: string | null; restored: number }
  device: DeviceTable
  code: CodeTable
  session: SessionTable
  audit: AuditTable
  practice: PracticeTable
  attempt: AttemptTable
}
