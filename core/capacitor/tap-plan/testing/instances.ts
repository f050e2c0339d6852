// Seeded instances for checks and benchmarks: cans of trade values and loads of trade values.

import { drawsFrom } from '../../../quantity/draws'

/** Run capacitor values on the shelf, µF. Common practice, no source. */
export const TRADE_MICROFARADS = [
  2, 2.5, 3, 4, 5, 6, 7.5, 10, 12.5, 15, 17.5, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 75, 80,
]

export interface Instance {
  readonly sections: number[]
  readonly loads: number[]
}

export function tradeInstance(seed: number, sections: number, loads: number): Instance {
  const random = drawsFrom(seed)
  const pick = (list: readonly number[]) => list[Math.floor(random() * list.length)] as number
  return {
    sections: Array.from({ length: sections }, () => pick(TRADE_MICROFARADS.slice(0, 14))),
    loads: Array.from({ length: loads }, (_, i) =>
      i === 0 ? pick(TRADE_MICROFARADS.slice(12)) : pick(TRADE_MICROFARADS.slice(2, 12)),
    ),
  }
}
