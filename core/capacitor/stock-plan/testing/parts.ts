// Parts of the van for the tests of plans and coverage.
import type { StockPart } from '../part'

/** A can with these sections, µF: one of it, unread, on no side. */
export const partOf = (id: string, values: readonly number[], more: Partial<StockPart> = {}): StockPart => ({
  id,
  name: id,
  volts: 440,
  tolerancePercent: 6,
  keptFor: null,
  quantity: 1,
  cents: 1000,
  sections: values.map((microfarads, i) => ({ id: `${i}`, microfarads, measured: null, dead: false })),
  ...more,
})
