// A master fits, for the tests: a motor of the van and a multi-tap capacitor, every lead where the core advises it for the healthy unit.
import { workOutHookup } from '../../circuit/hookup'
import type { LeadSheet } from '../../motor/lead-sheet'
import { VAN_MOTORS } from '../unit/motors'
import { compressorMicrofarads, type Fitting } from '../unit/fitting'
import { unusedOutputs } from '../unit/healthy'
import { recordedWires } from '../unit/recorded'
import type { Pair } from '../unit/truth'

export const vanMotor = (id: string): LeadSheet => VAN_MOTORS.find((m) => m.id === id)!

/** Sections as a multi-tap has them, µF. */
const TAPS = [30, 15, 10, 7.5, 5, 4, 2.5]

/** As the core advises it. `sheet` null: the motor stays. */
export function masterlyFitting(unit: Pair, sheet: LeadSheet | null, taps = TAPS): Fitting {
  const { healthy } = unit
  const motor = sheet ?? healthy.sheet
  const can = {
    name: 'Seven sections',
    volts: 440,
    tolerancePercent: 6,
    sections: taps.map((microfarads, i) => ({ id: `${microfarads}, ${i}`, microfarads })),
  }
  const answer = workOutHookup({
    unit: healthy.unit,
    wires: recordedWires(healthy),
    sheet: motor,
    motorStays: sheet === null,
    wanted: healthy.wanted,
    can,
    compressorMicrofarads: compressorMicrofarads(unit),
    compressorVolts: 440,
    unusedOutputs: unusedOutputs(healthy.unit),
  })
  return {
    sheet,
    horsepower: answer.horsepower.horsepower,
    plug: answer.plug.set.direction,
    speed: answer.speed?.speed ?? null,
    placements: answer.placements.map(({ lead, goes }) => ({ lead, goes })),
    unitWires: [...answer.unitWires, ...answer.added].map(({ id, from, to }) => ({ id, from, to })),
    can: { ...can, jumpers: [...answer.can.jumpers] },
  }
}
