// `npm run mutants`: seeded single mutations over the core, the server and the app's models; each is held against the tests that reach
// it. `-- --count 250 --seed 1 --only core/circuit,core/wiring` sets how many, which, and where; `--quick` leaves the
// long searches out, so that a list of what may survive comes soon. Works on copies: the tree itself is never changed.
import { execFileSync, spawn } from 'node:child_process'
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join, resolve } from 'node:path'
import { parseArgs } from 'node:util'
import { known } from '../../core/quantity/at'
import { drawsFrom } from '../../core/quantity/draws'
import equivalentList from './equivalent.json'
import { mutationsOf, type Mutation } from './mutate'
import { QuickRunner } from './quick'
import { testsOf } from './related'

const ROOT = resolve(__dirname, '..', '..')
const COPIES = 2
/** A mutant that hangs is killed, and counts so. */
const LIMIT_MS = 240_000
const HANGS_MS = 8000
/** The nearest tests are asked; what they do not notice, one further off seldom does. */
const MOST_TESTS = 24
/** Long searches and outside simulators, all of them the core's: they are asked only of the files they stand beside. */
const SLOW_MS = 4000
/** Of those that need the whole of Jest, how far down the list they are asked. */
const NEAR = 6

/** Thousands of cases, minutes long: a run of them would end at the limit, and call every mutant killed. */
const TOO_LONG = /judged-\w+\.test|estimates\.test/

/** These look at every schema at once: limits, and the sentences that name them. */
const WIDE = /operations\/messages\.test|scripts\/schemas\.test/

/** This one reads every sentence, and takes its time: it is asked of sentences alone. */
const PROSE = /operations\/prose\.test/
const isSentence = ({ text }: Mutation): boolean => text === "''" || text.startsWith('`')

/** Changes that change nothing, with why; named by file, by what is changed and by the line it stands on. */
const equivalent: readonly Readonly<Record<'file' | 'what' | 'on' | 'why', string>>[] = equivalentList

interface Mutant extends Mutation {
  readonly file: string
  readonly line: number
  /** Nearest first. */
  readonly tests: readonly string[]
}
type Fate = 'killed' | 'survived' | 'no test'

const { values } = parseArgs({
  options: {
    count: { type: 'string', default: '250' },
    seed: { type: 'string', default: '1' },
    only: { type: 'string', default: '' },
    quick: { type: 'boolean', default: false },
  },
})

function fail(message: string): never {
  console.error(message)
  process.exit(1)
}

const git = (...args: string[]): string => execFileSync('git', args, { cwd: ROOT, encoding: 'utf8' }).trim()

/** The core, the server, and what the app works out without drawing. */
const isSubject = (file: string): boolean =>
  /^(core|server|app\/src)\/.*\.ts$/.test(file) &&
  !/\.test\.ts$|\/testing\/|^server\/(main|demo)\.ts$|\/app\/|operations\.worker/.test(file)

const lineOf = (text: string, { start }: Mutation): string =>
  text.slice(text.lastIndexOf('\n', start) + 1, text.indexOf('\n', start))

