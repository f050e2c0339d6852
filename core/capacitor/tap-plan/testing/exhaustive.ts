// The slow, obvious oracle: every way to give each section to a load or to none.
import { isBetter, type Preference, type Score } from '../score'

export function exhaustiveBest(
  values: readonly number[],
  targets: readonly number[],
  tolerancePercent: number,
  prefer: Preference,
): Score | null {
  const k = targets.length
  let best: Score | null = null
  const ways = (k + 1) ** values.length
  for (let code = 0; code < ways; code++) {
    const sums = new Array<number>(k).fill(0)
    const counts = new Array<number>(k).fill(0)
    let rest = code
    for (const value of values) {
      const load = rest % (k + 1)
      rest = Math.floor(rest / (k + 1))
      if (load < k) {
        sums[load] = (sums[load] as number) + value
        counts[load] = (counts[load] as number) + 1
      }
    }
    if (counts.some((count) => count === 0)) continue
    // Whole numbers of 1/100 percent of the target: no rounding in the comparison with the limit.
    if (
      prefer === 'simple' &&
      sums.some(
        (sum, l) =>
          Math.abs(sum - (targets[l] as number)) * 10_000 >
          Math.round(tolerancePercent * 100) * (targets[l] as number),
      )
    )
      continue
    const errors = sums.map((sum, l) => Math.abs(sum - (targets[l] as number)) / (targets[l] as number))
    const score = {
      worst: Math.max(...errors),
      jumpers: counts.reduce((a, b) => a + b - 1, 0),
      sum: errors.reduce((a, b) => a + b, 0),
    }
    if (!best || isBetter(score, best, prefer)) best = score
  }
  return best
}
