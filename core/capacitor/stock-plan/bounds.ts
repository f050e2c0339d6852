// What a plan that is half made comes to at the least: every aim but the error only grows with each further part.
import type { PlanScore } from './aims'
import type { Option } from './options'

/** A way of using a part, with what it costs by each aim. */
export interface Weighed extends Option {
  readonly cost: number
  readonly versatile: number
  readonly quantity: number
  /** 1 where it comes from the van, 0 where it stays in the unit. */
  readonly opened: number
}

/** What a partial plan costs already; every further part only adds. */
export interface Partial {
  readonly parts: number
  readonly opened: number
  readonly used: number
  readonly cost: number
  readonly versatile: number
}

/** What any further part of the van costs at the least, by itself and for what it gives; and the most that the one can which stays could give, null without one. */
export interface LeastFurther {
  readonly stays: number | null
  readonly cost: number
  readonly versatile: number
  readonly centsPerPicofarad: number
  readonly versatilePerPicofarad: number
}

/** For each aim the least that anything more can cost, by which the search is cut. */
export function leastFurther(options: readonly Weighed[]): LeastFurther {
  const given = (o: Weighed) => o.gives.reduce((a, b) => a + b, 0)
  let [stays, cost, versatile, centsPerPicofarad, versatilePerPicofarad]: [
    number | null,
    number,
    number,
    number,
    number,
  ] = [null, Infinity, Infinity, Infinity, Infinity]
  for (const o of options) {
    const gives = given(o)
    if (o.opened === 0) stays = Math.max(stays ?? 0, gives)
    else {
      cost = Math.min(cost, o.cost)
      versatile = Math.min(versatile, o.versatile)
      centsPerPicofarad = Math.min(centsPerPicofarad, o.cost / gives)
      versatilePerPicofarad = Math.min(versatilePerPicofarad, o.versatile / gives)
    }
  }
  const finite = (x: number) => (Number.isFinite(x) ? x : 0)
  return {
    stays,
    cost: finite(cost),
    versatile: finite(versatile),
    centsPerPicofarad: finite(centsPerPicofarad),
    versatilePerPicofarad: finite(versatilePerPicofarad),
  }
}

/** With `left` further parts, which must give `lacking` picofarads between them. */
export function leastScore(
  held: Partial,
  left: number,
  lacking: number,
  loads: number,
  { stays, cost, versatile, centsPerPicofarad, versatilePerPicofarad }: LeastFurther,
): PlanScore {
  const fromVan = Math.max(0, left - (stays === null ? 0 : 1))
  const asked = lacking - (stays ?? 0)
  const further = (least: number, perPicofarad: number) =>
    Math.max(fromVan * least, Math.ceil(perPicofarad * asked - 1e-6), 0)
  return {
    error: 0,
    parts: held.parts + left,
    opened: held.opened + fromVan,
    jumpers: Math.max(0, held.used + left - loads),
    cost: held.cost + further(cost, centsPerPicofarad),
    versatile: held.versatile + further(versatile, versatilePerPicofarad),
  }
}
