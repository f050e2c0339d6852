// The owner's own: the password, a session, the phones of the shop, codes for new ones, and what was done.
import { Router, type Response } from 'express'
import Papa from 'papaparse'
import * as v from 'valibot'
import { ROLES } from '@oak/core/crew/roles'
import { UUID } from '@oak/core/job/uuid'
import { noNul } from '@oak/core/quantity/name-text'
import { problemsOf } from '@oak/core/quantity/problem'
import type { Access } from '../../access/access'
import { AUDIT_COLUMNS } from '../../access/audit'
import { passwordProblem } from '../../access/password'
import { shownCode } from '../../access/secret'
import { onlyRoles, signedIn } from '../../access/signed-in'
import { refuse } from '../../errors'

const text = (what: string, most: number) =>
  v.pipe(v.string(`${what} is missing.`), v.maxLength(most, `${what} has ${most} letters at most.`))
const PasswordSchema = v.strictObject({
  password: text('The password', 1000),
  /** The one before, where there is one. */
  before: v.optional(text('The password before', 1000)),
})
const SignInSchema = v.strictObject({ password: text('The password', 1000) })
const CodeSchema = v.strictObject({
  person: v.pipe(
    v.string('The name of the person is missing.'),
    v.trim(),
    v.nonEmpty('Whose phone is it? Enter a name.'),
    v.maxLength(60, 'The name has 60 letters at most.'),
    noNul('The name'),
  ),
  role: v.picklist(ROLES, `The role is one of: ${ROLES.join(', ')}.`),
})

const WRONG = 'That is not the owner’s password.'
/** Wrong passwords of a device. */
const TRIES = { most: 5, withinMs: 15 * 60_000 }
const triesOf = (res: Response): string => `password ${signedIn(res).device ?? ''}`

/** Counted before the password is looked at; what a request wants else is looked at first. */
async function mayTry({ attempts }: Access, res: Response): Promise<boolean> {
  if (await attempts.begin(triesOf(res), TRIES)) return true
  refuse(res, 429, 'too-many', [
    { path: 'password', message: 'Too many wrong passwords. Wait a quarter of an hour.' },
  ])
  return false
}

function sessionRoutes(router: Router, access: Access): void {
  const { owner, audit, attempts } = access
  router.post('/password', async (req, res) => {
    const body = v.safeParse(PasswordSchema, req.body)
    if (!body.success) return refuse(res, 400, 'bad-input', problemsOf(body.issues))
    const { password, before } = body.output
    const who = signedIn(res)
    if (!(await mayTry(access, res))) return
    if ((await owner.hasPassword()) && !(await owner.isPassword(before ?? ''))) {
      await audit.note(who, 'sign-in refused', 'at a change of the password')
      return refuse(res, 403, 'wrong-password', [{ path: 'before', message: WRONG }])
    }
    await attempts.clear(triesOf(res))
    const problem = await passwordProblem(password)
    if (problem) return refuse(res, 400, 'bad-input', [{ path: 'password', message: problem }])
    await owner.setPassword(password)
    await owner.closeOthers(req)
    await owner.open(who.device ?? '', res)
    await audit.note(who, 'password set', '')
    res.json({ ok: true })
  })
  router.post('/sign-in', async (req, res) => {
    const body = v.safeParse(SignInSchema, req.body)
    if (!body.success) return refuse(res, 400, 'bad-input', problemsOf(body.issues))
    const who = signedIn(res)
    if (!(await mayTry(access, res))) return
    if (!(await owner.isPassword(body.output.password))) {
      await audit.note(who, 'sign-in refused', '')
      return refuse(res, 403, 'wrong-password', [{ path: 'password', message: WRONG }])
    }
    await attempts.clear(triesOf(res))
    await owner.open(who.device ?? '', res)
    await audit.note(who, 'signed in', '')
    res.json({ ok: true })
  })
  router.post('/sign-out', async (req, res) => {
    await owner.close(req, res)
    await audit.note(signedIn(res), 'signed out', '')
    res.json({ ok: true })
  })
}

function phoneRoutes(router: Router, { devices, codes, audit }: Access): void {
  router.get('/devices', async (_req, res) => {
    res.json({ devices: await devices.list(), codes: await codes.open() })
  })
  router.post('/devices/:id/revoke', async (req, res) => {
    const { id } = req.params
    const who = signedIn(res)
    if (id === who.device)
      return refuse(res, 409, 'own-device', [
        {
          path: 'id',
          message: 'This is the phone in your hand; another owner’s phone can take it off the list.',
        },
      ])
    if (!UUID.test(id) || !(await devices.revoke(id)))
      return refuse(res, 404, 'not-found', [{ path: 'id', message: 'No such phone is on the list.' }])
    await audit.note(who, 'revoked', id)
    res.json({ ok: true })
  })
  router.post('/codes', async (req, res) => {
    const body = v.safeParse(CodeSchema, req.body)
    if (!body.success) return refuse(res, 400, 'bad-input', problemsOf(body.issues))
    const { id, code, ends } = await codes.make(body.output)
    await audit.note(signedIn(res), 'code made', `for ${body.output.person}, ${body.output.role}`)
    res.status(201).json({ id, code: shownCode(code), ends })
  })
  router.delete('/codes/:id', async (req, res) => {
    const { id } = req.params
    if (!UUID.test(id) || !(await codes.withdraw(id)))
      return refuse(res, 404, 'not-found', [{ path: 'id', message: 'That code is gone, or was used.' }])
    await audit.note(signedIn(res), 'code withdrawn', id)
    res.json({ ok: true })
  })
}

/** A cell that begins like a formula is not to be one in a spreadsheet. */
const CSV = { header: false, newline: '\r\n', escapeFormulae: true } as const

function auditRoutes(router: Router, { audit }: Access): void {
  router.get('/audit.csv', async (_req, res) => {
    await audit.note(signedIn(res), 'audit read', '')
    res.type('text/csv; charset=utf-8').attachment('oak-switch-audit.csv')
    res.write(`${AUDIT_COLUMNS.join(',')}\r\n`)
    await audit.read(async (rows) => {
      const piece = Papa.unparse(
        rows.map((row) => AUDIT_COLUMNS.map((column) => row[column])),
        CSV,
      )
      if (!res.write(`${piece}\r\n`)) await new Promise((resolve) => res.once('drain', resolve))
    })
    res.end()
  })
}

export function ownerRoutes(access: Access): Router {
  const router = Router()
  router.use(onlyRoles('owner'))
  sessionRoutes(router, access)
  router.use(async (req, res, next) => {
    if (await access.owner.isOpen(signedIn(res).device ?? '', req)) return next()
    refuse(res, 401, 'no-session', [
      { path: 'password', message: 'Sign in with the owner’s password first.' },
    ])
  })
  phoneRoutes(router, access)
  auditRoutes(router, access)
  return router
}
