// The four corners of a plate on a photo, as shares of its sides.
import type { Corners, Share } from '../../platform/reading/straighten'

export const CORNER_NAMES = ['upper left', 'upper right', 'lower right', 'lower left'] as const

/** Where they are before anybody has moved one: near the photo's edge, for a plate that fills it. */
const INSET = 0.06
export const FIRST_CORNERS: Corners = [
  { x: INSET, y: INSET },
  { x: 1 - INSET, y: INSET },
  { x: 1 - INSET, y: 1 - INSET },
  { x: INSET, y: 1 - INSET },
]

const inside = (x: number): number => Math.min(1, Math.max(0, x))

/** Is it turned one way all round, with no corner inside the others? Else the plate would be folded. */
function isConvex(corners: Corners): boolean {
  return corners.every((b, i) => {
    const a = corners[(i + 3) % 4] as Share
    const c = corners[(i + 1) % 4] as Share
    return (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x) > 1e-4
  })
}

/** The corners with one of them elsewhere: never off the photo, and never so that the plate is folded. */
export function movedCorner(corners: Corners, index: number, to: Share): Corners {
  const moved = corners.map((corner, i) =>
    i === index ? { x: inside(to.x), y: inside(to.y) } : corner,
  ) as unknown as Corners
  return isConvex(moved) ? moved : corners
}
