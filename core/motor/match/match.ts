// Every motor on the van against the old one, row by row, and in an order that can be explained: a fail is never outvoted.
import {
  DECISIVE,
  tell,
  type Candidate,
  type JudgedRow,
  type MatchRow,
  type OldMotor,
  type PowerChoice,
} from './criterion'
import {
  ampsRow,
  horsepowerFit,
  kindRow,
  phaseRow,
  rotationRow,
  speedClassRow,
  speedsRow,
} from './electrical'
import { mechanicalRows } from './mechanical'
import { hertzRow, voltageRow } from './supply-rows'
import { criterionName } from './shared-unknowns'

/** `fits`: all known and good. `watch`: good with something to mind. `unknown`: something decisive is not known. `no`: a row fails. */
export type MatchVerdict = 'fits' | 'watch' | 'unknown' | 'no'

/** A motor against the old one: verdict, setting, and the rows that make it. */
export interface Match {
  readonly id: string
  readonly name: string
  readonly verdict: MatchVerdict
  /** The horsepower to set; null when none fits. */
  readonly horsepower: string | null
  readonly sentence: string
  /** In the order of the criteria. */
  readonly rows: readonly MatchRow[]
  /** What to read or measure to settle what is unknown, the decisive first. */
  readonly ask: readonly string[]
}

/** Matches, best first. Order: no fail before any, fewer fails, fewer decisive unknowns, nearer in horsepower, fewer to watch, fewer unknown; then by name. */
export const matchMotors = (old: OldMotor, candidates: readonly Candidate[]): readonly Match[] =>
  matchBest(old, candidates, candidates.length).matches

/** The best of many candidates, and how many there are of each verdict. */
export interface BestMatches {
  /** The best, in order. */
  readonly matches: readonly Match[]
  /** How many of all the candidates have each verdict. */
  readonly counts: Readonly<Record<MatchVerdict, number>>
}

/** The best `most` of the candidates with their rows. Of a large stock the others are ranked and let go: nobody reads 2,000 times twenty rows. */
export function matchBest(old: OldMotor, candidates: readonly Candidate[], most: number): BestMatches {
  const counts: Record<MatchVerdict, number> = { fits: 0, watch: 0, unknown: 0, no: 0 }
  const ranked = candidates.map((candidate) => {
    const judged = judge(old, candidate)
    counts[judged.verdict] += 1
    return { candidate, rank: judged.rank }
  })
  ranked.sort(
    (a, b) =>
      a.rank - b.rank ||
      compareTexts(a.candidate.name, b.candidate.name) ||
      compareTexts(a.candidate.id, b.candidate.id),
  )
  return {
    matches: ranked.slice(0, most).map(({ candidate }) => describe(candidate, judge(old, candidate))),
    counts,
  }
}

const compareTexts = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)

/** The order as one number, so that thousands are compared without a list for each: six counts of five bits, the weightiest first. */
const rankOf = (...counts: readonly [number, number, number, number, number, number]): number =>
  counts.reduce((rank, count) => rank * 32 + Math.min(31, count), 0)

interface Judged extends Tally {
  readonly rows: readonly JudgedRow[]
  readonly setting: PowerChoice | null
  readonly verdict: MatchVerdict
  readonly rank: number
}

function judge(old: OldMotor, candidate: Candidate): Judged {
  const power = horsepowerFit(old, candidate)
  const rows = [
    kindRow(old, candidate),
    phaseRow(old, candidate),
    speedClassRow(old, candidate),
    power.row,
    voltageRow(old, candidate),
    hertzRow(old, candidate),
    ampsRow(old, candidate, power.setting),
    rotationRow(old, candidate),
    speedsRow(old, candidate),
    ...mechanicalRows(old, candidate),
  ]
  const counted = tally(rows)
  const { fails, watched, unknown, open } = counted
  const verdict = verdictOf(fails, open.length, watched)
  return {
    ...counted,
    rows,
    setting: power.setting,
    verdict,
    rank: rankOf(fails > 0 ? 1 : 0, fails, open.length, power.sizesAbove ?? 9, watched, unknown),
  }
}

/** One fail outweighs all; then what is not known and decides; then what is to be watched. */
function verdictOf(fails: number, open: number, watched: number): MatchVerdict {
  if (fails > 0) return 'no'
  if (open > 0) return 'unknown'
  return watched > 0 ? 'watch' : 'fits'
}

function describe({ id, name }: Candidate, judged: Judged): Match {
  const { setting, verdict, open } = judged
  const rows = judged.rows.map(tell)
  return {
    id,
    name,
    verdict,
    rows,
    horsepower: setting?.horsepower ?? null,
    sentence: sentenceOf(verdict, rows, setting, open),
    ask: asksOf(rows, open),
  }
}

interface Tally {
  readonly fails: number
  readonly watched: number
  readonly unknown: number
  /** The decisive rows that are unknown. */
  readonly open: readonly JudgedRow[]
}

// One pass, since it runs once for each motor of a large stock.
function tally(rows: readonly JudgedRow[]): Tally {
  let [fails, watched, unknown] = [0, 0, 0]
  const open: JudgedRow[] = []
  for (const row of rows) {
    if (row.verdict === 'fail') fails++
    else if (row.verdict === 'watch') watched++
    else if (row.verdict === 'unknown') {
      unknown++
      if (DECISIVE.includes(row.criterion)) open.push(row)
    }
  }
  return { fails, watched, unknown, open }
}

/** The decisive first, each once. */
function asksOf(rows: readonly MatchRow[], open: readonly JudgedRow[]): string[] {
  const asks: string[] = []
  for (const row of [...open, ...rows])
    if (row.verdict === 'unknown' && row.ask && !asks.includes(row.ask)) asks.push(row.ask)
  return asks
}

function sentenceOf(
  verdict: MatchVerdict,
  rows: readonly MatchRow[],
  setting: PowerChoice | null,
  open: readonly JudgedRow[],
): string {
  const of = (v: MatchRow['verdict']) => rows.filter((r) => r.verdict === v)
  switch (verdict) {
    case 'no':
      return of('fail')
        .map((r) => r.reason)
        .join(' ')
    case 'unknown':
      return `Not settled: ${open.map((r) => criterionName(r.criterion)).join(', ')} not known.`
    case 'watch':
      return `Will do${setting ? ` at ${setting.horsepower} hp` : ''}. ${of('watch')[0]?.reason ?? ''}`
    case 'fits':
      return `Fits${setting ? ` at ${setting.horsepower} hp` : ''}.`
  }
}
