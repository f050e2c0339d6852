// Horsepower as plates write it, and the standard sizes.

/** Standard sizes of fan motors, small to large. Common practice, no source. */
export const STANDARD_HORSEPOWER = [
  '1/30',
  '1/25',
  '1/20',
  '1/15',
  '1/12',
  '1/10',
  '1/8',
  '1/6',
  '1/5',
  '1/4',
  '1/3',
  '1/2',
  '3/4',
  '1',
] as const

/** Watts in a horsepower: 550 ft lbf/s (textbook). */
export const WATTS_PER_HORSEPOWER = 745.7

const FRACTION = /^(?:(\d{1,2}) )?(\d{1,2})\/(\d{1,2})$/
const DECIMAL = /^(\d{1,2}|\d?\.\d{1,3})$/
// A van has few sizes and asks for each many thousand times.
const known = new Map<string, number>()
const MOST_KNOWN = 200

/** "1/4", "1 1/2" or "0.25" as a number; NaN for what is none of these. */
export function horsepowerOf(text: string): number {
  const held = known.get(text)
  if (held !== undefined) return held
  const match = FRACTION.exec(text)
  const value = match
    ? Number(match[1] ?? 0) + Number(match[2]) / Number(match[3])
    : DECIMAL.test(text)
      ? Number(text)
      : NaN
  if (known.size < MOST_KNOWN) known.set(text, value)
  return value
}

const SIZES = STANDARD_HORSEPOWER.map(horsepowerOf)

/**
 * The standard size above; null for the largest and for what is above it. A size between two counts as the lower.
 * Horsepower in, horsepower out.
 */
export function nextSizeAbove(horsepower: number): number | null {
  return SIZES.find((size) => size > horsepower * (1 + 1e-9)) ?? null
}
