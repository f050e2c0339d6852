// The best combinations of parts, exactly: branch and bound over parts in the technician's order of aims, at most `mostParts` capacitors.
import { compareScores, deviation, type Aim, type PlanScore } from './aims'
import { optionsOf, type Option } from './options'
import { versatilityOf, type StockPart } from './part'

export interface SearchInput {
  readonly parts: readonly StockPart[]
  /** Targets, picofarads. */
  readonly targets: readonly number[]
  readonly tolerancePercent: number
  readonly aims: readonly Aim[]
  readonly mostParts: number
  /** How many distinct plans are kept. */
  readonly keep: number
}

export interface FoundPlan {
  readonly options: readonly Option[]
  readonly score: PlanScore
}

export interface SearchOutcome {
  /** Best first. */
  readonly plans: readonly FoundPlan[]
  /** No better plan exists. False when a can had more ways than were tried, or the steps ran out. */
  readonly proven: boolean
}

/** Combinations tried before the search stops and says so. */
export const STEP_LIMIT = 30_000_000

interface Weighed extends Option {
  readonly cost: number
  readonly versatile: number
  readonly quantity: number
}

export function searchStock(input: SearchInput): SearchOutcome {
  const { parts, targets, tolerancePercent } = input
  const limits = targets.map((t) => Math.floor(t * (1 + tolerancePercent / 100) + 1e-6))
  const floors = targets.map((t) => Math.ceil(t * (1 - tolerancePercent / 100) - 1e-6))
  let proven = true
  const options = parts.flatMap((part, i): Weighed[] => {
    if (part.quantity <= 0) return []
    const { options: list, whole } = optionsOf(part, i, limits)
    proven &&= whole
    return list.map((o) => ({ ...o, cost: part.cents ?? 0, versatile: versatilityOf(part), quantity: part.quantity }))
  })
  const search = new Search(input, options, limits, floors)
  search.run()
  return { plans: search.best, proven: proven && !search.cut }
}

/** What a partial plan costs already; every further part only adds. */
interface Partial {
  readonly parts: number
  readonly used: number
  readonly cost: number
  readonly versatile: number
}

class Search {
  readonly best: FoundPlan[] = []
  cut = false
  private steps = 0
  /** Options by what they give the first load, ascending, for finding the part that completes a plan. */
  private readonly sorted: readonly Weighed[]
  private readonly firsts: Float64Array
  private readonly chosen: Weighed[] = []
  /** What any further part costs at the least. */
  private readonly least: { readonly cost: number; readonly versatile: number }

  constructor(
    private readonly input: SearchInput,
    options: readonly Weighed[],
    private readonly limits: readonly number[],
    private readonly floors: readonly number[],
  ) {
    this.sorted = [...options].sort((a, b) => (a.gives[0] as number) - (b.gives[0] as number) || a.part - b.part)
    this.firsts = Float64Array.from(this.sorted, (o) => o.gives[0] as number)
    this.least = { cost: Math.min(...options.map((o) => o.cost), Infinity), versatile: Math.min(...options.map((o) => o.versatile), Infinity) }
  }

  run(): void {
    for (let count = 1; count <= this.input.mostParts; count++) this.extend(count, this.input.targets.map(() => 0), { parts: 0, used: 0, cost: 0, versatile: 0 })
  }

  /** All plans of exactly `left` further parts. Parts go in ascending order of their place in `sorted`, so that each set comes once. */
  private extend(left: number, sums: readonly number[], held: Partial, from = 0): void {
    if (this.hopeless(held, left)) return
    if (left === 1) return this.complete(sums, held, from)
    for (let i = from; i < this.sorted.length && !this.cut; i++) {
      const option = this.sorted[i] as Weighed
      if (!this.fits(option, sums)) continue
      if (this.countOf(option.part) >= option.quantity) continue
      this.chosen.push(option)
      this.extend(left - 1, sums.map((s, l) => s + (option.gives[l] as number)), add(held, option), i)
      this.chosen.pop()
    }
  }

