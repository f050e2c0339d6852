import { idSchema } from '../quantity/id'
import { LINES, type PostId } from '../wiring/unit-type'
import * as v from 'valibot'
import { makeSafe as work } from '../safety/make-safe'
import { NO_SUPPLY_FACTS, supplyOf, SupplyFactsSchema } from '../supply/supply'
import { knownUnitType } from '../wiring/unit-types'
import { NamedWiresSchema } from './hookup'
import { UnitRefSchema } from '../wiring/unit-ref'
import { operation } from './operation'
import { plain } from './plain'

export const makeSafe = operation({
  name: 'make-safe',
  help: 'What to open on a unit, what stays live all the same, and where to prove it dead.',
  input: v.strictObject({
    unit: UnitRefSchema,
    wires: v.optional(NamedWiresSchema),
    supply: v.optional(SupplyFactsSchema, NO_SUPPLY_FACTS),
  }),
  output: v.object({
    open: v.array(v.string()),
    staysLive: v.array(v.string()),
    liveWithOff: v.array(
      v.object({
        post: idSchema<PostId>(v.string()),
        name: v.string(),
        line: v.picklist(LINES),
        motorWire: v.boolean(),
      }),
    ),
    sentence: v.string(),
    meter: v.string(),
    prove: v.array(
      v.object({
        id: v.string(),
        between: v.tuple([v.string(), v.string()]),
        names: v.tuple([v.string(), v.string()]),
        what: v.string(),
      }),
    ),
    hasCapacitor: v.boolean(),
  }),
  run({ unit, wires, supply }) {
    const type = knownUnitType(unit)
    return plain(work(type, wires ?? [], supplyOf(type, supply)))
  },
})
