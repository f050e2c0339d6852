// What becomes of changes that a device delivers: who wrote them is set here, and what its person may not write is refused by name.
import type { Change } from '@oak/core/job/change'
import type { JobId } from '@oak/core/job/job-id'
import { VAN_ID } from '@oak/core/job/van'
import { writingRefused } from '@oak/core/crew/roles'
import type { Database } from '../store/database'
import type { Access } from './access'
import type { SignedIn } from './who'

export interface Judged {
  readonly allowed: readonly Change[]
  readonly refused: readonly { readonly id: string; readonly path: string; readonly message: string }[]
}

const ANOTHERS =
  'This was entered on another phone of the shop. It delivers that itself, so that nobody writes under its name.'

async function begunBy(db: Database, jobs: readonly JobId[]): Promise<Map<JobId, string>> {
  if (jobs.length === 0) return new Map()
  const rows = await db
    .selectFrom('job')
    .select(['id', 'begun_by'])
    .where('id', 'in', [...jobs])
    .execute()
  return new Map(rows.map((row) => [row.id, row.begun_by]))
}

async function known(db: Database, changes: readonly Change[]): Promise<ReadonlySet<string>> {
  const rows = await db
    .selectFrom('change')
    .select('id')
    .where(
      'id',
      'in',
      changes.map(({ id }) => id),
    )
    .execute()
  return new Set(rows.map(({ id }) => id))
}

export interface JudgedBy {
  readonly db: Database
  readonly access: Access
  readonly who: SignedIn
}

/** Of a device that is signed in at a paired server. */
export async function judgeChanges(
  { db, access, who }: JudgedBy,
  changes: readonly Change[],
): Promise<Judged> {
  const foreign = changes.filter(({ device }) => device !== who.device)
  const here = foreign.length > 0 ? await known(db, foreign) : new Set<string>()
  const owners = await begunBy(db, [...new Set(changes.map(({ job }) => job))])
  const restored = foreign.length > 0 && (await access.wasRestored())
  const living = new Map<string, boolean>()
  async function isAnothers(change: Change): Promise<boolean> {
    // What is here already is compared with what is kept, and changes nothing.
    if (change.device === who.device || here.has(change.id) || restored) return false
    const held = living.get(change.device) ?? (await access.devices.isOfShop(change.device))
    living.set(change.device, held)
    return held
  }
  const allowed: Change[] = []
  const refused: Judged['refused'][number][] = []
  for (const change of changes) {
    const isOwn = (owners.get(change.job) ?? who.person) === who.person
    const message = (await isAnothers(change))
      ? ANOTHERS
      : writingRefused(who.role, { isVan: change.job === VAN_ID, isOwn, path: change.path })
    if (message) refused.push({ id: change.id, path: 'job', message })
    else allowed.push(change.device === who.device ? { ...change, technician: who.person } : change)
  }
  // Once for all of them: a phone asks again for what was refused.
  if (refused.length > 0)
    await access.audit.note(who, 'not allowed', `${refused.length} of ${changes.length} edits`)
  return { allowed, refused }
}
