// The figures of the glance: what each is called and in what it is read; null: a temperature, in the device’s degrees.
import { degreesIn, fahrenheitOf, stepsIn, type TemperatureUnit } from '@oak/core/quantity/temperature'
import type { CHARGE_FIGURES } from '@oak/core/startup/charge/figures'

export type ChargeKey = keyof typeof CHARGE_FIGURES

export const CHARGE_NAMES: Readonly<
  Record<ChargeKey, { readonly name: string; readonly unit: string | null }>
> = {
  suctionPsig: { name: 'Suction', unit: 'psig' },
  suctionFahrenheit: { name: 'Suction line', unit: null },
  liquidPsig: { name: 'Liquid', unit: 'psig' },
  liquidFahrenheit: { name: 'Liquid line', unit: null },
  outdoorFahrenheit: { name: 'Outdoor air', unit: null },
  returnFahrenheit: { name: 'Return air', unit: null },
  supplyFahrenheit: { name: 'Supply air', unit: null },
  targetSuperheat: { name: 'Target superheat', unit: null },
  targetSubcooling: { name: 'Target subcooling', unit: null },
  minutes: { name: 'Running for', unit: 'min' },
}

/** A target is a difference of temperatures, not one of them. */
const isStep = (key: ChargeKey): boolean => key.startsWith('target')

/** A kept figure as this device reads it. */
export function readAs(key: ChargeKey, kept: number, degrees: TemperatureUnit): number {
  if (CHARGE_NAMES[key].unit !== null) return kept
  return isStep(key) ? stepsIn(degrees, kept) : degreesIn(degrees, kept)
}

/** What is typed on this device as it is kept. */
export function keptAs(key: ChargeKey, typed: number, degrees: TemperatureUnit): number {
  if (CHARGE_NAMES[key].unit !== null) return typed
  if (!isStep(key)) return fahrenheitOf(degrees, typed)
  return degrees === 'F' ? typed : Number((typed * 1.8).toFixed(2))
}

/** May it be typed with a minus, and taken from a clamp? */
export const isTemperature = (key: ChargeKey): boolean => CHARGE_NAMES[key].unit === null && !isStep(key)
