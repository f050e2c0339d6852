// Which pairs of compressor and fan values a stock can meet, how well and with how many parts; and what one more part would add.
import { planFromStock } from '../stock-plan/plan'
import { USUAL_AIMS } from '../stock-plan/aims'
import type { StockPart } from '../stock-plan/part'

/** Trade values of run capacitors, µF. Common practice, no source. */
export const FAN_VALUES = [3, 4, 5, 6, 7.5, 10, 12.5, 15] as const
export const COMPRESSOR_VALUES = [15, 17.5, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 75, 80] as const

export interface Cell {
  readonly compressor: number
  readonly fan: number
  /** Capacitors needed; null: cannot be met. */
  readonly parts: number | null
  readonly worstErrorPercent: number | null
  /** The capacitors of that plan. */
  readonly by: readonly string[]
}

export interface CoverageInput {
  readonly parts: readonly StockPart[]
  readonly compressors: readonly number[]
  readonly fans: readonly number[]
  readonly volts: number
  readonly tolerancePercent: number
  readonly mostParts: number
}

/** One cell: the best plan for this pair. */
export function coverCell({ parts, volts, tolerancePercent, mostParts }: CoverageInput, compressor: number, fan: number): Cell {
  const { plans } = planFromStock({ parts, loads: [{ load: 'HERM', microfarads: compressor, volts }, { load: 'FAN', microfarads: fan, volts }], tolerancePercent, aims: USUAL_AIMS, mostParts, keep: 1 })
  const plan = plans[0]
  return { compressor, fan, parts: plan ? plan.cans.length : null, worstErrorPercent: plan ? plan.worstErrorPercent : null, by: plan ? plan.cans.map((c) => c.part) : [] }
}

export interface Coverage {
  readonly cells: readonly Cell[]
  readonly met: number
  /** Of each part of the stock: how many pairs only it makes possible. */
  readonly adds: readonly { readonly part: string; readonly pairs: number }[]
}

/** Row by row, so that whoever asks can show how far it is and stop it between rows. */
export function* coverageRows(input: CoverageInput): Generator<readonly Cell[]> {
  for (const compressor of input.compressors) yield input.fans.map((fan) => coverCell(input, compressor, fan))
}

export function coverageOf(input: CoverageInput): Coverage {
  const cells = [...coverageRows(input)].flat()
  return { cells, met: cells.filter((c) => c.parts !== null).length, adds: addsOf(input, cells) }
}

/** A part adds the pairs that the stock without it cannot meet. Only pairs whose plan uses it are tried anew: the others are met without it. */
export function addsOf(input: CoverageInput, cells: readonly Cell[]): Coverage['adds'] {
  return input.parts.map((part) => {
    const met = cells.filter((cell) => cell.by.includes(part.id))
    const without = { ...input, parts: input.parts.filter((p) => p !== part) }
    return { part: part.id, pairs: met.filter((cell) => coverCell(without, cell.compressor, cell.fan).parts === null).length }
  })
}

/** A call of the past: what compressor and fan asked for. */
export interface PastCall {
  readonly compressor: number | null
  readonly fan: number | null
}

export interface RestockInput {
  readonly stock: readonly StockPart[]
  /** What can be bought, with its price. */
  readonly catalogue: readonly StockPart[]
  readonly calls: readonly PastCall[]
  readonly volts: number
  readonly tolerancePercent: number
  readonly mostParts: number
  /** Purchases at most. */
  readonly most: number
  /** Cents; null: no limit. */
  readonly budget: number | null
}

export interface Restock {
  readonly buy: readonly { readonly part: string; readonly adds: number }[]
  readonly metBefore: number
  readonly metAfter: number
  /** No set of purchases meets more calls than this (see `bound`). */
  readonly bound: number
  readonly cents: number
  /** Parts of the stock that no past call needs. */
  readonly neverNeeded: readonly string[]
}

const canMeet = (parts: readonly StockPart[], { compressor, fan }: PastCall, { volts, tolerancePercent, mostParts }: Pick<RestockInput, 'volts' | 'tolerancePercent' | 'mostParts'>): boolean => {
  const loads = [...(compressor === null ? [] : [{ load: 'HERM', microfarads: compressor, volts }]), ...(fan === null ? [] : [{ load: 'FAN', microfarads: fan, volts }])]
  return loads.length === 0 || planFromStock({ parts, loads, tolerancePercent, aims: USUAL_AIMS, mostParts, keep: 1 }).plans.length > 0
}

