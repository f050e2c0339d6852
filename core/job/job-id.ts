import type { Id } from '../quantity/id'

/** A job: a UUID in lower case, made on the device; never reused. */
export type JobId = Id<'job'>
