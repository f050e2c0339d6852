import * as v from 'valibot'
import { judgeBench } from '../capacitor/bench'
import { MAX_MICROFARADS, TolerancePercent } from '../capacitor/can'
import { AccuracySchema, IntervalSchema, positive, ReadingValueSchema } from './fields'
import { operation } from './operation'
import { plain } from './plain'

const RangeSchema = v.pipe(
  v.strictObject({
    low: positive('The marked range', 'µF', 2000),
    high: positive('The marked range', 'µF', 2000),
  }),
  v.check((r) => r.low <= r.high, 'The lower end of the marked range is above the upper one.'),
)

export const benchCapacitor = operation({
  name: 'bench-capacitor',
  help: 'A bench reading against a run capacitor’s tolerance or a start capacitor’s marked range, and its bleed resistor.',
  input: v.strictObject({
    reading: ReadingValueSchema,
    meter: v.optional(AccuracySchema),
    rating: v.optional(
      v.union(
        [
          v.strictObject({
            microfarads: positive('Rated µF', 'µF', MAX_MICROFARADS),
            tolerancePercent: TolerancePercent,
          }),
          RangeSchema,
        ],
        'A rating is µF with a tolerance, or a marked range.',
      ),
    ),
    bleedOhms: v.optional(ReadingValueSchema),
  }),
  output: v.object({
    microfarads: v.nullable(v.number()),
    low: v.nullable(v.number()),
    high: v.nullable(v.number()),
    verdict: v.nullable(v.picklist(['in', 'out', 'uncertain', 'open', 'over-range'])),
    limits: v.nullable(IntervalSchema),
    bleed: v.nullable(v.picklist(['whole', 'open', 'off-value'])),
    words: v.string(),
  }),
  run: (input) => plain(judgeBench(input)),
})
