// The purchases that meet most calls, from each call's least sets: best first, with a bound that no set of purchases passes.
import { indexOf, largestSum, type CallIndex } from './credit'

/** A call of the past that the stock does not meet, with the purchases that would. */
export interface OpenCall {
  /** How many calls of the past were like it. */
  readonly weight: number
  /** Least sets of purchases that meet it. */
  readonly sets: readonly (readonly number[])[]
  /** Further sets were let go: the bound takes it as met by anything. */
  readonly cut: boolean
}

/** Prices in cents by purchase, the calls, and how much and how many may be bought. */
export interface PurchasesInput {
  readonly cents: readonly number[]
  readonly calls: readonly OpenCall[]
  readonly most: number
  /** Cents; null: no limit. */
  readonly budget: number | null
}

/** The best set found, by index, how many calls it meets, and the most that any set can. */
export interface Purchases {
  readonly chosen: readonly number[]
  readonly met: number
  /** No set of purchases meets more. */
  readonly bound: number
}

/** Nodes looked at before the search stops and shows its bound. */
const NODE_LIMIT = 40_000
/** Of them for a cheaper set that meets as many as are met already. */
const CHEAPER_LIMIT = 4000
/** Rounds of exchanging one purchase for another. */
const SWAP_ROUNDS = 4
/** Looks at one call for one purchase before it stops: 2,000 calls and 500 purchases still end in seconds. */
const WORK_LIMIT = 300_000_000

interface Node {
  readonly chosen: readonly number[]
  readonly cents: number
  readonly met: number
  /** The bound was worked out for it; else it is its parent's. */
  readonly exact: boolean
}

/** Nodes wait in a drawer for each whole bound, so that the most promising one is always at hand; a bound is worked out when its node comes up. */
export function bestPurchases(input: PurchasesInput, nodeLimit = NODE_LIMIT): Purchases {
  const search = new PurchaseSearch(input)
  return search.run(
    Math.min(
      nodeLimit,
      Math.max(200, Math.floor(WORK_LIMIT / Math.max(1, input.calls.length * input.cents.length))),
    ),
  )
}

/** Is one of the call's least sets among the chosen purchases? */
export const isMet = ({ sets }: Pick<OpenCall, 'sets'>, chosen: readonly number[]): boolean =>
  sets.some((set) => set.every((p) => chosen.includes(p)))

class PurchaseSearch {
  private best: Node = { chosen: [], cents: 0, met: 0, exact: true }
  private readonly drawers: Node[][] = []
  private readonly index: readonly CallIndex[]
  /** Marks what the node at hand has bought. */
  private readonly has: Uint8Array

  constructor(private readonly input: PurchasesInput) {
    this.index = input.calls.map((call) => indexOf(call.sets, input.cents.length))
    this.has = new Uint8Array(input.cents.length)
  }

  run(nodeLimit: number): Purchases {
    this.seed()
    this.put(
      { chosen: [], cents: 0, met: 0, exact: false },
      this.input.calls.reduce((sum, call) => sum + call.weight, 0),
    )
    let [nodes, cheaper] = [0, 0]
    for (let bound = this.drawers.length - 1; bound >= 0; bound = this.drawers.length - 1) {
      const node = this.drawers[bound]?.pop()
      if (!node) {
        this.drawers.length = bound
        continue
      }
      if (node.chosen.length > 0 && this.useless(node, bound)) continue
      if (++nodes > nodeLimit) return this.told(Math.max(bound, this.best.met))
      if (bound === this.best.met && ++cheaper > CHEAPER_LIMIT) break
      this.open(node, bound)
    }
    return this.told(this.best.met + this.unseen())
  }

  /** Something good to begin with: one after another by what each adds and promises, then single exchanges while they help. */
  private seed(): void {
    const { cents, most, budget } = this.input
    const costOf = (chosen: readonly number[]) => chosen.reduce((sum, p) => sum + cents[p]!, 0)
    const allowed = (chosen: readonly number[]) => budget === null || costOf(chosen) <= budget
    let now: number[] = []
    for (let k = 0; k < most; k++) {
      const ranked = cents
        .flatMap((_, j) =>
          now.includes(j) || !allowed([...now, j]) ? [] : [{ j, worth: this.worthOf([...now, j]) }],
        )
        .sort((a, b) => b.worth - a.worth)
      if (!ranked[0]) break
      now = [...now, ranked[0].j]
    }
    this.keep(now, costOf(now))
    for (let round = 0; round < SWAP_ROUNDS; round++) {
      const before = this.best.met
      for (const out of now)
        for (let j = 0; j < cents.length; j++) {
          const swapped = [...now.filter((p) => p !== out), j]
          if (!now.includes(out) || now.includes(j) || !allowed(swapped)) continue
          if (this.keep(swapped, costOf(swapped))) now = swapped
        }
      if (this.best.met === before) break
    }
  }

