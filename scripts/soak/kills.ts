// Kills of the real server, or of one of two on a cluster, while three writers and a photo writer go on, a quarter of them during its start.
// What it acknowledged is there at the end, once, as it was sent, and by each server alike.
import { readdirSync, readFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { pause, ServerProcess, type ServerOptions, type Signed } from './process'
import { chance, type Chance } from './random'

interface Sent {
  readonly id: string
  readonly value: string
}
/** What the server said that it keeps. */
interface Acknowledged {
  readonly changes: Map<string, string>
  readonly photos: Map<string, Buffer>
}
export interface KillReport {
  readonly kills: number
  readonly changes: number
  readonly photos: number
  /** What is wrong, in words; empty: nothing. */
  readonly wrong: readonly string[]
}

const WRITERS = 3
const PHOTO_EVERY_MS = 30
const PICTURES = resolve(__dirname, '..', '..', 'demo', 'photos')
const pictures = (): Buffer[] => readdirSync(PICTURES).map((name) => readFileSync(join(PICTURES, name)))

const DEVICE = '00000000-0000-4000-8000-000000000900'
const asChange = ({ id, value }: Sent, at: number, device: string) => ({
  id,
  job: DEVICE,
  path: ['title'],
  value,
  at,
  device,
  technician: '',
})

/** The servers of one shop, and as whom they are asked. */
interface Shop {
  readonly servers: readonly ServerProcess[]
  readonly signed: Signed | null
  readonly random: Chance
}
const anyOf = ({ servers, random }: Shop): string => random.pick(servers).url
const headersOf = ({ signed }: Shop, type: string): Record<string, string> => ({
  'content-type': type,
  ...(signed && { authorization: signed.authorization }),
})

/** Writes until told to stop; a batch that got no answer is sent again, as a device does. */
async function write(shop: Shop, kept: Acknowledged, isOver: () => boolean) {
  const { random } = shop
  let batch: Sent[] = []
  while (!isOver()) {
    if (batch.length === 0)
      batch = Array.from({ length: 1 + random.below(20) }, () => ({
        id: random.uuid(),
        value: `value ${random.below(1e9)}`,
      }))
    try {
      const changes = batch.map((one) => asChange(one, Date.now(), shop.signed?.device ?? DEVICE))
      const response = await fetch(`${anyOf(shop)}/api/changes`, {
        method: 'POST',
        headers: headersOf(shop, 'application/json'),
        body: JSON.stringify({ changes }),
      })
      const { added, known, refused } = (await response.json()) as {
        added: string[]
        known: string[]
        refused: { id: string }[]
      }
      for (const one of batch)
        if ([...added, ...known, ...refused.map(({ id }) => id)].includes(one.id))
          kept.changes.set(one.id, one.value)
      batch = []
    } catch {
      await pause(20)
    }
  }
}

async function photograph(shop: Shop, kept: Acknowledged, isOver: () => boolean) {
  const { random } = shop
  const known = pictures()
  while (!isOver()) {
    const [id, bytes] = [random.uuid(), random.pick(known)]
    for (let isKept = false; !isKept && !isOver();)
      try {
        const response = await fetch(`${anyOf(shop)}/api/photos/${id}`, {
          method: 'PUT',
          headers: headersOf(shop, 'image/jpeg'),
          body: new Uint8Array(bytes),
        })
        isKept = ((await response.json()) as { kept?: boolean }).kept === true
        if (isKept) kept.photos.set(id, bytes)
      } catch {
        await pause(20)
      }
    await pause(PHOTO_EVERY_MS)
  }
}

/** Everything that the server gives out, page by page. */
async function held(url: string, headers: Record<string, string>): Promise<{ id: string; value: string }[]> {
  const all: { id: string; value: string }[] = []
  for (let after = 0; ;) {
    const page = (await (await fetch(`${url}/api/changes?after=${after}`, { headers })).json()) as {
      changes: { id: string; value: string }[]
      next: number
      more: boolean
    }
    all.push(...page.changes)
    if (!page.more) return all
    after = page.next
  }
}

export interface KillOptions extends ServerOptions {
  /** More than one needs a cluster. */
  readonly processes?: number
}

/** They share a key, as a phone's tabs do. */
const WRITERS_STARTED_MS = 50

export async function killAgainAndAgain(
  kills: number,
  seed: number,
  { processes = 1, ...options }: KillOptions = {},
): Promise<KillReport> {
  const random = chance(seed)
  const servers = await Promise.all(Array.from({ length: processes }, () => ServerProcess.make(options)))
  const kept: Acknowledged = { changes: new Map(), photos: new Map() }
  let isOver = false
  let work: Promise<void>[] = []
  try {
    for (const server of servers) await started(server)
    const [first] = servers as [ServerProcess]
    const signed = options.paired ? await first.pair() : null
    const shop = (n: number): Shop => ({ servers, signed, random: chance(seed + n) })
    work = [
      ...Array.from({ length: WRITERS }, (_, i) => write(shop(i + 1), kept, () => isOver)),
      photograph(shop(99), kept, () => isOver),
    ]
    await pause(WRITERS_STARTED_MS)
    for (let i = 0; i < kills; i++) {
      const server = random.pick(servers)
      await server.kill()
      server.spawn()
      // Loading takes it the longer part of a second; opening the database comes right after.
      if (i % 4 === 3) await pause(random.below(1500))
      else {
        await server.answers()
        await pause(random.below(400))
      }
    }
    for (const server of servers) {
      await server.kill()
      await started(server)
    }
    isOver = true
    await Promise.all(work)
    const wrong = await Promise.all(servers.map((server) => compare(server, kept, headersOf(shop(0), ''))))
    return { kills, changes: kept.changes.size, photos: kept.photos.size, wrong: wrong.flat() }
  } finally {
    isOver = true
    for (const server of servers) await server.remove()
    await Promise.allSettled(work)
  }
}

async function started(server: ServerProcess): Promise<void> {
  server.spawn()
  await server.answers()
}

/** Thousands of pictures one after the other are more than the server gives one device a minute. */
async function patiently(url: string, headers: Record<string, string>): Promise<Response> {
  for (;;) {
    const response = await fetch(url, { headers })
    if (response.status !== 429) return response
    await pause(2000)
  }
}

async function compare(
  server: ServerProcess,
  kept: Acknowledged,
  headers: Record<string, string>,
): Promise<string[]> {
  const all = await held(server.url, headers)
  const values = new Map(all.map(({ id, value }) => [id, value]))
  const wrong = [
    ...(values.size === all.length ? [] : [`${all.length - values.size} changes are there twice.`]),
    ...[...kept.changes].flatMap(([id, value]) =>
      values.get(id) === value
        ? []
        : [`Change ${id} was acknowledged as “${value}” and is ${values.get(id) ?? 'gone'}.`],
    ),
  ]
  for (const [id, bytes] of kept.photos) {
    const response = await patiently(`${server.url}/api/photos/${id}`, headers)
    if (!response.ok || !Buffer.from(await response.arrayBuffer()).equals(bytes))
      wrong.push(`Photo ${id} was acknowledged and is not there as it was.`)
  }
  return wrong
}
