// Every set of capacitors and every way of joining their sections, one after another: slow, obvious, shares nothing with the search.
import { deviation, type Aim, type PlanScore } from '../aims'
import type { SearchLoad } from '../search'
import type { StockPart } from '../part'

/** The best score, or null when nothing is within tolerance. Values in whole picofarads. */
export function exhaustiveStock(
  parts: readonly StockPart[],
  loads: readonly SearchLoad[],
  tolerancePercent: number,
  aims: readonly Aim[],
  mostParts: number,
): PlanScore | null {
  const targets = loads.map((l) => l.picofarads)
  let best: PlanScore | null = null
  const pieces = parts.flatMap((part, p) =>
    Array.from({ length: Math.min(part.quantity, mostParts) }, () => p),
  )
  const visit = (start: number, chosen: number[]) => {
    if (chosen.length > 0) tryAll(chosen)
    if (chosen.length === mostParts) return
    for (let i = start; i < pieces.length; i++) visit(i + 1, [...chosen, pieces[i] as number])
  }
  const tryAll = (chosen: readonly number[]) => {
    const sections = chosen.flatMap((p, can) =>
      (parts[p] as StockPart).sections
        .filter((s) => alive(s, parts[p] as StockPart))
        .map((s) => ({
          can,
          part: parts[p] as StockPart,
          value: Math.round((s.measured ?? s.microfarads) * 1e6),
        })),
    )
    const choices = targets.length + 1
    for (let code = 0; code < choices ** sections.length; code++) {
      const sums = targets.map(() => 0)
      const usedCans = new Set<number>()
      let used = 0
      let rest = code
      let allowed = true
      for (const { can, part, value } of sections) {
        const load = (rest % choices) - 1
        rest = Math.floor(rest / choices)
        if (load < 0) continue
        if (
          part.volts < (loads[load] as SearchLoad).volts ||
          (part.keptFor !== null && part.keptFor !== (loads[load] as SearchLoad).load)
        )
          allowed = false
        sums[load] = (sums[load] as number) + value
        usedCans.add(can)
        used += 1
      }
      // Nothing is joined to the can that stays: its load is served by it alone.
      const kept = chosen.findIndex((p) => (parts[p] as StockPart).keptFor !== null)
      if (kept >= 0 && joinedTo(kept, code, sections, loads, parts[chosen[kept] as number] as StockPart))
        allowed = false
      if (!allowed || usedCans.size !== chosen.length) continue
      if (
        !sums.every(
          (sum, l) =>
            Math.abs(sum - (targets[l] as number)) * 100 <= (targets[l] as number) * tolerancePercent + 1e-3,
        )
      )
        continue
      const score: PlanScore = {
        error: Math.max(...sums.map((sum, l) => deviation(sum, targets[l] as number))),
        parts: chosen.length,
        opened: chosen.filter((p) => (parts[p] as StockPart).keptFor === null).length,
        jumpers: used - targets.length,
        cost: chosen.reduce(
          (sum, p) =>
            sum + ((parts[p] as StockPart).keptFor === null ? ((parts[p] as StockPart).cents ?? 0) : 0),
          0,
        ),
        versatile: chosen.reduce(
          (sum, p) =>
            sum +
            ((parts[p] as StockPart).keptFor === null
              ? (parts[p] as StockPart).sections.filter((s) => alive(s, parts[p] as StockPart)).length
              : 0),
          0,
        ),
      }
      if (!best || aims.map((aim) => score[aim] - (best as PlanScore)[aim]).find((d) => d !== 0)! < 0)
        best = score
    }
  }
  visit(0, [])
  return best
}

/** Written apart from the plan's own rule: not dead, and what was read lies inside the part's own marking. */
const alive = (s: StockPart['sections'][number], { tolerancePercent }: StockPart): boolean =>
  !s.dead &&
  (s.measured === null ||
    Math.abs(Math.round(s.measured * 1e6) - Math.round(s.microfarads * 1e6)) * 100 <=
      Math.round(s.microfarads * 1e6) * tolerancePercent + 1e-3)

/** In the assignment that `code` writes, section by section: does another can give to the load of the one that stays? */
function joinedTo(
  kept: number,
  code: number,
  sections: readonly { readonly can: number }[],
  loads: readonly SearchLoad[],
  stays: StockPart,
): boolean {
  const target = loads.findIndex((l) => l.load === stays.keptFor)
  const choices = loads.length + 1
  return sections.some(
    ({ can }, i) => can !== kept && (Math.floor(code / choices ** i) % choices) - 1 === target,
  )
}
