// What a phone asks about itself: who it is, a new key, and that it has nothing of the shop any more.
import { Router } from 'express'
import * as v from 'valibot'
import type { Access } from '../../access/access'
import { onlySignedIn, signedIn } from '../../access/signed-in'
import { refuse } from '../../errors'

export function deviceRoutes(access: Access, shop: () => Promise<string>): Router {
  const { devices, owner } = access
  const router = Router()
  // Before the others: who has been taken off the list still says that the shop's data is gone.
  router.post('/wiped', async (req, res) => {
    const [, id, key] = /^Bearer ([0-9a-f-]{36})\.([\w-]{43})$/.exec(req.get('authorization') ?? '') ?? []
    if (id && key && (await devices.wiped(id, key))) return void res.json({ ok: true })
    refuse(res, 401, 'not-paired', [
      { path: 'authorization', message: 'That phone was not taken off the list.' },
    ])
  })
  router.use(onlySignedIn(access))
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
