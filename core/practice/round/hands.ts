// Whether hands may go into a practice unit: opened, locked, proven dead, discharged, in that order.
import type { Part } from '../unit/parts'
import type { Pair } from '../unit/truth'

/** How hands have left the unit. */
export interface Safety {
  readonly isOpen: boolean
  readonly isLocked: boolean
  readonly isProven: boolean
  readonly isDischarged: boolean
}

/** Parts that no hand is put into a unit for. */
const OUTSIDE: readonly Part[] = ['supply', 'control', 'motor-cooled']
/** Is a hand put into the unit for this part? */
export const isReachedInFor = (part: Part): boolean => !OUTSIDE.includes(part)

/** On, nothing proven; a unit without a capacitor holds no charge. */
export const asFound = ({ truth: { can, compressor } }: Pair): Safety => ({
  isOpen: false,
  isLocked: false,
  isProven: false,
  isDischarged: can === null && (compressor?.can ?? null) === null,
})

/** Why hands must not go in now; null: they may. */
export function whyNot({ isOpen, isLocked, isProven, isDischarged }: Safety): string | null {
  if (!isOpen) return 'The unit is live. Hands that reach in now meet the line: open the disconnect first.'
  if (!isLocked)
    return 'It is open, and not locked: somebody closes it while hands are in it. Lock and tag it, and keep the key.'
  if (!isProven)
    return 'It was not proven dead: what was opened may be another unit’s, and the 24 V has a feed of its own. Read every pair first.'
  return isDischarged
    ? null
    : 'The capacitor still holds its charge, and goes through the hand that touches it. Discharge each section first.'
}
