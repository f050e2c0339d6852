// The root of the shop's own authority, for phones to put among those they trust. It is no secret.
import { X509Certificate } from 'node:crypto'
import { Router } from 'express'

export function authorityRoutes(root: string): Router {
  const router = Router()
  const bytes = new X509Certificate(root).raw
  router.get('/', (_req, res) => {
    res.type('application/x-x509-ca-cert').attachment('oak-switch-authority.crt').send(bytes)
  })
  return router
}

/** As a person compares it: “A1:B2:…”. */
export const fingerprintOf = (root: string): string => new X509Certificate(root).fingerprint256
