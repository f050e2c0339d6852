// Every motor on the van against the old one, row by row, and in an order that can be explained: a fail is never outvoted.
import type { HorsepowerChoice } from '../lead-sheet'
import { DECISIVE, type Candidate, type MatchRow, type OldMotor } from './criterion'
import { ampsRow, horsepowerFit, kindRow, phaseRow, rotationRow, speedClassRow, speedsRow, voltageRow } from './electrical'
import { mechanicalRows } from './mechanical'

/** `fits`: all known and good. `watch`: good with something to mind. `unknown`: something decisive is not known. `no`: a row fails. */
export type MatchVerdict = 'fits' | 'watch' | 'unknown' | 'no'

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

interface Ranked extends Match {
  readonly rank: readonly number[]
}

/** Matches, best first. Order: no fail before any, fewer fails, fewer decisive unknowns, nearer in horsepower, fewer to watch, fewer unknown; then by name. */
export function matchMotors(old: OldMotor, candidates: readonly Candidate[]): Match[] {
  return candidates
    .map((candidate) => matchOne(old, candidate))
    .sort((a, b) => compareRanks(a.rank, b.rank) || (a.name < b.name ? -1 : a.name > b.name ? 1 : a.id < b.id ? -1 : 1))
    .map(({ id, name, verdict, horsepower, sentence, rows, ask }) => ({ id, name, verdict, horsepower, sentence, rows, ask }))
}

function compareRanks(a: readonly number[], b: readonly number[]): number {
  const i = a.findIndex((x, k) => x !== b[k])
  return i < 0 ? 0 : (a[i] as number) - (b[i] as number)
}

function matchOne(old: OldMotor, candidate: Candidate): Ranked {
  const power = horsepowerFit(old, candidate)
  const rows = [kindRow(old, candidate), phaseRow(old, candidate), speedClassRow(old, candidate), power.row, voltageRow(old, candidate), ampsRow(old, power.setting), rotationRow(old, candidate), speedsRow(old, candidate), ...mechanicalRows(old, candidate)]
  const { fails, watched, unknown, open } = tally(rows)
  const verdict: MatchVerdict = fails > 0 ? 'no' : open.length > 0 ? 'unknown' : watched > 0 ? 'watch' : 'fits'
  return {
    id: candidate.id,
    name: candidate.name,
    verdict,
    horsepower: power.setting?.horsepower ?? null,
    sentence: sentenceOf(verdict, rows, power.setting, open),
    rows,
    ask: asksOf(rows, open),
    rank: [fails > 0 ? 1 : 0, fails, open.length, power.sizesAbove ?? 9, watched, unknown],
  }
}

interface Tally {
  readonly fails: number
  readonly watched: number
  readonly unknown: number
  /** The decisive rows that are unknown. */
  readonly open: readonly MatchRow[]
}

// One pass, since it runs once for each motor of a large stock.
function tally(rows: readonly MatchRow[]): Tally {
  let [fails, watched, unknown] = [0, 0, 0]
  const open: MatchRow[] = []
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
function asksOf(rows: readonly MatchRow[], open: readonly MatchRow[]): string[] {
  const asks: string[] = []
  for (const row of [...open, ...rows]) if (row.verdict === 'unknown' && row.ask && !asks.includes(row.ask)) asks.push(row.ask)
  return asks
}

function sentenceOf(verdict: MatchVerdict, rows: readonly MatchRow[], setting: HorsepowerChoice | null, open: readonly MatchRow[]): string {
  const of = (v: MatchRow['verdict']) => rows.filter((r) => r.verdict === v)
  switch (verdict) {
    case 'no': return of('fail').map((r) => r.reason).join(' ')
    case 'unknown': return `Not settled: ${open.map((r) => r.criterion.replace('-', ' ')).join(', ')} not known.`
    case 'watch': return `Will do${setting ? ` at ${setting.horsepower} hp` : ''}. ${of('watch')[0]?.reason ?? ''}`
    case 'fits': return `Fits${setting ? ` at ${setting.horsepower} hp` : ''}.`
  }
}
