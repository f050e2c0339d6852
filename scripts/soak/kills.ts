// Kills of the real server while three writers and a photo writer go on, a quarter of them during its start. What it acknowledged is
// there at the end, once, as it was sent.
import { readdirSync, readFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { pause, ServerProcess } from './process'
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
const PICTURES = resolve(__dirname, '..', '..', 'demo', 'photos')
const pictures = (): Buffer[] => readdirSync(PICTURES).map((name) => readFileSync(join(PICTURES, name)))

const DEVICE = '00000000-0000-4000-8000-000000000900'
const asChange = ({ id, value }: Sent, at: number) => ({
  id,
  job: DEVICE,
  path: ['title'],
  value,
  at,
  device: DEVICE,
  technician: '',
})

/** Writes until told to stop; a batch that got no answer is sent again, as a device does. */
async function write(server: ServerProcess, random: Chance, kept: Acknowledged, isOver: () => boolean) {
  let batch: Sent[] = []
  while (!isOver()) {
    if (batch.length === 0)
      batch = Array.from({ length: 1 + random.below(20) }, () => ({
        id: random.uuid(),
        value: `value ${random.below(1e9)}`,
      }))
    try {
      const response = await fetch(`${server.url}/api/changes`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ changes: batch.map((one) => asChange(one, Date.now())) }),
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

async function photograph(server: ServerProcess, random: Chance, kept: Acknowledged, isOver: () => boolean) {
  const known = pictures()
  while (!isOver()) {
    const [id, bytes] = [random.uuid(), random.pick(known)]
    for (let isKept = false; !isKept && !isOver();)
      try {
        const response = await fetch(`${server.url}/api/photos/${id}`, {
          method: 'PUT',
          headers: { 'content-type': 'image/jpeg' },
          body: new Uint8Array(bytes),
        })
        isKept = ((await response.json()) as { kept?: boolean }).kept === true
        if (isKept) kept.photos.set(id, bytes)
      } catch {
        await pause(20)
      }
    await pause(30)
  }
}

/** Everything that the server gives out, page by page. */
async function held(url: string): Promise<{ id: string; value: string }[]> {
  const all: { id: string; value: string }[] = []
  for (let after = 0; ;) {
    const page = (await (await fetch(`${url}/api/changes?after=${after}`)).json()) as {
      changes: { id: string; value: string }[]
      next: number
      more: boolean
    }
    all.push(...page.changes)
    if (!page.more) return all
    after = page.next
  }
}

export async function killAgainAndAgain(kills: number, seed: number): Promise<KillReport> {
  const random = chance(seed)
  const server = await ServerProcess.make()
  const kept: Acknowledged = { changes: new Map(), photos: new Map() }
  let isOver = false
  const work = [
    ...Array.from({ length: WRITERS }, (_, i) => write(server, chance(seed + i + 1), kept, () => isOver)),
    photograph(server, chance(seed + 99), kept, () => isOver),
  ]
  try {
    for (let i = 0; i < kills; i++) {
      server.spawn()
      // Loading takes it the longer part of a second; opening the database comes right after.
      if (i % 4 === 3) await pause(random.below(1500))
      else {
        await server.answers()
        await pause(random.below(400))
      }
      await server.kill()
    }
    server.spawn()
    await server.answers()
    isOver = true
    await Promise.all(work)
    return await compare(server, kept, kills)
  } finally {
    isOver = true
    await server.remove()
    await Promise.allSettled(work)
  }
}

/** Thousands of pictures one after the other are more than the server gives one device a minute. */
async function patiently(url: string): Promise<Response> {
  for (;;) {
    const response = await fetch(url)
    if (response.status !== 429) return response
    await pause(2000)
  }
}

async function compare(server: ServerProcess, kept: Acknowledged, kills: number): Promise<KillReport> {
  const all = await held(server.url)
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
    const response = await patiently(`${server.url}/api/photos/${id}`)
    if (!response.ok || !Buffer.from(await response.arrayBuffer()).equals(bytes))
      wrong.push(`Photo ${id} was acknowledged and is not there as it was.`)
  }
  return { kills, changes: kept.changes.size, photos: kept.photos.size, wrong }
}
