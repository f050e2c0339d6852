import { spawn } from 'node:child_process'
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

let folder: string
beforeEach(() => void (folder = mkdtempSync(join(tmpdir(), 'oak-keep-'))))
afterEach(() => rmSync(folder, { recursive: true }))

const KEEPER = join(__dirname, 'setup', 'keep-running.mjs')
/** Keeps a script running that counts its starts in a file and then does `then`; tells how it all ended. */
async function keep(then: string): Promise<{ code: number | null; said: string; starts: number }> {
  const count = join(folder, 'count')
  const child = join(folder, 'child.cjs')
  writeFileSync(count, '')
  writeFileSync(
    child,
    `const fs = require('fs'); fs.appendFileSync(${JSON.stringify(count)}, 'x');
     const nth = fs.readFileSync(${JSON.stringify(count)}, 'utf8').length; ${then}`,
  )
  const keeping = `import { keepRunning } from ${JSON.stringify(KEEPER)};
    keepRunning(process.execPath, [${JSON.stringify(child)}], {}, { pauseMs: 5, most: 3, withinMs: 60000 })`
  const process_ = spawn(process.execPath, ['--input-type=module', '-e', keeping])
  let said = ''
  process_.stderr.on('data', (part: Buffer) => (said += part.toString()))
  const code = await new Promise<number | null>((done) => process_.on('exit', done))
  return { code, said, starts: readFileSync(count, 'utf8').length }
}

// Each start is a process of its own, which takes its time beside others.
jest.setTimeout(30_000)

it('one that was killed is started again, and it is said', async () => {
  const { code, said, starts } = await keep(`if (nth < 3) process.kill(process.pid, 'SIGKILL')`)
  expect([code, starts]).toEqual([0, 3])
  expect(said.match(/was ended by SIGKILL; it is started again/g)).toHaveLength(2)
})
it('one that has told why it cannot run is left alone', async () =>
  expect(await keep('process.exit(78)')).toEqual({ code: 78, said: '', starts: 1 }))
it('one that dies again and again is given up', async () => {
  const { code, said, starts } = await keep('throw new Error("no")')
  expect([code, starts]).toEqual([1, 4])
  expect(said).toContain('for the 4th time within a minute: it is not started again')
})
