// The best combinations of parts, exactly: branch and bound over parts in the technician's order of aims, at most `mostParts` capacitors.
import { last } from '../../quantity/at'
import { lowerBound } from '../../quantity/sorted'
import { compareScores, deviation, type Aim, type PlanScore } from './aims'
import { leastFurther, leastScore, type LeastFurther, type Partial, type Weighed } from './bounds'
import { allOptions, windowOf, type Option } from './options'
import { costOf, versatilityOf, type StockPart } from './part'

/** A load in whole picofarads. */
export interface SearchLoad {
  readonly load: string
  readonly picofarads: number
  /** The least rating that serves it, V. */
  readonly volts: number
}

/** What the search works on: picofarads, aims in order, the most capacitors of a plan, how many plans to keep. */
export interface SearchInput {
  /** At most one of them stays in the unit. */
  readonly parts: readonly StockPart[]
  readonly loads: readonly SearchLoad[]
  readonly tolerancePercent: number
  readonly aims: readonly Aim[]
  readonly mostParts: number
  /** How many distinct plans are kept. */
  readonly keep: number
}

/** A plan as the search finds it. */
export interface FoundPlan {
  readonly options: readonly Option[]
  readonly score: PlanScore
}

/** The plans found, and whether they are proven the best. */
export interface SearchOutcome {
  /** Best first. */
  readonly plans: readonly FoundPlan[]
  /** No better plan exists. False when a can had more ways than were tried, or the steps ran out. */
  readonly proven: boolean
}

/** Combinations tried before the search stops and says so: a few seconds on a phone, never reached by a van of some hundred lines. */
const STEP_LIMIT = 4_000_000

/** Branch and bound over the ways of the parts, one capacitor after another. Derived; checked against exhaustive search and HiGHS. */
export function searchStock(input: SearchInput): SearchOutcome {
  const { parts, loads, tolerancePercent } = input
  const targets = loads.map((l) => l.picofarads)
  const windows = targets.map((t) => windowOf(t, tolerancePercent))
  const limits = windows.map((w) => w.most)
  const floors = windows.map((w) => w.least)
  const { options: ways, whole } = allOptions(
    parts,
    loads.map(({ load, volts }, l) => ({ load, volts, limit: limits[l]! })),
  )
  const options = ways.map((way): Weighed => {
    const part = parts[way.part]!
    return {
      ...way,
      cost: costOf(part),
      versatile: versatilityOf(part),
      quantity: part.quantity,
      opened: part.keptFor === null ? 1 : 0,
    }
  })
  const search = new Search(input, options, targets, limits, floors)
  search.run()
  return { plans: search.best, proven: whole && !search.cut }
}

class Search {
  readonly best: FoundPlan[] = []
  cut = false
  private steps = 0
  /** Options by what they give the first load, ascending, for finding the part that completes a plan. */
  private readonly sorted: readonly Weighed[]
  private readonly firsts: Float64Array
  private readonly chosen: Weighed[] = []
  private readonly least: LeastFurther
  /** Index of the load that the one can which stays serves; -1: none stays. */
  private readonly stays: number

  constructor(
    private readonly input: SearchInput,
    options: readonly Weighed[],
    private readonly targets: readonly number[],
    private readonly limits: readonly number[],
    private readonly floors: readonly number[],
  ) {
    this.sorted = [...options].sort((a, b) => a.gives[0]! - b.gives[0]! || a.part - b.part)
    this.firsts = Float64Array.from(this.sorted, (o) => o.gives[0]!)
    this.least = leastFurther(options)
    const keptFor = input.parts.find((p) => p.keptFor !== null)?.keptFor
    this.stays = input.loads.findIndex((l) => l.load === keptFor)
  }

  run(): void {
    for (let count = 1; count <= this.input.mostParts; count++)
      this.extend(
        count,
        this.targets.map(() => 0),
        { parts: 0, opened: 0, used: 0, cost: 0, versatile: 0 },
      )
  }

  /** All plans of exactly `left` further parts. Parts go in ascending order of their place in `sorted`, so that each set comes once. */
  private extend(left: number, sums: readonly number[], held: Partial, from = 0): void {
    if (this.hopeless(held, left, sums)) return
    if (left === 1) return this.complete(sums, held, from)
    for (let i = from; i < this.sorted.length && !this.cut; i++) {
      if (++this.steps > STEP_LIMIT) this.cut = true
      const option = this.sorted[i]!
      if (!this.fits(option, sums) || this.crowds(option)) continue
      if (this.countOf(option.part) >= option.quantity) continue
      this.chosen.push(option)
      this.extend(
        left - 1,
        sums.map((s, l) => s + option.gives[l]!),
        add(held, option),
        i,
      )
      this.chosen.pop()
    }
  }

