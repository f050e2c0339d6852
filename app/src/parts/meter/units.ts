// In which units a quantity is typed, and how they become the unit it is kept in.
import type { Measurement, Quantity } from '@oak/core/meter/measurement'
import { figure, ohmsText } from '@oak/core/quantity/display'
import {
  celsiusOf,
  degreesIn,
  degreesText,
  fahrenheitOf,
  TEMPERATURE_UNITS,
  type TemperatureUnit,
} from '@oak/core/quantity/temperature'
import { useDeviceSettings } from '../../ui/device-settings'

export interface TypedUnit {
  readonly text: string
  readonly toKept: (typed: number) => number
}

type TypedUnits = readonly [TypedUnit, ...TypedUnit[]]

const times =
  (factor: number) =>
  (typed: number): number =>
    typed * factor
const same = times(1)
const DEGREES: Readonly<Record<TemperatureUnit, TypedUnit>> = {
  F: { text: '°F', toKept: (degrees) => celsiusOf('F', degrees) },
  C: { text: '°C', toKept: same },
}

/** The first is the one that is offered; of a temperature it is the device's. */
export function typedUnits(quantity: Quantity, degrees: TemperatureUnit): TypedUnits {
  switch (quantity) {
    case 'volts':
      return [{ text: 'V', toKept: same }]
    case 'amps':
      return [{ text: 'A', toKept: same }]
    case 'microfarads':
      return [{ text: 'µF', toKept: same }]
    case 'ohms':
      return [
        { text: 'Ω', toKept: same },
        { text: 'kΩ', toKept: times(1e3) },
        { text: 'MΩ', toKept: times(1e6) },
      ]
    case 'celsius':
      return [
        DEGREES[degrees],
        ...TEMPERATURE_UNITS.filter((unit) => unit !== degrees).map((unit) => DEGREES[unit]),
      ]
  }
}

/** "4.7 kΩ", "118.4 °F", "OL". */
export function readingText(
  { quantity, value }: Pick<Measurement, 'quantity' | 'value'>,
  degrees: TemperatureUnit,
): string {
  if (value === 'OL') return 'OL'
  switch (quantity) {
    case 'volts':
      return `${figure(value, 1)} V`
    case 'amps':
      return `${figure(value, 2)} A`
    case 'microfarads':
      return `${figure(value, 2)} µF`
    case 'celsius':
      return degreesText(degrees, degreesIn(degrees, fahrenheitOf('C', value)))
    case 'ohms':
      return ohmsText(value)
  }
}

/** A step is a difference: a tenth of a degree Celsius is 0.18 °F, not 32. */
const stepText = (quantity: Quantity, value: number, degrees: TemperatureUnit): string =>
  quantity === 'celsius'
    ? `${figure(degrees === 'F' ? value * 1.8 : value, 2)} °${degrees}`
    : readingText({ quantity, value }, degrees)

/** What the meter's sheet leaves open, in words; null when it is not known. */
export const accuracyText = (
  { accuracy, range, quantity }: Pick<Measurement, 'accuracy' | 'range' | 'quantity'>,
  degrees: TemperatureUnit,
): string | null =>
  accuracy &&
  `±(${figure(accuracy.percent, 1)} % + ${accuracy.counts} counts of ${stepText(quantity, accuracy.resolution, degrees)})${range ? `, range ${readingText({ quantity, value: range }, degrees)}` : ''}`

/** The unit of degrees that this device reads. */
export const useDegrees = (): TemperatureUnit => useDeviceSettings((s) => s.temperatureUnit)

/** Readings as this device reads them. */
export function useReadingText(): (reading: Pick<Measurement, 'quantity' | 'value'>) => string {
  const degrees = useDegrees()
  return (reading) => readingText(reading, degrees)
}
