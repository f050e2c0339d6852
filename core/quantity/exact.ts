// Microfarads as whole picofarads, and tolerances as whole ten-thousandths of a percent.
// Binary fractions put a sum that is exactly at its limit outside it (5.3 against 5 ± 6 %); whole numbers do not.

/** Picofarads in a microfarad. */
const PICOFARADS = 1_000_000
const TOLERANCE_STEPS = 10_000

/** Microfarads to whole picofarads (up to six decimals are kept). */
export const toPicofarads = (microfarads: number): number => Math.round(microfarads * PICOFARADS)

/** Whole picofarads to microfarads. */
export const toMicrofarads = (picofarads: number): number => picofarads / PICOFARADS

/**
 * True when `value` is at most `tolerancePercent` away from `target`; a value exactly at the limit is inside.
 * Both in whole picofarads, below 9 mF; tolerance from 0 to 100 %.
 */
export function isWithin(value: number, target: number, tolerancePercent: number): boolean {
  return (
    Math.abs(value - target) * 100 * TOLERANCE_STEPS <=
    Math.round(tolerancePercent * TOLERANCE_STEPS) * target
  )
}
