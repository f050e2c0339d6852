import * as v from 'valibot'
import { MAX_MICROFARADS, TolerancePercent } from '../capacitor/can'
import { microfaradsFromReading } from '../capacitor/reading'
import { positive } from './fields'
import { operation } from './operation'

const Accuracy = (what: string) =>
  v.strictObject({
    percent: v.pipe(
      v.number(`The meter’s ${what} percent must be a number.`),
      v.minValue(0, 'A meter’s percent is not below 0.'),
      v.maxValue(50, 'A meter worse than 50 % is no meter.'),
    ),
    counts: v.pipe(
      v.number(`The meter’s ${what} counts must be a number.`),
      v.minValue(0, 'A meter’s counts are not below 0.'),
      v.maxValue(1000, 'That is more than 1000 counts.'),
    ),
    resolution: v.pipe(
      v.number(`The meter’s ${what} resolution must be a number.`),
      v.minValue(0, 'A meter’s resolution is not below 0.'),
      v.maxValue(100, 'That resolution is above 100.'),
    ),
  })

export const microfarads = operation({
  name: 'microfarads',
  help: 'A run capacitor’s value from the amps in its lead and the volts across it, with what the meter leaves open.',
  input: v.strictObject({
    amps: positive('Amps in the start lead', 'A', 200),
    volts: positive('Volts across the capacitor', 'V', 1000),
    hertz: v.pipe(
      v.number('The supply’s hertz must be a number.'),
      v.minValue(45, 'The supply is 50 or 60 Hz; below 45 Hz is not believable.'),
      v.maxValue(65, 'The supply is 50 or 60 Hz; above 65 Hz is not believable.'),
    ),
    rating: v.optional(
      v.strictObject({
        microfarads: positive('Rated µF', 'µF', MAX_MICROFARADS),
        tolerancePercent: TolerancePercent,
      }),
    ),
    meter: v.optional(v.strictObject({ amps: Accuracy('amps'), volts: Accuracy('volts') })),
  }),
  output: v.object({
    microfarads: v.number(),
    low: v.number(),
    high: v.nullable(v.number()),
    deviationPercent: v.nullable(v.number()),
    verdict: v.nullable(v.picklist(['in', 'out', 'uncertain'])),
  }),
  run: microfaradsFromReading,
})
