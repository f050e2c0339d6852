import * as v from 'valibot'
import { readTag } from '../label/photo/read-tag'
import { InsulationSchema } from '../motor/colour'
import { MOTOR_KINDS } from '../motor/kind'
import { SPEED_NAMES } from '../motor/lead-sheet'
import { LEAD_ROLES } from '../motor/role'
import { DirectionSchema } from '../rotation/view'
import { operation } from './operation'
import { plain } from './plain'
import { Box, SeenLooksSchema } from './seen-looks'

export const readTagOperation = operation({
  name: 'read-tag',
  help: 'Words that a reader of letters saw on a picture of the tag on a motor’s leads: its leads by colour and role, and what is joined for a direction. Nothing is kept by it.',
  input: v.strictObject({
    kind: v.picklist(MOTOR_KINDS, `A motor’s kind is one of: ${MOTOR_KINDS.join(', ')}.`),
    looks: SeenLooksSchema,
  }),
  output: v.object({
    leads: v.array(
      v.object({
        insulation: InsulationSchema,
        role: v.picklist(LEAD_ROLES),
        speed: v.optional(v.picklist(SPEED_NAMES)),
        isGuess: v.boolean(),
        box: Box,
      }),
    ),
    turns: v.array(
      v.object({
        direction: DirectionSchema,
        join: v.array(v.tuple([InsulationSchema, InsulationSchema])),
        isCut: v.boolean(),
        box: Box,
      }),
    ),
    /** Nothing that was seen is open: another look would change little. */
    settled: v.boolean(),
  }),
  run: ({ looks, kind }) => plain(readTag(looks, kind)),
})
