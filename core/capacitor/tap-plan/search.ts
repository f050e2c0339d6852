// Branch and bound over "which load gets this section, or none", largest section first. Whole picofarads throughout,
// so that ties are ties. It proves its answer best unless it runs out of steps, and says which.
import { isWithin } from '../../quantity/exact'
import { distanceToNearest, tailTotals } from './reachable'
import { isBetter, type Preference, type Score } from './score'

export interface SearchProblem {
  /** Section values in picofarads, largest first. */
  readonly values: readonly number[]
  /** Load targets in picofarads, above 0; no more loads than sections. */
  readonly targets: readonly number[]
  readonly tolerancePercent: number
  readonly prefer: Preference
}

export interface SearchResult {
  /** Per section the index of its load, or targets.length for unused. */
  readonly assignment: readonly number[]
  readonly score: Score
  /** False when the step limit ended the search: the answer is good, but a better one was not ruled out. */
  readonly proven: boolean
}

/** Steps before the search stops and says so: about two seconds on a phone, never reached by real cans. */
export const STEP_LIMIT = 2_000_000
// Tails of this length get a table of totals: 2^12 entries at the most.
const TABLE_LENGTH = 12
const SHORT_TABLE_LENGTH = 7

/** The best assignment with every load given at least one section, or null when `simple` finds none within tolerance. */
export function searchPlan(
  { values, targets, tolerancePercent, prefer }: SearchProblem,
  stepLimit = STEP_LIMIT,
): SearchResult | null {
  const n = values.length
  const k = targets.length
  const unused = k
  const tables = tailTotals(values, Math.max(0, n - (n > 12 ? TABLE_LENGTH : SHORT_TABLE_LENGTH)))
  const tailSum = new Float64Array(n + 1)
  for (let i = n - 1; i >= 0; i--) tailSum[i] = (tailSum[i + 1] as number) + (values[i] as number)
  const targetSum = targets.reduce((a, b) => a + b, 0)

  const choice = new Int32Array(n).fill(unused)
  const sums = new Float64Array(k)
  const counts = new Int32Array(k)
  let usedCount = 0
  let emptyLoads = k
  let steps = 0
  let best: { assignment: number[]; score: Score } | null = null

  const allowedError = (load: number): number => {
    if (prefer === 'simple') return tolerancePercent / 100
    return best ? best.score.worst : Math.max(1, (tailSum[0] as number) / (targets[load] as number))
  }

  /** Keeps the present assignment, the rest left unused, when it is the best so far. */
  function consider(): void {
    let worst = 0
    let sum = 0
    for (let load = 0; load < k; load++) {
      const target = targets[load] as number
      if (prefer === 'simple' && !isWithin(sums[load] as number, target, tolerancePercent)) return
      const error = Math.abs((sums[load] as number) - target) / target
      if (error > worst) worst = error
      sum += error
    }
    const score = { worst, jumpers: usedCount - k, sum }
    if (!best || isBetter(score, best.score, prefer)) best = { assignment: Array.from(choice), score }
  }

  /** Can sections from `next` on still lead to something better? A bound that never promises too little. */
  function hopeful(next: number): boolean {
    if (emptyLoads > n - next) return false
    const rest = tailSum[next] as number
    const table = tables[next]
    const largest = next < n ? (values[next] as number) : 0
    let worst = 0
    let sum = 0
    let missing = 0
    let more = 0
    for (let load = 0; load < k; load++) {
      const target = targets[load] as number
      const gap = target - (sums[load] as number)
      const away = table ? distanceToNearest(table, gap) : gap < 0 ? -gap : gap > rest ? gap - rest : 0
      const error = away / target
      if (error > worst) worst = error
      sum += error
      if (gap > 0) missing += gap
      // One part in 10^12 of slack: a quotient times its divisor may round past the whole number it came from.
      const needed = gap - allowedError(load) * target * (1 + 1e-12) - 1e-3
      more +=
        counts[load] === 0 || needed > 0
          ? Math.max(1, largest > 0 ? Math.ceil(needed / largest) : Infinity)
          : 0
    }
    const shared = (missing - rest) / targetSum
    if (shared > worst) worst = shared - 1e-12
    if (prefer === 'simple' && worst * 100 > tolerancePercent + 1e-9) return false
    if (usedCount + more > n) return false
    return !best || isBetter({ worst, jumpers: usedCount + more - k, sum }, best.score, prefer)
  }

  function assign(section: number, load: number, sign: 1 | -1): void {
    sums[load] = (sums[load] as number) + sign * (values[section] as number)
    counts[load] = (counts[load] as number) + sign
    usedCount += sign
    if (sign === 1 && counts[load] === 1) emptyLoads--
    if (sign === -1 && counts[load] === 0) emptyLoads++
  }

  function visit(section: number): void {
    if (section === n || ++steps > stepLimit || !hopeful(section)) return
    // Equal sections are interchangeable: the second never goes to an earlier load than the first.
    const first = section > 0 && values[section] === values[section - 1] ? (choice[section - 1] as number) : 0
    let tried = 0
    for (;;) {
      const load = neediest(first, tried, values[section] as number)
      if (load < 0) break
      tried |= 1 << load
      choice[section] = load
      assign(section, load, 1)
      if (emptyLoads === 0) consider()
      visit(section + 1)
      assign(section, load, -1)
      choice[section] = unused
    }
    visit(section + 1)
  }

  /** The load not yet tried that this section suits best; -1 when none is left. Loads with the same target fill in order. */
  function neediest(first: number, tried: number, value: number): number {
    let found = -1
    let least = Infinity
    for (let load = first; load < k; load++) {
      if (tried & (1 << load)) continue
      if (load > 0 && counts[load] === 0 && counts[load - 1] === 0 && targets[load] === targets[load - 1])
        continue
      const away =
        Math.abs((sums[load] as number) + value - (targets[load] as number)) / (targets[load] as number)
      if (away < least) {
        least = away
        found = load
      }
    }
    return found
  }

  visit(0)
  const found = best as { assignment: number[]; score: Score } | null
  return found && { ...found, proven: steps <= stepLimit }
}
