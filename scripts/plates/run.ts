// `npm run bench:plates`: three hundred made-up plates, photographed in three grades and read by the app's own parts in a browser.
import { createServer } from 'node:http'
import { createReadStream, existsSync, mkdirSync, writeFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { build } from 'esbuild'
import { chromium, type Browser } from '@playwright/test'
import { workOutHookup } from '../../core/circuit/hookup'
import { writeCode } from '../../core/job/card/code/code-text'
import { cardRecord } from '../../core/job/card/code/record'
import { requestFor } from '../../core/testing/fixtures'
import { GRADES, type Grade } from './photograph'
import type { ReadOne, Sort } from './page'

const root = resolve(__dirname, '..', '..')
const modules = join(root, 'node_modules')
const FONTS: readonly (readonly [string, number, string])[] = [
  [
    'Plain',
    500,
    '@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2',
  ],
  ...([500, 700] as const).map((w): [string, number, string] => [
    'Barlow Condensed',
    w,
    `@fontsource/barlow-condensed/files/barlow-condensed-latin-${w}-normal.woff2`,
  ]),
  ['Share Tech Mono', 500, '@fontsource/share-tech-mono/files/share-tech-mono-latin-400-normal.woff2'],
  ['B612 Mono', 500, '@fontsource/b612-mono/files/b612-mono-latin-400-normal.woff2'],
  ...([500, 700] as const).map((w): [string, number, string] => [
    'Oswald',
    w,
    `@fontsource/oswald/files/oswald-latin-${w}-normal.woff2`,
  ]),
  ['Doto', 700, '@fontsource/doto/files/doto-latin-900-normal.woff2'],
]
const PARTS: Readonly<Record<string, string>> = {
  'worker.min.js': 'tesseract.js/dist/worker.min.js',
  'zxing_reader.wasm': 'zxing-wasm/dist/reader/zxing_reader.wasm',
  'eng.traineddata.gz': '@tesseract.js-data/eng/4.0.0_best_int/eng.traineddata.gz',
}

async function main(): Promise<void> {
  const a = args()
  const { outputFiles } = await build({
    entryPoints: [join(__dirname, 'page.ts')],
    bundle: true,
    write: false,
    format: 'iife',
    platform: 'browser',
    define: { 'process.env.NODE_ENV': '"production"' },
    alias: { '@oak/core': join(root, 'core') },
    logLevel: 'error',
  })
  const script = outputFiles[0]?.text ?? ''
  const server = createServer((request, response) => {
    const path = new URL(request.url ?? '/', 'http://x').pathname
    if (path === '/') return response.setHeader('content-type', 'text/html').end(page())
    if (path === '/page.js') return response.setHeader('content-type', 'text/javascript').end(script)
    const name = path.replace(/^\/(readers|fonts)\//, '')
    const file = path.startsWith('/fonts/')
      ? join(modules, name)
      : join(modules, PARTS[name] ?? `tesseract.js-core/${name}`)
    if (name.includes('..') || !existsSync(file)) return response.writeHead(404).end()
    response.setHeader('content-type', /\.js$/.test(file) ? 'text/javascript' : 'application/octet-stream')
    return createReadStream(file).pipe(response)
  })
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done))
  const address = server.address()
  const url = `http://127.0.0.1:${typeof address === 'object' && address ? address.port : 0}/`
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  })
  try {
    for (const sort of a.sorts) {
      const all = await readAll(browser, url, a, sort)
      for (const grade of GRADES)
        tell(
          `${sort}, ${grade}`,
          all.filter((x) => x.grade === grade),
        )
      if (a.out) writeOut(a.out, all)
    }
    if (a.codes) await tellCodes(browser, url, a)
  } finally {
    await browser.close()
    server.close()
  }
}

const SORTS: readonly Sort[] = ['plates', 'tags']

interface Args {
  readonly each: number
  readonly seed: number
  readonly out: string | null
  readonly grades: readonly Grade[]
  readonly sorts: readonly Sort[]
  readonly codes: boolean
}
function args(): Args {
  const value = (name: string) => {
    const i = process.argv.indexOf(`--${name}`)
    return i < 0 ? null : (process.argv[i + 1] ?? null)
  }
  const [only, sort] = [value('grade'), value('only')]
  return {
    each: Number(value('each') ?? 100),
    seed: Number(value('seed') ?? 70_000),
    out: value('out'),
    grades: GRADES.filter((g) => !only || only.split(',').includes(g)),
    sorts: SORTS.filter((s) => !sort || sort === s),
    codes: !sort || sort === 'codes',
  }
}

const page = () =>
  `<!doctype html><meta charset="utf-8"><style>${FONTS.map(
    ([name, weight, file]) =>
      `@font-face{font-family:"${name}";font-weight:${weight};src:url(/fonts/${file})}`,
  ).join(
    '',
  )}</style><body>${FONTS.map(([name, weight]) => `<p style="font:${weight} 20px '${name}'">Ag09</p>`).join('')}<script src="/page.js"></script>`

