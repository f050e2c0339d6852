// What a learner can do on a practice unit, as plain values: a round is the list of them, and is played again from it.
import * as v from 'valibot'
import { MODE_IDS } from '../../wiring/unit-type'
import { PARTS } from '../unit/parts'

const name = (what: string, most: number) =>
  v.pipe(
    v.string(`${what} is text.`),
    v.minLength(1, `${what} is empty.`),
    v.maxLength(most, `${what} has ${most} letters at most.`),
  )

export const ActSchema = v.variant(
  'do',
  [
    /** The disconnect and its breaker; open, they are locked and tagged in the same breath, or not. */
    v.strictObject({
      do: v.literal('disconnect'),
      to: v.picklist(['open', 'closed'], 'The disconnect is opened or closed.'),
      locked: v.optional(v.boolean('Locked is yes or no.'), false),
    }),
    v.strictObject({
      do: v.literal('thermostat'),
      to: v.picklist(MODE_IDS, `A mode is one of: ${MODE_IDS.join(', ')}.`),
    }),
    /** Volts at every pair that is to be proven dead. */
    v.strictObject({ do: v.literal('prove-dead') }),
    /** Each section of each capacitor, through a resistor. */
    v.strictObject({ do: v.literal('discharge') }),
    /** An hour goes by. */
    v.strictObject({ do: v.literal('wait') }),
    /** One of the app's tests. */
    v.strictObject({ do: v.literal('try'), test: name('The test', 40) }),
    /** What the learner says it is. */
    v.strictObject({ do: v.literal('name'), cause: name('The cause', 40) }),
    v.strictObject({
      do: v.literal('change'),
      part: v.picklist(PARTS, `What can be changed is one of: ${PARTS.join(', ')}.`),
    }),
    v.strictObject({ do: v.literal('hand-over') }),
  ],
  'An act is one of: disconnect, thermostat, prove-dead, discharge, wait, try, name, change, hand-over.',
)
/** One thing done on a practice unit. */
export type Act = v.InferOutput<typeof ActSchema>
