// One-time codes that pair a phone with the shop.
import { randomUUID } from 'node:crypto'
import type { Role } from '@oak/core/crew/roles'
import type { Database } from '../store/database'
import type { Attempts } from './attempts'
import { hashOf, meantCode, newCode } from './secret'

/** Long enough to walk to the phone. */
export const CODE_LASTS_MS = 10 * 60_000
/** All wrong codes together within that time, whoever tried them: of 2 to the 40 they hit one in a hundred thousand million. */
const WRONG = { most: 60, withinMs: CODE_LASTS_MS }

export interface For {
  readonly person: string
  readonly role: Role
}
export interface MadeCode {
  readonly id: string
  readonly code: string
  readonly ends: number
}
export interface OpenCode extends For {
  readonly id: string
  readonly ends: number
}

export interface Codes {
  readonly make: (whom: For) => Promise<MadeCode>
  /** Codes that still pair somebody. */
  readonly open: () => Promise<OpenCode[]>
  readonly withdraw: (id: string) => Promise<boolean>
  /** Whom it pairs; it pairs nobody after that. */
  readonly use: (typed: string) => Promise<For | 'wrong' | 'late' | 'used' | 'too-many'>
}

export function codesOf(db: Database, attempts: Attempts, now: () => number): Codes {
  return {
    async make({ person, role }) {
      const [id, code, ends] = [randomUUID(), newCode(), now() + CODE_LASTS_MS]
      await db
        .insertInto('code')
        .values({ id, hash: hashOf(code), person, role, ends, used: null })
        .execute()
      return { id, code, ends }
    },
    open: () =>
      db
        .selectFrom('code')
        .select(['id', 'person', 'role', 'ends'])
        .where('used', 'is', null)
        .where('ends', '>', now())
        .orderBy('ends')
        .execute(),
    async withdraw(id) {
      const done = await db
        .deleteFrom('code')
        .where('id', '=', id)
        .where('used', 'is', null)
        .executeTakeFirst()
      return done.numDeletedRows === 1n
    },
    async use(typed) {
      const attempt = await attempts.begin('code', WRONG)
      if (!attempt) return 'too-many'
      const hash = hashOf(meantCode(typed))
      // Taken and marked in one step: of two phones that bring it, one is paired.
      const taken = await db
        .updateTable('code')
        .set({ used: now() })
        .where('hash', '=', hash)
        .where('used', 'is', null)
        .where('ends', '>', now())
        .returning(['person', 'role'])
        .executeTakeFirst()
      if (taken) {
        await attempt.wasRight()
        return taken
      }
      const known = await db.selectFrom('code').select('used').where('hash', '=', hash).executeTakeFirst()
      if (!known) return 'wrong'
      await attempt.wasRight()
      return known.used === null ? 'late' : 'used'
    },
  }
}
