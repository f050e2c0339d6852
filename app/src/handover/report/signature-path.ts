// The strokes of a drawn name as a path of moves and lines.

/** Points in px of the pad. */
export interface Stroke {
  readonly points: readonly { readonly x: number; readonly y: number }[]
}

/** As wide as every kept signature, whatever it was drawn on. */
const ACROSS = 1000
/** The record takes 40,000 letters; a longer drawing ends with its last whole stroke. */
const MOST_LETTERS = 39_000

/** "M12 40L13 41…" on a pad `width` px wide; '' where nothing is drawn. */
export function pathOf(strokes: readonly Stroke[], width: number): string {
  const at = (px: number) => Math.max(0, Math.round((px * ACROSS) / width))
  let path = ''
  for (const { points } of strokes) {
    const next = points.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${at(x)} ${at(y)}`).join('')
    if (path.length + next.length > MOST_LETTERS) break
    path += next
  }
  return path
}
