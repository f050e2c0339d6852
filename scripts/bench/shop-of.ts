// A shop of so many jobs as a database file, for the benches: the demo's jobs over and over, each at a place and time of its own, sixty changes each.
import { readdirSync, readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import type { Change } from '../../core/job/change'
import { readJobFile } from '../../core/job/job-file'
import { first } from '../../core/quantity/at'
import { toRow } from '../../server/store/change-row'
import { openFile } from '../../server/store/sqlite/open'
import { jobIndex } from '../../server/store/jobs/index-jobs'

const CHANGES = 60
/** So many jobs in one transaction. */
const TOGETHER = 500
const DAY = 86_400_000
const LATEST = Date.UTC(2026, 10, 20)

const STREETS = ['Harbour', 'Gull', 'Linden', 'Mill', 'Ferry', 'Ropewalk', 'Heron', 'Tide']
const KINDS = ['bakery', 'clinic', 'school', 'workshop', 'hotel', 'library', 'gym', 'depot']

function templates(): Change[][] {
  const folder = resolve(__dirname, '..', '..', 'demo')
  return readdirSync(folder)
    .filter((name) => name.endsWith('.job.json'))
    .map((name) => {
      const read = readJobFile(readFileSync(resolve(folder, name), 'utf8'))
      if (!read.ok) throw new Error(`${name}: ${read.problems[0]?.message}`)
      // No pictures: the server has none of them.
      return read.file.changes.filter(({ path }) => path[0] !== 'photos').slice(0, CHANGES - 2)
    })
}

const hex = (n: number, digits: number): string => n.toString(16).padStart(digits, '0')
/** As devices make them: the time first, then what is unlike in each. */
const idOf = (at: number, n: number): string => {
  const time = hex(at, 12)
  // Multiplied by an odd number, so that they do not pack as a row of numbers would. From memory: Knuth's multiplicative hash.
  const mixed = hex(Math.imul(n, 2_654_435_761) >>> 0, 8)
  return `${time.slice(0, 8)}-${time.slice(8)}-7${mixed.slice(0, 3)}-8${mixed.slice(3, 6)}-${mixed.slice(6)}${hex(n, 10)}`
}

function jobOf(n: number, count: number, template: readonly Change[]): Change[] {
  const begun = LATEST - Math.floor(((count - n) / count) * 1500 * DAY)
  const job = idOf(begun, n * 61) as Change['job']
  const place = `${STREETS[n % 8] ?? ''} ${1 + (n % 97)}`
  const own: Pick<Change, 'path' | 'value'>[] = [
    { path: ['title'], value: `${KINDS[(n >> 3) % 8] ?? ''} ${n}, fan dead` },
    { path: ['site'], value: place },
  ]
  const notes = Array.from({ length: CHANGES - own.length - template.length }, (_, i) => ({
    path: ['notes'],
    value: `Note ${i} of job ${n}: looked at again, nothing new.`,
  }))
  return [...template, ...own, ...notes].map(({ path, value }, i) => ({
    id: idOf(begun + i * 1000, n * 61 + 1 + i),
    job,
    path: [...path],
    value,
    at: begun + i * 1000,
    device: idOf(LATEST, n % 5),
    technician: ['Ines Brandt', 'Tomas Vik', 'Noor Haddad'][n % 3] ?? '',
  }))
}

/** Writes the changes, and works out the summaries as the server does. */
export async function makeShop(file: string, count: number): Promise<void> {
  const db = await openFile(file)
  const kinds = templates()
  for (let from = 0; from < count; from += TOGETHER)
    await db.transaction().execute(async (trx) => {
      for (let n = from; n < Math.min(count, from + TOGETHER); n++) {
        const changes = jobOf(n, count, kinds[n % kinds.length] ?? [])
        await trx.insertInto('change').values(changes.map(toRow)).execute()
        await trx
          .insertInto('job')
          .values({ id: first(changes).job, stale: 1, rev: null, summary: null })
          .execute()
      }
    })
  await jobIndex(db).rest()
  await db.destroy()
}
