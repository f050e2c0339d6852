// Where a band of the card has its picture and its words.
import type { Shape } from './shapes'

/** One band's columns, mm from the card's left edge: the picture from `left`, `picture` wide; words from `words` to `right`. */
export interface Frame {
  readonly left: number
  readonly picture: number
  readonly words: number
  readonly right: number
  /** Times the plain card's sizes. */
  readonly scale: number
}

/** Shapes, and how far down they reach, mm. */
export interface Drawn {
  readonly shapes: readonly Shape[]
  readonly y: number
}
