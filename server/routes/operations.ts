// The registry over HTTP. No logic here: a name, an input, an answer.
import { Router } from 'express'
import { publishedSchemas } from '@oak/core/operations/json-schema'
import { OPERATIONS, runOperation } from '@oak/core/operations/registry'
import { refuse } from '../errors'

export function operationRoutes(): Router {
  const router = Router()
  router.get('/', (_req, res) => {
    res.json({ operations: OPERATIONS.map(({ name, help }) => ({ name, help })) })
  })
  router.post('/:name', (req, res) => {
    const result = runOperation(req.params.name, req.body)
    if (result.ok) res.json(result.output)
    else refuse(res, result.error.code === 'unknown-operation' ? 404 : 400, result.error.code, result.error.problems)
  })
  return router
}

export function schemaRoutes(): Router {
  const schemas = publishedSchemas()
  const router = Router()
  router.get('/', (_req, res) => {
    res.json({ schemas: Object.keys(schemas) })
  })
  router.get('/:name', (req, res) => {
    if (Object.hasOwn(schemas, req.params.name)) res.json(schemas[req.params.name])
    else refuse(res, 404, 'not-found', [{ path: '', message: 'There is no schema of that name.' }])
  })
  return router
}
