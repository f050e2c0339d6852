// Dates: on screens as the device writes them, on papers in one way, because a paper has no device.

/** "7 Mar 2026", or as the device's language has it. */
const DAY = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short', year: 'numeric' })
const MONTH = new Intl.DateTimeFormat(undefined, { month: 'short', year: 'numeric' })
const SHORT = { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' } as const
const MOMENT = new Intl.DateTimeFormat(undefined, SHORT)
const EXACT = new Intl.DateTimeFormat(undefined, { ...SHORT, year: 'numeric', second: '2-digit' })

/** `at`: milliseconds since 1970, in the device's own time. */
export const dayText = (at: number): string => DAY.format(at)
export const monthText = (at: number): string => MONTH.format(at)
/** Day and time of this year; of another one the day with its year. */
export const momentText = (at: number): string =>
  new Date(at).getFullYear() === new Date().getFullYear() ? MOMENT.format(at) : DAY.format(at)
/** To the second, for a record. */
export const exactText = (at: number): string => EXACT.format(at)

const PAPER_DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' })
const PAPER_TIME = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })

/** "7 Mar 2026" */
export const paperDay = (at: number): string => PAPER_DAY.format(at)
/** "7 Mar 2026, 09:05" */
export const paperMoment = (at: number): string => `${paperDay(at)}, ${PAPER_TIME.format(at)}`
