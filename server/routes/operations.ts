// The registry over HTTP. No logic here: a name, an input, an answer.
import { Router } from 'express'
import { publishedSchemas } from '@oak/core/operations/json-schema'
import { OPERATIONS, unknownOperation } from '@oak/core/operations/registry'
import { refuse } from '../errors'
import type { OperationRunner } from '../operations/pool'

export function operationRoutes(runner: OperationRunner): Router {
  const router = Router()
  router.get('/', (_req, res) => {
    res.json({ operations: OPERATIONS.map(({ name, help }) => ({ name, help })) })
  })
  router.post('/:name', async (req, res) => {
    // Refused here: a thread is for those that there are.
    const unknown = unknownOperation(req.params.name)
    if (unknown) return refuse(res, 404, unknown.code, unknown.problems)
    const result = await runner.run(req.params.name, req.body)
    if (result === 'late')
      refuse(res, 503, 'too-long', [
        {
          path: '',
          message:
            'This took too long here and was stopped; nothing was changed. Ask with fewer parts, or on the command line.',
        },
      ])
    else if (result === 'busy')
      refuse(res, 503, 'too-many', [
        { path: '', message: 'Too many are being worked out; try again in a minute.' },
      ])
    else if (result.ok) res.json(result.output)
    else refuse(res, 400, result.error.code, result.error.problems)
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
