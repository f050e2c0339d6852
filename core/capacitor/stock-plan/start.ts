// Start capacitors: marked as a range. One fits when every value it may have lies in the range that is asked for.
import { figure } from '../../quantity/display'

/** A start capacitor on the van. */
export interface StartPart {
  readonly id: string
  readonly name: string
  /** Its marked range, µF. */
  readonly low: number
  readonly high: number
  readonly volts: number
  readonly quantity: number
  readonly cents: number | null
  /** As read, µF; null: not read. */
  readonly measured: number | null
}

/** The start capacitor wanted: its range, µF, and volts. */
export interface WantedStart {
  readonly low: number
  readonly high: number
  readonly volts: number
}

/** Those that fit, best first, or in words why none does. */
export interface StartPlan {
  /** Best first. */
  readonly fits: readonly {
    readonly part: string
    readonly name: string
    readonly cents: number | null
    readonly why: string
  }[]
  /** Why none fits; empty when one does. */
  readonly problems: readonly string[]
}

const rangeText = ({ low, high }: { readonly low: number; readonly high: number }): string =>
  `${figure(low)}–${figure(high)} µF`
const inside = (value: number, { low, high }: { readonly low: number; readonly high: number }): boolean =>
  value >= low - 1e-9 && value <= high + 1e-9

/** The same range first, then the narrower, then the cheaper. A reading outside its own marking condemns it; rating voltage equal or higher. Common practice, no source. */
export function planStart(parts: readonly StartPart[], wanted: WantedStart): StartPlan {
  const there = parts.filter((p) => p.quantity > 0)
  const sound = there.filter((p) => p.measured === null || inside(p.measured, p))
  const strong = sound.filter((p) => p.volts >= wanted.volts)
  const fitting = strong.filter((p) =>
    p.measured === null ? inside(p.low, wanted) && inside(p.high, wanted) : inside(p.measured, wanted),
  )
  const width = (p: StartPart) => (p.low === wanted.low && p.high === wanted.high ? -1 : p.high - p.low)
  const fits = fitting
    .sort((a, b) => width(a) - width(b) || (a.cents ?? 0) - (b.cents ?? 0) || (a.id < b.id ? -1 : 1))
    .map((p) => ({ part: p.id, name: p.name, cents: p.cents, why: whyOf(p, wanted) }))
  return { fits, problems: fits.length > 0 ? [] : [whyNot(there, sound, strong, wanted)] }
}

function whyOf(part: StartPart, wanted: WantedStart): string {
  const rating = `${figure(part.volts)} V${part.volts > wanted.volts ? `, more than the ${figure(wanted.volts)} V asked for` : ''}`
  if (part.measured !== null)
    return `Reads ${figure(part.measured)} µF, inside ${rangeText(wanted)}; ${rating}.`
  return sameRange(part, wanted)
    ? `Marked as asked for, ${rangeText(part)}; ${rating}.`
    : `Marked ${rangeText(part)}, wholly inside ${rangeText(wanted)}; ${rating}.`
}
const sameRange = (a: { low: number; high: number }, b: { low: number; high: number }): boolean =>
  a.low === b.low && a.high === b.high

function whyNot(
  there: readonly StartPart[],
  sound: readonly StartPart[],
  strong: readonly StartPart[],
  wanted: WantedStart,
): string {
  if (there.length === 0) return 'There is no start capacitor on the van.'
  if (sound.length === 0) return 'Every start capacitor on the van reads outside its marked range.'
  if (strong.length === 0) return `No start capacitor on the van is rated ${figure(wanted.volts)} V or more.`
  const over = strong.find((p) => p.low < wanted.high && p.high > wanted.low)
  return over
    ? `${over.name} is marked ${rangeText(over)}, only partly inside ${rangeText(wanted)}: measure it, discharged and with its leads off.`
    : `None on the van is marked inside ${rangeText(wanted)}.`
}