/**
 * The purchases that meet most of the past calls: one after another, each the one that adds most for its price (greedy). How far that may be
 * from the best is bounded: no set can meet more calls than could be met with the whole catalogue within the budget's reach.
 * Small instances (see `exactly`) are searched whole, and then the bound is what was found.
 */
export function restock(input: RestockInput): Restock {
  const { stock, catalogue, calls, most, budget } = input
  const affordable = catalogue.filter((p) => budget === null || (p.cents ?? 0) <= budget)
  const metBy = (extra: readonly StockPart[]) => calls.filter((call) => canMeet([...stock, ...extra], call, input))
  const before = metBy([])
  const missing = calls.filter((call) => !before.includes(call))
  const useful = affordable.filter((p) => missing.some((call) => canMeet([...stock, ...affordable], call, input)) && p.quantity > 0)
  const whole = countSubsets(useful.length, most) <= EXACT_SETS
  const bought = whole ? exactly(input, useful, missing) : greedily(input, useful, missing)
  const after = before.length + bought.met
  const reachable = missing.filter((call) => canMeet([...stock, ...useful], call, input)).length
  return {
    buy: bought.buy, metBefore: before.length, metAfter: after,
    bound: whole ? after : before.length + reachable,
    cents: bought.cents,
    neverNeeded: stock.filter((part) => !calls.some((call) => canMeet(stock, call, input) && !canMeet(stock.filter((p) => p !== part), call, input))).map((p) => p.id),
  }
}

/** Sets up to this many are tried one by one. */
export const EXACT_SETS = 400

function countSubsets(n: number, most: number): number {
  let [sum, term] = [1, 1]
  for (let k = 1; k <= Math.min(n, most); k++) {
    term = (term * (n - k + 1)) / k
    sum += term
    if (sum > EXACT_SETS) return sum
  }
  return sum
}

interface Bought {
  readonly buy: Restock['buy']
  readonly met: number
  readonly cents: number
}

const priceOf = (parts: readonly StockPart[]): number => parts.reduce((sum, p) => sum + (p.cents ?? 0), 0)

function exactly(input: RestockInput, useful: readonly StockPart[], missing: readonly PastCall[]): Bought {
  let best: { readonly set: readonly StockPart[]; readonly met: number } = { set: [], met: 0 }
  const visit = (from: number, set: readonly StockPart[]) => {
    const cents = priceOf(set)
    if (input.budget !== null && cents > input.budget) return
    const met = missing.filter((call) => canMeet([...input.stock, ...set], call, input)).length
    if (met > best.met || (met === best.met && (cents < priceOf(best.set) || (cents === priceOf(best.set) && set.length < best.set.length)))) best = { set, met }
    if (set.length === input.most) return
    for (let i = from; i < useful.length; i++) visit(i + 1, [...set, useful[i] as StockPart])
  }
  visit(0, [])
  return { ...told(input, best.set, missing), met: best.met }
}

function greedily(input: RestockInput, useful: readonly StockPart[], missing: readonly PastCall[]): Bought {
  const set: StockPart[] = []
  let open = [...missing]
  while (set.length < input.most && open.length > 0) {
    const left = input.budget === null ? Infinity : input.budget - priceOf(set)
    const gains = useful.filter((p) => !set.includes(p) && (p.cents ?? 0) <= left).map((part) => ({ part, met: open.filter((call) => canMeet([...input.stock, ...set, part], call, input)) }))
    const next = gains.sort((a, b) => b.met.length / Math.max(1, b.part.cents ?? 1) - a.met.length / Math.max(1, a.part.cents ?? 1) || b.met.length - a.met.length)[0]
    if (!next || next.met.length === 0) break
    set.push(next.part)
    open = open.filter((call) => !next.met.includes(call))
  }
  return { ...told(input, set, missing), met: missing.length - open.length }
}

/** What each purchase adds when bought after those before it. */
function told(input: RestockInput, set: readonly StockPart[], missing: readonly PastCall[]): Bought {
  let met = 0
  const buy = set.map((part, i) => {
    const now = missing.filter((call) => canMeet([...input.stock, ...set.slice(0, i + 1)], call, input)).length
    const adds = now - met
    met = now
    return { part: part.id, adds }
  })
  return { buy, met, cents: priceOf(set) }
}