type Read = ReadOne & { readonly grade: Grade; readonly seed: number }
type Reader = (seed: number, grade: Grade, picture: boolean, sort: Sort) => Promise<ReadOne>

async function readAll(
  browser: Browser,
  url: string,
  { each, seed, out, grades }: Args,
  sort: Sort,
): Promise<Read[]> {
  const tasks = grades.flatMap((grade, g) =>
    Array.from({ length: each }, (_, i) => ({ grade, seed: seed + g * 1000 + i })),
  )
  const done: Read[] = []
  const hands = [0, 1].map(async () => {
    const context = await browser.newContext()
    const tab = await context.newPage()
    tab.on('pageerror', (error) => console.error(error))
    await tab.goto(url)
    await tab.evaluate(
      'document.fonts.ready.then(() => Promise.all([...document.fonts].map((f) => f.load()))).then(() => 0)',
    )
    for (let task = tasks.shift(); task; task = tasks.shift()) {
      const one = await tab.evaluate(
        ([s, g, picture, of]) => (window as unknown as { readOne: Reader }).readOne(s, g, picture, of),
        [task.seed, task.grade, out !== null, sort] as const,
      )
      done.push({ ...one, ...task })
    }
    await context.close()
  })
  await Promise.all(hands)
  return done.sort((a, b) => a.seed - b.seed)
}

const CODES = 100

/** Photos of a printed card that is folded, dirty and tilted: how many codes are read. */
async function tellCodes(browser: Browser, url: string, { seed }: Args): Promise<void> {
  const tab = await browser.newPage()
  await tab.goto(url)
  const request = requestFor()
  const answer = workOutHookup(request)
  let read = 0
  for (let i = 0; i < CODES; i++) {
    const text = writeCode(
      cardRecord(request, answer, {
        job: `01950000-0000-7000-8000-${String(i).padStart(12, '0')}`,
        date: '2026-11-28',
        site: 'Gull Street 4',
        unitName: 'North',
        readings: [{ mode: 'cooling', amps: 1.3 }],
      }),
    )
    const ok = await tab.evaluate(
      ([s, t]) => (window as unknown as { readCardCode: CodeReader }).readCardCode(s, t),
      [seed + i, text] as const,
    )
    if (ok) read++
  }
  await tab.close()
  console.log(`codes  ${CODES} photos of a card: ${read} read`)
}
type CodeReader = (seed: number, text: string) => Promise<boolean>

/** Each figure of the plate, and each proposal that is none of it. */
export function judged({ truth, proposals }: Pick<ReadOne, 'truth' | 'proposals'>) {
  const right = truth.filter((t) => proposals.some((p) => p.field === t.field && p.means === t.means))
  const wrong = proposals.filter((p) => !truth.some((t) => t.field === p.field && t.means === p.means))
  return { right, missing: truth.filter((t) => !right.includes(t)), wrong }
}

function tell(name: string, reads: readonly Read[]): void {
  if (reads.length === 0) return
  const all = reads.map((read) => ({ read, ...judged(read) }))
  const figures = reads.reduce((n, r) => n + r.truth.length, 0)
  const sum = (of: (x: (typeof all)[number]) => number) => all.reduce((n, x) => n + of(x), 0)
  const [right, wrong] = [sum((x) => x.right.length), sum((x) => x.wrong.length)]
  const share = (n: number) => `${((100 * n) / figures).toFixed(1)} %`
  const times = reads.map((r) => r.ms).sort((a, b) => a - b)
  console.log(
    `${name.padEnd(13)} ${reads.length}, with ${figures} figures: right ${share(right)}, not proposed ${share(sum((x) => x.missing.length))}, proposed and wrong ${share(wrong)}; ${Math.round(times[times.length >> 1] ?? 0)} ms each`,
  )
  for (const { read, wrong: bad } of all)
    for (const p of bad)
      console.log(
        `  wrong, ${read.words} (${read.seed}): ${p.field} “${p.text}” → ${p.means}, ${p.confidence}; the plate says ${read.truth.find((t) => t.field === p.field)?.means ?? 'nothing of it'}`,
      )
}

/** All that was seen, for whoever works on the reader. */
function writeOut(folder: string, all: readonly Read[]): void {
  mkdirSync(folder, { recursive: true })
  for (const { picture, ...read } of all) {
    if (picture) writeFileSync(join(folder, `${read.seed}.png`), Buffer.from(picture, 'base64'))
    writeFileSync(join(folder, `${read.seed}.json`), JSON.stringify({ ...read, ...judged(read) }))
  }
}

main().catch((error: unknown) => {
  console.error(error)
  process.exitCode = 1
})
