// Figures for people: as many digits as the trade reads, no trailing zeros, a real minus sign.

/** Rounds half away from zero to `digits` decimals and drops trailing zeros: 7.50 -> "7.5", -6.04 -> "−6". */
export function figure(value: number, digits = 2): string {
  if (!Number.isFinite(value)) return '–'
  const scale = 10 ** digits
  const rounded = (Math.sign(value) * Math.round(Math.abs(value) * scale + 1e-9)) / scale
  return String(Object.is(rounded, -0) ? 0 : rounded).replace('-', '−')
}

/** A value in microfarads with its unit: "7.5 µF". */
export const microfaradsText = (value: number): string => `${figure(value)} µF`

/** Ohms as one says them: "18.7 Ω", "1.25 kΩ", "2 MΩ". */
export function ohmsText(ohms: number): string {
  if (ohms >= 1e6) return `${figure(ohms / 1e6)} MΩ`
  return ohms >= 1e3 ? `${figure(ohms / 1e3)} kΩ` : `${figure(ohms, 1)} Ω`
}

/** A signed deviation: "+1.3 %", "−12 %", "0 %". */
export function percentText(value: number): string {
  const text = figure(value, 1)
  return `${value > 0 && text !== '0' ? '+' : ''}${text} %`
}

/** The text with its first letter large: for a sentence that begins with a name. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** Names as one says them: "off", "off and cooling", "off, cooling and defrost". Empty text where there are none. */
export const listed = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`

/** Two ends as a plate writes them: "208–230"; one figure where both are alike: "115". */
export const rangeFigure = ({ low, high }: { readonly low: number; readonly high: number }): string =>
  low === high ? figure(low) : `${figure(low)}–${figure(high)}`
