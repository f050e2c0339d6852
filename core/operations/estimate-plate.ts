import * as v from 'valibot'
import { MAX_MICROFARADS } from '../capacitor/can'
import { estimatePlate as estimate } from '../motor/estimate'
import { positive } from './fields'
import { operation } from './operation'
import { plain } from './plain'

const estimated = <S extends v.GenericSchema>(value: S) =>
  v.nullable(v.object({ low: value, high: value, because: v.array(v.string()) }))

export const estimatePlate = operation({
  name: 'estimate-plate',
  help: 'What an unreadable motor plate probably said, from amps, the old capacitor and the blade: a range with its reasons.',
  input: v.strictObject({
    ampsBySpeed: v.optional(
      v.pipe(
        v.array(positive('Amps', 'A', 100), 'The amps must be a list.'),
        v.maxLength(6, 'No fan motor has more than six speeds.'),
      ),
    ),
    volts: v.optional(v.nullable(positive('Volts', 'V', 1000))),
    microfarads: v.optional(v.nullable(positive('The old capacitor', 'µF', MAX_MICROFARADS))),
    blade: v.optional(
      v.nullable(
        v.strictObject({
          diameterInches: positive('The blade', 'in', 72),
          steep: v.boolean('Steep is yes or no.'),
        }),
      ),
    ),
  }),
  output: v.object({
    horsepower: estimated(v.string()),
    rpm: estimated(v.number()),
    speeds: estimated(v.number()),
    conflict: v.nullable(v.string()),
  }),
  run: (input) => plain(estimate(input)),
})
