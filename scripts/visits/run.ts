// `npm run bench:visits`: a thousand visits by robot, on both cores. `-- --count 200 --seed 1 --level 3 --show` sets how many, from which
// seed, how hard, and prints what went wrong visit by visit.
import { fork } from 'node:child_process'
import { cpus } from 'node:os'
import { parseArgs } from 'node:util'
import { visit, type Visit } from './robot'
import { printScore } from './score'

const { values } = parseArgs({
  options: {
    count: { type: 'string', default: '1000' },
    seed: { type: 'string', default: '1' },
    level: { type: 'string', default: '3' },
    show: { type: 'boolean', default: false },
    part: { type: 'string' },
  },
})
const [count, seed, level] = [Number(values.count), Number(values.seed), Number(values.level)]
if (![1, 2, 3].includes(level) || !Number.isInteger(count) || !Number.isInteger(seed) || count < 1) {
  console.error('Count and seed are whole numbers; a level is 1, 2 or 3.')
  process.exit(1)
}

/** Every so many-th visit, told to the one that asked. */
function work(part: string): void {
  const [at = 0, of = 1] = part.split('/').map(Number)
  for (let i = at; i < count; i += of) process.send?.(visit(seed + i, level as 1 | 2 | 3))
  process.disconnect()
}

async function all(): Promise<void> {
  const started = performance.now()
  const hands = Math.max(1, Math.min(cpus().length, 4))
  const visits: Visit[] = []
  await Promise.all(
    Array.from({ length: hands }, (_, i) => {
      const child = fork(__filename, [...process.argv.slice(2), '--part', `${i}/${hands}`], {
        execArgv: process.execArgv,
      })
      child.on('message', (one) => void visits.push(one as Visit))
      return new Promise<void>((resolve, reject) =>
        child.on('exit', (code) =>
          code === 0 ? resolve() : reject(new Error(`a robot ended with ${code}`)),
        ),
      )
    }),
  )
  visits.sort((a, b) => a.seed - b.seed)
  printScore(visits, values.show)
  console.log(`\nTook ${Math.round((performance.now() - started) / 1000)} s.`)
}

if (values.part !== undefined) work(values.part)
else
  all().catch((error: unknown) => {
    console.error(error)
    process.exit(1)
  })
