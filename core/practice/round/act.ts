// What a learner can do on a practice unit, as plain values: a round is the list of them, and is played again from it.
import * as v from 'valibot'
import { MODE_IDS } from '../../wiring/unit-type'
import { DIALS } from '../electricity/probe'
import { SpotSchema } from '../electricity/spot'
import { FittingSchema } from '../unit/fitting'
import { PARTS } from '../unit/parts'

const name = (what: string, most: number) =>
  v.pipe(
    v.string(`${what} is text.`),
    v.minLength(1, `${what} is empty.`),
    v.maxLength(most, `${what} has ${most} letters at most.`),
  )
const Ends = v.pipe(
  v.array(name('An end', 70), 'The ends are a list.'),
  v.minLength(1, 'Which ends, is missing.'),
  v.maxLength(100, 'That is more than 100 ends.'),
)
const yesNo = (what: string) => v.optional(v.boolean(`${what} is yes or no.`), false)

export const ActSchema = v.variant(
  'do',
  [
    /** The disconnect and its breaker; open, they are locked and tagged in the same breath, or not. */
    v.strictObject({
      do: v.literal('disconnect'),
      to: v.picklist(['open', 'closed'], 'The disconnect is opened or closed.'),
      locked: yesNo('Locked'),
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
    /** Two probes and a dial. */
    v.strictObject({
      do: v.literal('probe'),
      dial: v.picklist(DIALS, `The dial is on one of: ${DIALS.join(', ')}.`),
      probes: v.tuple([SpotSchema, SpotSchema], 'A meter has two probes.'),
    }),
    /** Ends taken off their posts, such as "lead:black" or "wire:comp-s". */
    v.strictObject({ do: v.literal('lift'), ends: Ends }),
    v.strictObject({ do: v.literal('put-back'), ends: Ends }),
    /** One of the app's tests. */
    v.strictObject({ do: v.literal('try'), test: name('The test', 40) }),
    /** What the learner says it is. */
    v.strictObject({ do: v.literal('name'), cause: name('The cause', 40) }),
    v.strictObject({
      do: v.literal('change'),
      part: v.picklist(PARTS, `What can be changed is one of: ${PARTS.join(', ')}.`),
    }),
    /** Motor, capacitor and leads, as they were put. */
    v.strictObject({ do: v.literal('fit'), fitting: FittingSchema }),
    /** With what was left on paper. */
    v.strictObject({
      do: v.literal('hand-over'),
      readings: yesNo('Readings'),
      card: yesNo('Card'),
    }),
  ],
  'An act is one of: disconnect, thermostat, prove-dead, discharge, wait, probe, lift, put-back, try, name, change, fit, hand-over.',
)
/** One thing done on a practice unit. */
export type Act = v.InferOutput<typeof ActSchema>