function drawMutants(files: readonly string[], count: number, seed: number): Mutant[] {
  const tests = testsOf(files)
  const all = files
    .filter((f) => isSubject(f) && values.only.split(',').some((start) => f.startsWith(start)))
    .flatMap((file): Mutant[] => {
      const text = readFileSync(file, 'utf8')
      const reached = (tests.get(file) ?? []).filter((test) => !TOO_LONG.test(test))
      return mutationsOf(file, text)
        .map((m) => ({ ...m, file, line: text.slice(0, m.start).split('\n').length, tests: reached }))
        .filter(
          (m) =>
            !equivalent.some((e) => e.file === file && e.what === m.what && lineOf(text, m).includes(e.on)),
        )
    })
  if (all.length === 0)
    fail(`There is nothing to change under “${values.only}”: no file of core/, server/ or app/src/.`)
  const random = drawsFrom(seed)
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
    'e2e',
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

/** How long each test takes by the quick way; Infinity: it needs the whole of Jest. */
type Times = ReadonlyMap<string, number>

/** Every test once without a change: its time, and whether the quick way can run it. One that fails by itself would call every mutant killed. */
async function timesOf(
  tests: readonly string[],
  runners: readonly QuickRunner[],
  copy: string,
): Promise<Times> {
  const times = new Map<string, number>()
  const queue = [...tests]
  const work = async (runner: QuickRunner) => {
    for (let test = queue.shift(); test; test = queue.shift()) {
      const answer = await runner.ask({ file: null, text: '', tests: [test] }, LIMIT_MS)
      times.set(test, answer && answer.failure === null ? answer.ms : Infinity)
    }
  }
  await Promise.all(runners.map(work))
  const whole = tests.filter((test) => times.get(test) === Infinity)
  if (whole.length > 0 && (await isKilled(copy, whole)))
    fail(
      `One of these fails without any change, so that nothing would be learned: ${whole.join(', ')}. Mend it first.`,
    )
  return times
}

/** The tests that are asked of a mutant: the nearest, the slow ones beside it, and those that look at everything; the quickest first. */
function askedOf(mutant: Mutant, times: Times): string[] {
  const { file, tests } = mutant
  const time = (test: string) => times.get(test) ?? 0
  const isSlow = (test: string) => test.startsWith('core/') && time(test) > SLOW_MS && time(test) !== Infinity
  const slow = values.quick ? [] : tests.filter((test) => isSlow(test) && dirname(test) === dirname(file))
  const asked = new Set([
    ...tests.filter((test) => !isSlow(test)).slice(0, MOST_TESTS),
    ...slow,
    ...tests.filter((test) => WIDE.test(test) || (PROSE.test(test) && isSentence(mutant))),
  ])
  return [...asked].sort((a, b) => time(a) - time(b))
}

async function fateOf(mutant: Mutant, { copy, runner, times }: Desk): Promise<Fate> {
  if (mutant.tests.length === 0) return 'no test'
  const asked = askedOf(mutant, times)
  const quick = asked.filter((test) => times.get(test) !== Infinity)
  const before = readFileSync(join(ROOT, mutant.file), 'utf8')
  const text = before.slice(0, mutant.start) + mutant.text + before.slice(mutant.end)
  const usual = quick.reduce((sum, test) => sum + (times.get(test) ?? 0), 0)
  const answer = await runner.ask({ file: mutant.file, text, tests: quick }, HANGS_MS + 4 * usual)
  if (answer?.failure !== null) return 'killed'
  // The whole of Jest is asked only where it stands near: it takes ten times as long.
  const whole = mutant.tests.slice(0, NEAR).filter((test) => times.get(test) === Infinity)
  if (whole.length === 0) return 'survived'
  writeFileSync(join(copy, mutant.file), text)
  try {
    return (await isKilled(copy, whole)) ? 'killed' : 'survived'
  } finally {
    writeFileSync(join(copy, mutant.file), before)
  }
}

/** What one of those that work side by side works with. */
interface Desk {
  readonly copy: string
  readonly runner: QuickRunner
  readonly times: Times
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
  const files = git('ls-files', 'core', 'server', 'app/src', 'scripts')
    .split('\n')
    .filter((f) => /\.tsx?$/.test(f))
  const mutants = drawMutants(files, count, seed)
  const started = Date.now()
  console.log(`${mutants.length} mutants, seed ${seed}, two at a time.`)
  const queue = [...mutants]
  const fates = new Map<Mutant, Fate>()
  const copies = Array.from({ length: COPIES }, makeCopy)
  const runners = copies.map(() => new QuickRunner())
  const tests = [...new Set(mutants.flatMap((m) => m.tests))]
  const times = await timesOf(tests, runners, known(copies[0], 'The copy'))
  console.log(`${tests.length} tests pass without a change, ${Math.round((Date.now() - started) / 1000)} s.`)
  const work = async (copy: string, at: number) => {
    const runner = known(runners[at], 'The runner')
    for (let mutant = queue.shift(); mutant; mutant = queue.shift()) {
      const fate = await fateOf(mutant, { copy, runner, times })
      fates.set(mutant, fate)
      if (fate !== 'killed') console.log(`${fate}: ${mutant.file}:${mutant.line}  ${mutant.what}`)
      if (fates.size % 50 === 0)
        console.log(`… ${fates.size} of ${mutants.length}, ${Math.round((Date.now() - started) / 1000)} s`)
    }
    runner.close()
    rmSync(copy, { recursive: true, force: true })
  }
  await Promise.all(copies.map(work))
  report(fates)
  console.log(`\nTook ${Math.round((Date.now() - started) / 1000)} s.`)
}

void main()
