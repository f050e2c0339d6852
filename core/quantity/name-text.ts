// What a person or a phone may be called.
import * as v from 'valibot'

/**
 * A check for Valibot: a name has no NUL in it, which no database holds and nobody types. `what` begins the sentence that says so.
 * Common practice, no source.
 */
export const noNul = (what: string) =>
  v.check((text: string) => !text.includes('\0'), `${what} has a sign in it that is no letter.`)
