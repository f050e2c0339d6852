// Two capacitors in series, only when someone asks for it: more posts to get wrong, and more volts on the smaller one.
import { isSound, type StockPart } from './part'

/** Two sections in series, only when asked: C = ab/(a+b), and the volts divide inversely to the values (textbook). */
export interface SeriesPair {
  readonly parts: readonly [string, string]
  readonly microfarads: number
  readonly errorPercent: number
  /** Across each, with `volts` across both. */
  readonly volts: readonly [number, number]
}

/** Pairs of single capacitors that make `target` µF in series: C = ab/(a+b), each with its share of the volts. Derived. */
export function seriesPairs(
  parts: readonly StockPart[],
  target: number,
  volts: number,
  tolerancePercent: number,
): SeriesPair[] {
  const singles = parts
    .filter(
      (p) =>
        p.sections.length === 1 &&
        p.keptFor === null &&
        p.sections.every((s) => isSound(s, p)) &&
        p.quantity > 0,
    )
    .map((p) => ({
      id: p.id,
      volts: p.volts,
      quantity: p.quantity,
      value: p.sections[0]?.measured ?? p.sections[0]?.microfarads ?? 0,
    }))
  return singles
    .flatMap((a, i) =>
      singles.slice(i).flatMap((b): SeriesPair[] => {
        if (a === b && a.quantity < 2) return []
        const microfarads = (a.value * b.value) / (a.value + b.value)
        const errorPercent = (100 * (microfarads - target)) / target
        const across: [number, number] = [
          (volts * b.value) / (a.value + b.value),
          (volts * a.value) / (a.value + b.value),
        ]
        return Math.abs(errorPercent) <= tolerancePercent + 1e-9 &&
          across[0] <= a.volts &&
          across[1] <= b.volts
          ? [{ parts: [a.id, b.id], microfarads, errorPercent, volts: across }]
          : []
      }),
    )
    .sort((a, b) => Math.abs(a.errorPercent) - Math.abs(b.errorPercent))
}
