// What is checked without running anything, two at a time, the longest first: for `npm test`, `npm run check`
// and `npm run lint`. The package that runs them is asked for late: it comes with the install.
import { bin, root } from './run.mjs'

const CHECKS = [
  { name: 'types-and-lint', command: [process.execPath, 'scripts/setup/types-and-lint.mjs'] },
  { name: 'format', command: [bin('prettier'), '--check', '--log-level', 'warn', '.'] },
  { name: 'unused', command: [bin('knip'), '--no-progress', '--no-config-hints'] },
  {
    name: 'layers',
    command: [
      bin('depcruise'),
      '--config',
      '.dependency-cruiser.cjs',
      'core',
      'app/src',
      'server',
      'scripts',
      'e2e',
    ],
  },
]

const shellWord = (word) => (/\s/.test(word) ? JSON.stringify(word) : word)

/** Runs the checks of these names, or all; tells the names of those that ran and of those that failed. */
export async function runChecks(wanted = []) {
  const { default: concurrently } = await import('concurrently')
  const chosen = CHECKS.filter(({ name }) => wanted.length === 0 || wanted.includes(name))
  const { result } = concurrently(
    chosen.map(({ name, command }) => ({
      name,
      command: command.map(shellWord).join(' '),
      cwd: root,
    })),
    { maxProcesses: 2, group: true, prefix: 'name' },
  )
  const failed = await result.then(
    () => [],
    (ends) => ends.filter((end) => end.exitCode !== 0).map((end) => end.command.name),
  )
  return { ran: chosen.map(({ name }) => name), failed }
}
