// The server, paired and signed in to, against bare Express with the same statements, on SQLite and on PostgreSQL; and 200 devices for a minute.
import { randomUUID } from 'node:crypto'
import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import autocannon from 'autocannon'
import { copyRows } from '../../server/store/copies/copy-rows'
import { openForTool } from '../../server/store/postgres/copies'
import { fileAsShop } from '../../server/store/sqlite/open'
import { startCluster } from '../../server/testing/cluster'
import { editsOf, QUESTIONS } from '../../server/testing/bench/questions'
import { median } from './median'
import { makeShop } from './shop-of'

const SIDES = resolve(__dirname, '..', '..', 'server', 'testing', 'bench', 'sides.ts')
const JOBS = 2000
/**
 * At once, as from a handful of phones; seconds of each turn, and turns. Each turn asks both sides, one right after the other, which of them
 * first changes: on a machine that others use too only such neighbours can be compared.
 */
const [TOGETHER, SECONDS, TURNS] = [8, 1, 9]
const WANTED = 0.9

interface Sides {
  readonly ours: number
  readonly bare: number
  readonly device: string
  readonly authorization: string
}

async function start(where: string): Promise<{ sides: Sides; child: ChildProcess }> {
  const child = spawn(process.execPath, ['--import', 'tsx', SIDES, where], {
    stdio: ['ignore', 'pipe', 'inherit'],
  })
  const line = await new Promise<string>((done, fail) => {
    let said = ''
    child.stdout?.on('data', (part: Buffer) => {
      said += part.toString()
      if (said.includes('\n')) done(said)
    })
    child.once('exit', () => fail(new Error('The servers of the bench ended.')))
  })
  return { sides: JSON.parse(line) as Sides, child }
}

interface Asked {
  readonly name: string
  /** Ours, and that of the floor. */
  readonly paths: readonly [string, string]
  readonly edits: boolean
}
const ASKED: readonly Asked[] = [
  ...QUESTIONS.map(({ name, path }) => ({ name, paths: [path, `/${name}`] as const, edits: false })),
  { name: 'five edits', paths: ['/api/changes', '/put'], edits: true },
]

async function perSecond(
  { device, authorization, ...ports }: Sides,
  asked: Asked,
  side: 0 | 1,
): Promise<number> {
  const port = side === 0 ? ports.ours : ports.bare
  const result = await autocannon({
    url: `http://127.0.0.1:${port}${asked.paths[side]}`,
    connections: TOGETHER,
    duration: SECONDS,
    headers: { authorization, 'content-type': 'application/json' },
    ...(asked.edits && {
      method: 'POST' as const,
      requests: [
        {
          method: 'POST' as const,
          setupRequest: (request) => ({ ...request, body: JSON.stringify({ changes: editsOf(device) }) }),
        },
      ],
    }),
  })
  if (result.non2xx > 0 || result.errors > 0) throw new Error(`${asked.name}: ${result.non2xx} refused`)
  return result.requests.average
}

async function compare(name: string, where: string): Promise<void> {
  const { sides, child } = await start(where)
  for (const asked of ASKED) {
    const figures: [number[], number[]] = [[], []]
    for (let turn = 0; turn < TURNS; turn++)
      for (const side of turn % 2 === 0 ? ([0, 1] as const) : ([1, 0] as const))
        figures[side].push(await perSecond(sides, asked, side))
    const [ours, bare] = figures.map(median) as [number, number]
    const share = median(figures[0].map((one, turn) => one / (figures[1][turn] ?? NaN)))
    console.log(
      `API on ${name}, ${asked.name}: ${ours.toFixed(0)} a second, bare ${bare.toFixed(0)}; turn by turn ${share.toFixed(2)} of it (wanted ${WANTED})`,
    )
  }
  child.kill()
}

const [DEVICES, MINUTE_MS, EVERY_MS] = [200, 60_000, 5000]

/** Each asks for news every five seconds, and brings an edit every third time. */
async function crowd(name: string, where: string): Promise<void> {
  const { sides, child } = await start(where)
  const url = `http://127.0.0.1:${sides.ours}`
  const headers = { authorization: sides.authorization, 'content-type': 'application/json' }
  const took: number[] = []
  let errors = 0
  const ask = async (path: string, init: RequestInit = {}) => {
    const from = performance.now()
    const isWell = await fetch(`${url}${path}`, { ...init, headers }).then(
      async (response) => (await response.text(), response.ok),
      () => false,
    )
    took.push(performance.now() - from)
    if (!isWell) errors++
  }
  const end = performance.now() + MINUTE_MS
  await Promise.all(
    Array.from({ length: DEVICES }, async (_, n) => {
      const job = randomUUID()
      await new Promise((done) => setTimeout(done, (n / DEVICES) * EVERY_MS))
      for (let i = n; performance.now() < end; i++) {
        await ask('/api/jobs?after=900000000000000')
        if (i % 3 === 0)
          await ask('/api/changes', {
            method: 'POST',
            body: JSON.stringify({ changes: editsOf(sides.device, job).slice(0, 1) }),
          })
        await new Promise((done) => setTimeout(done, EVERY_MS))
      }
    }),
  )
  took.sort((a, b) => a - b)
  const [half, p99] = [0.5, 0.99].map((share) => took[Math.floor(took.length * share)] ?? NaN)
  console.log(
    `API on ${name}, ${DEVICES} devices for a minute: ${took.length} questions, half within ${half?.toFixed(0)} ms, p99 ${p99?.toFixed(0)} ms, ${errors} errors (wanted 0)`,
  )
  child.kill()
}

export async function benchApi(): Promise<void> {
  const folder = mkdtempSync(join(tmpdir(), 'oak-api-'))
  const cluster = startCluster({ durable: true })
  try {
    const file = join(folder, 'oak-switch.sqlite')
    await makeShop(file, JOBS)
    const [from, to] = [await fileAsShop(file), await openForTool({ url: cluster.url, shop: 'bench' })]
    await copyRows(from, to)
    await Promise.all([from.close(), to.close()])
    for (const [name, where] of [
      ['SQLite', file],
      ['PostgreSQL', cluster.url],
    ] as const) {
      await compare(name, where)
      await crowd(name, where)
    }
  } finally {
    cluster.remove()
    rmSync(folder, { recursive: true, force: true })
  }
}
