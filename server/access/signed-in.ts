// Who asks: the device whose key came with the request, or, on a server that is open to its own machine alone, whoever sits there.
import type { Request, RequestHandler, Response } from 'express'
import type { Role } from '@oak/core/crew/roles'
import { refuse } from '../errors'
import type { Access } from './access'
import type { SignedIn } from './who'

/** On an open server everyone may do everything: it is bound to one machine. */
const OPEN: SignedIn = { device: null, person: '', role: 'owner' }

interface Locals {
  signedIn?: SignedIn
}

export function signedIn(res: Response): SignedIn {
  const { signedIn: who } = res.locals as Locals
  if (!who) throw new Error('this route is reached without signing in')
  return who
}

/** What a refused key is told. Only who has the key of a device learns what became of it. */
const WORDS = {
  'not-paired': 'This phone is not one of the shop’s. Pair it with a code that the owner gives.',
  revoked: 'The owner has taken this phone off the shop’s list.',
  copied:
    'The key of this phone was used from somewhere else too, so it is locked out. The owner can pair the phone anew.',
} as const

const KEY = /^Bearer ([0-9a-f-]{36})\.([\w-]{43})$/

/** The device and the key that a request is signed with; null: it is not. */
export function keyOf(req: Request): { readonly device: string; readonly secret: string } | null {
  const [, device, secret] = KEY.exec(req.get('authorization') ?? '') ?? []
  return device && secret ? { device, secret } : null
}

/** `access` null: an open server. */
export function onlySignedIn(access: Access | null): RequestHandler {
  return async (req, res, next) => {
    const locals = res.locals as Locals
    if (!access) {
      locals.signedIn = OPEN
      return next()
    }
    const key = keyOf(req)
    const found = key ? await access.devices.signIn(key.device, key.secret) : ('not-paired' as const)
    if (typeof found === 'string')
      return refuse(res, 401, found, [{ path: 'authorization', message: WORDS[found] }])
    locals.signedIn = found
    next()
  }
}

/** Some routes are for some roles. */
export const onlyRoles =
  (...roles: readonly Role[]): RequestHandler =>
  (_req, res, next) => {
    if (roles.includes(signedIn(res).role)) return next()
    refuse(res, 403, 'not-allowed', [
      { path: '', message: `This is for the ${roles.join(' or the ')} of the shop.` },
    ])
  }
