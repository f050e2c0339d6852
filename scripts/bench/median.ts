/** The middle one; of an even number the upper of the two. */
export const median = (list: readonly number[]): number =>
  [...list].sort((a, b) => a - b)[list.length >> 1] ?? NaN
