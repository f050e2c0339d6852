// How good an assignment of sections to loads is, and which of two is better.

/**
 * `exact`: least worst relative error, then fewest jumpers, then least sum of errors.
 * `simple`: within tolerance with the fewest jumpers, then least worst error, then least sum of errors.
 */
export type Preference = 'exact' | 'simple'

/** What an assignment is weighed by. */
export interface Score {
  /** Greatest relative error of any load, as a fraction of its target. */
  readonly worst: number
  readonly jumpers: number
  /** Sum of the loads' relative errors. */
  readonly sum: number
}

// Sums of quotients carry rounding; quotients of whole numbers themselves compare exactly.
const SUM_EPSILON = 1e-12

/** True when `a` is better than `b` in the order of `prefer`; equal scores are not better. */
export function isBetter(a: Score, b: Score, prefer: Preference): boolean {
  const [a1, a2, b1, b2] =
    prefer === 'exact' ? [a.worst, a.jumpers, b.worst, b.jumpers] : [a.jumpers, a.worst, b.jumpers, b.worst]
  if (a1 !== b1) return a1 < b1
  if (a2 !== b2) return a2 < b2
  return a.sum < b.sum - SUM_EPSILON
}
