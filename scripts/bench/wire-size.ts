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

/** The scripts of a build: all of them, or only those that its page names, which is all that the first screen needs. */
function sizesIn(dist: string, part: 'first load' | 'whole'): Sizes {
  const folder = join(dist, '_expo', 'static', 'js', 'web')
  const page = readFileSync(join(dist, 'index.html'), 'utf8')
  const scripts = readdirSync(folder)
    .filter((name) => name.endsWith('.js') && (part === 'whole' || page.includes(name)))
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
  const bare = sizesIn(buildBarePage(), 'first load')
  const dist = join(root, 'app', 'dist')
  const ours = sizesIn(dist, 'first load')
  const whole = sizesIn(dist, 'whole')
  for (const kind of ['gzip', 'brotli'] as const) {
    const ratio = ours[kind] / bare[kind]
    const kB = (bytes: number) => `${Math.round(bytes / 1000)} kB`
    console.log(
      `  ${kind.padEnd(6)}: first load ${kB(ours[kind])}, bare ${kB(bare[kind])}: ${ratio.toFixed(2)} times (wanted at most ${WANTED})${ratio > WANTED ? '  ABOVE' : ''}; with every stage and the worker, fetched later, ${kB(whole[kind])}: ${(whole[kind] / bare[kind]).toFixed(2)} times`,
    )
  }
}
