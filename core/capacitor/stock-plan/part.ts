// A capacitor of the stock as a plan sees it: its sections with what was measured of them, and what it costs to use it.
import { isWithin, toPicofarads } from '../../quantity/exact'

/** One section of a part on the van. */
export interface StockSection {
  readonly id: string
  /** As printed. */
  readonly microfarads: number
  /** As read; null: not read. What was read counts before what is printed. */
  readonly measured: number | null
  /** It reads open or shorted: nothing is planned on it. */
  readonly dead: boolean
}

/** One capacitor on the van, or the old one where a side of it may stay (`keptFor`). Cents null: no price known. */
export interface StockPart {
  readonly id: string
  readonly name: string
  readonly volts: number
  /** Of its own marking, percent. */
  readonly tolerancePercent: number
  readonly sections: readonly StockSection[]
  /** How many of them are there. */
  readonly quantity: number
  /** null: not known; then it counts as free and the plan says so. */
  readonly cents: number | null
  /** It stands in the unit already and stays, for this load alone; null: it comes from the van. */
  readonly keptFor: string | null
}

/** What a section gives, whole picofarads. */
export const valueOf = ({ microfarads, measured }: StockSection): number =>
  toPicofarads(measured ?? microfarads)

/** Alive, and not read outside its own marking: what has drifted goes on drifting, so its lower value is nothing to plan on. */
export const isSound = (
  section: StockSection,
  { tolerancePercent }: Pick<StockPart, 'tolerancePercent'>,
): boolean =>
  !section.dead &&
  valueOf(section) > 0 &&
  (section.measured === null ||
    isWithin(toPicofarads(section.measured), toPicofarads(section.microfarads), tolerancePercent))

/** How versatile a part is: the more sections, the more other calls it could serve. What a plan leaves on the van counts by it; one that stays in the unit takes nothing from the van. */
export const versatilityOf = (part: StockPart): number =>
  part.keptFor === null ? part.sections.filter((s) => isSound(s, part)).length : 0

/** What using it costs, cents: nothing where it stays, and nothing known counts as nothing. */
export const costOf = ({ cents, keptFor }: StockPart): number => (keptFor === null ? (cents ?? 0) : 0)
