// Requests of every wrong kind to the real server. It answers each in words, ends none with a fault of its own, lives on, and stores only
// what may be stored.
import http from 'node:http'
import { parseChange } from '../../core/job/change'
import { ServerProcess, type ServerOptions } from './process'
import { chance, type Chance } from './random'

export interface FuzzReport {
  readonly statuses: Readonly<Record<string, number>>
  readonly wrong: readonly string[]
}

interface Question {
  readonly method: string
  readonly path: string
  readonly headers: Readonly<Record<string, string>>
  readonly body: string | Buffer
}
/** Of a paired server: the key of its phone, or none, or one that was made up. */
type Key = (random: Chance) => { readonly authorization?: string; readonly isGood: boolean }

interface Answer {
  readonly status: number
  readonly type: string
  readonly text: string
}

const METHODS = ['GET', 'POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS', 'HEAD'] as const
const NAMES = [
  '__proto__',
  'constructor',
  'toString',
  'hasOwnProperty',
  'prototype',
  'hookup',
  'prove',
  'diagnose',
  'microfarads',
  '..',
  '%00',
  '\u0000',
  'x'.repeat(4000),
]
const PATHS = [
  '/api/health',
  '/api/changes',
  '/api/changes?after=-1',
  '/api/changes?after=1e9&limit=0',
  '/api/changes?after=99999999999999999999',
  '/api/changes?__proto__=1',
  '/api/jobs?after=1e9',
  '/api/jobs?before=99999999999999999999',
  '/api/jobs/whole?of=__proto__:0',
  '/api/jobs/whole?of=,,,:::',
  '/api/jobs/office?text=abc%00%22*&sort=__proto__',
  '/api/jobs/office?text=abc%00%22*%20OR%20(NEAR',
  '/api/jobs/office?from=-1&limit=1e9',
  '/api/photos/00000000-0000-4000-8000-00000000000a',
  '/api/photos/..%2f..%2fetc%2fpasswd',
  '/api/photos/%ff',
  '/api/operations',
  '/api/schemas',
  '/api/meter/stream?job=x&probe=y&quantity=watts',
  '/api/counter?kind=__proto__',
  '/api/nowhere',
  '/api/shop',
  '/api/pairing',
  '/api/device',
  '/api/device/renew',
  '/api/device/wiped',
  '/api/owner/password',
  '/api/owner/sign-in',
  '/api/owner/devices',
  '/api/owner/devices/..%2f/revoke',
  '/api/owner/codes',
  '/api/owner/audit.csv',
]
/** What a paired server tells to anybody. */
const FOR_ALL = /^\/api\/(?:health|shop)(?:\?|$)/
const TYPES = [
  'application/json',
  'application/json; charset=utf-16',
  'image/jpeg',
  'text/plain',
  'multipart/form-data',
  '',
  'application/json; charset=nonsense',
]

/** Any value, mostly of a kind that nobody asked for. */
function value(random: Chance, depth = 0): unknown {
  const leaves = [
    null,
    true,
    -1,
    0,
    1e308,
    0.1,
    '',
    'x',
    '\ud83d',
    '\u0000',
    '<script>',
    `'; DROP TABLE change; --`,
    'x'.repeat(random.below(3000)),
    '__proto__',
  ]
  if (depth > 5 || random.maybe(0.6)) return random.pick(leaves)
  if (random.maybe(0.5)) return Array.from({ length: random.below(5) }, () => value(random, depth + 1))
  return Object.fromEntries(
    Array.from({ length: random.below(5) }, () => [
      random.pick([...NAMES.slice(0, 9), 'id', 'value', 'sheet', 'unit']),
      value(random, depth + 1),
    ]),
  )
}

