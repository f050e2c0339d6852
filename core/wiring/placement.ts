// Where one lead of the new motor ends.
import type { PostId } from './unit-type'
import * as v from 'valibot'

export const PlacementSchema = v.variant(
  'kind',
  [
    v.strictObject({ kind: v.literal('post'), post: v.pipe(v.string(), v.minLength(1), v.maxLength(60)) }),
    v.strictObject({ kind: v.literal('insulated') }),
    v.strictObject({ kind: v.literal('plug') }),
    v.strictObject({ kind: v.literal('loose') }),
  ],
  'A lead goes to a post, is insulated, is in the plug, or is loose.',
)
/** On a post; capped off by itself; joined in the reversing plug; or not dealt with yet. */
export type Placement = v.InferOutput<typeof PlacementSchema>

/** Does the lead end in the same place? */
export const samePlacement = (a: Placement, b: Placement): boolean =>
  a.kind === b.kind && (a.kind !== 'post' || a.post === (b as { post: PostId }).post)
