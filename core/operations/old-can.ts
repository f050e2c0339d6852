import * as v from 'valibot'
import { MAX_MICROFARADS } from '../capacitor/can'
import { judgeOldCan } from '../capacitor/old-can'
import { positive, shortText } from './fields'
import { operation } from './operation'
import { plain } from './plain'

const SideSchema = v.strictObject({
  load: shortText('A side’s load', 40),
  microfarads: v.optional(v.nullable(positive('The marking', 'µF', MAX_MICROFARADS)), null),
  /** As bench-capacitor or microfarads gives it. */
  verdict: v.optional(v.nullable(v.picklist(['in', 'out', 'uncertain', 'open', 'over-range'])), null),
})
const OutputSchema = v.object({
  action: v.picklist(['replace', 'keep', 'cannotTell']),
  replace: v.array(v.string()),
  mayStay: v.array(v.string()),
  why: v.array(v.string()),
  exchange: v.nullable(v.string()),
})
/** What `old-can` answers. */
export type OldCanOutput = v.InferOutput<typeof OutputSchema>

export const oldCan = operation({
  name: 'old-can',
  help: 'What readings and looks say of the old capacitor as a whole: replace it, both sides when one failed, or keep it; and what may stand in its place.',
  input: v.strictObject({
    sides: v.pipe(
      v.array(SideSchema),
      v.minLength(1, 'A capacitor has one side at least.'),
      v.maxLength(3, 'More than three sides.'),
      v.check(
        (list) => new Set(list.map((s) => s.load)).size === list.length,
        'Two sides serve the same load.',
      ),
    ),
    oneCase: v.optional(v.boolean('One case is yes or no.'), true),
    looksBad: v.optional(v.nullable(v.boolean('Looks bad is yes or no.')), null),
    newMotor: v.optional(v.boolean('A new motor is yes or no.'), false),
  }),
  output: OutputSchema,
  run: (input) => plain(judgeOldCan(input)),
})
