// Text on paper: broken into lines that fit, written downwards.
import { at } from '../../../quantity/at'
import type { Shape } from './shapes'

// No font is measured here: half the size is a safe mean width of a letter in the app's typeface (measured 0.47).
const LETTER = 0.5

/** How many letters of a size stand on a line of this width, both mm; one at least. */
export const lettersIn = (width: number, size: number): number =>
  Math.max(1, Math.floor(width / (size * LETTER)))

/** A line of text takes this much of its letters' height. */
export const LINE = 1.28

/** Breaks text at spaces, and inside words that are longer than a line; what does not fit ends with an ellipsis. */
export function wrap(text: string, letters: number, most: number): string[] {
  const lines: string[] = []
  let line = ''
  for (const word of text
    .split(/\s+/)
    .filter(Boolean)
    .flatMap((w) => chunk(w, letters))) {
    if (line && [...line].length + 1 + [...word].length > letters) {
      lines.push(line)
      line = word
    } else line = line ? `${line} ${word}` : word
  }
  if (line) lines.push(line)
  if (lines.length <= most) return lines
  const last = [...at(lines, most - 1)].slice(0, letters - 1).join('')
  return [...lines.slice(0, most - 1), `${last}…`]
}

const chunk = (word: string, letters: number): string[] => {
  const all = [...word]
  return Array.from({ length: Math.ceil(all.length / letters) }, (_, i) =>
    all.slice(i * letters, (i + 1) * letters).join(''),
  )
}

/** How a text is set: mm from the left edge, mm wide at most, letters' height in mm, and how many lines at most. */
export interface TextStyle {
  readonly x: number
  readonly width: number
  readonly size?: number
  readonly weight?: 400 | 700
  readonly most?: number
}

/** Writes downwards and remembers how far it got. Sizes are those of the plain card, times `scale`. */
export class Column {
  readonly shapes: Shape[] = []
  constructor(
    public y: number,
    readonly scale: number,
  ) {}

  /** Writes a text below what stands there, and goes on below it. */
  text(text: string, { x, width, size = 3.4, weight = 400, most = 3 }: TextStyle): void {
    const scaled = size * this.scale
    for (const line of wrap(text, lettersIn(width, scaled), most)) {
      this.y += scaled * LINE
      this.shapes.push({
        kind: 'text',
        x,
        y: this.y,
        size: Math.round(scaled * 100) / 100,
        weight,
        text: line,
      })
    }
  }

  /** A rule across the card. */
  rule(from: number, to: number, width = 0.25): void {
    this.y += 2 * this.scale
    this.shapes.push({
      kind: 'line',
      points: [
        [from, this.y],
        [to, this.y],
      ],
      width,
    })
    this.y += 0.8 * this.scale
  }

  /** Takes in what was drawn beside or below. */
  take({ shapes, y }: { readonly shapes: readonly Shape[]; readonly y: number }): void {
    this.shapes.push(...shapes)
    this.y = Math.max(this.y, y)
  }
}
