// Degrees in the unit of who reads them. Kept is always °F (the charge) or °C (a reading); this is only what is read.
import { figure } from './display'

/** Fahrenheit or Celsius. */
export type TemperatureUnit = 'F' | 'C'
/** In the order in which they are offered. */
export const TEMPERATURE_UNITS = ['F', 'C'] as const

const tenths = (value: number): number => Number(value.toFixed(1))

/** A temperature in °F as its reader has it: in that unit, to a tenth. C = (F − 32) × 5/9 by definition. */
export const degreesIn = (unit: TemperatureUnit, fahrenheit: number): number =>
  tenths(unit === 'F' ? fahrenheit : celsiusOf('F', fahrenheit))

/** A difference in °F in that unit, to a tenth: 9 °F of difference are 5 °C. */
export const stepsIn = (unit: TemperatureUnit, fahrenheit: number): number =>
  tenths(unit === 'F' ? fahrenheit : (fahrenheit * 5) / 9)

/** A temperature in that unit as it is kept, °F to a hundredth, so that it reads again as it was typed. */
export const fahrenheitOf = (unit: TemperatureUnit, degrees: number): number =>
  unit === 'F' ? degrees : Number((degrees * 1.8 + 32).toFixed(2))

/** A temperature in that unit in °C, as a reading is kept; not rounded. */
export const celsiusOf = (unit: TemperatureUnit, degrees: number): number =>
  unit === 'C' ? degrees : ((degrees - 32) * 5) / 9

/** "118 °F", "47.8 °C": of a figure that is in that unit already. */
export const degreesText = (unit: TemperatureUnit, degrees: number): string =>
  `${figure(degrees, 1)} °${unit}`
