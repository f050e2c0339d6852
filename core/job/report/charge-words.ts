// The figures of the charge by name, each in its unit.
import type { CHARGE_FIGURES } from '../../startup/charge/figures'
import { figure } from '../../quantity/display'
import { degreesIn, degreesText, stepsIn, type TemperatureUnit } from '../../quantity/temperature'

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
  targetSuperheat: ['target superheat'],
  targetSubcooling: ['target subcooling'],
  minutes: ['after', 'minutes'],
}
const isCharge = (key: string): key is ChargeKey => Object.hasOwn(CHARGE_NAMES, key)

/** "suction line" */
export const chargeName = (key: string): string => (isCharge(key) ? CHARGE_NAMES[key][0] : key)

/** "68.6 psig", "52 °F". */
export function chargeText(key: string, value: number, unit: TemperatureUnit): string {
  const behind = isCharge(key) ? CHARGE_NAMES[key][1] : undefined
  if (behind) return `${figure(value, 1)} ${behind}`
  // A target is a difference: 9 °F of it are 5 °C.
  return degreesText(unit, (key.startsWith('target') ? stepsIn : degreesIn)(unit, value))
}
