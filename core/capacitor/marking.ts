// What is printed on a capacitor, as kept in a job: one or more sections, or the range of a start capacitor.
import * as v from 'valibot'
import { MAX_MICROFARADS, TolerancePercent } from './can'

const value = v.pipe(
  v.number('A capacitor’s marking is a number of µF.'),
  v.gtValue(0, 'A capacitor’s marking is above 0 µF.'),
  v.maxValue(MAX_MICROFARADS, `No motor capacitor is marked above ${MAX_MICROFARADS} µF.`),
)

export const CanMarkingSchema = v.pipe(
  v.strictObject({
    /** As printed: the first of a dual is the compressor's. Empty when only a range is marked. */
    sections: v.pipe(v.array(value), v.maxLength(24, 'A can has 24 sections at most.')),
    /** A start capacitor's marked range, µF. */
    range: v.nullable(v.strictObject({ low: value, high: value })),
    volts: v.nullable(
      v.pipe(
        v.number('The rating must be a number of V.'),
        v.gtValue(0, 'The rating must be above 0 V.'),
        v.maxValue(1000, 'The rating is above 1000 V.'),
      ),
    ),
    tolerancePercent: v.nullable(TolerancePercent),
  }),
  v.check((m) => m.sections.length > 0 || m.range !== null, 'The marking holds no µF.'),
  v.check(
    (m) => m.range === null || m.range.low <= m.range.high,
    'The lower end of the marked range is above the upper one.',
  ),
)
/** What stands on a capacitor: sections in µF, or a start capacitor's range; volts, tolerance. null: not readable. */
export type CanMarking = v.InferOutput<typeof CanMarkingSchema>

/** Trade values of run capacitors, µF. Common practice, no source. */
export const TRADE_MICROFARADS: readonly number[] = [
  2, 2.5, 3, 4, 5, 6, 7.5, 10, 12.5, 15, 17.5, 20, 25, 30, 35, 40, 45, 50, 55, 60, 65, 70, 75, 80,
]
/** Voltage ratings of motor capacitors, V. Common practice, no source. */
export const TRADE_CAPACITOR_VOLTS: readonly number[] = [
  110, 125, 165, 220, 250, 330, 370, 400, 440, 450, 480, 500, 525, 660,
]
