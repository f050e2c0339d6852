// What the owner asks the shop's server: the password and a session, the phones, codes for new ones, the audit.
import * as v from 'valibot'
import { ROLES, type Role } from '@oak/core/crew/roles'
import { ask } from '../sync/ask'
import { refusedBy, type Refused } from './pairing'

const time = v.number()
const DeviceSchema = v.object({
  id: v.string(),
  name: v.string(),
  person: v.string(),
  role: v.picklist(ROLES),
  paired: time,
  seen: time,
  revoked: v.nullable(time),
  why: v.nullable(v.picklist(['owner', 'copied'])),
  wiped: v.nullable(time),
})
/** A phone of the shop, as its owner sees it; times in ms since 1970. */
export type Phone = v.InferOutput<typeof DeviceSchema>

const CodeSchema = v.object({ id: v.string(), person: v.string(), role: v.picklist(ROLES), ends: time })
/** A code that pairs somebody still. */
export type OpenCode = v.InferOutput<typeof CodeSchema>
const MadeSchema = v.object({ id: v.string(), code: v.string(), ends: time })
export type MadeCode = v.InferOutput<typeof MadeSchema>

const ListSchema = v.object({ devices: v.array(DeviceSchema), codes: v.array(CodeSchema) })
export type PhoneList = v.InferOutput<typeof ListSchema>
const MeSchema = v.object({
  owner: v.nullable(v.object({ hasPassword: v.boolean(), isOpen: v.boolean() })),
})

export type Answer<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly refused: Refused }

const AWAY: Refused = { code: 'away', path: '', message: 'The shop’s server is not reached.' }

async function question<T>(
  path: string,
  schema: v.GenericSchema<unknown, T>,
  init: RequestInit = {},
): Promise<Answer<T>> {
  const answered = await ask(path, init)
  if (answered.kind !== 'answer') return { ok: false, refused: AWAY }
  try {
    const json: unknown = JSON.parse(await answered.asked.body.text())
    const read = v.safeParse(schema, json)
    if (answered.asked.ok && read.success) return { ok: true, value: read.output }
    return { ok: false, refused: refusedBy(json) ?? AWAY }
  } catch {
    return { ok: false, refused: AWAY }
  }
}

const sent = (method: string, body?: object): RequestInit => ({
  method,
  headers: { 'content-type': 'application/json' },
  ...(body ? { body: JSON.stringify(body) } : {}),
})
const DONE = v.object({ ok: v.literal(true) })

export const askMe = () => question('/api/device', MeSchema)
export const setPassword = (password: string, before?: string) =>
  question('/api/owner/password', DONE, sent('POST', { password, ...(before ? { before } : {}) }))
export const signIn = (password: string) => question('/api/owner/sign-in', DONE, sent('POST', { password }))
export const signOut = () => question('/api/owner/sign-out', DONE, sent('POST'))
export const askPhones = () => question('/api/owner/devices', ListSchema)
export const makeCode = (person: string, role: Role) =>
  question('/api/owner/codes', MadeSchema, sent('POST', { person, role }))
export const withdrawCode = (id: string) => question(`/api/owner/codes/${id}`, DONE, sent('DELETE'))
export const revokePhone = (id: string) => question(`/api/owner/devices/${id}/revoke`, DONE, sent('POST'))

/** The audit as a CSV file; null: it cannot be had now. */
export async function askAudit(): Promise<Blob | null> {
  const answered = await ask('/api/owner/audit.csv')
  return answered.kind === 'answer' && answered.asked.ok ? answered.asked.body : null
}
