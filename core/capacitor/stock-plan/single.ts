// A single from the van for one load that has a capacitor to itself.
import type { Can } from '../can'

/** What the load asks for: µF by its plate or label, volts at least. */
export interface SingleWanted {
  readonly microfarads: number
  readonly volts: number
  /** How far from it a part may be, %. */
  readonly tolerancePercent: number
}

/** The van's singles that serve it, the closest first, then the lower rating: a higher one is dearer and larger. Volts equal or higher. Common practice, no source. */
export function singlesFor(
  cans: readonly Can[],
  { microfarads, volts, tolerancePercent }: SingleWanted,
): Can[] {
  const off = (can: Can) => Math.abs((can.sections[0]?.microfarads ?? Infinity) - microfarads)
  const most = (microfarads * tolerancePercent) / 100
  return cans
    .filter((can) => can.sections.length === 1 && can.volts >= volts && off(can) <= most + 1e-9)
    .sort((a, b) => off(a) - off(b) || a.volts - b.volts)
}
