import * as v from 'valibot'
import { CARRY_GROUPS, carryList } from '../carry/carry-list'
import { LeadSheetSchema, MechanicalSchema } from '../motor/lead-sheet'
import { knownUnitType } from '../wiring/unit-types'
import { UnitRefSchema } from '../wiring/unit-ref'
import { operation } from './operation'
import { plain } from './plain'

const counted = (what: string) =>
  v.pipe(
    v.number(`${what} are counted.`),
    v.integer(`${what} are counted.`),
    v.minValue(0, `${what} cannot be below 0.`),
    v.maxValue(500, `More than 500 ${what.toLowerCase()}.`),
  )
const OutputSchema = v.object({
  items: v.array(
    v.object({ id: v.string(), group: v.picklist(CARRY_GROUPS), name: v.string(), why: v.string() }),
  ),
})
/** What `carry-list` answers. */
export type CarryListOutput = v.InferOutput<typeof OutputSchema>

export const carry = operation({
  name: 'carry-list',
  help: 'What to take up in one trip, from the unit, the old motor’s state and the plan, each with its reason.',
  input: v.strictObject({
    unit: UnitRefSchema,
    motor: v.optional(v.nullable(LeadSheetSchema), null),
    motorStays: v.optional(v.boolean('The old motor stays: yes or no.'), false),
    can: v.optional(v.nullable(v.pipe(v.string(), v.maxLength(300))), null),
    oldBody: v.optional(v.nullable(MechanicalSchema), null),
    observations: v.optional(v.record(v.string(), v.pipe(v.string(), v.maxLength(40))), {}),
    counts: v.optional(
      v.nullable(
        v.strictObject({
          jumpers: counted('Jumpers'),
          landed: counted('Leads on posts'),
          insulated: counted('Insulated leads'),
        }),
      ),
      null,
    ),
  }),
  output: OutputSchema,
  run: ({ unit, ...rest }) => plain({ items: carryList({ unit: knownUnitType(unit), ...rest }) }),
})
