// A piece of a label line that was understood: where it stands in the text, and what it says. Every figure comes from its own text.

/** What a piece of a label is. */
export type PieceKind =
  | 'microfarads'
  | 'tolerance'
  | 'volts'
  | 'hertz'
  | 'amps'
  | 'horsepower'
  | 'rpm'
  | 'phase'
  | 'rotation'
  | 'reversible'
  | 'poles'
  | 'speeds'
  | 'frame'
  | 'circuit-amps'
  | 'max-fuse'
  | 'fan-amps'
  | 'compressor-amps'
  | 'locked-rotor-amps'
  | 'refrigerant'
  | 'other'

/** A piece of the typed line, where it stands and what it says. */
export interface Piece {
  readonly kind: PieceKind
  /** First character, and the one after the last. */
  readonly from: number
  readonly to: number
  readonly text: string
  /** The figures as they stand in the text, in order. */
  readonly figures: readonly string[]
  /** Words that matter beside the figures, such as "CCW" or "LE". */
  readonly words: readonly string[]
}

/** How one kind of piece is found. */
export interface Rule {
  readonly kind: PieceKind
  readonly pattern: RegExp
  /** Figures and words of a match; null when it is not one after all. */
  readonly read: (
    match: RegExpExecArray,
  ) => { readonly figures?: readonly string[]; readonly words?: readonly string[] } | null
}

/** A character that no pattern matches: stands where text was already understood. */
const TAKEN = '\u0001'

/** Finds the pieces, the first rule first; what one rule took no later rule sees. In order of place. */
export function scan(text: string, rules: readonly Rule[]): Piece[] {
  const pieces: Piece[] = []
  let free = text
  for (const { kind, pattern, read } of rules) {
    for (const match of free.matchAll(new RegExp(pattern, 'giu'))) {
      const found = match[0].trim() === '' ? null : read(match)
      if (!found) continue
      const from = match.index + (match[0].length - match[0].trimStart().length)
      const to = match.index + match[0].trimEnd().length
      pieces.push({
        kind,
        from,
        to,
        text: text.slice(from, to),
        figures: found.figures ?? [],
        words: found.words ?? [],
      })
      free = free.slice(0, from) + TAKEN.repeat(to - from) + free.slice(to)
    }
  }
  return pieces.sort((a, b) => a.from - b.from)
}

/** The words and figures that no piece took. */
export function unread(text: string, pieces: readonly Piece[]): string[] {
  let rest = text
  for (const { from, to } of pieces) rest = rest.slice(0, from) + ' '.repeat(to - from) + rest.slice(to)
  return rest.split(/[\s,;|]+/).filter((word) => /[\p{L}\p{N}]/u.test(word))
}

/** The figures of a list such as "208-230" or "40 + 5". */
export const figuresIn = (list: string): string[] => [...list.matchAll(/\d*\.?\d+/g)].map((m) => m[0])
