// A process that answers whether tests notice a changed file. Tests and core are bundled anew for each change, the changed text in
// place of the file's own, and run here under the words that tests are written in: a tenth of a second in place of a whole Jest.
import { build, type Plugin } from 'esbuild'
import { expect } from 'expect'
import { fn, spyOn } from 'jest-mock'
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { constants, runInThisContext } from 'node:vm'
import { dirname, join, resolve } from 'node:path'
import { bind } from 'jest-each'

const ROOT = resolve(__dirname, '..', '..')

export interface Question {
  /** From the root; with the text to put in its place. null: nothing is changed. */
  readonly file: string | null
  readonly text: string
  readonly tests: readonly string[]
}
export interface QuickAnswer {
  /** A test failed, or could not be loaded: its words; null: all passed. */
  readonly failure: string | null
  readonly ms: number
}

/** The core by its package name, packages from outside, and the one file that is changed. */
const changed = ({ file, text }: Question): Plugin => ({
  name: 'changed',
  setup(made) {
    const changedPath = file === null ? '' : join(ROOT, file)
    made.onResolve({ filter: /^@oak\/core\// }, ({ path, kind }) =>
      made.resolve(`./${path.replace('@oak/core/', 'core/')}`, { resolveDir: ROOT, kind }),
    )
    made.onResolve({ filter: /^[^./]/ }, ({ path, kind }) =>
      kind === 'entry-point' || path.startsWith('@oak/') ? undefined : { path, external: true },
    )
    made.onLoad({ filter: /\.tsx?$/ }, ({ path }) => ({
      contents: atHome(path, path === changedPath ? text : readFileSync(path, 'utf8')),
      loader: path.endsWith('x') ? 'tsx' : 'ts',
      resolveDir: dirname(path),
    }))
  },
})

/** In a bundle a file has lost its own folder: said, where it asks. */
const atHome = (path: string, text: string): string =>
  /\b__dirname\b/.test(text) ? `const __dirname = ${JSON.stringify(dirname(path))}\n${text}` : text

async function bundled(question: Question): Promise<string> {
  const made = await build({
    stdin: {
      contents: question.tests
        .map((test) => `__file(${JSON.stringify(test)}, () => require('./${test}'))`)
        .join('\n'),
      resolveDir: ROOT,
    },
    bundle: true,
    write: false,
    format: 'cjs',
    platform: 'node',
    target: 'node20',
    logLevel: 'silent',
    absWorkingDir: ROOT,
    plugins: [changed(question)],
  })
  return made.outputFiles[0]?.text ?? ''
}

type Body = () => unknown
/** What is done around each case of a file or of one `describe`. */
interface Scope {
  readonly before: Body[]
  readonly after: Body[]
}
interface Case {
  readonly name: string
  readonly body: Body
  /** From the outermost in. */
  readonly scopes: readonly Scope[]
}

/** The words of a test file. Each file's cases run in their order, after the file is read; the first failure ends all. */
function words() {
  const cases: Case[] = []
  let scopes: readonly Scope[] = []
  const within = (body: Body) => {
    const outer = scopes
    scopes = [...outer, { before: [], after: [] }]
    body()
    scopes = outer
  }
  const it = (name: string, body: Body) => void cases.push({ name, body, scopes })
  const describe = (_: string, body: Body) => within(body)
  const each = (one: (name: string, body: Body) => void) =>
    bind(one as unknown as Parameters<typeof bind>[0], false)
  Object.assign(it, { each: each(it) })
  Object.assign(describe, { each: each(describe) })
  const beforeEach = (body: Body) => void scopes.at(-1)?.before.push(body)
  const afterEach = (body: Body) => void scopes.at(-1)?.after.push(body)
  return {
    cases,
    within,
    globals: { it, test: it, describe, expect, beforeEach, afterEach, jest: { fn, spyOn } },
  }
}

async function runCase({ name, body, scopes }: Case): Promise<void> {
  try {
    for (const { before } of scopes) for (const prepare of before) await prepare()
    await body()
    for (const { after } of [...scopes].reverse()) for (const tidy of after) await tidy()
  } catch (error) {
    throw new Error(`${name}: ${String(error)}`)
  }
}

async function run(code: string): Promise<void> {
  const files: { readonly test: string; readonly load: Body }[] = []
  const require = createRequire(join(ROOT, 'package.json'))
  const { cases, within, globals } = words()
  const names = Object.keys(globals)
  // The bundle is a program made here, of this repository's own tests.
  const program = runInThisContext(
    `(function (require, module, exports, __file, ${names.join(', ')}) {${code}\n})`,
    { importModuleDynamically: constants.USE_MAIN_CONTEXT_DEFAULT_LOADER },
  ) as (...given: readonly unknown[]) => void
  const file = (test: string, load: Body) => void files.push({ test, load })
  program(require, { exports: {} }, {}, file, ...Object.values(globals))
  for (const { load } of files) {
    cases.length = 0
    within(load)
    for (const one of cases) await runCase(one)
  }
}

process.on('message', (question: Question) => {
  const from = performance.now()
  const answer = (failure: string | null) =>
    process.send?.({ failure, ms: performance.now() - from } satisfies QuickAnswer)
  bundled(question)
    .then(run)
    .then(
      () => answer(null),
      (error: unknown) => answer(error instanceof Error ? error.message : String(error)),
    )
})
