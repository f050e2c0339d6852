/** From this width on, stages stand left and evidence right of the picture. */
const WIDE_FROM = 1000
export const isWide = (width: number): boolean => width >= WIDE_FROM
