// What purchases promise a call, and the most that further ones can bring: the arithmetic of the bound.
/** Which purchases meet which call, indexed for the bound of the search. */
export interface CallIndex {
  /** Of each purchase: 1 over the size of the smallest set it stands in, or 0. */
  readonly base: Float64Array
  readonly setsOf: ReadonlyMap<number, readonly (readonly number[])[]>
}

/** The index of one call's least sets; `purchases` is how many there are to choose from. */
export function indexOf(sets: readonly (readonly number[])[], purchases: number): CallIndex {
  const base = new Float64Array(purchases)
  const setsOf = new Map<number, (readonly number[])[]>()
  for (const set of sets)
    for (const p of set) {
      base[p] = Math.max(base[p]!, 1 / set.length)
      const held = setsOf.get(p)
      if (held) held.push(set)
      else setsOf.set(p, [set])
    }
  return { base, setsOf }
}

/** The most that `left` purchases within the money can bring: the lesser of the largest credits and of spending on the best for their price. */
export function largestSum(
  credit: Float64Array,
  cents: readonly number[],
  from: number,
  left: number,
  money: number,
): number {
  const open: number[] = []
  for (let j = from; j < credit.length; j++) if (credit[j]! > 0 && cents[j]! <= money) open.push(j)
  const largest = open
    .map((j) => credit[j]!)
    .sort((a, b) => b - a)
    .slice(0, left)
    .reduce((a, b) => a + b, 0)
  if (money === Infinity) return largest
  let [rest, sum] = [money, 0]
  for (const j of open.sort((a, b) => credit[b]! * cents[a]! - credit[a]! * cents[b]!)) {
    const price = cents[j]!
    if (price > rest) {
      sum += (credit[j]! * rest) / price
      break
    }
    sum += credit[j]!
    rest -= price
  }
  return Math.min(largest, sum)
}
