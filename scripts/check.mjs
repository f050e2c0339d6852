// `npm run check`: types, lint, format, unused, layers, two at a time. `npm run lint` is lint, format and unused alone.
import { CHECKS } from './setup/checks.mjs'
import { install } from './setup/install.mjs'
import { bin, root } from './setup/run.mjs'

const wanted = process.argv.slice(2)
install()
const { default: concurrently } = await import('concurrently')
const started = Date.now()
const chosen = CHECKS.filter(({ name }) => wanted.length === 0 || wanted.includes(name))
const { result } = concurrently(
  chosen.map(({ name, command, args }) => ({ name, command: [bin(command), ...args].join(' '), cwd: root })),
  { maxProcesses: 2, group: true, prefix: 'name' },
)
const failed = await result.then(
  () => [],
  (ends) => ends.filter((end) => end.exitCode !== 0).map((end) => end.command.name),
)
console.log(`\nTook ${Math.round((Date.now() - started) / 1000)} s.`)
console.log(
  failed.length > 0 ? `Failed: ${failed.join(', ')}.` : `All well: ${chosen.map((c) => c.name).join(', ')}.`,
)
process.exit(failed.length > 0 ? 1 : 0)
