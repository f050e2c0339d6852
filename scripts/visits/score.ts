// What a thousand visits come to, by kind of fault: cause right, wrong, not told; good parts changed; tests against the least; first power.
import { minutesOf, type Visit } from './robot'

/** What is wanted of all of them. */
const WANTED = { right: 0.95, wrong: 0.01, goodParts: 0.03, tests: 1.5 }

const percent = (share: number): string => `${(100 * share).toFixed(1)} %`.padStart(8)
const mean = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0) / Math.max(1, list.length)

export interface Score {
  readonly visits: number
  readonly right: number
  readonly wrong: number
  readonly cannotTell: number
  /** Of all parts that were changed. */
  readonly goodParts: number
  /** Mean of tests used over the least that could have settled it. */
  readonly tests: number
  /** The same of minutes. */
  readonly minutes: number
  readonly firstPower: { readonly proven: number; readonly right: number }
  readonly dangerous: number
  readonly stuck: number
  readonly cured: number
}

/** Named first and so; named first and not so; not named. */
const first = ({ named }: Visit) =>
  named.length === 0 ? 'none' : named.some((n) => n.right) ? 'right' : 'wrong'
const share = (visits: readonly Visit[], is: (v: Visit) => boolean) =>
  visits.filter(is).length / Math.max(1, visits.length)

export function scoreOf(visits: readonly Visit[]): Score {
  const parts = visits.flatMap((v) => v.mended)
  const powers = visits.flatMap((v) => v.firstPowers).filter((p) => p.proven)
  return {
    visits: visits.length,
    right: share(visits, (v) => first(v) === 'right'),
    wrong: share(visits, (v) => first(v) === 'wrong'),
    cannotTell: share(visits, (v) => first(v) === 'none'),
    goodParts: parts.filter((p) => !p.wasBad).length / Math.max(1, parts.length),
    tests: mean(
      visits.flatMap((v) =>
        v.least === null || first(v) !== 'right' ? [] : [v.tests.length / v.least.tests],
      ),
    ),
    minutes: mean(
      visits.flatMap((v) =>
        v.least === null || first(v) !== 'right' ? [] : [minutesOf(v.tests) / Math.max(0.5, v.least.minutes)],
      ),
    ),
    firstPower: {
      proven: powers.length,
      right: powers.filter((p) => p.isRight).length,
    },
    dangerous: visits.reduce((sum, v) => sum + v.dangerous.length, 0),
    stuck: visits.filter((v) => v.stuck !== null).length,
    cured: share(visits, (v) => v.cured),
  }
}

function line(name: string, s: Score): string {
  return [
    name.padEnd(34),
    String(s.visits).padStart(5),
    percent(s.right),
    percent(s.wrong),
    percent(s.cannotTell),
    percent(s.goodParts),
    s.tests.toFixed(2).padStart(6),
    s.minutes.toFixed(2).padStart(7),
    `${s.firstPower.right}/${s.firstPower.proven}`.padStart(9),
    String(s.dangerous).padStart(6),
    String(s.stuck).padStart(6),
    percent(s.cured),
  ].join(' ')
}

/** What falls short of what is wanted, in words. */
function shortOf({ right, wrong, goodParts, tests, firstPower, dangerous, stuck }: Score): string[] {
  const said: readonly (readonly [boolean, string])[] = [
    [right < WANTED.right, `cause right ${percent(right).trim()}, wanted ${percent(WANTED.right).trim()}`],
    [wrong > WANTED.wrong, `cause wrong ${percent(wrong).trim()}, wanted ${percent(WANTED.wrong).trim()}`],
    [
      goodParts > WANTED.goodParts,
      `good parts ${percent(goodParts).trim()}, wanted ${percent(WANTED.goodParts).trim()}`,
    ],
    [tests > WANTED.tests, `tests ${tests.toFixed(2)} times the least, wanted ${WANTED.tests}`],
    [firstPower.right < firstPower.proven, `first power right ${firstPower.right} of ${firstPower.proven}`],
    [dangerous > 0, `dangerous ${dangerous}`],
    [stuck > 0, `stuck ${stuck}`],
  ]
  return said.flatMap(([is, words]) => (is ? [words] : []))
}

/** Worth a look: not named right, stuck, a good part changed, or a first power that was not right. */
const isOdd = (v: Visit): boolean =>
  first(v) !== 'right' ||
  v.stuck !== null ||
  v.mended.some((m) => !m.wasBad) ||
  v.firstPowers.some((p) => p.proven && !p.isRight)

/** The table; `show`: each visit that went wrong, with its seed. */
export function printScore(visits: readonly Visit[], show: boolean): void {
  const kinds = [...new Set(visits.flatMap((v) => v.faults))].sort()
  console.log(
    `${'fault (alone or with others)'.padEnd(34)} visits    right    wrong not told good part  tests minutes    power danger  stuck    cured`,
  )
  for (const kind of kinds) console.log(line(kind, scoreOf(visits.filter((v) => v.faults.includes(kind)))))
  const all = scoreOf(visits)
  console.log(line('all', all))
  const short = shortOf(all)
  console.log(short.length === 0 ? '\nAs wanted.' : `\nShort of what is wanted: ${short.join('; ')}.`)
  if (!show) return
  for (const v of visits.filter(isOdd)) console.log(JSON.stringify(v))
}
