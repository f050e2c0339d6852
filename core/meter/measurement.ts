// One reading as kept in a job: what was read and where, the meter's own figure, and what that meter can tell.
import * as v from 'valibot'
import { figure } from '../quantity/display'
import { fahrenheitOf } from '../quantity/temperature'
import { readingInterval, type Interval, type MeterAccuracy } from '../quantity/interval'

export const QUANTITIES = ['volts', 'amps', 'microfarads', 'ohms', 'celsius'] as const
/** What a meter reads. */
export type Quantity = (typeof QUANTITIES)[number]

export const QUANTITY_UNITS: Readonly<Record<Quantity, string>> = {
  volts: 'V',
  amps: 'A',
  microfarads: 'µF',
  ohms: 'Ω',
  celsius: '°C',
}
const QUANTITY_NAMES: Readonly<Record<Quantity, string>> = {
  volts: 'Volts',
  amps: 'Amps',
  microfarads: 'Microfarads',
  ohms: 'Ohms',
  celsius: 'Degrees',
}
/** Beyond these a reading is a mistake, in the quantity's unit. Common practice, no source. */
const MOST: Readonly<Record<Quantity, number>> = {
  volts: 1000,
  amps: 600,
  microfarads: 2000,
  ohms: 1e9,
  celsius: 300,
}

export const AccuracySchema = v.strictObject({
  percent: v.pipe(v.number(), v.minValue(0), v.maxValue(50)),
  counts: v.pipe(v.number(), v.minValue(0), v.maxValue(1000)),
  resolution: v.pipe(v.number(), v.minValue(0), v.maxValue(1e6)),
})

const NOT_A_READING = 'A reading is a number from 0 up, or OL.'
/** A probe in a winter's wind, °C; every other quantity starts at 0. Common practice, no source. */
const COLDEST = -50
/** What a meter shows: a figure, or OL when it is beyond its range. */
export const ReadingValueSchema = v.union(
  [v.literal('OL'), v.pipe(v.number(NOT_A_READING), v.finite(NOT_A_READING), v.minValue(0, NOT_A_READING))],
  NOT_A_READING,
)

/** As `ReadingValueSchema`, and below zero too: a temperature can be. What may be is known with the quantity. */
export const MeasuredValueSchema = v.union(
  [v.literal('OL'), v.pipe(v.number(NOT_A_READING), v.finite(NOT_A_READING))],
  NOT_A_READING,
)

/** A bound as whoever typed it reads it. */
const boundText = (quantity: Quantity, value: number): string =>
  quantity === 'celsius'
    ? `${figure(value)} °C (${figure(fahrenheitOf('C', value))} °F)`
    : `${figure(value)} ${QUANTITY_UNITS[quantity]}`

export const MeasurementSchema = v.pipe(
  v.strictObject({
    quantity: v.picklist(QUANTITIES, 'A meter reads volts, amps, microfarads, ohms or degrees.'),
    value: MeasuredValueSchema,
    /** null: typed by hand from a meter whose accuracy is not known. */
    accuracy: v.nullable(AccuracySchema),
    /** The range it was read on, in the unit; null when not known. */
    range: v.nullable(v.pipe(v.number(), v.gtValue(0))),
    /** "typed", or the meter's name. */
    meter: v.pipe(v.string(), v.minLength(1), v.maxLength(60)),
    /** Milliseconds since 1970. */
    at: v.pipe(v.number(), v.integer(), v.minValue(0)),
  }),
  v.rawCheck(({ dataset, addIssue }) => {
    if (!dataset.typed || dataset.value.value === 'OL') return
    const { quantity, value } = dataset.value
    if (quantity === 'celsius' && value < COLDEST)
      addIssue({
        message: `Degrees below ${boundText(quantity, COLDEST)} are not believable: read it again.`,
      })
    else if (quantity !== 'celsius' && value < 0) addIssue({ message: NOT_A_READING })
    if (value > MOST[quantity])
      addIssue({
        message: `${QUANTITY_NAMES[quantity]} above ${boundText(quantity, MOST[quantity])} are not believable: read it again.`,
      })
  }),
)
/** A reading as it is kept: value in the quantity's unit or OL, with the meter's range and accuracy where known, and when. */
export type Measurement = v.InferOutput<typeof MeasurementSchema>

/** A usual clamp meter on each quantity, for readings typed from one whose sheet is not at hand. Common practice, no source. */
export const USUAL_ACCURACY: Readonly<Record<Quantity, MeterAccuracy>> = {
  volts: { percent: 1.2, counts: 5, resolution: 0.1 },
  amps: { percent: 2, counts: 5, resolution: 0.01 },
  microfarads: { percent: 2, counts: 4, resolution: 0.01 },
  ohms: { percent: 1, counts: 3, resolution: 0.1 },
  celsius: { percent: 2, counts: 2, resolution: 0.5 },
}

/** Where the true value may lie; null for OL. */
export const measuredInterval = ({
  quantity,
  value,
  accuracy,
}: Pick<Measurement, 'quantity' | 'value' | 'accuracy'>): Interval | null =>
  value === 'OL' ? null : readingInterval(value, accuracy ?? USUAL_ACCURACY[quantity])
