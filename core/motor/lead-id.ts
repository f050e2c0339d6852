import type { Id } from '../quantity/id'

/** A lead of the motor by its name on the tag, such as "brown/white". Not a post: posts belong to the unit. */
export type LeadId = Id<'lead'>
