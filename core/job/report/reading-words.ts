// A reading with its unit, as it stands in a report and in a history.
import { QUANTITY_UNITS, type Measurement, type Quantity } from '../../meter/measurement'
import { figure, ohmsText } from '../../quantity/display'
import { degreesIn, degreesText, fahrenheitOf, type TemperatureUnit } from '../../quantity/temperature'

/** "18.7 Ω", "500 kΩ", "118.4 °F", "OL". */
export const valueText = (
  { value, quantity }: Pick<Measurement, 'value' | 'quantity'>,
  unit: TemperatureUnit,
): string => (value === 'OL' ? 'OL' : figureText(quantity, value, unit))

function figureText(quantity: Quantity, value: number, unit: TemperatureUnit): string {
  if (quantity === 'ohms') return ohmsText(value)
  return quantity === 'celsius'
    ? degreesText(unit, degreesIn(unit, fahrenheitOf('C', value)))
    : `${figure(value)} ${QUANTITY_UNITS[quantity]}`
}
