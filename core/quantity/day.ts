// A day of the calendar, written 2026-07-14, in words and in sums. It has no time and no zone: it is the day that two people agreed on.

const PAPER_DAY = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  timeZone: 'UTC',
})

/** "14 Jul 2026"; what is no day is given back as it is. */
export function dayWords(day: string): string {
  const at = Date.parse(`${day}T00:00:00Z`)
  return Number.isNaN(at) ? day : PAPER_DAY.format(at)
}

/** Is there such a day? Not the 30th of February. */
export function isDay(day: string): boolean {
  const at = Date.parse(`${day}T00:00:00Z`)
  return !Number.isNaN(at) && new Date(at).toISOString().startsWith(day)
}

const DAY_MS = 86_400_000

/** The day so many days after another. */
export const dayAfter = (day: string, days: number): string =>
  new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10)

/** The day that a moment is on where the device is; `at` in ms since 1970. */
export function dayOf(at: number): string {
  const date = new Date(at)
  const two = (n: number) => String(n).padStart(2, '0')
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`
}
