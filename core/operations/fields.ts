// Small schemas that several operations share.
import * as v from 'valibot'
import { AccuracySchema, ReadingValueSchema } from '../meter/measurement'

/** A number above 0, with the trade's words for what it is. */
export const positive = (what: string, unit: string, most: number) =>
  v.pipe(
    v.number(`${what} must be a number of ${unit}.`),
    v.finite(`${what} must be a number of ${unit}.`),
    v.gtValue(0, `${what} must be above 0 ${unit}.`),
    v.maxValue(most, `${what} above ${most} ${unit} is not believable: read it again.`),
  )

/** Text that is not empty, `most` letters at most; `what` names it in the error. */
export const shortText = (what: string, most: number) =>
  v.pipe(
    v.string(`${what} must be text.`),
    v.trim(),
    v.minLength(1, `${what} is empty.`),
    v.maxLength(most, `${what} has ${most} letters at most.`),
  )

export { AccuracySchema, ReadingValueSchema }
export const IntervalSchema = v.object({ low: v.number(), high: v.number() })
