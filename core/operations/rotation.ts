import * as v from 'valibot'
import { LeadSheetSchema } from '../motor/lead-sheet'
import { plugFor } from '../motor/plug'
import { findRotation, RotationSourceSchema } from '../rotation/finder'
import { BOTH_ENDS, RotationSchema, seenFrom } from '../rotation/view'
import { operation } from './operation'
import { plain } from './plain'

const InputSchema = v.pipe(
  v.strictObject({
    /** Stated as it is; or found from sources. */
    wanted: v.optional(RotationSchema),
    sources: v.optional(
      v.pipe(
        v.array(RotationSourceSchema, 'The sources must be a list.'),
        v.maxLength(10, 'Ten sources at most.'),
      ),
      [],
    ),
    sheet: v.optional(LeadSheetSchema),
  }),
  v.check(
    (input) => input.wanted !== undefined || input.sources.length > 0,
    'Say which way it must turn, or what can be seen of blade, wheel or plate.',
  ),
)

export const rotation = operation({
  name: 'rotation',
  help: 'Which way the shaft must turn, stated or found from plate, blade, wheel or a short test; from both ends; and the plug for it.',
  input: InputSchema,
  output: v.object({
    /** null when nothing tells, or when sources disagree. */
    wanted: v.nullable(RotationSchema),
    leadEnd: v.nullable(v.picklist(['CW', 'CCW'])),
    shaftEnd: v.nullable(v.picklist(['CW', 'CCW'])),
    sources: v.array(v.object({ kind: v.string(), rotation: v.nullable(RotationSchema), words: v.string() })),
    conflict: v.nullable(v.string()),
    /** Pairs of leads to join; empty for a motor without a plug; null when no sheet is given, it refuses, or the way is not known. */
    join: v.nullable(v.array(v.tuple([v.string(), v.string()]))),
    refusal: v.nullable(v.string()),
    /** Which end is which, where both have a shaft. */
    ends: v.nullable(v.string()),
  }),
  run({ wanted: stated, sources, sheet }) {
    const found = findRotation(sources)
    const wanted = stated ?? found.wanted
    const answer =
      sheet && wanted ? plugFor(sheet, seenFrom(wanted, sheet.rotationNamedFrom).direction) : null
    return plain({
      wanted,
      leadEnd: wanted && seenFrom(wanted, 'lead-end').direction,
      shaftEnd: wanted && seenFrom(wanted, 'shaft-end').direction,
      sources: found.sources,
      conflict: found.conflict,
      join: answer?.kind === 'set' ? answer.choice.join : null,
      refusal: answer?.kind === 'refused' ? answer.why : null,
      ends: sheet?.mechanical?.throughShaft ? BOTH_ENDS : null,
    })
  },
})
