// The strokes of a drawn name as a path of moves and lines.

/** Points in px of the pad. */
export interface Stroke {
  readonly points: readonly { readonly x: number; readonly y: number }[]
}

/** As wide as every kept signature, whatever it was drawn on. */
const ACROSS = 1000
/** The record takes 40,000 letters; a longer drawing ends there. */
const MOST_LETTERS = 39_000

/** What is kept of a drawing: "M12 40L13 41…" on a pad `width` px wide, '' where nothing is drawn; `cut`: the drawing goes on after it. */
export function pathOf(
  strokes: readonly Stroke[],
  width: number,
): { readonly path: string; readonly cut: boolean } {
  const at = (px: number) => Math.max(0, Math.round((px * ACROSS) / width))
  let path = ''
  for (const { points } of strokes)
    for (const [i, { x, y }] of points.entries()) {
      const next = `${i === 0 ? 'M' : 'L'}${at(x)} ${at(y)}`
      if (path.length + next.length > MOST_LETTERS) return { path, cut: true }
      path += next
    }
  return { path, cut: false }
}
