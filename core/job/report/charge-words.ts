// The figures of the charge by name, each in its unit.
import type { CHARGE_FIGURES } from '../../startup/charge/figures'
import { figure } from '../../quantity/display'
import { degreesIn, degreesText, type TemperatureUnit } from '../../quantity/temperature'

type ChargeKey = keyof typeof CHARGE_FIGURES
/** What stands before a figure, and behind it where it is no temperature. */
const CHARGE_NAMES: Readonly<Record<ChargeKey, readonly [before: string, behind?: string]>> = {
  suctionPsig: ['suction', 'psig'],
  suctionFahrenheit: ['suction line'],
  liquidPsig: ['liquid', 'psig'],
  liquidFahrenheit: ['liquid line'],
  outdoorFahrenheit: ['outdoor air'],
  returnFahrenheit: ['return air'],
  supplyFahrenheit: ['supply air'],
  minutes: ['after', 'minutes'],
}
const isCharge = (key: string): key is ChargeKey => Object.hasOwn(CHARGE_NAMES, key)

/** "suction line" */
export const chargeName = (key: string): string => (isCharge(key) ? CHARGE_NAMES[key][0] : key)

/** "68.6 psig", "52 °F". */
export function chargeText(key: string, value: number, unit: TemperatureUnit): string {
  const behind = isCharge(key) ? CHARGE_NAMES[key][1] : undefined
  return behind ? `${figure(value, 1)} ${behind}` : degreesText(unit, degreesIn(unit, value))
}
