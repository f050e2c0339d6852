// Dates on screens, as the device writes them. On papers they are written out in one way (handover/papers): a paper has no device.

/** "7 Mar 2026", or as the device's language has it. */
const DAY = new Intl.DateTimeFormat(undefined, { day: 'numeric', month: 'short', year: 'numeric' })
const MONTH = new Intl.DateTimeFormat(undefined, { month: 'short', year: 'numeric' })
const SHORT = { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' } as const
const MOMENT = new Intl.DateTimeFormat(undefined, SHORT)
const EXACT = new Intl.DateTimeFormat(undefined, { ...SHORT, year: 'numeric', second: '2-digit' })

/** `at`: milliseconds since 1970, in the device's own time. */
export const dayText = (at: number): string => DAY.format(at)
export const monthText = (at: number): string => MONTH.format(at)
/** Day and time of this year. */
export const momentText = (at: number): string => MOMENT.format(at)
/** To the second, for a record. */
export const exactText = (at: number): string => EXACT.format(at)
