// In which units a quantity is typed, and how they become the unit it is kept in.
import type { Measurement, Quantity } from '@oak/core/meter/measurement'
import { figure } from '@oak/core/quantity/display'

export interface TypedUnit {
  readonly text: string
  readonly toKept: (typed: number) => number
}

const times =
  (factor: number) =>
  (typed: number): number =>
    typed * factor
const same = times(1)

/** The first is the one that is offered. */
export const TYPED_UNITS: Readonly<Record<Quantity, readonly [TypedUnit, ...TypedUnit[]]>> = {
  volts: [{ text: 'V', toKept: same }],
  amps: [{ text: 'A', toKept: same }],
  microfarads: [{ text: 'µF', toKept: same }],
  ohms: [
    { text: 'Ω', toKept: same },
    { text: 'kΩ', toKept: times(1e3) },
    { text: 'MΩ', toKept: times(1e6) },
  ],
  celsius: [
    { text: '°F', toKept: (f) => Math.max(0, ((f - 32) * 5) / 9) },
    { text: '°C', toKept: same },
  ],
}

/** "4.7 kΩ", "118 °F", "OL". */
export function readingText({ quantity, value }: Pick<Measurement, 'quantity' | 'value'>): string {
  if (value === 'OL') return 'OL'
  switch (quantity) {
    case 'volts':
      return `${figure(value, 1)} V`
    case 'amps':
      return `${figure(value, 2)} A`
    case 'microfarads':
      return `${figure(value, 2)} µF`
    case 'celsius':
      return `${figure(value * 1.8 + 32, 0)} °F`
    case 'ohms':
      return value >= 1e6
        ? `${figure(value / 1e6, 2)} MΩ`
        : value >= 1e3
          ? `${figure(value / 1e3, 2)} kΩ`
          : `${figure(value, 1)} Ω`
  }
}

/** A step is a difference: a tenth of a degree Celsius is 0.18 °F, not 32. */
const stepText = (quantity: Quantity, value: number): string =>
  quantity === 'celsius' ? `${figure(value * 1.8, 2)} °F` : readingText({ quantity, value })

/** What the meter's sheet leaves open, in words; null when it is not known. */
export const accuracyText = ({
  accuracy,
  range,
  quantity,
}: Pick<Measurement, 'accuracy' | 'range' | 'quantity'>): string | null =>
  accuracy &&
  `±(${figure(accuracy.percent, 1)} % + ${accuracy.counts} counts of ${stepText(quantity, accuracy.resolution)})${range ? `, range ${readingText({ quantity, value: range })}` : ''}`