const JOB_FIELDS = [
  'title',
  'site',
  'notes',
  'unit',
  'motor',
  'can',
  'wires',
  'placements',
  'measurements',
  'removed',
  '__proto__',
]
/** A change that is right but for what chance has changed in it. */
function nearlyChange(random: Chance): Record<string, unknown> {
  const change: Record<string, unknown> = {
    id: random.uuid(),
    job: random.uuid(),
    path: random.maybe(0.6)
      ? ['title']
      : [random.pick(JOB_FIELDS), ...(random.maybe(0.5) ? [random.pick(NAMES)] : [])],
    value: random.maybe(0.5) ? `Roof ${random.below(99)}${random.maybe(0.2) ? '\ud83d' : ''}` : value(random),
    at: random.maybe(0.8) ? Date.now() : random.pick([-1, 0, 1e15, 4_102_444_800_000, 0.5]),
    device: random.uuid(),
    technician: random.maybe(0.8) ? 'Bo' : value(random),
  }
  if (random.maybe(0.2)) change[random.pick(Object.keys(change))] = value(random)
  if (random.maybe(0.1)) change.more = 1
  return change
}

const DEPTHS = [41, 500, 6_000, 100_000, 400_000]
function body(random: Chance): string | Buffer {
  const kind = random.below(7)
  const deep = random.pick(DEPTHS)
  if (kind === 0) return `${'['.repeat(deep)}${random.maybe(0.5) ? ']'.repeat(deep) : ''}`
  if (kind === 1) return `${'{"a":'.repeat(deep)}1${'}'.repeat(deep)}`
  if (kind === 2)
    return JSON.stringify({
      changes: Array.from({ length: 1 + random.below(6) }, () => nearlyChange(random)),
    })
  if (kind === 3) return JSON.stringify(value(random))
  if (kind === 4) return Buffer.from(Array.from({ length: random.below(300) }, () => random.below(256)))
  if (kind === 5) return `"${'x'.repeat(random.maybe(0.05) ? 2_100_000 : 100)}"`
  return `{"changes": [${random.maybe(0.5) ? '{"__proto__":{"x":1}}' : '"\\ud83d"'}]}`
}

/** As a device puts changes, but for what chance made of them: these are the ones that might be stored wrong. */
const nearlyPut = (random: Chance): Question => ({
  method: 'POST',
  path: '/api/changes',
  headers: { 'content-type': 'application/json', 'x-oak-device': random.uuid() },
  body: JSON.stringify({ changes: Array.from({ length: 1 + random.below(6) }, () => nearlyChange(random)) }),
})

function question(random: Chance): Question {
  if (random.maybe(0.3)) return nearlyPut(random)
  const path = random.maybe(0.5)
    ? random.pick(PATHS)
    : `/api/operations/${encodeURIComponent(random.pick(NAMES)).slice(0, 6000)}`
  const isWrite = random.maybe(0.7)
  return {
    method: isWrite ? random.pick(['POST', 'PUT']) : random.pick(METHODS),
    path: isWrite && random.maybe(0.4) ? '/api/changes' : path,
    headers: {
      'content-type': random.maybe(0.7) ? 'application/json' : random.pick(TYPES),
      ...(random.maybe(0.1)
        ? { host: random.pick(['evil.example', 'localhost.evil.example', '169.254.169.254', 'a b', '']) }
        : {}),
      ...(random.maybe(0.1) ? { origin: random.pick(['http://evil.example', 'null', 'x', 'file://']) } : {}),
      ...(random.maybe(0.05) ? { 'content-encoding': random.pick(['gzip', 'br', 'nonsense']) } : {}),
      // Each as a device of its own: it is not the limit a minute that is tried here.
      'x-oak-device': random.uuid(),
    },
    body: body(random),
  }
}

function send(port: number, { method, path, headers, body: content }: Question): Promise<Answer> {
  return new Promise((done, fail) => {
    const request = http.request(
      {
        host: '127.0.0.1',
        port,
        method,
        path,
        headers: { ...headers, 'content-length': Buffer.byteLength(content) },
      },
      (response) => {
        const parts: Buffer[] = []
        response.on('data', (part: Buffer) => parts.push(part))
        response.on('error', fail)
        response.on('end', () =>
          done({
            status: response.statusCode ?? 0,
            type: response.headers['content-type'] ?? '',
            text: Buffer.concat(parts).toString(),
          }),
        )
      },
    )
    request.on('error', fail)
    request.end(content)
  })
}

