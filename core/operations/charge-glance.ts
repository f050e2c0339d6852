import * as v from 'valibot'
import { glanceAtCharge } from '../startup/charge/glance'
import { CHARGE_FIGURES, METERING } from '../startup/charge/figures'
import { REFRIGERANTS } from '../startup/charge/refrigerants'
import { TEMPERATURE_UNITS } from '../quantity/temperature'
import { operation } from './operation'
import { plain } from './plain'

const unread = <S extends v.GenericSchema>(schema: S) => v.optional(v.nullable(schema), null)
const figures = Object.fromEntries(
  Object.entries(CHARGE_FIGURES).map(([key, schema]) => [key, unread(schema)]),
) as { [K in keyof typeof CHARGE_FIGURES]: ReturnType<typeof unread<(typeof CHARGE_FIGURES)[K]>> }

const LineSchema = v.object({
  saturation: v.nullable(v.number()),
  difference: v.nullable(v.number()),
  usual: v.object({ low: v.number(), high: v.number() }),
  verdict: v.picklist(['usual', 'low', 'high', 'impossible', 'cannotTell']),
  text: v.string(),
})
const OutputSchema = v.object({
  superheat: LineSchema,
  subcooling: LineSchema,
  split: LineSchema,
  notes: v.array(v.string()),
})
/** What `charge-glance` answers. */
export type ChargeGlanceOutput = v.InferOutput<typeof OutputSchema>

export const chargeGlance = operation({
  name: 'charge-glance',
  help: 'Superheat, subcooling and the air’s split from gauges and clamps, with what makes them mean little. It never says to add or to remove.',
  input: v.strictObject({
    refrigerant: v.picklist(REFRIGERANTS, `A refrigerant is one of: ${REFRIGERANTS.join(', ')}.`),
    ...figures,
    metering: unread(v.picklist(METERING, 'It is an expansion valve or a fixed orifice.')),
    /** In which its sentences are read. */
    unit: v.optional(v.picklist(TEMPERATURE_UNITS, 'Temperatures are read in F or in C.'), 'F'),
  }),
  output: OutputSchema,
  run: ({ unit, ...input }) => plain(glanceAtCharge(input, unit)),
})
