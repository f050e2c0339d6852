// What a plan from stock aims at, in the technician's order. All plans are within tolerance; these decide among them.

export const AIMS = ['error', 'parts', 'opened', 'jumpers', 'cost', 'versatile'] as const
/**
 * `error` the least worst deviation of any load; `parts` the fewest capacitors in the unit, one that stays included; `opened` the
 * fewest taken of the van; `jumpers` the fewest joined sections; `cost` the cheapest parts; `versatile` the versatile parts stay on the van.
 */
export type Aim = (typeof AIMS)[number]

/** The usual order. Common practice, no source. */
export const USUAL_AIMS: readonly Aim[] = ['parts', 'error', 'jumpers', 'opened', 'versatile', 'cost']

/** A plan's figure for each aim; less is better. Whole numbers, so that ties are ties. */
export type PlanScore = {
  /** Of `error`: worst deviation of any load, as a share in whole millionths, so that ties are ties. */
  readonly [aim in Aim]: number
}

/** Below 0: a is better. */
export function compareScores(a: PlanScore, b: PlanScore, aims: readonly Aim[]): number {
  for (const aim of aims) if (a[aim] !== b[aim]) return a[aim] - b[aim]
  return 0
}

/** Deviation of a sum from its target in millionths, rounded to the nearest whole one. Both in picofarads. */
export const deviation = (sum: number, target: number): number =>
  Math.round((Math.abs(sum - target) * 1e6) / target)
