// What can be told of one post of a dual can.

/** What a post of a dual capacitor is. */
export type PostRole = 'C' | 'HERM' | 'FAN'
/** `certain`: nothing else fits the readings. `likely`: by custom. `cannot-tell`: more than one fits. */
export type Certainty = 'certain' | 'likely' | 'cannot-tell'

/** What one post was found to be; `is` null: cannot tell. */
export interface PostFinding {
  readonly post: string
  readonly is: PostRole | null
  readonly certainty: Certainty
}
