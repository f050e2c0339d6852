// What a phone asks about itself: who it is, a new key, and that it has nothing of the shop any more.
import { Router, type RequestHandler } from 'express'
import * as v from 'valibot'
import type { Access } from '../../access/access'
import { keyOf, signedIn } from '../../access/signed-in'
import { refuse } from '../../errors'

/** Of a phone that was taken off the list, and so comes in nowhere else: it says that the shop's data is gone. */
export const wiped =
  ({ devices }: Access): RequestHandler =>
  async (req, res) => {
    const key = keyOf(req)
    if (key && (await devices.wiped(key.device, key.secret))) return void res.json({ ok: true })
    refuse(res, 401, 'not-paired', [
      { path: 'authorization', message: 'That phone was not taken off the list.' },
    ])
  }

export function deviceRoutes({ devices, owner }: Access, shop: () => Promise<string>): Router {
  const router = Router()
  router.get('/', async (req, res) => {
    const { device, person, role } = signedIn(res)
    res.json({
      ...{ device, person, role, shop: await shop() },
      owner:
        role === 'owner'
          ? { hasPassword: await owner.hasPassword(), isOpen: await owner.isOpen(device ?? '', req) }
          : null,
    })
  })
  router.post('/renew', async (req, res) => {
    if (!v.is(v.optional(v.strictObject({})), req.body))
      return refuse(res, 400, 'bad-input', [{ path: '', message: 'Nothing is sent with this.' }])
    res.json({ key: await devices.renew(signedIn(res).device ?? '') })
  })
  return router
}
