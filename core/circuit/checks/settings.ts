// Rotation, voltage class and the capacitor's rating: what is set or chosen, not where a lead lands.
import { figure, rangeFigure } from '../../quantity/display'
import type { LeadSheet } from '../../motor/lead-sheet'
import { rotationText, sameRotation, type Direction, type Rotation } from '../../rotation/view'
import type { FittedCan } from '../../wiring/new-can'
import type { UnitType } from '../../wiring/unit-type'
import { stop, type Hazard } from '../hazard'
import { inRange } from '../../supply/supply'

/** What is chosen rather than wired: volts of motor and can, the plug against the wanted rotation (null: not stated). */
export function checkSettings(
  unit: UnitType,
  sheet: LeadSheet,
  can: FittedCan,
  plug: Direction,
  wanted: Rotation | null,
  hertz: 50 | 60,
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
  if (unit.traits.throughShaft && sheet.mechanical?.throughShaft === false)
    found.push(
      stop(
        'one-shaft-end',
        `${sheet.name} has one shaft end; this unit’s motor turns something at both: take one with a through shaft.`,
      ),
    )
  found.push(...supplyHazards(unit, sheet, hertz))
  if (sheet.capacitor && can.volts < sheet.capacitor.volts)
    found.push(
      stop(
        'capacitor-voltage-low',
        `The can is rated ${figure(can.volts)} V; the motor’s tag asks for ${figure(sheet.capacitor.volts)} V or more.`,
      ),
    )
  return found
}

/** Just beyond the limit it is told to a tenth: "10 % too low, 10 % is the most" would read as a mistake. */
const overText = (share: number): string => figure(100 * share, share < 0.11 ? 1 : 0)

/** The motor's plate against this unit's supply: volts within the tolerance of both ends, and its own hertz. */
function supplyHazards(unit: UnitType, { nameplate }: LeadSheet, hertz: 50 | 60): Hazard[] {
  const { low, high } = nameplate.volts
  const rated = rangeFigure(nameplate.volts)
  const found: Hazard[] = []
  if (!inRange(unit.volts, nameplate.volts)) {
    const [limit, by, side] =
      unit.volts < low
        ? ([low, 1 - unit.volts / low, 'low'] as const)
        : ([high, unit.volts / high - 1, 'high'] as const)
    found.push(
      stop(
        'voltage-class',
        `The supply is ${figure(unit.volts)} V; the motor is rated ${rated} V. That is ${overText(by)} % too ${side} for ${figure(limit)} V; 10 % is the most.`,
      ),
    )
  }
  if (nameplate.hertz !== hertz)
    found.push(
      stop(
        'hertz',
        hertz < nameplate.hertz
          ? `The supply is ${hertz} Hz; the motor is made for ${nameplate.hertz} Hz: it draws more, turns slower and gets hot.`
          : `The supply is ${hertz} Hz; the motor is made for ${nameplate.hertz} Hz: it turns faster than the fan is made for.`,
      ),
    )
  return found
}
