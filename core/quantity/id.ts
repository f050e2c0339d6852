// Ids that cannot be passed for one another: a lead's where a post's is meant is a type error.
import type * as v from 'valibot'

declare const kind: unique symbol

/**
 * An id of one kind of thing. It is text: a plain string is taken as one (that is what a file or a route gives), but the id of one kind is
 * never taken for another's.
 */
export type Id<Kind extends string> = string & { readonly [kind]?: Kind }

/** A schema of text as the schema of an id. The mark stands in the types alone, so nothing changes at run time. */
export const idSchema = <I extends string>(text: v.GenericSchema<string>): v.GenericSchema<string, I> =>
  text as v.GenericSchema<string, I>
