// A code's squares as one path, with the quiet edge that a reader needs around it. Who makes the squares is not the core's business.

/** The dark squares of a code, `size` a side, by row and column from 0. */
export interface Modules {
  readonly size: number
  readonly get: (row: number, column: number) => number | boolean
}

/** A code as a path in squares; `width`: of the whole, in squares, its quiet edge included. */
export interface CodeSquares {
  readonly d: string
  readonly width: number
}

/** A text as the squares of a code. */
export type DrawCode = (text: string) => CodeSquares

/** ISO/IEC 18004, 6.3.8: four modules of nothing around it. */
const QUIET = 4
/** ISO/IEC 18004: level M mends 15 % of what is read wrong. */
export const CODE_LEVEL = 'M'

/** Runs of squares, not squares: between two of them some printers leave a hair of white. */
export function squaresOf(modules: Modules): CodeSquares {
  const { size } = modules
  const runs: string[] = []
  for (let y = 0; y < size; y++)
    for (let x = 0; x < size; x++) {
      const from = x
      while (x < size && modules.get(y, x)) x++
      if (x > from) runs.push(`M${from + QUIET} ${y + QUIET}h${x - from}v1h${from - x}z`)
    }
  return { d: runs.join(''), width: size + 2 * QUIET }
}
