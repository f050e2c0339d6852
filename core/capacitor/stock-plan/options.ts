// What one part can give: every way of joining its sections for the loads that stays below what the loads may have, each sum once.
import { isSound, valueOf, type StockPart } from './part'

/** The least and the most that a load may get, whole picofarads; a value exactly at a limit is inside. */
export const windowOf = (
  picofarads: number,
  tolerancePercent: number,
): { readonly least: number; readonly most: number } => ({
  least: Math.ceil(picofarads * (1 - tolerancePercent / 100) - 1e-6),
  most: Math.floor(picofarads * (1 + tolerancePercent / 100) + 1e-6),
})

/** One way of joining a part's sections for the loads. */
export interface Option {
  /** Index of the part. */
  readonly part: number
  /** Given to each load, picofarads. */
  readonly gives: readonly number[]
  /** Sections used. */
  readonly used: number
  /** Load of each section, or -1. */
  readonly assignment: readonly number[]
}

/** Above this many sums of one part the rest is let go; real cans have some hundred. */
export const MOST_OPTIONS = 4000
/** Of all parts together: a van of 5,000 lines still fits a phone. */
const MOST_OPTIONS_IN_ALL = 250_000
/** What each part may still have once that is reached. */
const LEAST_SHARE = 12

/** What a load allows: the most it may get, pF, and the least rating, V. */
export interface LoadLimit {
  readonly load: string
  /** The most that it may get, picofarads. */
  readonly limit: number
  /** The least rating for it, V: equal or higher serves. */
  readonly volts: number
}

/** Ways of one part; of ways to the same sums the one with the fewest sections. `whole`: none was let go. */
function optionsOf(
  part: StockPart,
  index: number,
  loads: readonly LoadLimit[],
  most: number,
): { readonly options: Option[]; readonly whole: boolean } {
  const live = part.sections
    .map((s, i) => ({ i, value: valueOf(s), sound: isSound(s, part) }))
    .filter((s) => s.sound)
  const serves = loads.map(({ limit }, load) => ({ limit, load })).filter((_, l) => mayServe(part, loads[l]!))
  let states = new Map<string, Option>([
    ['', { part: index, gives: loads.map(() => 0), used: 0, assignment: part.sections.map(() => -1) }],
  ])
  let whole = true
  for (const { i, value } of live) {
    const next = new Map(states)
    for (const state of states.values())
      for (const { limit, load } of serves) {
        const total = state.gives[load]! + value
        if (total > limit) continue
        const gives = state.gives.map((g, l) => (l === load ? total : g))
        const key = gives.join()
        const held = next.get(key)
        if (held && held.used <= state.used + 1) continue
        next.set(key, {
          part: index,
          gives,
          used: state.used + 1,
          assignment: state.assignment.map((a, s) => (s === i ? load : a)),
        })
      }
    if (next.size > most) {
      whole = false
      break
    }
    states = next
  }
  return { options: [...states.values()].filter((o) => o.used > 0), whole }
}

const mayServe = ({ keptFor, volts }: StockPart, load: LoadLimit): boolean =>
  volts >= load.volts && (keptFor === null || keptFor === load.load)

/** Every part's ways, parts of few sections first, so that one odd can does not take the room of all others. `whole`: none was let go. */
export function allOptions(
  parts: readonly StockPart[],
  loads: readonly LoadLimit[],
): { readonly options: readonly Option[]; readonly whole: boolean } {
  const order = parts
    .map((part, i) => ({ part, i }))
    .filter(({ part }) => part.quantity > 0)
    .sort((a, b) => a.part.sections.length - b.part.sections.length)
  const found: Option[] = []
  let all = true
  for (const { part, i } of order) {
    const { options, whole } = optionsOf(
      part,
      i,
      loads,
      Math.max(LEAST_SHARE, Math.min(MOST_OPTIONS, MOST_OPTIONS_IN_ALL - found.length)),
    )
    all &&= whole
    for (const option of options) found.push(option)
  }
  return { options: found, whole: all }
}
