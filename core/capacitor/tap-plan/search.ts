// Branch and bound over "which load gets this section, or none", largest section first. Whole picofarads throughout,
// so that ties are ties. It proves its answer best unless it runs out of steps, and says which.
import { isWithin } from '../../quantity/exact'
import { distanceToNearest, tailTotals } from './reachable'
import { isBetter, type Preference, type Score } from './score'

/** What the search works on. */
export interface SearchProblem {
  /** Section values in picofarads, largest first. */
  readonly values: readonly number[]
  /** Load targets in picofarads, above 0; no more loads than sections. */
  readonly targets: readonly number[]
  readonly tolerancePercent: number
  readonly prefer: Preference
}

/** The best assignment found. */
export interface SearchResult {
  /** Per section the index of its load, or targets.length for unused. */
  readonly assignment: readonly number[]
  readonly score: Score
  /** False when the step limit ended the search: the answer is good, but a better one was not ruled out. */
  readonly proven: boolean
}

/** Steps before the search stops and says so: about two seconds on a phone, never reached by real cans. */
const STEP_LIMIT = 2_000_000
// Tails of this length get a table of totals: 2^12 entries at the most.
const TABLE_LENGTH = 12
const SHORT_TABLE_LENGTH = 7

/** The best assignment with every load given at least one section, or null when `simple` finds none within tolerance. */
export function searchPlan(problem: SearchProblem, stepLimit = STEP_LIMIT): SearchResult | null {
  const search = new TapSearch(problem, stepLimit)
  search.visit(0)
  return search.best && { ...search.best, proven: search.steps <= stepLimit }
}

/** One search: which load each section before the present one serves, and what that gives the loads. */
class TapSearch {
  best: { readonly assignment: number[]; readonly score: Score } | null = null
  steps = 0
  private readonly sectionCount: number
  private readonly loadCount: number
  private readonly tables: ReturnType<typeof tailTotals>
  /** What all sections from an index on add up to. */
  private readonly tailSum: Float64Array
  private readonly targetSum: number
  private readonly choice: Int32Array
  private readonly sums: Float64Array
  private readonly counts: Int32Array
  private usedCount = 0
  private emptyLoads: number

  constructor(
    private readonly problem: SearchProblem,
    private readonly stepLimit: number,
  ) {
    const { values, targets } = problem
    const n = values.length
    this.sectionCount = n
    this.loadCount = targets.length
    this.tables = tailTotals(values, Math.max(0, n - (n > 12 ? TABLE_LENGTH : SHORT_TABLE_LENGTH)))
    this.tailSum = new Float64Array(n + 1)
    for (let i = n - 1; i >= 0; i--) this.tailSum[i] = this.tailSum[i + 1]! + values[i]!
    this.targetSum = targets.reduce((a, b) => a + b, 0)
    this.choice = new Int32Array(n).fill(this.loadCount)
    this.sums = new Float64Array(this.loadCount)
    this.counts = new Int32Array(this.loadCount)
    this.emptyLoads = this.loadCount
  }

  visit(section: number): void {
    const { values } = this.problem
    if (section === this.sectionCount || ++this.steps > this.stepLimit || !this.hopeful(section)) return
    // Equal sections are interchangeable: the second never goes to an earlier load than the first.
    const from = section > 0 && values[section] === values[section - 1] ? this.choice[section - 1]! : 0
    let tried = 0
    for (;;) {
      const load = this.neediest(from, tried, values[section]!)
      if (load < 0) break
      tried |= 1 << load
      this.choice[section] = load
      this.assign(section, load, 1)
      if (this.emptyLoads === 0) this.consider()
      this.visit(section + 1)
      this.assign(section, load, -1)
      this.choice[section] = this.loadCount
    }
    this.visit(section + 1)
  }

