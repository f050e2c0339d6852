// `npm run soak`: on each database a thousand kills, twenty thousand wrong requests, a hundred runs of seven devices. `-- --kills 50 --requests 1000
// --runs 10 --seed 7` sets how many.
import { parseArgs } from 'node:util'
import type { Place } from '../../server/store/postgres/connect'
import { openShopAt } from '../../server/store/postgres/open'
import { fileAsShop } from '../../server/store/sqlite/open'
import { startCluster } from '../../server/testing/cluster'
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

/** Within what one phone may ask in a minute. */
const MOST_OF_ONE = 1000

const wrong: string[] = []
function tell(what: string, found: readonly string[]): void {
  console.log(`${what}, ${found.length} wrong.`)
  wrong.push(...found)
}

/** `place`: a shop of its own on a cluster, reached by two processes; none: a file, and one. */
async function soak(name: string, place?: () => Place): Promise<void> {
  let edits = 0
  const unlike: string[] = []
  for (let i = 0; i < runs; i++) {
    const at = place?.()
    const open = at ? [await openShopAt(at), await openShopAt(at)] : [await fileAsShop(':memory:')]
    const report = await converge({ count: 7, steps: 60, seed: seed + i, shops: open.map(({ db }) => db) })
    edits += report.edits
    unlike.push(...report.wrong.map((said) => `${name}, seed ${seed + i}: ${said}`))
    for (const one of open) await one.close()
  }
  tell(`${name}: seven devices: ${runs} runs, ${edits} edits`, unlike)
  for (const paired of [false, true]) {
    const of = paired ? 'a paired server' : 'an open server'
    const asked = await fuzz(paired ? Math.min(requests, MOST_OF_ONE) : requests, seed, {
      paired,
      place: place?.(),
    })
    tell(`${name}: wrong requests to ${of}, answered ${JSON.stringify(asked.statuses)}`, asked.wrong)
    const processes = place ? 2 : 1
    const killed = await killAgainAndAgain(Math.round(kills / 2), seed, {
      paired,
      place: place?.(),
      processes,
    })
    tell(
      `${name}: ${killed.kills} kills of ${of}, ${killed.changes} changes and ${killed.photos} photos acknowledged`,
      killed.wrong,
    )
  }
}

async function main(): Promise<void> {
  await soak('SQLite')
  const cluster = startCluster({ durable: true })
  let made = 0
  try {
    await soak('PostgreSQL, two processes', () => ({ url: cluster.url, shop: `soak${++made}` }))
  } finally {
    cluster.remove()
  }
  for (const said of wrong.slice(0, 50)) console.error(said)
  process.exit(wrong.length > 0 ? 1 : 0)
}

main().catch((error: unknown) => {
  console.error(error)
  process.exit(1)
})
