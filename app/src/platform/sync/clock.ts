// The shop's time: this device's clock, put right by what the server last said. Everything that is recorded is stamped with it.

let offset = 0

/** Milliseconds since 1970 by the server's clock, as far as this device knows it. */
export const shopNow = (): number => Date.now() + offset

/** What is added to this device's clock, ms. */
export const clockOffset = (): number => offset

/** Sets what was known of this clock before, or forgets it. */
export function setClockOffset(ms: number): void {
  offset = Number.isFinite(ms) ? ms : 0
}

/** Below this a difference is the network's or nobody's business, ms. */
const SMALL_MS = 2_000

/**
 * How far the server's clock is ahead of this device's (below 0: behind), from one answer: it was written between asking
 * and hearing. 0 where the difference may be the way's own.
 */
export function offsetFrom(serverAt: number, askedAt: number, heardAt: number): number {
  const difference = serverAt - (askedAt + heardAt) / 2
  return Math.abs(difference) <= Math.max(SMALL_MS, heardAt - askedAt) ? 0 : Math.round(difference)
}

/** From here on a clock is called wrong, ms: a phone that sets itself is within seconds. Our judgement. */
const WRONG_MS = 2 * 60_000

const UNITS = [
  ['day', 86_400_000],
  ['hour', 3_600_000],
  ['minute', 60_000],
] as const

/** “40 days behind”, “a year ahead” as days; null: right enough. `offsetMs`: the server's clock less this device's. */
export function clockWords(offsetMs: number): string | null {
  const off = Math.abs(offsetMs)
  if (off < WRONG_MS) return null
  const [unit, ms] = UNITS.find(([, size]) => off >= size) ?? UNITS[2]
  const count = Math.round(off / ms)
  return `${count.toLocaleString('en')} ${unit}${count === 1 ? '' : 's'} ${offsetMs > 0 ? 'behind' : 'ahead'}`
}
