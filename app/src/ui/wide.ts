/** From this width on, stages stand left and evidence right of the picture. */
const WIDE_FROM = 1000
export const isWide = (width: number): boolean => width >= WIDE_FROM

/** Below this the header scrolls away with what it heads, and the foot shrinks. */
const LOW_BELOW = 480
export const isLow = (height: number): boolean => height < LOW_BELOW
