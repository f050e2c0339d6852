// How sure a fault is, in words.
import type { Fault } from '../fields'

/** "strong by the evidence"; what was measured or seen is no likelihood. */
export const strengthWords = (strength: Fault['strength']): string =>
  strength === 'found' ? 'measured or seen' : `${strength} by the evidence`
