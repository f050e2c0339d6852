// Which pairs of compressor and fan values a stock can meet, how well and with how many parts; and what one more part would add.
import { planFromStock } from '../stock-plan/plan'
import { USUAL_AIMS } from '../stock-plan/aims'
import type { StockPart } from '../stock-plan/part'

/** Trade values of run capacitors, µF. Common practice, no source. */
export const FAN_VALUES = [3, 4, 5, 6, 7.5, 10, 12.5, 15] as const
export const COMPRESSOR_VALUES = [15, 17.5, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 75, 80] as const

/** One pair of trade values, µF, and what it takes to meet it from the stock. */
export interface Cell {
  readonly compressor: number
  readonly fan: number
  /** Capacitors needed; null: cannot be met. */
  readonly parts: number | null
  readonly worstErrorPercent: number | null
  /** The capacitors of that plan. */
  readonly by: readonly string[]
}

/** The stock, the trade values of both loads, µF, the least rating, V, and how far off a sum may be, percent. */
export interface CoverageInput {
  readonly parts: readonly StockPart[]
  readonly compressors: readonly number[]
  readonly fans: readonly number[]
  readonly volts: number
  readonly tolerancePercent: number
  readonly mostParts: number
}

/** One cell: the best plan for this pair. */
export function coverCell(
  { parts, volts, tolerancePercent, mostParts }: CoverageInput,
  compressor: number,
  fan: number,
): Cell {
  const { plans } = planFromStock({
    parts,
    loads: [
      { load: 'HERM', microfarads: compressor, volts },
      { load: 'FAN', microfarads: fan, volts },
    ],
    tolerancePercent,
    aims: USUAL_AIMS,
    mostParts,
    keep: 1,
  })
  const plan = plans[0]
  return {
    compressor,
    fan,
    parts: plan ? plan.cans.length : null,
    worstErrorPercent: plan ? plan.worstErrorPercent : null,
    by: plan ? plan.cans.map((c) => c.part) : [],
  }
}

/** Every pair, how many of them can be met, and what each part adds. */
export interface Coverage {
  readonly cells: readonly Cell[]
  readonly met: number
  /** Of each part of the stock: how many pairs only it makes possible. */
  readonly adds: readonly { readonly part: string; readonly pairs: number }[]
}

/** Row by row, so that whoever asks can show how far it is and stop it between rows. */
function* coverageRows(input: CoverageInput): Generator<readonly Cell[]> {
  for (const compressor of input.compressors) yield input.fans.map((fan) => coverCell(input, compressor, fan))
}

/** `report`: how far it is, 0 to 1. */
export function coverageOf(
  input: CoverageInput,
  report: (share: number) => void = () => undefined,
): Coverage {
  const cells: Cell[] = []
  for (const row of coverageRows(input)) {
    cells.push(...row)
    report(cells.length / (input.compressors.length * input.fans.length + 1))
  }
  return { cells, met: cells.filter((c) => c.parts !== null).length, adds: addsOf(input, cells) }
}

/** A part adds the pairs that the stock without it cannot meet. Only pairs whose plan uses it are tried anew: the others are met without it. */
function addsOf(input: CoverageInput, cells: readonly Cell[]): Coverage['adds'] {
  return input.parts.map((part) => {
    const met = cells.filter((cell) => cell.by.includes(part.id))
    const without = { ...input, parts: input.parts.filter((p) => p !== part) }
    return {
      part: part.id,
      pairs: met.filter((cell) => coverCell(without, cell.compressor, cell.fan).parts === null).length,
    }
  })
}
