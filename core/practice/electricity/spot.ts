// Where two probes of a meter are put.
import * as v from 'valibot'

const name = (what: string) =>
  v.pipe(
    v.string(`${what} is text.`),
    v.minLength(1, `${what} is empty.`),
    v.maxLength(60, `${what} has 60 letters at most.`),
  )

export const SpotSchema = v.variant(
  'on',
  [
    v.strictObject({ on: v.literal('post'), post: name('A post') }),
    v.strictObject({ on: v.literal('lead'), lead: name('A lead') }),
    v.strictObject({ on: v.literal('frame') }),
    v.strictObject({ on: v.literal('chassis') }),
  ],
  'A probe is on a post, a lead, the motor’s frame or the chassis.',
)
/** A post of the unit or of the can, a lead's own end, the frame or the chassis. */
export type Spot = v.InferOutput<typeof SpotSchema>