  /** Keeps the present assignment, the rest left unused, when it is the best so far. */
  private consider(): void {
    const { targets, tolerancePercent, prefer } = this.problem
    let worst = 0
    let sum = 0
    for (let load = 0; load < this.loadCount; load++) {
      const target = targets[load]!
      if (prefer === 'simple' && !isWithin(this.sums[load]!, target, tolerancePercent)) return
      const error = Math.abs(this.sums[load]! - target) / target
      if (error > worst) worst = error
      sum += error
    }
    const score = { worst, jumpers: this.usedCount - this.loadCount, sum }
    if (!this.best || isBetter(score, this.best.score, prefer))
      this.best = { assignment: Array.from(this.choice), score }
  }

  /** Can sections from `next` on still lead to something better? A bound that never promises too little. */
  private hopeful(next: number): boolean {
    const { prefer, tolerancePercent } = this.problem
    if (this.emptyLoads > this.sectionCount - next) return false
    const { worst, sum, more } = this.promise(next)
    if (prefer === 'simple' && worst * 100 > tolerancePercent + 1e-9) return false
    if (this.usedCount + more > this.sectionCount) return false
    return (
      !this.best ||
      isBetter({ worst, jumpers: this.usedCount + more - this.loadCount, sum }, this.best.score, prefer)
    )
  }

  /** The least errors that sections from `next` on can leave, and the fewest of them that are still needed. */
  private promise(next: number): { readonly worst: number; readonly sum: number; readonly more: number } {
    const { values, targets } = this.problem
    const rest = this.tailSum[next]!
    const largest = next < this.sectionCount ? values[next]! : 0
    let worst = 0
    let sum = 0
    let missing = 0
    let more = 0
    for (let load = 0; load < this.loadCount; load++) {
      const target = targets[load]!
      const gap = target - this.sums[load]!
      const error = this.leastGap(next, gap, rest) / target
      if (error > worst) worst = error
      sum += error
      if (gap > 0) missing += gap
      more += this.sectionsNeeded(load, gap, largest)
    }
    const shared = (missing - rest) / this.targetSum
    return { worst: shared > worst ? shared - 1e-12 : worst, sum, more }
  }

  /** How near sections from `next` on can come to a gap, all of them for this one load. */
  private leastGap(next: number, gap: number, rest: number): number {
    const table = this.tables[next]
    if (table) return distanceToNearest(table, gap)
    return gap < 0 ? -gap : Math.max(0, gap - rest)
  }

  private sectionsNeeded(load: number, gap: number, largest: number): number {
    // One part in 10^12 of slack: a quotient times its divisor may round past the whole number it came from.
    const needed = gap - this.allowedError(load) * this.problem.targets[load]! * (1 + 1e-12) - 1e-3
    if (this.counts[load] !== 0 && needed <= 0) return 0
    return Math.max(1, largest > 0 ? Math.ceil(needed / largest) : Infinity)
  }

  private allowedError(load: number): number {
    const { prefer, tolerancePercent, targets } = this.problem
    if (prefer === 'simple') return tolerancePercent / 100
    return this.best ? this.best.score.worst : Math.max(1, this.tailSum[0]! / targets[load]!)
  }

  private assign(section: number, load: number, sign: 1 | -1): void {
    this.sums[load] = this.sums[load]! + sign * this.problem.values[section]!
    this.counts[load] = this.counts[load]! + sign
    this.usedCount += sign
    if (sign === 1 && this.counts[load] === 1) this.emptyLoads--
    if (sign === -1 && this.counts[load] === 0) this.emptyLoads++
  }

  /** The load not yet tried that this section suits best; -1 when none is left. Loads with the same target fill in order. */
  private neediest(from: number, tried: number, value: number): number {
    let found = -1
    let least = Infinity
    for (let load = from; load < this.loadCount; load++) {
      if (tried & (1 << load) || this.waits(load)) continue
      const target = this.problem.targets[load]!
      const away = Math.abs(this.sums[load]! + value - target) / target
      if (away < least) {
        least = away
        found = load
      }
    }
    return found
  }

  /** An empty load with the same target as the empty one before it. */
  private waits(load: number): boolean {
    const { targets } = this.problem
    return (
      load > 0 &&
      this.counts[load] === 0 &&
      this.counts[load - 1] === 0 &&
      targets[load] === targets[load - 1]
    )
  }
}
