// What a reader of letters saw on a picture, as it comes to the operations that make sense of it.
import * as v from 'valibot'

const place = v.pipe(
  v.number('A place on the picture is a number.'),
  v.finite('A place on the picture is a number.'),
)
/** In thousandths of the picture’s longer side. */
export const Box = v.strictObject({ x0: place, y0: place, x1: place, y1: place })
/** More words than any plate has. */
const MOST_WORDS = 600

/** Looks at the picture; in each its lines, in each line its words. */
export const SeenLooksSchema = v.pipe(
  v.array(
    v.pipe(
      v.array(
        v.pipe(
          v.array(
            v.strictObject({
              text: v.pipe(v.string('A word is text.'), v.maxLength(120, 'A word has 120 letters at most.')),
              confidence: v.pipe(v.number(), v.minValue(0), v.maxValue(100)),
              /** In thousandths of the picture’s longer side. */
              box: Box,
            }),
          ),
          v.maxLength(MOST_WORDS, `A line of a plate has ${MOST_WORDS} words at most.`),
        ),
      ),
      v.maxLength(MOST_WORDS, `A plate has ${MOST_WORDS} lines at most.`),
    ),
  ),
  v.maxLength(12, 'A picture has 12 looks at most.'),
)
