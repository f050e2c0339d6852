// The shop's phones and desks: how each signs in, renews its key, and is taken off the list.
import type { Role } from '@oak/core/crew/roles'
import type { Database } from '../store/database'
import { prepared } from '../store/prepared'
import type { DeviceTable } from '../store/tables'
import type { Audit } from './audit'
import { hashOf, isSame, newSecret } from './secret'
import type { SignedIn } from './who'

/** As the owner sees it. */
export type DeviceRow = Omit<DeviceTable, 'key' | 'before' | 'next' | 'renewed'>

export interface NewDevice {
  readonly id: string
  readonly name: string
  readonly person: string
  readonly role: Role
}

export interface Devices {
  /** Who that is, or why nobody. */
  readonly signIn: (id: string, secret: string) => Promise<SignedIn | 'not-paired' | 'revoked' | 'copied'>
  /** A new device's key; null: there is one of that id already. */
  readonly add: (device: NewDevice) => Promise<string | null>
  /** The key that it signs in with from its next question on. */
  readonly renew: (id: string) => Promise<string>
  /** false: there is none to take off. */
  readonly revoke: (id: string) => Promise<boolean>
  /** It says that nothing of the shop is on it any more. */
  readonly wiped: (id: string, secret: string) => Promise<boolean>
  readonly list: () => Promise<DeviceRow[]>
  /** Is it on the list and not taken off? */
  readonly isOfShop: (id: string) => Promise<boolean>
  readonly hasOwner: () => Promise<boolean>
}

/** When it was last heard of is written this seldom, ms. */
const SEEN_EVERY_MS = 60_000
/** Its other tabs, and what is on the way, may come with the key before for so long, ms. Our judgement. */
const GRACE_MS = 2 * 60_000

type Fit = 'key' | 'next' | 'before' | null

function fitOf(row: DeviceTable, secret: string): Fit {
  const hash = hashOf(secret)
  for (const kind of ['key', 'next', 'before'] as const) if (row[kind] && isSame(row[kind], hash)) return kind
  return null
}

function signingIn(db: Database, audit: Audit, now: () => number): Devices['signIn'] {
  const change = (id: string, to: Partial<DeviceTable>) =>
    db.updateTable('device').set(to).where('id', '=', id).execute()

  async function lockOut(row: DeviceTable): Promise<'copied'> {
    await change(row.id, { revoked: now(), why: 'copied' })
    await audit.note({ device: row.id, person: row.person, role: row.role }, 'key copied', row.name)
    return 'copied'
  }

  const find = prepared(db, (id: string) => db.selectFrom('device').selectAll().where('id', '=', id))
  return async (id, secret) => {
    const [row] = await find(id)
    const fit = row ? fitOf(row, secret) : null
    if (!row || !fit) return 'not-paired'
    if (row.revoked !== null) return row.why === 'copied' ? 'copied' : 'revoked'
    if (fit === 'before' && now() > row.renewed + GRACE_MS) return lockOut(row)
    // It has the new key: the one before is done with.
    if (fit === 'next')
      await change(id, {
        key: row.next ?? row.key,
        before: row.key,
        next: null,
        renewed: now(),
        seen: now(),
      })
    else if (now() >= row.seen + SEEN_EVERY_MS) await change(id, { seen: now() })
    return { device: id, person: row.person, role: row.role }
  }
}

export function devicesOf(db: Database, audit: Audit, now: () => number): Devices {
  const find = (id: string) => db.selectFrom('device').selectAll().where('id', '=', id).executeTakeFirst()
  const change = (id: string, to: Partial<DeviceTable>) =>
    db.updateTable('device').set(to).where('id', '=', id).execute()

  const signIn = signingIn(db, audit, now)
  return {
    signIn,
    async add({ id, name, person, role }) {
      const secret = newSecret()
      const at = now()
      const inserted = await db
        .insertInto('device')
        .values({
          ...{ id, name, person, role, key: hashOf(secret), before: null, next: null },
          ...{ renewed: at, paired: at, seen: at, revoked: null, why: null, wiped: null },
        })
        .onConflict((c) => c.column('id').doNothing())
        .executeTakeFirst()
      return inserted.numInsertedOrUpdatedRows === 1n ? secret : null
    },
    async renew(id) {
      const secret = newSecret()
      await change(id, { next: hashOf(secret) })
      return secret
    },
    async revoke(id) {
      const done = await db
        .updateTable('device')
        .set({ revoked: now(), why: 'owner' })
        .where('id', '=', id)
        .where('revoked', 'is', null)
        .executeTakeFirst()
      await db.deleteFrom('session').where('device', '=', id).execute()
      return done.numUpdatedRows === 1n
    },
    async wiped(id, secret) {
      const row = await find(id)
      if (!row || row.revoked === null || !fitOf(row, secret)) return false
      await change(id, { wiped: now(), seen: now() })
      await audit.note({ device: id, person: row.person, role: row.role }, 'wiped', row.name)
      return true
    },
    list: () =>
      db
        .selectFrom('device')
        .select(['id', 'name', 'person', 'role', 'paired', 'seen', 'revoked', 'why', 'wiped'])
        .orderBy('paired')
        .execute(),
    async isOfShop(id) {
      const row = await find(id)
      return row !== undefined && row.revoked === null
    },
    async hasOwner() {
      const owner = await db
        .selectFrom('device')
        .select('id')
        .where('role', '=', 'owner')
        .where('revoked', 'is', null)
        .executeTakeFirst()
      return owner !== undefined
    },
  }
}
