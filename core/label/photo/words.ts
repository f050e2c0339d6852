// What a reader of letters saw on a picture of a plate: words with their places, and how sure it was of each.

/** A place on the straightened picture, in thousandths of its longer side from its upper left corner. */
export interface Box {
  readonly x0: number
  readonly y0: number
  readonly x1: number
  readonly y1: number
}

/** A word as it was seen. */
export interface SeenWord {
  readonly text: string
  /** How sure the reader is, 0 to 100. */
  readonly confidence: number
  readonly box: Box
}

/** The words of a picture, line by line, each line from left to right. */
export type SeenLines = readonly (readonly SeenWord[])[]

/** Height of a box, in its own units. */
export const heightOf = ({ y0, y1 }: Box): number => y1 - y0

/** The smallest box around all; one at least is needed. */
export function around(boxes: readonly Box[]): Box {
  return {
    x0: Math.min(...boxes.map((b) => b.x0)),
    y0: Math.min(...boxes.map((b) => b.y0)),
    x1: Math.max(...boxes.map((b) => b.x1)),
    y1: Math.max(...boxes.map((b) => b.y1)),
  }
}
