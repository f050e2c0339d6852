// Inches as a tape shows them: whole, and a fraction in lowest terms down to 1/32; and millimetres, for those who measure so.

/** Millimetres in an inch, by definition. */
export const MM_PER_INCH = 25.4
/** The finest mark on a technician's tape. */
const FINEST = 32

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))

/** To the nearest 1/32: `1 3/8 in`, `−1/32 in`, `0 in`. */
export function inchText(inches: number): string {
  const parts = Math.round(Math.abs(inches) * FINEST)
  const sign = inches < 0 && parts > 0 ? '−' : ''
  const whole = Math.floor(parts / FINEST)
  const rest = parts % FINEST
  if (rest === 0) return `${sign}${whole} in`
  const common = gcd(rest, FINEST)
  return `${sign}${whole > 0 ? `${whole} ` : ''}${rest / common}/${FINEST / common} in`
}

/** In the unit that is set: a tape's inches, or millimetres to one decimal. */
export const lengthText = (inches: number, unit: 'in' | 'mm'): string =>
  unit === 'in'
    ? inchText(inches)
    : `${(Math.round(inches * MM_PER_INCH * 10) / 10).toFixed(1).replace('-', '−')} mm`

/** `1 3/8`, `1-3/8`, `3/8`, `1.375`, `35 mm`; null when it is none of these, or its fraction is above 1. */
export function readInches(text: string): number | null {
  const plain = text
    .trim()
    .replace(/["”]|in$/g, '')
    .trim()
  const metric = /^(\d+(?:\.\d+)?)\s*mm$/.exec(plain)
  if (metric) return Number(metric[1]) / MM_PER_INCH
  const mixed = /^(?:(\d+)[\s-]+)?(\d+)\/(\d+)$/.exec(plain)
  if (mixed) {
    const [, whole = '0', top, bottom] = mixed
    return Number(bottom) > 0 && Number(top) < Number(bottom)
      ? Number(whole) + Number(top) / Number(bottom)
      : null
  }
  return /^\d+(\.\d+)?$/.test(plain) ? Number(plain) : null
}
