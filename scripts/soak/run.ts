// `npm run soak`: a thousand kills, twenty thousand wrong requests, a hundred runs of seven devices. `-- --kills 50 --requests 1000
// --runs 10 --seed 7` sets how many.
import { parseArgs } from 'node:util'
import { converge } from './devices'
import { fuzz } from './fuzz'
import { killAgainAndAgain } from './kills'

const { values } = parseArgs({
  options: {
    kills: { type: 'string', default: '1000' },
    requests: { type: 'string', default: '20000' },
    runs: { type: 'string', default: '100' },
    seed: { type: 'string', default: '1' },
  },
})
const [kills, requests, runs, seed] = [values.kills, values.requests, values.runs, values.seed].map(
  Number,
) as [number, number, number, number]

const MOST_OF_ONE = 1000

async function main(): Promise<void> {
  const wrong: string[] = []
  const devices = { runs: 0, edits: 0 }
  for (let i = 0; i < runs; i++) {
    const report = await converge(7, 60, seed + i)
    devices.runs++
    devices.edits += report.edits
    wrong.push(...report.wrong.map((said) => `Seed ${seed + i}: ${said}`))
  }
  console.log(`Seven devices: ${devices.runs} runs, ${devices.edits} edits, ${wrong.length} wrong.`)
  const asked = await fuzz(requests, seed)
  console.log(
    `Wrong requests: ${requests}, answered ${JSON.stringify(asked.statuses)}, ${asked.wrong.length} wrong.`,
  )
  // Within what one phone may ask in a minute.
  const pairedAsked = await fuzz(Math.min(requests, MOST_OF_ONE), seed, true)
  console.log(
    `The same to a paired server: answered ${JSON.stringify(pairedAsked.statuses)}, ${pairedAsked.wrong.length} wrong.`,
  )
  wrong.push(...pairedAsked.wrong)
  const killed = await killAgainAndAgain(kills, seed)
  console.log(
    `Kills: ${killed.kills}, ${killed.changes} changes and ${killed.photos} photos acknowledged, ${killed.wrong.length} wrong.`,
  )
  wrong.push(...asked.wrong, ...killed.wrong)
  for (const said of wrong.slice(0, 50)) console.error(said)
  process.exit(wrong.length > 0 ? 1 : 0)
}

main().catch((error: unknown) => {
  console.error(error)
  process.exit(1)
})
