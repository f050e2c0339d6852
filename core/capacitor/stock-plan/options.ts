// What one part can give: every way of joining its sections for the loads that stays below what the loads may have, each sum once.
import { valueOf, type StockPart } from './part'

export interface Option {
  /** Index of the part. */
  readonly part: number
  /** Given to each load, picofarads. */
  readonly gives: readonly number[]
  /** Sections used. */
  readonly used: number
  /** Load of each live section, or -1. */
  readonly assignment: readonly number[]
}

/** Above this many sums of one part the rest is let go; real cans have some hundred. */
export const MOST_OPTIONS = 20_000

/** Of ways to the same sums the one with the fewest sections. `limits`: the most that each load may get. */
export function optionsOf(part: StockPart, index: number, limits: readonly number[]): { readonly options: Option[]; readonly whole: boolean } {
  const live = part.sections.map((s, i) => ({ i, value: valueOf(s), dead: s.dead })).filter((s) => !s.dead && s.value > 0)
  let states = new Map<string, Option>([['', { part: index, gives: limits.map(() => 0), used: 0, assignment: part.sections.map(() => -1) }]])
  let whole = true
  for (const { i, value } of live) {
    const next = new Map(states)
    for (const state of states.values())
      limits.forEach((limit, load) => {
        const total = (state.gives[load] as number) + value
        if (total > limit) return
        const gives = state.gives.map((g, l) => (l === load ? total : g))
        const key = gives.join()
        const held = next.get(key)
        if (held && held.used <= state.used + 1) return
        next.set(key, { part: index, gives, used: state.used + 1, assignment: state.assignment.map((a, s) => (s === i ? load : a)) })
      })
    if (next.size > MOST_OPTIONS) {
      whole = false
      break
    }
    states = next
  }
  return { options: [...states.values()].filter((o) => o.used > 0), whole }
}
