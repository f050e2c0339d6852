// Parts that are alike in everything a plan looks at, put on one shelf: a van of many like lines is planned like a small one, and told once.
import { first } from '../../quantity/at'
import type { StockPart } from './part'

/** Parts of the van that no plan can tell apart, as one. */
export interface Shelf {
  /** Stands for all of them; its quantity is theirs together. */
  readonly part: StockPart
  /** Piece by piece, each with the line it comes from. */
  readonly pieces: readonly StockPart[]
}

/** Above this no plan takes of one shelf. */
const MOST_PIECES = 3

/** Parts that agree in volts, tolerance, price, sections and readings on one shelf each, in the order they came. */
export function alike(parts: readonly StockPart[]): Shelf[] {
  const shelves = new Map<string, StockPart[]>()
  for (const part of parts) {
    const { volts, tolerancePercent, cents, keptFor, sections } = part
    const key = JSON.stringify([
      volts,
      tolerancePercent,
      cents,
      keptFor,
      sections.map((s) => [s.microfarads, s.measured, s.dead]),
    ])
    const shelf = shelves.get(key)
    if (shelf) shelf.push(part)
    else shelves.set(key, [part])
  }
  return [...shelves.values()].map((lines) => {
    const pieces = lines.flatMap((line) =>
      Array.from({ length: Math.min(line.quantity, MOST_PIECES) }, () => line),
    )
    return { part: { ...first(lines), quantity: pieces.length }, pieces }
  })
}
