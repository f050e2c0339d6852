// The server as it is started, built once before browser tests, pictures and benches; by a process of its own, since not every
// tool that runs them loads its modules.
import { execFileSync } from 'node:child_process'
import { join, resolve } from 'node:path'

const root = resolve(__dirname, '..')
const BUILD = join(root, 'scripts', 'setup', 'build-server.mjs')

export default function buildServer(): void {
  execFileSync(
    process.execPath,
    ['--input-type=module', '-e', `await (await import(${JSON.stringify(BUILD)})).buildServer()`],
    { cwd: root },
  )
}
