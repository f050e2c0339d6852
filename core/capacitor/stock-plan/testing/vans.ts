// Made-up vans of trade parts, from a seed: the same seed, the same van.
import type { StockPart } from '../part'

const FAN = [3, 4, 5, 6, 7.5, 10, 12.5, 15]
const COMPRESSOR = [20, 25, 30, 35, 40, 45, 50, 55, 60, 70, 80]
const TAPS = [
  [30, 15, 10, 5, 4, 3.5, 2.5],
  [40, 20, 10, 7.5, 5],
  [30, 25, 15, 10, 5, 2.5],
]

/** A linear congruence of the usual constants (Numerical Recipes, from memory): 0 to 1. */
function randomFrom(seed: number): () => number {
  let state = seed >>> 0
  return () => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0) / 2 ** 32
}

export function madeVan(
  seed: number,
  lines: number,
): { readonly parts: StockPart[]; readonly loads: readonly [number, number] } {
  const random = randomFrom(seed)
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T
  const parts = Array.from({ length: lines }, (_, i): StockPart => {
    const kind = random()
    const values =
      kind < 0.45 ? [pick(FAN.concat(COMPRESSOR))] : kind < 0.92 ? [pick(COMPRESSOR), pick(FAN)] : pick(TAPS)
    return {
      id: `p${i}`,
      name: `p${i}`,
      volts: 440,
      tolerancePercent: 6,
      keptFor: null,
      quantity: 1 + Math.floor(random() * 3),
      cents: Math.round(300 + 40 * values.reduce((a, b) => a + b, 0) + 900 * random()),
      sections: values.map((microfarads, s) => ({
        id: `${s}`,
        microfarads,
        measured: random() < 0.3 ? Math.round(100 * microfarads * (0.93 + 0.14 * random())) / 100 : null,
        dead: false,
      })),
    }
  })
  return { parts, loads: [pick(COMPRESSOR), pick(FAN)] }
}
