import * as v from 'valibot'
import { BladeSchema } from '../motor/blade'
import { BLADE_CRITERIA, matchBlades } from '../motor/match/blade'
import { positive, shortText } from './fields'
import { operation } from './operation'
import { plain } from './plain'

const RowSchema = v.object({
  criterion: v.picklist(BLADE_CRITERIA),
  verdict: v.picklist(['pass', 'watch', 'fail', 'unknown']),
  figures: v.string(),
  reason: v.string(),
})
const OutputSchema = v.object({
  matches: v.array(
    v.object({
      id: v.string(),
      verdict: v.picklist(['fits', 'watch', 'unknown', 'no']),
      sentence: v.string(),
      rows: v.array(RowSchema),
    }),
  ),
})
/** What `match-blade` answers. */
export type MatchBladeOutput = v.InferOutput<typeof OutputSchema>

export const matchBlade = operation({
  name: 'match-blade',
  help: 'Blades on the van against the old one: diameter, hand, bore, pitch, number, width, each with its reason.',
  input: v.strictObject({
    old: BladeSchema,
    /** Of the motor the blade is to sit on, in. */
    shaftInches: v.optional(v.nullable(positive('The shaft’s diameter', 'in', 3)), null),
    blades: v.pipe(
      v.array(
        v.strictObject({ id: shortText('A blade’s id', 60), ...BladeSchema.entries }),
        'The blades must be a list.',
      ),
      v.maxLength(5000, 'More than 5,000 blades at a time.'),
    ),
  }),
  output: OutputSchema,
  run: ({ old, shaftInches, blades }) => plain({ matches: matchBlades(old, shaftInches, blades) }),
})
