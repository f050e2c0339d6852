import * as v from 'valibot'
import { InsulationSchema } from '../motor/colour'
import { seenInsulation } from '../motor/seen-colour/seen-insulation'
import { operation } from './operation'
import { plain } from './plain'

const channel = v.pipe(
  v.number('A part of a colour is a number.'),
  v.integer('A part of a colour is a whole number.'),
  v.minValue(0, 'A part of a colour is 0 at least.'),
  v.maxValue(255, 'A part of a colour is 255 at most.'),
)
const Rgb = v.tuple([channel, channel, channel], 'A colour is red, green and blue.')

export const wireColour = operation({
  name: 'wire-colour',
  help: 'The pixels of a spot of a picture: which insulation it may be, nearest first, with a stripe where there is one. A picture is a hint; nothing is chosen by it.',
  input: v.strictObject({
    pixels: v.pipe(
      v.array(Rgb),
      v.minLength(5, 'A spot has 5 pixels at least.'),
      v.maxLength(1000, 'A spot has 1000 pixels at most.'),
    ),
    /** Something white in the same light. */
    white: v.optional(Rgb, [255, 255, 255]),
  }),
  output: v.object({
    seen: v.array(v.object({ insulation: InsulationSchema, distance: v.number() })),
  }),
  run: ({ pixels, white }) => plain({ seen: seenInsulation(pixels, white) }),
})
