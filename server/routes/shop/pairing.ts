// A phone becomes one of the shop's by a code; until then it learns the shop's name and nothing else.
import { randomUUID } from 'node:crypto'
import { Router } from 'express'
import * as v from 'valibot'
import { UUID } from '@oak/core/job/uuid'
import { noNul } from '@oak/core/quantity/name-text'
import { problemsOf } from '@oak/core/quantity/problem'
import type { Access } from '../../access/access'
import { refuse } from '../../errors'

const CodeSchema = v.strictObject({
  code: v.pipe(
    v.string('The code is missing.'),
    v.trim(),
    v.nonEmpty('The code is missing.'),
    v.maxLength(40, 'The code has 8 letters.'),
  ),
  device: v.pipe(v.string(), v.regex(UUID, 'That is not a device’s id.')),
  name: v.pipe(
    v.string('The phone’s name is missing.'),
    v.trim(),
    v.nonEmpty('Give the phone a name, such as “Van 2”.'),
    v.maxLength(60, 'The phone’s name has 60 letters at most.'),
    noNul('The phone’s name'),
  ),
})

const REFUSED = {
  wrong: [403, 'That is no code of this shop. Look at it once more.'],
  late: [403, 'That code has run out: it lasts ten minutes. The owner can make another one.'],
  used: [403, 'That code has paired a phone already, and works once. The owner can make another one.'],
  'too-many': [429, 'Too many wrong codes. Wait ten minutes, then ask the owner for a new one.'],
} as const

export function pairingRoutes({ codes, devices, audit }: Access, shop: () => Promise<string>): Router {
  const router = Router()
  router.post('/', async (req, res) => {
    const body = v.safeParse(CodeSchema, req.body)
    if (!body.success) return refuse(res, 400, 'bad-input', problemsOf(body.issues))
    const { code, device, name } = body.output
    const whom = await codes.use(code)
    if (typeof whom === 'string') {
      const [status, message] = REFUSED[whom]
      // Rows of the audit stay for ever: a flood adds none.
      if (whom !== 'too-many')
        await audit.note(null, 'code refused', `${whom}, by a phone that calls itself ${name}`)
      return refuse(res, status, whom === 'too-many' ? whom : `code-${whom}`, [{ path: 'code', message }])
    }
    const first = await devices.add({ id: device, name, ...whom })
    // Another one has that id, or had it: this phone gets one of its own.
    const id = first ? device : randomUUID()
    const key = first ?? (await devices.add({ id, name, ...whom }))
    if (!key) throw new Error('two devices have the same new id')
    await audit.note({ device: id, ...whom }, 'paired', name)
    res.status(201).json({ device: id, key, name, ...whom, shop: await shop() })
  })
  return router
}
