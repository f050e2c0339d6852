import * as v from 'valibot'
import { SectionsSchema } from '../capacitor/can'
import { workOutDischarge } from '../capacitor/discharge'
import { positive } from './fields'
import { operation } from './operation'
import { plain } from './plain'

export const discharge = operation({
  name: 'discharge',
  help: 'How long a capacitor stays charged through a resistor, what is left now, and whether the resistor survives it.',
  input: v.strictObject({
    sections: SectionsSchema,
    volts: positive('The volts it ran at', 'V', 1000),
    resistor: v.strictObject({
      ohms: positive('The resistor', 'Ω', 1e8),
      watts: positive('The resistor’s rating', 'W', 1000),
    }),
    elapsedSeconds: v.optional(
      v.pipe(
        v.number('The elapsed seconds must be a number.'),
        v.minValue(0, 'The elapsed seconds cannot be below 0.'),
        v.maxValue(1e7, 'That is longer than a season.'),
      ),
    ),
  }),
  output: v.object({
    startVolts: v.number(),
    sections: v.array(
      v.object({
        id: v.string(),
        microfarads: v.number(),
        secondsTo50: v.number(),
        secondsTo10: v.number(),
        peakWatts: v.number(),
        joules: v.number(),
        voltsNow: v.number(),
      }),
    ),
    secondsTo50: v.number(),
    secondsTo10: v.number(),
    resistor: v.object({ verdict: v.picklist(['fits', 'too-small', 'too-large']), reason: v.string() }),
  }),
  run: (input) => plain(workOutDischarge(input)),
})
