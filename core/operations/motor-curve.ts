import { known } from '../quantity/at'
import * as v from 'valibot'
import { MAX_MICROFARADS } from '../capacitor/can'
import { LeadSheetSchema } from '../motor/lead-sheet'
import { motorCurve } from '../motor/machine/curve'
import { machineOf } from '../motor/machine/machine'
import { sheetOnVolts } from '../motor/volts-choice'
import { checkWhole } from '../quantity/problem'
import { positive } from './fields'
import { operation } from './operation'
import { plain } from './plain'

const PointSchema = v.object({
  microfarads: v.number(),
  volts: v.number(),
  amps: v.number(),
  capacitorVolts: v.number(),
  startTorque: v.number(),
  rpm: v.number(),
})
const OutputSchema = v.object({
  byMicrofarads: v.array(PointSchema),
  byVolts: v.array(PointSchema),
  chosen: PointSchema,
  /** Of an estimated motor: the least and the most of likely constants. */
  range: v.nullable(v.object({ low: PointSchema, high: PointSchema })),
  estimated: v.boolean(),
})
/** What `motor-curve` answers. */
export type MotorCurveOutput = v.InferOutput<typeof OutputSchema>

export const motorCurveOperation = operation({
  name: 'motor-curve',
  help: 'Running amps, capacitor volts, start torque and speed against microfarads and supply volts, from the model of the motor.',
  input: v.pipe(
    v.strictObject({
      sheet: LeadSheetSchema,
      volts: v.optional(v.nullable(positive('The supply’s volts', 'V', 1000)), null),
      hertz: v.optional(v.nullable(v.picklist([50, 60], 'The supply is 50 or 60 Hz.')), null),
      microfarads: v.optional(v.nullable(positive('The µF', 'µF', MAX_MICROFARADS)), null),
      points: v.optional(
        v.pipe(
          v.number(),
          v.integer('Points are counted.'),
          v.minValue(2, 'A curve has two points at least.'),
          v.maxValue(400, 'A curve has 400 points at most.'),
        ),
        46,
      ),
    }),
    checkWhole(({ sheet }) =>
      machineOf(sheet)
        ? []
        : [{ path: 'sheet', message: `${sheet.name} has no run capacitor: there is nothing to vary.` }],
    ),
  ),
  output: OutputSchema,
  run({ sheet, volts, hertz, microfarads, points }) {
    // A motor for two voltages is taken as joined for the supply.
    const joined = volts === null ? sheet : sheetOnVolts(sheet, null, volts).sheet
    const machine = known(machineOf(joined), 'The machine')
    return plain({
      ...motorCurve(machine, {
        volts: volts ?? machine.ratedVolts,
        hertz: hertz ?? machine.ratedHertz,
        microfarads: microfarads ?? machine.microfarads,
        points,
      }),
      estimated: machine.estimated,
    })
  },
})
