// What to buy: which purchases within a budget meet most of the shop's own past calls, and which parts none of them needs.
import type { StockPart } from '../stock-plan/part'
import { bestPurchases, isMet, type OpenCall } from './purchases'
import { waysToMeet, type Ways } from './ways'

/** A call of the past: what compressor and fan asked for; null: nothing, or not known. */
export interface PastCall {
  readonly compressor: number | null
  readonly fan: number | null
}

/** The stock, what can be bought, past calls, and the limits of buying: number, and cents (null: none). */
export interface RestockInput {
  readonly stock: readonly StockPart[]
  /** What can be bought, each once. */
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

/** One part to buy and what it is good for. */
export interface Purchase {
  readonly part: string
  /** Calls that it adds when bought after those before it. */
  readonly adds: number
  readonly cents: number | null
}

/** What to buy, and how much better the van is for it. `bound`: no purchase within the limits meets more calls. */
export interface Restock {
  /** In the order of buying, the one that adds most first. */
  readonly buy: readonly Purchase[]
  /** The best of single purchases; null when none meets a further call. */
  readonly single: Purchase | null
  readonly metBefore: number
  readonly metAfter: number
  /** No set of purchases within number and budget meets more calls than this. */
  readonly bound: number
  readonly cents: number
  /** Parts of the stock that could all be left off together with every call that is met now still met. */
  readonly neverNeeded: readonly string[]
}

interface Asked {
  readonly call: PastCall
  readonly weight: number
}

/** `report`: how far it is, 0 to 1. */
export function restock(input: RestockInput, report: (share: number) => void = () => undefined): Restock {
  const { stock, catalogue, most, budget } = input
  const asked = countAlike(input.calls)
  const all = asked.map((one, i) => {
    report(i / (2 * asked.length))
    return { ...one, ways: waysOf(input, one.call) }
  })
  const met = all.filter((a) => a.ways.met)
  const open = all
    .filter((a) => !a.ways.met)
    .map(({ weight, ways }): OpenCall => ({ weight, sets: ways.sets, cut: !ways.whole }))
  const weigh = (list: readonly { readonly weight: number }[]) => list.reduce((sum, a) => sum + a.weight, 0)
  const before = weigh(met)
  const cents = catalogue.map((p) => p.cents ?? 0)
  const found = bestPurchases({ cents, calls: open, most, budget })
  const alone = bestPurchases({ cents, calls: open, most: 1, budget })
  const told = (chosen: readonly number[]) =>
    inOrder(chosen, open).map(({ part, adds }) => ({
      part: catalogue[part]!.id,
      adds,
      cents: catalogue[part]!.cents,
    }))
  return {
    buy: told(found.chosen),
    single: told(alone.chosen)[0] ?? null,
    metBefore: before,
    metAfter: before + found.met,
    bound: before + found.bound,
    cents: found.chosen.reduce((sum, p) => sum + cents[p]!, 0),
    neverNeeded: spare(
      stock,
      met.map((a) => a.call).filter((c) => c.compressor !== null || c.fan !== null),
      input,
      (share) => report(0.5 + share / 2),
    ),
  }
}

/** Calls that ask for the same, once, with their number. */
function countAlike(calls: readonly PastCall[]): Asked[] {
  const counted = new Map<string, Asked>()
  for (const call of calls) {
    const key = `${call.compressor}/${call.fan}`
    counted.set(key, { call, weight: (counted.get(key)?.weight ?? 0) + 1 })
  }
  return [...counted.values()]
}

function waysOf(
  {
    stock,
    catalogue,
    volts,
    tolerancePercent,
    mostParts,
  }: Pick<RestockInput, 'stock' | 'catalogue' | 'volts' | 'tolerancePercent' | 'mostParts'>,
  { compressor, fan }: PastCall,
): Ways {
  const loads = [
    ...(compressor === null ? [] : [{ load: 'HERM', microfarads: compressor, volts }]),
    ...(fan === null ? [] : [{ load: 'FAN', microfarads: fan, volts }]),
  ]
  return waysToMeet({ stock, catalogue, loads, tolerancePercent, mostParts })
}

/** The one that adds most comes first, then the one that adds most to it. */
function inOrder(
  chosen: readonly number[],
  calls: readonly OpenCall[],
): { readonly part: number; readonly adds: number }[] {
  const metWith = (set: readonly number[]) =>
    calls.reduce((sum, call) => sum + (isMet(call, set) ? call.weight : 0), 0)
  const order: { part: number; adds: number }[] = []
  const left = [...chosen]
  while (left.length > 0) {
    const held = order.map((o) => o.part)
    const now = metWith(held)
    const gains = left
      .map((part) => ({ part, adds: metWith([...held, part]) - now }))
      .sort((a, b) => b.adds - a.adds || a.part - b.part)
    const next = gains[0]!
    order.push(next)
    left.splice(left.indexOf(next.part), 1)
  }
  return order
}

/** The dearest are tried first: what they cost could buy something that is needed. Every set that was found meets its call, also where further ones were let go. */
function spare(
  stock: readonly StockPart[],
  calls: readonly PastCall[],
  input: RestockInput,
  report: (share: number) => void,
): string[] {
  const alive: number[] = []
  const setsWith = new Map<number, { readonly call: number; dead: boolean }[]>()
  calls.forEach((call, c) => {
    report(c / calls.length)
    const ways = waysOf({ ...input, stock: [], catalogue: stock }, call)
    alive[c] = ways.sets.length
    for (const set of ways.sets) {
      const entry = { call: c, dead: false }
      for (const p of set)
        setsWith
          .set(p, setsWith.get(p) ?? [])
          .get(p)
          ?.push(entry)
    }
  })
  // A call whose ways ran out before one was found counts on parts that are not known: then nothing is called spare.
  if (alive.includes(0)) return []
  const order = stock
    .map((part, i) => ({ part, i }))
    .sort((a, b) => (b.part.cents ?? 0) - (a.part.cents ?? 0) || a.i - b.i)
  const off: number[] = []
  for (const { i } of order) {
    const hit = (setsWith.get(i) ?? []).filter((entry) => !entry.dead)
    const lost = new Map<number, number>()
    for (const { call } of hit) lost.set(call, (lost.get(call) ?? 0) + 1)
    if ([...lost].some(([call, n]) => alive[call]! <= n)) continue
    for (const entry of hit) entry.dead = true
    for (const [call, n] of lost) alive[call] = alive[call]! - n
    off.push(i)
  }
  return off.sort((a, b) => a - b).map((i) => stock[i]!.id)
}
