// `npm run mutants`: seeded single mutations over the core, the server and the app's models; each is held against the tests that reach
// it. `-- --count 250 --seed 1 --only core/circuit` sets how many, which, and where. Works on copies: the tree itself is never changed.
import { execFileSync, spawn } from 'node:child_process'
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { parseArgs } from 'node:util'
import equivalentList from './equivalent.json'
import { mutationsOf, type Mutation } from './mutate'
import { testsOf } from './related'

const ROOT = resolve(__dirname, '..', '..')
const COPIES = 2
/** A mutant that hangs is killed, and counts so. */
const LIMIT_MS = 40_000
/** The nearest tests are asked; what they do not notice, one further off seldom does. */
const MOST_TESTS = 6
/** Long searches and outside simulators, each 10 s or more: they would be most of the time, and others see the same. */
const SLOW =
  /mutation\.test|oracle\.test|spice\.test|solve\.test|coverage\.test|ways\.test|stock-plan\/plan\.test|textbook\.test|judge\.test|pool\.test|oak\.test/

/** Changes that change nothing, with why; named by file and by what is changed. */
const equivalent: readonly { readonly file: string; readonly what: string; readonly why: string }[] =
  equivalentList

interface Mutant extends Mutation {
  readonly file: string
  readonly line: number
  readonly tests: readonly string[]
}
type Fate = 'killed' | 'survived' | 'no test'

const { values } = parseArgs({
  options: {
    count: { type: 'string', default: '250' },
    seed: { type: 'string', default: '1' },
    only: { type: 'string', default: '' },
  },
})

function fail(message: string): never {
  console.error(message)
  process.exit(1)
}

const git = (...args: string[]): string => execFileSync('git', args, { cwd: ROOT, encoding: 'utf8' }).trim()

/** Mulberry32: small, seeded, good enough to draw with (public domain, from memory). */
function randomFrom(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = Math.imul(state ^ (state >>> 15), state | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296
  }
}

/** The core, the server, and what the app works out without drawing. */
const isSubject = (file: string): boolean =>
  /^(core|server|app\/src)\/.*\.ts$/.test(file) &&
  !/\.test\.ts$|\/testing\/|^server\/(main|demo)\.ts$|\/app\/|operations\.worker/.test(file)

function drawMutants(files: readonly string[], count: number, seed: number): Mutant[] {
  const tests = testsOf(files)
  const all = files
    .filter((f) => isSubject(f) && f.startsWith(values.only))
    .flatMap((file): Mutant[] => {
      const text = readFileSync(file, 'utf8')
      const near = (tests.get(file) ?? []).filter((test) => !SLOW.test(test)).slice(0, MOST_TESTS)
      return mutationsOf(file, text)
        .filter((m) => !equivalent.some((e) => e.file === file && e.what === m.what))
        .map((m) => ({ ...m, file, line: text.slice(0, m.start).split('\n').length, tests: near }))
    })
  if (all.length === 0)
    fail(`There is nothing to change under “${values.only}”: no file of core/, server/ or app/src/.`)
  const random = randomFrom(seed)
  for (let i = all.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1))
    ;[all[i], all[j]] = [all[j] as Mutant, all[i] as Mutant]
  }
  return all.slice(0, count)
}

/** A copy of what the tests need; its packages are the tree's own. */
function makeCopy(): string {
  const copy = mkdtempSync(join(tmpdir(), 'oak-mutants-'))
  for (const part of [
    'core',
    'server',
    'demo',
    'docs',
    'scripts',
    'package.json',
    'jest.config.cjs',
    'babel.node.cjs',
    'tsconfig.json',
  ])
    cpSync(join(ROOT, part), join(copy, part), {
      recursive: true,
      filter: (path) => !path.includes('node_modules'),
    })
  for (const part of ['src', 'package.json', 'babel.config.js', 'app.json'])
    cpSync(join(ROOT, 'app', part), join(copy, 'app', part), { recursive: true })
  symlinkSync(join(ROOT, 'node_modules'), join(copy, 'node_modules'))
  return copy
}

