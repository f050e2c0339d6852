import * as v from 'valibot'
import { glanceAtCharge } from '../startup/charge/glance'
import { REFRIGERANTS } from '../startup/charge/saturation'
import { operation } from './operation'
import { plain } from './plain'

/** Beyond these a gauge or a clamp shows nothing that a system can have. Common practice, no source. */
const psig = (what: string) => v.optional(v.nullable(v.pipe(v.number(`${what} must be a number of psig.`), v.minValue(-14.7, `${what} below a vacuum cannot be.`), v.maxValue(800, `${what} above 800 psig is beyond any gauge in use: read it again.`))), null)
const fahrenheit = (what: string) => v.optional(v.nullable(v.pipe(v.number(`${what} must be a number of °F.`), v.minValue(-60, `${what} below −60 °F is not believable: read it again.`), v.maxValue(250, `${what} above 250 °F is not believable: read it again.`))), null)

export const ChargeFigures = {
  suctionPsig: psig('Suction pressure'),
  suctionFahrenheit: fahrenheit('The suction line'),
  liquidPsig: psig('Liquid pressure'),
  liquidFahrenheit: fahrenheit('The liquid line'),
  outdoorFahrenheit: fahrenheit('Outdoor air'),
  returnFahrenheit: fahrenheit('Return air'),
  supplyFahrenheit: fahrenheit('Supply air'),
  minutes: v.optional(v.nullable(v.pipe(v.number('Minutes must be a number.'), v.minValue(0, 'Minutes cannot be below 0.'), v.maxValue(10_000, 'That is more than a week.'))), null),
} as const

const LineSchema = v.object({ saturation: v.nullable(v.number()), difference: v.nullable(v.number()), verdict: v.picklist(['usual', 'low', 'high', 'impossible', 'cannotTell']), text: v.string() })
const OutputSchema = v.object({ superheat: LineSchema, subcooling: LineSchema, split: LineSchema, notes: v.array(v.string()) })
export type ChargeGlanceOutput = v.InferOutput<typeof OutputSchema>

export const chargeGlance = operation({
  name: 'charge-glance',
  help: 'Superheat, subcooling and the air’s split from gauges and clamps, with what makes them mean little. It never says to add or to remove.',
  input: v.strictObject({ refrigerant: v.picklist(REFRIGERANTS, `A refrigerant is one of: ${REFRIGERANTS.join(', ')}.`), ...ChargeFigures }),
  output: OutputSchema,
  run: (input) => plain(glanceAtCharge(input)),
})
