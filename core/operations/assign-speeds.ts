import * as v from 'valibot'
import { LeadSheetSchema, SPEED_NAMES } from '../motor/lead-sheet'
import { assignSpeeds as assign, crossedBy } from '../wiring/speeds'
import { knownUnitType } from '../wiring/unit-types'
import { positive } from './fields'
import { NamedWiresSchema } from './hookup'
import { UnitRefSchema } from '../wiring/unit-ref'
import { operation } from './operation'
import { plain } from './plain'

const SpeedSchema = v.picklist(SPEED_NAMES, `A speed is one of: ${SPEED_NAMES.join(', ')}.`)

export const assignSpeeds = operation({
  name: 'assign-speeds',
  help: 'A tap of the new blower motor for every output that the unit calls, what shares, what is parked, and crossed speeds from amps.',
  input: v.strictObject({
    unit: UnitRefSchema,
    wires: NamedWiresSchema,
    sheet: LeadSheetSchema,
    choices: v.optional(v.record(v.string(), SpeedSchema), {}),
    /** Amps of the old motor by output. */
    amps: v.optional(v.record(v.string(), positive('Amps', 'A', 100)), {}),
  }),
  output: v.object({
    assignments: v.array(
      v.object({
        output: v.string(),
        name: v.string(),
        modes: v.array(v.string()),
        speed: v.nullable(SpeedSchema),
        tap: v.nullable(v.string()),
        why: v.string(),
        flow: v.nullable(v.number()),
        power: v.nullable(v.number()),
      }),
    ),
    jumpers: v.array(v.object({ from: v.string(), to: v.string(), tap: v.string() })),
    idle: v.array(v.object({ tap: v.string(), speed: SpeedSchema, park: v.nullable(v.string()) })),
    problems: v.array(v.string()),
    crossed: v.array(v.string()),
  }),
  run({ unit, wires, sheet, choices, amps }) {
    const type = knownUnitType(unit)
    return plain({ ...assign({ unit: type, wires, sheet, choices }), crossed: crossedBy(type, wires, amps) })
  },
})