/** Do the tests notice? A run that ends with an error, or does not end, has noticed. */
function isKilled(copy: string, tests: readonly string[]): Promise<boolean> {
  return new Promise((done) => {
    const jest = spawn(
      process.execPath,
      [
        join(ROOT, 'node_modules', '.bin', 'jest'),
        '--bail',
        '--silent',
        '--ci',
        '-w',
        '1',
        '--runTestsByPath',
        ...tests,
      ],
      { cwd: copy, stdio: 'ignore' },
    )
    const clock = setTimeout(() => jest.kill('SIGKILL'), LIMIT_MS)
    jest.on('exit', (code) => {
      clearTimeout(clock)
      done(code !== 0)
    })
  })
}

async function fateOf(copy: string, { file, start, end, text, tests }: Mutant): Promise<Fate> {
  if (tests.length === 0) return 'no test'
  const path = join(copy, file)
  const before = readFileSync(path, 'utf8')
  writeFileSync(path, before.slice(0, start) + text + before.slice(end))
  try {
    return (await isKilled(copy, tests)) ? 'killed' : 'survived'
  } finally {
    writeFileSync(path, before)
  }
}

const folderOf = (file: string): string =>
  file.startsWith('core/')
    ? file.split('/').slice(0, 2).join('/')
    : file.startsWith('app/')
      ? 'app models'
      : 'server'

function report(fates: ReadonlyMap<Mutant, Fate>): void {
  const folders = [...new Set([...fates.keys()].map((m) => folderOf(m.file)))].sort()
  const count = (folder: string, fate: Fate) =>
    [...fates].filter(([m, f]) => (folder === '' || folderOf(m.file).startsWith(folder)) && f === fate).length
  const line = (folder: string, name = folder) => {
    const [killed, survived, none] = [
      count(folder, 'killed'),
      count(folder, 'survived'),
      count(folder, 'no test'),
    ]
    const all = killed + survived + none
    console.log(
      `${name.padEnd(18)} ${String(killed).padStart(4)} killed, ${String(survived).padStart(3)} survived, ${String(none).padStart(3)} without a test: ${all === 0 ? 100 : Math.round((100 * killed) / all)} %`,
    )
  }
  console.log('\nBy folder')
  folders.forEach((folder) => line(folder))
  line('core/', 'core, all')
  line('', 'all')
  const left = [...fates].filter(([, fate]) => fate !== 'killed')
  if (left.length > 0) console.log('\nNot noticed')
  for (const [m, fate] of left)
    console.log(`${m.file}:${m.line}  ${m.what}${fate === 'no test' ? '  (no test reaches it)' : ''}`)
}

async function main(): Promise<void> {
  const [count, seed] = [Number(values.count), Number(values.seed)]
  if (!Number.isInteger(count) || count < 1 || !Number.isInteger(seed))
    fail('--count is a whole number from 1 up, --seed a whole number.')
  process.chdir(ROOT)
  if (git('status', '--porcelain', 'core', 'server', 'app', 'demo') !== '')
    fail(
      'The tree has changes that are not committed: commit or stash them, so that a survivor is a survivor of something known.',
    )
  const files = git('ls-files', 'core', 'server', 'app/src')
    .split('\n')
    .filter((f) => /\.tsx?$/.test(f))
  const mutants = drawMutants(files, count, seed)
  const started = Date.now()
  console.log(`${mutants.length} mutants, seed ${seed}, two at a time.`)
  const queue = [...mutants]
  const fates = new Map<Mutant, Fate>()
  const work = async () => {
    const copy = makeCopy()
    for (let mutant = queue.shift(); mutant; mutant = queue.shift()) {
      const fate = await fateOf(copy, mutant)
      fates.set(mutant, fate)
      if (fate !== 'killed') console.log(`${fate}: ${mutant.file}:${mutant.line}  ${mutant.what}`)
      if (fates.size % 25 === 0)
        console.log(`… ${fates.size} of ${mutants.length}, ${Math.round((Date.now() - started) / 1000)} s`)
    }
    rmSync(copy, { recursive: true, force: true })
  }
  await Promise.all(Array.from({ length: COPIES }, work))
  report(fates)
  console.log(`\nTook ${Math.round((Date.now() - started) / 1000)} s.`)
}

void main()
