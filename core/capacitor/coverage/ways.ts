// Every least set of purchases with which a stock meets a call: from these, sets of purchases are judged without planning anew.
import { toPicofarads } from '../../quantity/exact'
import { lowerBound } from '../../quantity/sorted'
import { allOptions, windowOf } from '../stock-plan/options'
import type { StockPart } from '../stock-plan/part'
import type { WantedLoad } from '../stock-plan/plan'

/** How a call can be met by buying. `whole`: every way was looked at. */
export interface Ways {
  /** The stock meets it without any purchase. */
  readonly met: boolean
  /** Least sets of purchases, as indexes of the catalogue in ascending order; none holds another. Empty when it is met. */
  readonly sets: readonly (readonly number[])[]
  /** No set was let go. */
  readonly whole: boolean
}

/** Stock, catalogue and the call's loads, with the limits of a plan. */
export interface WaysInput {
  readonly stock: readonly StockPart[]
  readonly catalogue: readonly StockPart[]
  readonly loads: readonly WantedLoad[]
  readonly tolerancePercent: number
  readonly mostParts: number
}

/** Combinations tried for one call before the rest is let go. */
const WAYS_STEP_LIMIT = 1_500_000

/** Least sets kept for one call. */
const MOST_SETS = 3000

interface Way {
  /** Index of the part among stock and catalogue together. */
  readonly part: number
  /** Index in the catalogue; -1: of the stock. */
  readonly buy: number
  readonly quantity: number
  readonly gives: readonly number[]
}

/** The least sets of purchases that meet a call; none is needed where it has no loads or the stock meets it. */
export function waysToMeet(input: WaysInput): Ways {
  if (input.loads.length === 0) return { met: true, sets: [], whole: true }
  const alone = new Enumeration(input, [])
  alone.run()
  if (alone.met) return { met: true, sets: [], whole: true }
  const all = new Enumeration(input, input.catalogue)
  all.run()
  return { met: false, sets: all.least(), whole: all.whole && alone.whole }
}

class Enumeration {
  met = false
  /** No way of a part was let go, no set, and the steps did not run out. */
  whole = true
  /** The search itself was stopped; a part whose ways were cut is no reason to stop. */
  private stopped = false
  private readonly sets: number[][] = []
  private steps = 0
  private readonly ways: readonly Way[]
  private readonly firsts: readonly number[]
  private readonly floors: readonly number[]
  private readonly limits: readonly number[]
  private readonly chosen: Way[] = []
  /** Sets found already, by their members, so that none is kept twice. */
  private readonly known = new Set<string>()
  private readonly singles = new Set<number>()

  constructor(
    private readonly input: WaysInput,
    catalogue: readonly StockPart[],
  ) {
    const { stock, loads, tolerancePercent } = input
    const windows = loads.map((l) => windowOf(toPicofarads(l.microfarads), tolerancePercent))
    this.limits = windows.map((w) => w.most)
    this.floors = windows.map((w) => w.least)
    const asked = loads.map(({ load, volts }, l) => ({ load, volts, limit: this.limits[l]! }))
    const parts = [...stock, ...catalogue]
    const { options, whole } = allOptions(parts, asked)
    this.whole = whole
    this.ways = options
      .map(({ part, gives }): Way => ({
        part,
        buy: part < stock.length ? -1 : part - stock.length,
        quantity: parts[part]!.quantity,
        gives,
      }))
      .sort((a, b) => a.gives[0]! - b.gives[0]!)
    this.firsts = this.ways.map((w) => w.gives[0]!)
  }

  run(): void {
    for (let count = 1; count <= this.input.mostParts && !this.met; count++)
      this.extend(
        count,
        this.limits.map(() => 0),
        0,
      )
  }

  private extend(left: number, sums: readonly number[], from: number): void {
    const last = left === 1
    const low = last ? this.floors[0]! - sums[0]! : 0
    const high = this.limits[0]! - sums[0]!
    for (
      let i = Math.max(from, last ? lowerBound(this.firsts, low) : 0);
      i < this.ways.length && this.firsts[i]! <= high;
      i++
    ) {
      if (++this.steps > WAYS_STEP_LIMIT) this.stop()
      if (this.met || this.stopped) return
      const way = this.ways[i]!
      if (this.singles.has(way.buy) || !this.fits(way, sums, last) || this.countOf(way.part) >= way.quantity)
        continue
      this.chosen.push(way)
      if (last) this.keep()
      else
        this.extend(
          left - 1,
          sums.map((s, l) => s + way.gives[l]!),
          i,
        )
      this.chosen.pop()
    }
  }

  private stop(): void {
    this.stopped = true
    this.whole = false
  }

  private fits({ gives }: Way, sums: readonly number[], last: boolean): boolean {
    for (let l = 0; l < sums.length; l++) {
      const total = sums[l]! + gives[l]!
      if (total > this.limits[l]! || (last && total < this.floors[l]!)) return false
    }
    return true
  }

  private keep(): void {
    const set = [...new Set(this.chosen.filter((w) => w.buy >= 0).map((w) => w.buy))].sort((a, b) => a - b)
    if (set.length === 0) {
      this.met = true
      return
    }
    const key = set.join()
    if (this.known.has(key) || this.holdsKnown(set)) return
    if (this.sets.length >= MOST_SETS) return this.stop()
    this.known.add(key)
    this.sets.push(set)
    if (set.length === 1) this.singles.add(set[0]!)
  }

  /** A set of two may be found before one of them is found to do with a part of the stock: what holds a smaller one is let go at the end. */
  least(): number[][] {
    return this.sets.filter((set) => !this.holdsKnown(set))
  }

  private holdsKnown(set: readonly number[]): boolean {
    return (
      set.length > 1 &&
      set.some(
        (p) =>
          this.known.has(`${p}`) || (set.length > 2 && this.known.has(set.filter((x) => x !== p).join())),
      )
    )
  }

  private countOf(part: number): number {
    return this.chosen.reduce((n, w) => (w.part === part ? n + 1 : n), 0)
  }
}
