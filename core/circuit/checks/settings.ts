// Rotation, voltage class and the capacitor's rating: what is set or chosen, not where a lead lands.
import { figure } from '../../quantity/display'
import type { LeadSheet } from '../../motor/lead-sheet'
import { rotationText, sameRotation, type Direction, type Rotation } from '../../rotation/view'
import type { FittedCan } from '../../wiring/new-can'
import type { UnitType } from '../../wiring/unit-type'
import { stop, type Hazard } from '../hazard'
import { VOLTAGE_TOLERANCE } from '../judge/limits'

/** What is chosen rather than wired: volts of motor and can, the plug against the wanted rotation (null: not stated). */
export function checkSettings(
  unit: UnitType,
  sheet: LeadSheet,
  can: FittedCan,
  plug: Direction,
  wanted: Rotation | null,
): Hazard[] {
  const found: Hazard[] = []
  const turning: Rotation = { direction: plug, seenFrom: sheet.rotationNamedFrom }
  if (wanted && !sameRotation(turning, wanted)) {
    const mend =
      sheet.settings.rotation.length > 1
        ? 'Change the reversing plug.'
        : 'This motor cannot be reversed: take another.'
    found.push(
      stop(
        'rotation-opposite',
        `As set, the shaft turns ${rotationText(turning)}; the fan needs ${rotationText(wanted)}. ${mend}`,
      ),
    )
  }
  const { low, high } = sheet.nameplate.volts
  if (unit.volts < low * (1 - VOLTAGE_TOLERANCE) || unit.volts > high * (1 + VOLTAGE_TOLERANCE))
    found.push(
      stop(
        'voltage-class',
        `The unit is ${figure(unit.volts)} V; the motor is rated ${figure(low)}–${figure(high)} V.`,
      ),
    )
  if (sheet.capacitor && can.volts < sheet.capacitor.volts)
    found.push(
      stop(
        'capacitor-voltage-low',
        `The can is rated ${figure(can.volts)} V; the motor’s tag asks for ${figure(sheet.capacitor.volts)} V or more.`,
      ),
    )
  return found
}
