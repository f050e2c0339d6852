// What the owner alone may do needs a password beside the phone's key, and a session that works on that phone alone.
import type { Request, Response } from 'express'
import { parse } from 'cookie'
import type { Database } from '../store/database'
import { isPassword, passwordHash } from './password'
import { hashOf, newSecret } from './secret'

/** ASVS 5.0, 7.3: an end for a session that is not used, and one for every session, ms. */
const [IDLE_MS, LASTS_MS] = [30 * 60_000, 12 * 3_600_000]

export interface Owner {
  readonly hasPassword: () => Promise<boolean>
  readonly setPassword: (password: string) => Promise<void>
  readonly isPassword: (password: string) => Promise<boolean>
  /** There is none any more, and no session. */
  readonly forget: () => Promise<void>
  /** Opens a session on that device and gives it as a cookie. */
  readonly open: (device: string, res: Response) => Promise<void>
  /** Has this device, with this very request, a session? */
  readonly isOpen: (device: string, req: Request) => Promise<boolean>
  readonly close: (req: Request, res: Response) => Promise<void>
  /** Ends every session but this request's. */
  readonly closeOthers: (req: Request) => Promise<void>
}

export interface OwnerOptions {
  readonly now: () => number
  /** The browser is spoken with by TLS, so the cookie is bound to the host by its very name. */
  readonly isSecure: boolean
  readonly passwordCost: number
}

export function ownerOf(db: Database, { now, isSecure, passwordCost }: OwnerOptions): Owner {
  const name = isSecure ? '__Host-oak-owner' : 'oak-owner'
  const settings = { httpOnly: true, sameSite: 'strict', secure: isSecure, path: '/' } as const
  const tokenOf = (req: Request): string | null => {
    const { [name]: token } = parse(req.get('cookie') ?? '')
    return token ? hashOf(token) : null
  }
  const kept = async () => (await db.selectFrom('shop').select('password').executeTakeFirstOrThrow()).password
  return {
    hasPassword: async () => (await kept()) !== null,
    setPassword: async (password) =>
      void (await db
        .updateTable('shop')
        .set({ password: await passwordHash(password, passwordCost) })
        .execute()),
    async isPassword(password) {
      const hash = await kept()
      return hash !== null && isPassword(password, hash)
    },
    async forget() {
      await db.updateTable('shop').set({ password: null }).execute()
      await db.deleteFrom('session').execute()
    },
    async open(device, res) {
      const token = newSecret()
      const at = now()
      await db
        .deleteFrom('session')
        .where('made', '<', at - LASTS_MS)
        .execute()
      await db
        .insertInto('session')
        .values({ hash: hashOf(token), device, made: at, seen: at })
        .execute()
      res.cookie(name, token, { ...settings, maxAge: LASTS_MS })
    },
    async isOpen(device, req) {
      const hash = tokenOf(req)
      if (!hash) return false
      const at = now()
      const done = await db
        .updateTable('session')
        .set({ seen: at })
        .where('hash', '=', hash)
        .where('device', '=', device)
        .where('seen', '>', at - IDLE_MS)
        .where('made', '>', at - LASTS_MS)
        .executeTakeFirst()
      return done.numUpdatedRows === 1n
    },
    async close(req, res) {
      const hash = tokenOf(req)
      if (hash) await db.deleteFrom('session').where('hash', '=', hash).execute()
      res.clearCookie(name, settings)
    },
    async closeOthers(req) {
      await db
        .deleteFrom('session')
        .where('hash', '!=', tokenOf(req) ?? '')
        .execute()
    },
  }
}
