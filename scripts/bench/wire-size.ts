// JavaScript over the wire against a bare page of the same framework, built here and now.
import { readdirSync, readFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { buildBarePage } from './bare-page'
import { brotliCompressSync, constants, gzipSync } from 'node:zlib'

const root = resolve(__dirname, '..', '..')
const WANTED = 1.15
interface Sizes {
  readonly gzip: number
  readonly brotli: number
}

/** `home`: what home is drawn by; `page`: all that the page names, of which a part only runs once home is drawn; `whole`: every stage too. */
type Part = 'home' | 'page' | 'whole'

/** What the bundler calls the scripts that the first screen is drawn by. */
const DRAWS_HOME = /^(entry|__expo-metro-runtime)-/

function sizesIn(dist: string, part: Part): Sizes {
  const folder = join(dist, '_expo', 'static', 'js', 'web')
  const page = readFileSync(join(dist, 'index.html'), 'utf8')
  const isIn: Readonly<Record<Part, (name: string) => boolean>> = {
    home: (name) => DRAWS_HOME.test(name),
    page: (name) => page.includes(name),
    whole: () => true,
  }
  const scripts = readdirSync(folder)
    .filter((name) => name.endsWith('.js') && isIn[part](name))
    .map((name) => readFileSync(join(folder, name)))
  const sum = (compress: (data: Buffer) => Buffer) =>
    scripts.reduce((total, data) => total + compress(data).length, 0)
  return {
    gzip: sum((d) => gzipSync(d, { level: 9 })),
    brotli: sum((d) => brotliCompressSync(d, { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } })),
  }
}

export function benchWire(): void {
  console.log('JavaScript over the wire against a bare page of the same framework')
  const bare = sizesIn(buildBarePage(), 'page')
  const dist = join(root, 'app', 'dist')
  const ours = sizesIn(dist, 'home')
  const page = sizesIn(dist, 'page')
  const whole = sizesIn(dist, 'whole')
  for (const kind of ['gzip', 'brotli'] as const) {
    const ratio = ours[kind] / bare[kind]
    const kB = (bytes: number) => `${Math.round(bytes / 1000)} kB`
    console.log(
      `  ${kind.padEnd(6)}: home is drawn by ${kB(ours[kind])}, bare ${kB(bare[kind])}: ${ratio.toFixed(2)} times (wanted at most ${WANTED})${ratio > WANTED ? '  ABOVE' : ''}; with what several stages share, run once home is drawn, ${kB(page[kind])}; with every stage and the worker ${kB(whole[kind])}`,
    )
  }
}