  /** The last part: only those that bring the first load within its limits are looked at. */
  private complete(sums: readonly number[], held: Partial, from: number): void {
    const [low, high] = this.window(sums[0] as number)
    for (let i = Math.max(from, lowerBound(this.firsts, low)); i < this.sorted.length && (this.firsts[i] as number) <= high; i++) {
      if (++this.steps > STEP_LIMIT) {
        this.cut = true
        return
      }
      const option = this.sorted[i] as Weighed
      if (this.countOf(option.part) >= option.quantity || !this.completes(option, sums)) continue
      this.offer(option, sums, add(held, option))
    }
  }

  /** When error comes first, a last part must also come as near as the worst plan that is kept. */
  private window(sum: number): [number, number] {
    const [floor, limit, target] = [this.floors[0] as number, this.limits[0] as number, this.input.targets[0] as number]
    const worst = this.input.aims[0] === 'error' && this.full() ? (this.best.at(-1) as FoundPlan).score.error : Infinity
    const slack = Number.isFinite(worst) ? (target * (worst + 1)) / 1e6 : Infinity
    return [Math.max(floor, target - slack) - sum, Math.min(limit, target + slack) - sum]
  }

  private completes(option: Weighed, sums: readonly number[]): boolean {
    return sums.every((sum, l) => {
      const total = sum + (option.gives[l] as number)
      return total >= (this.floors[l] as number) && total <= (this.limits[l] as number)
    })
  }

  private offer(option: Weighed, sums: readonly number[], held: Partial): void {
    const { targets, aims, keep } = this.input
    const error = Math.max(...sums.map((sum, l) => deviation(sum + (option.gives[l] as number), targets[l] as number)))
    const score: PlanScore = { error, parts: held.parts, jumpers: held.used - targets.length, cost: held.cost, versatile: held.versatile }
    if (this.full() && compareScores(score, (this.best.at(-1) as FoundPlan).score, aims) >= 0) return
    const plan = { options: [...this.chosen, option], score }
    // Of plans with the same parts only the best is told: the others differ in which section, not in what is fitted.
    const twin = this.best.findIndex((b) => sameParts(b.options, plan.options))
    if (twin >= 0) {
      if (compareScores(score, (this.best[twin] as FoundPlan).score, aims) >= 0) return
      this.best.splice(twin, 1)
    }
    this.best.push(plan)
    this.best.sort((a, b) => compareScores(a.score, b.score, aims))
    if (this.best.length > keep) this.best.pop()
  }

  /** Nothing that starts like this can be better than the worst that is kept: every aim but the error only grows. */
  private hopeless(held: Partial, left: number): boolean {
    if (!this.full()) return false
    const worst = (this.best.at(-1) as FoundPlan).score
    const least: PlanScore = { error: 0, parts: held.parts + left, jumpers: Math.max(0, held.used + left - this.input.targets.length), cost: held.cost + left * this.least.cost, versatile: held.versatile + left * this.least.versatile }
    return compareScores(least, worst, this.input.aims) >= 0
  }

  private full(): boolean {
    return this.best.length >= this.input.keep
  }

  private fits(option: Weighed, sums: readonly number[]): boolean {
    return sums.every((sum, l) => sum + (option.gives[l] as number) <= (this.limits[l] as number))
  }

  private countOf(part: number): number {
    let count = 0
    for (const option of this.chosen) if (option.part === part) count++
    return count
  }
}

const add = (held: Partial, { used, cost, versatile }: Weighed): Partial => ({ parts: held.parts + 1, used: held.used + used, cost: held.cost + cost, versatile: held.versatile + versatile })

const sameParts = (a: readonly Option[], b: readonly Option[]): boolean => {
  const key = (options: readonly Option[]) => options.map((o) => o.part).sort((x, y) => x - y).join()
  return key(a) === key(b)
}

function lowerBound(list: Float64Array, wanted: number): number {
  let [low, high] = [0, list.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if ((list[middle] as number) < wanted) low = middle + 1
    else high = middle
  }
  return low
}
