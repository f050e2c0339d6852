import { UNIT_TYPES } from '../../wiring/unit-types'
import { canHold, OLD_MOTORS, usualVolts } from './motors'
import { healthyUnit } from './healthy'

it('every kind of unit has an old motor of practice, and each that it can hold is hooked up as the core would', () => {
  for (const unit of UNIT_TYPES) {
    const makes = usualVolts(unit).flatMap((volts) =>
      OLD_MOTORS.filter((sheet) => canHold(unit, volts, sheet)).map((sheet) => ({ volts, sheet })),
    )
    expect([unit.id, makes.length > 0]).toEqual([unit.id, true])
    for (const { volts, sheet } of makes) {
      const truth = healthyUnit({ unit, volts, sheet, compressorMicrofarads: 40 })
      expect(truth.placements.map(({ lead }) => lead).sort()).toEqual(sheet.leads.map(({ id }) => id).sort())
      expect(truth.placements.some(({ goes }) => goes.kind === 'loose')).toBe(false)
    }
  }
})
