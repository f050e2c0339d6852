// A reading with its unit, as it stands in a report and in a history.
import { QUANTITY_UNITS, type Measurement } from '../../meter/measurement'
import { figure } from '../../quantity/display'
import { degreesIn, degreesText, fahrenheitOf, type TemperatureUnit } from '../../quantity/temperature'

/** "18.7 Ω", "118.4 °F", "OL". */
export const valueText = (
  { value, quantity }: Pick<Measurement, 'value' | 'quantity'>,
  unit: TemperatureUnit,
): string =>
  value === 'OL'
    ? 'OL'
    : quantity === 'celsius'
      ? degreesText(unit, degreesIn(unit, fahrenheitOf('C', value)))
      : `${figure(value)} ${QUANTITY_UNITS[quantity]}`