  /** The last part: only those that bring the first load within its limits are looked at. */
  private complete(sums: readonly number[], held: Partial, from: number): void {
    const [low, high] = this.window(sums[0]!)
    for (
      let i = Math.max(from, lowerBound(this.firsts, low));
      i < this.sorted.length && this.firsts[i]! <= high;
      i++
    ) {
      if (++this.steps > STEP_LIMIT) {
        this.cut = true
        return
      }
      const option = this.sorted[i]!
      if (
        this.countOf(option.part) >= option.quantity ||
        !this.completes(option, sums) ||
        this.crowds(option)
      )
        continue
      this.offer(option, sums, add(held, option))
    }
  }

  /** When error comes first, a last part must also come as near as the worst plan that is kept. */
  private window(sum: number): [number, number] {
    const [floor, limit, target] = [this.floors[0]!, this.limits[0]!, this.targets[0]!]
    const worst = this.input.aims[0] === 'error' && this.full() ? last(this.best).score.error : Infinity
    const slack = Number.isFinite(worst) ? (target * (worst + 1)) / 1e6 : Infinity
    return [Math.max(floor, target - slack) - sum, Math.min(limit, target + slack) - sum]
  }

  private completes(option: Weighed, sums: readonly number[]): boolean {
    for (let l = 0; l < sums.length; l++) {
      const total = sums[l]! + option.gives[l]!
      if (total < this.floors[l]! || total > this.limits[l]!) return false
    }
    return true
  }

  private offer(option: Weighed, sums: readonly number[], held: Partial): void {
    const { targets } = this
    const { aims, keep } = this.input
    const error = Math.max(...sums.map((sum, l) => deviation(sum + option.gives[l]!, targets[l]!)))
    const score: PlanScore = {
      error,
      parts: held.parts,
      opened: held.opened,
      jumpers: held.used - targets.length,
      cost: held.cost,
      versatile: held.versatile,
    }
    if (this.full() && compareScores(score, last(this.best).score, aims) >= 0) return
    const plan = { options: [...this.chosen, option], score }
    // Of plans with the same parts only the best is told: the others differ in which section, not in what is fitted.
    const twin = this.best.findIndex((b) => sameParts(b.options, plan.options))
    if (twin >= 0) {
      if (compareScores(score, this.best[twin]!.score, aims) >= 0) return
      this.best.splice(twin, 1)
    }
    this.best.push(plan)
    this.best.sort((a, b) => compareScores(a.score, b.score, aims))
    if (this.best.length > keep) this.best.pop()
  }

  /** Nothing that starts like this can be better than the worst that is kept. */
  private hopeless(held: Partial, left: number, sums: readonly number[]): boolean {
    if (!this.full()) return false
    const lacking = sums.reduce((sum, s, l) => sum + Math.max(0, this.floors[l]! - s), 0)
    return (
      compareScores(
        leastScore(held, left, lacking, this.targets.length, this.least),
        last(this.best).score,
        this.input.aims,
      ) >= 0
    )
  }

  private full(): boolean {
    return this.best.length >= this.input.keep
  }

  private fits(option: Weighed, sums: readonly number[]): boolean {
    for (let l = 0; l < sums.length; l++) if (sums[l]! + option.gives[l]! > this.limits[l]!) return false
    return true
  }

  /** What stays serves its load by itself: nothing is joined to an old can. */
  private crowds(option: Weighed): boolean {
    const load = this.stays
    if (load < 0) return false
    if (option.opened === 0) return this.chosen.some((c) => c.gives[load]! > 0)
    return option.gives[load]! > 0 && this.chosen.some((c) => c.opened === 0)
  }

  private countOf(part: number): number {
    let count = 0
    for (const option of this.chosen) if (option.part === part) count++
    return count
  }
}

const add = (held: Partial, { used, cost, versatile, opened }: Weighed): Partial => ({
  parts: held.parts + 1,
  opened: held.opened + opened,
  used: held.used + used,
  cost: held.cost + cost,
  versatile: held.versatile + versatile,
})

const sameParts = (a: readonly Option[], b: readonly Option[]): boolean => {
  const key = (options: readonly Option[]) =>
    options
      .map((o) => o.part)
      .sort((x, y) => x - y)
      .join()
  return key(a) === key(b)
}
