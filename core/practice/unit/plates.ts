// What is printed on a practice unit, as somebody reads it off.
import type { MotorPlate } from '../../motor/nameplate'
import type { Truth } from './truth'

/** The plate of the motor in it. */
export function motorPlateOf({ sheet }: Pick<Truth, 'sheet'>): MotorPlate {
  const { nameplate, settings, capacitor } = sheet
  return {
    horsepower: settings.horsepower.map((c) => c.horsepower),
    rpm: [nameplate.rpm],
    volts: [nameplate.volts],
    amps: settings.horsepower.map((c) => c.amps),
    hertz: [nameplate.hertz],
    phase: sheet.kind === 'three-phase' ? 3 : 1,
    rotation: null,
    reversible: null,
    microfarads: capacitor?.microfarads ?? null,
    capacitorVolts: capacitor?.volts ?? null,
    poles: null,
    speeds: settings.speed.length || null,
    frame: null,
  }
}
