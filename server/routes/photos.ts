// Photos: put once under their id, fetched by anyone who knows it.
import express, { Router } from 'express'
import { refuse } from '../errors'
import { jpegProblem } from '@oak/core/job/jpeg'
import { UUID } from '@oak/core/job/uuid'
import type { PhotoStore } from '../store/photo-store'

const MAX_PHOTO = '3mb'

export function photoRoutes(store: PhotoStore): Router {
  const router = Router()
  router.param('id', (_req, res, next, id: string) => {
    if (UUID.test(id)) next()
    else refuse(res, 400, 'bad-input', [{ path: 'id', message: 'That is not a photo’s id.' }])
  })

  router.put('/:id', express.raw({ type: 'image/jpeg', limit: MAX_PHOTO }), async (req, res) => {
    if (!Buffer.isBuffer(req.body))
      return refuse(res, 415, 'bad-input', [{ path: '', message: 'A photo is sent as image/jpeg.' }])
    const wrong = jpegProblem(req.body)
    if (wrong) return refuse(res, 400, 'bad-input', [{ path: '', message: wrong }])
    const result = await store.put(req.params.id, req.body)
    if (result === 'clash')
      return refuse(res, 409, 'id-clash', [{ path: 'id', message: 'Another photo is kept under this id.' }])
    res.status(result === 'added' ? 201 : 200).json({ kept: true, id: req.params.id })
  })

  router.get('/:id', async (req, res) => {
    const bytes = await store.get(req.params.id)
    if (!bytes) return refuse(res, 404, 'not-found', [{ path: 'id', message: 'This photo is not here yet.' }])
    res.setHeader('Cache-Control', 'private, max-age=31536000, immutable')
    res.type('image/jpeg').send(bytes)
  })
  return router
}
