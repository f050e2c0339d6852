import * as v from 'valibot'
import { readPlate } from '../label/photo/read-plate'
import { operation } from './operation'
import { plain } from './plain'

const place = v.pipe(
  v.number('A place on the picture is a number.'),
  v.finite('A place on the picture is a number.'),
)
const Box = v.strictObject({ x0: place, y0: place, x1: place, y1: place })
/** More words than any plate has. */
const MOST_WORDS = 600

export const readPlateOperation = operation({
  name: 'read-plate',
  help: 'Words that a reader of letters saw on a picture of a plate, in one look or several: each figure that can be relied on, with its place. Nothing is kept by it.',
  input: v.strictObject({
    plate: v.picklist(['motor', 'unit', 'can'], 'A plate is motor, unit or can.'),
    /** Looks at the picture; in each its lines, in each line its words. */
    looks: v.pipe(
      v.array(
        v.pipe(
          v.array(
            v.pipe(
              v.array(
                v.strictObject({
                  text: v.pipe(
                    v.string('A word is text.'),
                    v.maxLength(120, 'A word has 120 letters at most.'),
                  ),
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
    ),
  }),
  output: v.object({
    proposals: v.array(
      v.object({
        field: v.string(),
        text: v.string(),
        means: v.string(),
        box: Box,
        confidence: v.number(),
      }),
    ),
    /** Nothing that was seen is open: another look would change little. */
    settled: v.boolean(),
  }),
  run: ({ looks, plate }) => plain(readPlate(looks, plate)),
})
