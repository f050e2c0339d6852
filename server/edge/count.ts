// A number in an address, as a question has it.
import * as v from 'valibot'

/** A whole number, not below 0 and at most `most`. */
export const count = (what: string, most: number) =>
  v.pipe(
    v.string(),
    v.regex(/^\d{1,15}$/, `${what} must be a whole number.`),
    v.transform(Number),
    v.maxValue(most, `${what} is at most ${most}.`),
  )
