// Runs a command with its output shown; ends the process with its code when it fails.
import { spawnSync } from 'node:child_process'
import { dirname, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'

export const root = resolve(dirname(fileURLToPath(import.meta.url)), '..', '..')

export function tryRun(command, args, { env = {}, cwd = root, quiet = false } = {}) {
  const result = spawnSync(command, args, {
    cwd,
    env: { ...process.env, ...env },
    stdio: quiet ? 'pipe' : ['ignore', 'inherit', 'inherit'],
    encoding: 'utf8',
  })
  return { code: result.status ?? 1, out: result.stdout ?? '', err: result.stderr ?? '' }
}

export function run(command, args, options) {
  const { code } = tryRun(command, args, options)
  if (code !== 0) {
    console.error(`\n${command} ${args.join(' ')} failed (${code}).`)
    process.exit(code)
  }
}

export const has = (command) => tryRun('sh', ['-c', `command -v ${command}`], { quiet: true }).code === 0
export const bin = (name) => resolve(root, 'node_modules', '.bin', name)
