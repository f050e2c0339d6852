// Photos: put once under their id, fetched by anyone who knows it.
import express, { Router, type RequestHandler } from 'express'
import { readsAll } from '@oak/core/crew/roles'
import { onlyRoles, signedIn } from '../access/signed-in'
import { refuse } from '../errors'
import { jpegProblem } from '@oak/core/job/jpeg'
import { UUID } from '@oak/core/job/uuid'
import type { PhotoStore } from '../store/photo-store'

const MAX_PHOTO = '3mb'

/** Of one phone, in a day: a busy visit has twenty. Our judgement. */
const MOST_A_DAY = 500

/** A phone that goes wrong does not fill the shop's disk. An open server knows no phones. */
const withinQuota =
  (store: PhotoStore): RequestHandler =>
  async (_req, res, next) => {
    const { device } = signedIn(res)
    if (device === null || (await store.broughtToday(device)) < MOST_A_DAY) return next()
    refuse(res, 429, 'too-many', [
      {
        path: '',
        message: `This phone has brought ${MOST_A_DAY} photos within a day; the rest waits until tomorrow.`,
      },
    ])
  }

export function photoRoutes(store: PhotoStore): Router {
  const router = Router()
  router.param('id', (_req, res, next, id: string) => {
    if (UUID.test(id)) next()
    else refuse(res, 400, 'bad-input', [{ path: 'id', message: 'That is not a photo’s id.' }])
  })

  const takes = express.raw({ type: 'image/jpeg', limit: MAX_PHOTO })
  router.put(
    '/:id',
    onlyRoles('owner', 'technician', 'apprentice'),
    withinQuota(store),
    takes,
    async (req, res) => {
      if (!Buffer.isBuffer(req.body))
        return refuse(res, 415, 'bad-input', [{ path: '', message: 'A photo is sent as image/jpeg.' }])
      const wrong = jpegProblem(req.body)
      if (wrong) return refuse(res, 400, 'bad-input', [{ path: '', message: wrong }])
      const result = await store.put(req.params.id as string, req.body, signedIn(res).device)
      if (result === 'clash')
        return refuse(res, 409, 'id-clash', [{ path: 'id', message: 'Another photo is kept under this id.' }])
      res.status(result === 'added' ? 201 : 200).json({ kept: true, id: req.params.id })
    },
  )

  router.get('/:id', async (req, res) => {
    const { role, person, device } = signedIn(res)
    // A picture of a job that may not be read is told like one that is not there.
    const isHidden = !readsAll(role) && !(await store.isOf(req.params.id, person, device ?? ''))
    const bytes = isHidden ? null : await store.get(req.params.id)
    if (!bytes) return refuse(res, 404, 'not-found', [{ path: 'id', message: 'This photo is not here yet.' }])
    res.setHeader('Cache-Control', 'private, max-age=31536000, immutable')
    res.type('image/jpeg').send(bytes)
  })
  return router
}
