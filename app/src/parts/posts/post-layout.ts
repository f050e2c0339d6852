// Where posts stand in the picture, and the ways wires take between them. Plain geometry in pixels; no rendering.

export interface PostCell {
  readonly id: string
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
  /** Where a wire leaves the post. */
  readonly dot: { readonly x: number; readonly y: number }
  /** In the last column the wire leaves to the right, elsewhere downwards into the gap between rows. */
  readonly leaves: 'right' | 'down'
}

export interface PartBox {
  readonly id: string
  readonly name: string
  readonly y: number
  readonly height: number
}

export interface PostLayout {
  readonly boxes: readonly PartBox[]
  readonly cells: ReadonlyMap<string, PostCell>
  readonly x: number
  readonly width: number
  readonly height: number
}

export interface PartInput {
  readonly id: string
  readonly name: string
  readonly posts: readonly { readonly id: string }[]
}

const CELL_HEIGHT = 52
const ROW_GAP = 11
/** Between what a gloved thumb taps, px. */
const CELL_GAP = 8
const TITLE = 22
const PADDING = 7

/** Below this width three posts in a row are narrower than a thumb. */
const NARROW = 3 * 48 + 2 * CELL_GAP + 2 * PADDING

/** Stacks the parts; each part's posts stand in rows of three at the most. */
export function layoutPosts(parts: readonly PartInput[], x: number, width: number): PostLayout {
  const boxes: PartBox[] = []
  const cells = new Map<string, PostCell>()
  let y = 0
  for (const part of parts) {
    const columns = Math.min(width < NARROW ? 2 : 3, part.posts.length)
    const cellWidth = (width - 2 * PADDING - (columns - 1) * CELL_GAP) / columns
    const rows = Math.ceil(part.posts.length / columns)
    part.posts.forEach((post, i) => {
      const column = i % columns
      const cx = x + PADDING + column * (cellWidth + CELL_GAP)
      const cy = y + TITLE + Math.floor(i / columns) * (CELL_HEIGHT + ROW_GAP)
      const last = column === columns - 1
      const dot = last
        ? { x: cx + cellWidth, y: cy + CELL_HEIGHT / 2 }
        : { x: cx + cellWidth / 2, y: cy + CELL_HEIGHT }
      cells.set(post.id, {
        id: post.id,
        x: cx,
        y: cy,
        width: cellWidth,
        height: CELL_HEIGHT,
        dot,
        leaves: last ? 'right' : 'down',
      })
    })
    const height = TITLE + rows * (CELL_HEIGHT + ROW_GAP)
    boxes.push({ id: part.id, name: part.name, y, height })
    y += height + 8
  }
  return { boxes, cells, x, width, height: y }
}

/** By which gap a wire leaves a post that is not in the last column: the one below its row, or the one above. */
export type Way = 'down' | 'up'

/**
 * Of the posts that have a wire: two of one row would lie on one another in the gap below it, so the one nearer to the leads leaves
 * by the gap above, where no other wire of the row above runs.
 */
export function waysOut({ cells }: PostLayout, posts: Iterable<string>): ReadonlyMap<string, Way> {
  const leaving = [...new Set(posts)]
    .flatMap((id) => cells.get(id) ?? [])
    .filter((cell) => cell.leaves === 'down')
    .sort((a, b) => a.y - b.y || a.x - b.x)
  const ways = new Map<string, Way>()
  const used = new Set<number>()
  for (const cell of leaving) {
    const [below, above] = [cell.y + CELL_HEIGHT, cell.y - ROW_GAP]
    const way = used.has(below) && !used.has(above) ? 'up' : 'down'
    used.add(way === 'up' ? above : below)
    ways.set(cell.id, way)
  }
  return ways
}

/** Where a wire leaves its post by this way. */
export const dotOf = (cell: PostCell, way: Way = 'down'): PostCell['dot'] =>
  cell.leaves === 'down' && way === 'up' ? { x: cell.dot.x, y: cell.y } : cell.dot

/** From a post to a lead on the right: out of the box by a gap beside its row, then a curve. */
export function wireToRight(
  layout: PostLayout,
  cell: PostCell,
  end: { readonly x: number; readonly y: number },
  way: Way = 'down',
): string {
  const edge = layout.x + layout.width
  const dot = dotOf(cell, way)
  const y = cell.leaves === 'right' ? dot.y : dot.y + (way === 'up' ? -1 : 1) * (ROW_GAP / 2)
  const bend = Math.max(18, (end.x - edge) * 0.55)
  const out = cell.leaves === 'right' ? `M${dot.x} ${y}H${edge}` : `M${dot.x} ${dot.y}V${y}H${edge}`
  return `${out}C${edge + bend} ${y} ${end.x - bend} ${end.y} ${end.x} ${end.y}`
}

/** Between two posts: by the margin on the left, each wire in a lane of its own. */
export function wireByMargin(from: PostCell, to: PostCell, laneX: number): string {
  const gap = (cell: PostCell) => cell.y + CELL_HEIGHT + ROW_GAP / 2
  const middle = (cell: PostCell) => cell.x + cell.width / 2
  return `M${middle(from)} ${from.y + CELL_HEIGHT}V${gap(from)}H${laneX}V${gap(to)}H${middle(to)}V${to.y + CELL_HEIGHT}`
}