  /** True when it is better than what was kept. */
  private keep(chosen: readonly number[], cents: number): boolean {
    const met = this.input.calls.reduce(
      (sum, call, c) => sum + (this.isMetWith(c, chosen) ? call.weight : 0),
      0,
    )
    const isBetter = met > this.best.met || (met === this.best.met && cents < this.best.cents)
    if (isBetter) this.best = { chosen: [...chosen].sort((a, b) => a - b), cents, met, exact: true }
    return isBetter
  }

  private isMetWith(c: number, chosen: readonly number[]): boolean {
    this.has.fill(0)
    for (const p of chosen) this.has[p] = 1
    return this.metBy(c, chosen)
  }

  /** Calls met, and half a call for each that one further purchase would meet. */
  private worthOf(chosen: readonly number[]): number {
    this.has.fill(0)
    for (const p of chosen) this.has[p] = 1
    return this.input.calls.reduce((sum, { weight }, c) => {
      if (this.metBy(c, chosen)) return sum + weight
      const { setsOf } = this.index[c]!
      const near = chosen.some((p) =>
        setsOf.get(p)?.some((set) => set.filter((q) => !this.has[q]).length === 1),
      )
      return sum + (near ? weight / 2 : 0)
    }, 0)
  }

  private told(bound: number): Purchases {
    return { chosen: this.best.chosen, met: this.best.met, bound }
  }

  private useless(node: Node, bound: number): boolean {
    return bound < this.best.met || (bound === this.best.met && node.cents >= this.best.cents)
  }

  private put(node: Node, bound: number): void {
    if (node.chosen.length === 0 || !this.useless(node, bound)) (this.drawers[bound] ??= []).push(node)
  }

  /** Its bound is worked out; where it falls below the drawer it came from it goes back, else its children are made. */
  private open(node: Node, bound: number): void {
    const { cents, calls, most, budget } = this.input
    this.has.fill(0)
    for (const p of node.chosen) this.has[p] = 1
    const open = calls.flatMap((_, c) => (this.metBy(c, node.chosen) ? [] : [c]))
    const from = (node.chosen.at(-1) ?? -1) + 1
    if (!node.exact) {
      const now = Math.min(bound, this.boundOf(node, open, from))
      if (now < bound) return this.put({ ...node, exact: true }, now)
    }
    const last = node.chosen.length + 1 === most
    for (let j = from; j < cents.length; j++) {
      const spent = node.cents + cents[j]!
      if (budget !== null && spent > budget) continue
      this.has[j] = 1
      const gain = open.reduce((sum, c) => sum + (this.completes(c, j) ? calls[c]!.weight : 0), 0)
      this.has[j] = 0
      const next: Node = { chosen: [...node.chosen, j], cents: spent, met: node.met + gain, exact: false }
      if (next.met > this.best.met || (next.met === this.best.met && spent < this.best.cents))
        this.best = next
      if (!last) this.put(next, bound)
    }
  }

  private metBy(c: number, chosen: readonly number[]): boolean {
    return chosen.some((p) => this.completes(c, p))
  }

  /** A set with this purchase in it is bought whole. */
  private completes(c: number, p: number): boolean {
    return this.index[c]!.setsOf.get(p)?.some((set) => set.every((q) => this.has[q])) ?? false
  }

  /**
   * A set of k purchases that are still to be made gives each of them 1/k of the call: whatever is bought, its parts' credits sum to 1 at
   * least for each call that it meets, so that no purchases meet more than the largest credits together.
   */
  private boundOf(node: Node, open: readonly number[], from: number): number {
    const { cents, calls, most, budget } = this.input
    const credit = new Float64Array(cents.length)
    let [reachable, cut] = [0, 0]
    for (const c of open) {
      const call = calls[c]!
      const any = this.addCredit(credit, c, node.chosen, from)
      if (call.cut) cut += call.weight
      if (any || call.cut) reachable += call.weight
    }
    const further = Math.min(
      reachable,
      largestSum(
        credit,
        cents,
        from,
        most - node.chosen.length,
        budget === null ? Infinity : budget - node.cents,
      ) + cut,
    )
    return node.met + Math.floor(further + 1e-6)
  }

  /** True when any purchase that may still be made helps with this call. */
  private addCredit(credit: Float64Array, c: number, chosen: readonly number[], from: number): boolean {
    const { weight } = this.input.calls[c]!
    const { base, setsOf } = this.index[c]!
    const raised = new Map<number, number>()
    for (const p of chosen)
      for (const set of setsOf.get(p) ?? []) {
        const rest = set.filter((x) => !this.has[x])
        for (const x of rest) raised.set(x, Math.max(raised.get(x) ?? 0, 1 / rest.length))
      }
    let any = false
    for (let j = from; j < base.length; j++) {
      const share = Math.max(base[j]!, raised.size > 0 ? (raised.get(j) ?? 0) : 0)
      if (share === 0) continue
      any = true
      credit[j] = credit[j]! + weight * share
    }
    return any
  }

  /** Calls whose sets were cut and that are not met: nothing was ruled out for them. */
  private unseen(): number {
    return this.input.calls.reduce(
      (sum, call) => sum + (call.cut && !isMet(call, this.best.chosen) ? call.weight : 0),
      0,
    )
  }
}
