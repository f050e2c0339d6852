// All that says who may do what at this server, on one database.
import type { Database } from '../store/database'
import { attemptsOf, type Attempts } from './attempts'
import { auditOf, type Audit } from './audit'
import { codesOf, type Codes } from './codes'
import { devicesOf, type Devices } from './devices'
import { ownerOf, type Owner } from './owner'
import { USUAL_COST } from './password'

export interface Access {
  readonly devices: Devices
  readonly codes: Codes
  readonly owner: Owner
  readonly audit: Audit
  readonly attempts: Attempts
  /** Was the shop's database put back from a copy within the last month? Then phones bring what others wrote. */
  readonly wasRestored: () => Promise<boolean>
}

export interface AccessOptions {
  /** This server's clock. */
  readonly now?: () => number
  /** Browsers speak with it by TLS. */
  readonly isSecure: boolean
  /** scrypt's N; a test takes less. */
  readonly passwordCost?: number
}

/** For phones that are seldom in touch. Our judgement. */
const RETURN_MS = 30 * 86_400_000

export function accessOf(
  db: Database,
  { now = Date.now, isSecure, passwordCost = USUAL_COST }: AccessOptions,
): Access {
  const audit = auditOf(db, now)
  const attempts = attemptsOf(db, now)
  return {
    audit,
    attempts,
    devices: devicesOf(db, audit, now),
    codes: codesOf(db, attempts, now),
    owner: ownerOf(db, { now, isSecure, passwordCost }),
    async wasRestored() {
      const { restored } = await db.selectFrom('shop').select('restored').executeTakeFirstOrThrow()
      return now() < restored + RETURN_MS
    },
  }
}

/** The name of the shop: it stays when its database is put back from a copy. */
export const shopId = async (db: Database): Promise<string> =>
  (await db.selectFrom('shop').select('id').executeTakeFirstOrThrow()).id
