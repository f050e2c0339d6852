import * as v from 'valibot'
import { readPlate } from '../label/photo/read-plate'
import { operation } from './operation'
import { plain } from './plain'
import { Box, SeenLooksSchema } from './seen-looks'

export const readPlateOperation = operation({
  name: 'read-plate',
  help: 'Words that a reader of letters saw on a picture of a plate, in one look or several: each figure that can be relied on, with its place. Nothing is kept by it.',
  input: v.strictObject({
    plate: v.picklist(['motor', 'unit', 'can'], 'A plate is motor, unit or can.'),
    looks: SeenLooksSchema,
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
