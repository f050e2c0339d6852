// Words as a reader of letters would see them on a picture: set in a typeface of even width, line below line.
import type { SeenLines } from '../label/photo/words'

/** Height of a letter, and its width with what is between two, in the units of a picture. */
const HEIGHT = 30
const WIDTH = 20
const LINE = 55

/** Each row a line of text; more than one space between words is a gap as wide. `confidence` of all. */
export const seen = (rows: readonly string[], confidence = 90): SeenLines =>
  rows.map((row, i) =>
    [...row.matchAll(/\S+/g)].map((match) => ({
      text: match[0],
      confidence,
      box: {
        x0: 20 + match.index * WIDTH,
        y0: 20 + i * LINE,
        x1: 20 + (match.index + match[0].length) * WIDTH - 4,
        y1: 20 + i * LINE + HEIGHT,
      },
    })),
  )
