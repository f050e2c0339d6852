import * as v from 'valibot'
import { LeadSheetSchema } from '../motor/lead-sheet'
import { plugFor } from '../motor/plug'
import { RotationSchema, seenFrom } from '../rotation/view'
import { operation } from './operation'

export const rotation = operation({
  name: 'rotation',
  help: 'A direction seen from both ends of the motor, and the plug position of a lead sheet that gives it.',
  input: v.strictObject({ wanted: RotationSchema, sheet: v.optional(LeadSheetSchema) }),
  output: v.object({
    leadEnd: v.picklist(['CW', 'CCW']),
    shaftEnd: v.picklist(['CW', 'CCW']),
    /** Pairs of leads to join; empty for a motor without a plug; null when no sheet is given or it refuses. */
    join: v.nullable(v.array(v.tuple([v.string(), v.string()]))),
    refusal: v.nullable(v.string()),
  }),
  run({ wanted, sheet }) {
    const leadEnd = seenFrom(wanted, 'lead-end').direction
    const shaftEnd = seenFrom(wanted, 'shaft-end').direction
    const answer = sheet && plugFor(sheet, seenFrom(wanted, sheet.rotationNamedFrom).direction)
    return {
      leadEnd,
      shaftEnd,
      join: answer?.kind === 'set' ? answer.choice.join : null,
      refusal: answer?.kind === 'refused' ? answer.why : null,
    }
  },
})
