// A capacitor of the stock as a plan sees it: its sections with what was measured of them, and what it costs to use it.
import { toPicofarads } from '../../quantity/exact'

export interface StockSection {
  readonly id: string
  /** As printed. */
  readonly microfarads: number
  /** As read; null: not read. What was read counts before what is printed. */
  readonly measured: number | null
  /** It reads open or shorted: nothing is planned on it. */
  readonly dead: boolean
}

export interface StockPart {
  readonly id: string
  readonly name: string
  readonly volts: number
  readonly sections: readonly StockSection[]
  /** How many of them are there. */
  readonly quantity: number
  /** null: not known; then it counts as free and the plan says so. */
  readonly cents: number | null
}

/** What a section gives, whole picofarads. */
export const valueOf = ({ microfarads, measured }: StockSection): number => toPicofarads(measured ?? microfarads)

/** How versatile a part is: the more sections, the more other calls it could serve. What a plan leaves on the van counts by it. */
export const versatilityOf = ({ sections }: StockPart): number => sections.filter((s) => !s.dead).length
