// The purchases that meet most calls, from each call's least sets: best first, with a bound that no set of purchases passes.

export interface OpenCall {
  /** How many calls of the past were like it. */
  readonly weight: number
  /** Least sets of purchases that meet it. */
  readonly sets: readonly (readonly number[])[]
  /** Further sets were let go: the bound takes it as met by anything. */
  readonly cut: boolean
}

export interface PurchasesInput {
  readonly cents: readonly number[]
  readonly calls: readonly OpenCall[]
  readonly most: number
  /** Cents; null: no limit. */
  readonly budget: number | null
}

export interface Purchases {
  readonly chosen: readonly number[]
  readonly met: number
  /** No set of purchases meets more. */
  readonly bound: number
}

/** Nodes looked at before the search stops and shows its bound. */
export const NODE_LIMIT = 60_000
/** Looks at one call for one purchase before it stops: 2,000 calls and 500 purchases still end in seconds. */
const WORK_LIMIT = 400_000_000

interface Node {
  readonly chosen: readonly number[]
  readonly cents: number
  readonly met: number
}

/** Nodes wait in a drawer for each whole bound, so that the most promising one is always at hand. */
export function bestPurchases(input: PurchasesInput, nodeLimit = NODE_LIMIT): Purchases {
  const { cents, calls, most, budget } = input
  const index = calls.map((call) => indexOf(call, cents.length))
  const weightOf = (chosen: readonly number[]) => calls.reduce((sum, call) => sum + (isMet(call, chosen) ? call.weight : 0), 0)
  const drawers: Node[][] = []
  let best: Node = { chosen: [], cents: 0, met: 0 }
  const put = (node: Node) => {
    const bound = boundOf(node)
    if (bound > best.met || (bound === best.met && node.cents < best.cents)) (drawers[bound] ??= []).push(node)
  }
  const boundOf = ({ chosen, cents: spent, met }: Node): number => {
    const left = most - chosen.length
    if (left === 0) return met
    const from = (chosen.at(-1) ?? -1) + 1
    const money = budget === null ? Infinity : budget - spent
    const credit = new Float64Array(cents.length)
    let reachable = 0
    calls.forEach((call, c) => {
      if (isMet(call, chosen)) return
      if (call.cut) reachable += call.weight
      else if (addCredit(credit, index[c] as CallIndex, call.weight, chosen, from)) reachable += call.weight
    })
    const further = Math.min(reachable, largestSum(credit, cents, from, left, money) + calls.reduce((sum, call) => sum + (call.cut && !isMet(call, chosen) ? call.weight : 0), 0))
    return met + Math.floor(further + 1e-6)
  }
  put(best)
  let nodes = 0
  const workLimit = Math.max(200, Math.floor(WORK_LIMIT / Math.max(1, calls.length * cents.length)))
  for (let bound = drawers.length - 1; bound >= 0; bound = drawers.length - 1) {
    const node = drawers[bound]?.pop()
    if (!node) {
      drawers.length = bound
      continue
    }
    if (bound < best.met || (bound === best.met && node.cents >= best.cents)) continue
    if (++nodes > Math.min(nodeLimit, workLimit)) return { chosen: best.chosen, met: best.met, bound: Math.max(bound, best.met) }
    for (let j = (node.chosen.at(-1) ?? -1) + 1; j < cents.length; j++) {
      const spent = node.cents + (cents[j] as number)
      if (budget !== null && spent > budget) continue
      const chosen = [...node.chosen, j]
      const next: Node = { chosen, cents: spent, met: weightOf(chosen) }
      if (next.met > best.met || (next.met === best.met && spent < best.cents)) best = next
      if (chosen.length < most) put(next)
    }
  }
  return { chosen: best.chosen, met: best.met, bound: best.met + unseen(calls, best.chosen) }
}

/** Calls whose sets were cut and that are not met: nothing was ruled out for them. */
const unseen = (calls: readonly OpenCall[], chosen: readonly number[]): number => calls.reduce((sum, call) => sum + (call.cut && !isMet(call, chosen) ? call.weight : 0), 0)

export const isMet = ({ sets }: Pick<OpenCall, 'sets'>, chosen: readonly number[]): boolean => sets.some((set) => set.every((p) => chosen.includes(p)))

interface CallIndex {
  /** Of each purchase: 1 over the size of the smallest set it stands in, or 0. */
  readonly base: Float64Array
  readonly setsOf: ReadonlyMap<number, readonly (readonly number[])[]>
}

function indexOf({ sets }: OpenCall, purchases: number): CallIndex {
  const base = new Float64Array(purchases)
  const setsOf = new Map<number, (readonly number[])[]>()
  for (const set of sets)
    for (const p of set) {
      base[p] = Math.max(base[p] as number, 1 / set.length)
      setsOf.set(p, [...(setsOf.get(p) ?? []), set])
    }
  return { base, setsOf }
}

/**
 * A set of k purchases that are still to be made gives each of them 1/k of the call: whatever is bought, its parts' credits sum to 1 at
 * least for each call that it meets, so that no purchases meet more than the largest credits together. True when any may help.
 */
function addCredit(credit: Float64Array, { base, setsOf }: CallIndex, weight: number, chosen: readonly number[], from: number): boolean {
  let any = false
  const raised = new Map<number, number>()
  for (const p of chosen)
    for (const set of setsOf.get(p) ?? []) {
      const rest = set.filter((x) => !chosen.includes(x))
      for (const x of rest) raised.set(x, Math.max(raised.get(x) ?? 0, 1 / rest.length))
    }
  for (let j = from; j < base.length; j++) {
    const share = Math.max(base[j] as number, raised.get(j) ?? 0)
    if (share === 0) continue
    any = true
    credit[j] = (credit[j] as number) + weight * share
  }
  return any
}

/** The most that `left` purchases within the money can bring: the lesser of the largest credits and of spending on the best for their price. */
function largestSum(credit: Float64Array, cents: readonly number[], from: number, left: number, money: number): number {
  const open = [...credit.keys()].filter((j) => j >= from && (credit[j] as number) > 0 && (cents[j] as number) <= money)
  const largest = open.map((j) => credit[j] as number).sort((a, b) => b - a).slice(0, left).reduce((a, b) => a + b, 0)
  if (money === Infinity) return largest
  let [rest, sum] = [money, 0]
  for (const j of open.sort((a, b) => (credit[b] as number) * (cents[a] as number) - (credit[a] as number) * (cents[b] as number))) {
    const price = cents[j] as number
    if (price > rest) {
      sum += ((credit[j] as number) * rest) / price
      break
    }
    sum += credit[j] as number
    rest -= price
  }
  return Math.min(largest, sum)
}