/** What is wrong with an answer; null: nothing. Node's own refusal of what is no HTTP has no body. */
function wrongWith({ status, type, text }: Answer, { method, path }: Question): string | null {
  const where = `${method} ${path.slice(0, 80)}`
  if (status >= 500 && status !== 503) return `${where}: ${status} ${text.slice(0, 200)}`
  if (status < 400 || method === 'HEAD' || (status === 400 && text === '')) return null
  if (!/^application\/json/.test(type)) return `${where}: ${status} is not told as JSON but as “${type}”`
  const { error } = JSON.parse(text) as { error?: { message?: unknown } }
  return typeof error?.message === 'string' ? null : `${where}: ${status} without words`
}

/** Who has no key is answered nothing; null: so it was. */
const letIn = ({ status }: Answer, { method, path }: Question): string | null =>
  status < 400 && !FOR_ALL.test(path) ? `${method} ${path.slice(0, 80)}: ${status} without a key` : null

const OPEN: Key = () => ({ isGood: true })
const keysOf =
  (good: string): Key =>
  (random) => {
    if (random.maybe(0.7)) return { authorization: good, isGood: true }
    const made = [
      `${good}x`,
      good.slice(0, -1),
      good.replace(/ .{36}/, ` ${random.uuid()}`),
      'Bearer',
      "' or 1=1",
    ]
    return random.maybe(0.5) ? { isGood: false } : { authorization: random.pick(made), isGood: false }
  }

export async function fuzz(count: number, seed: number, options: ServerOptions = {}): Promise<FuzzReport> {
  const random = chance(seed)
  const server = await ServerProcess.make(options)
  const statuses: Record<string, number> = {}
  const wrong: string[] = []
  try {
    server.spawn()
    await server.answers()
    const authorization = options.paired ? (await server.pair()).authorization : ''
    const keyOf = options.paired ? keysOf(authorization) : OPEN
    for (let i = 0; i < count && wrong.length < 20; i++) {
      const { isGood, ...key } = keyOf(random)
      const plain = question(random)
      const asked = { ...plain, headers: { ...plain.headers, ...key } }
      try {
        const answer = await send(server.port, asked)
        statuses[answer.status] = (statuses[answer.status] ?? 0) + 1
        const said = wrongWith(answer, asked) ?? (isGood ? null : letIn(answer, asked))
        if (said !== null) wrong.push(said)
      } catch (error) {
        // A body too large is cut off while it is sent; that the server lives is seen below.
        if (!/ECONNRESET|EPIPE/.test(String((error as { code?: string }).code)))
          wrong.push(`${asked.method} ${asked.path.slice(0, 80)}: ${String(error)}`)
      }
      if (!server.isUp)
        wrong.push(`It ended after ${asked.method} ${asked.path.slice(0, 80)}: ${server.said}`)
      if (!server.isUp) break
    }
    wrong.push(...(await storedWrong(server, authorization)))
  } finally {
    await server.remove()
  }
  return { statuses, wrong }
}

/** What is stored that may not be. */
async function storedWrong(server: ServerProcess, authorization: string): Promise<string[]> {
  const wrong: string[] = []
  for (let after = 0; ;) {
    const page = (await (
      await fetch(`${server.url}/api/changes?after=${after}`, { headers: { authorization } })
    ).json()) as {
      changes: unknown[]
      next: number
      more: boolean
    }
    for (const change of page.changes)
      if (!parseChange(change).ok) wrong.push(`Stored and wrong: ${JSON.stringify(change).slice(0, 200)}`)
    if (!page.more) return wrong
    after = page.next
  }
}
