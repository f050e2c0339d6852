import * as v from 'valibot'
import { MAX_MICROFARADS, TolerancePercent } from '../capacitor/can'
import { DEFAULT_TOLERANCE_PERCENT } from '../capacitor/verdict'
import { wantedMicrofarads } from '../capacitor/wanted'
import { positive, shortText } from './fields'
import { operation } from './operation'
import { plain } from './plain'

const value = (what: string) => v.optional(v.nullable(positive(what, 'µF', MAX_MICROFARADS)), null)
const OutputSchema = v.object({
  microfarads: v.nullable(v.number()),
  from: v.nullable(v.picklist(['tag', 'plate', 'label', 'reading'])),
  guesses: v.array(v.object({ microfarads: v.number(), likelihood: v.number() })),
  conflicts: v.array(v.string()),
  why: v.string(),
})
/** What `wanted-microfarads` answers. */
export type WantedOutput = v.InferOutput<typeof OutputSchema>

export const wanted = operation({
  name: 'wanted-microfarads',
  help: 'What a load asks for, from tag, plate, old label and reading; what disagrees is shown, and an old can never stands for a new motor.',
  input: v.strictObject({
    load: shortText('A load’s name', 40),
    newMotor: v.boolean('Whether the load is a new motor is yes or no.'),
    tag: value('The tag’s value'),
    plate: value('The plate’s value'),
    label: value('The label’s value'),
    reading: v.optional(
      v.nullable(
        v.pipe(
          v.strictObject({
            low: v.pipe(v.number(), v.minValue(0)),
            high: v.pipe(v.number(), v.finite(), v.maxValue(2 * MAX_MICROFARADS)),
          }),
          v.check((r) => r.low <= r.high, 'The reading’s lower end is above its upper one.'),
        ),
      ),
      null,
    ),
    tolerancePercent: v.optional(TolerancePercent, DEFAULT_TOLERANCE_PERCENT),
  }),
  output: OutputSchema,
  run: (input) => plain(wantedMicrofarads(input)),
})
