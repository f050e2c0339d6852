// The ways of leads, jumpers and ties over a can's top: each is found by trying, so that none runs over a post that it does not serve,
// however the posts stand. Plain geometry; no rendering here.
import type { Spot } from './seats'

/** A point of the picture, px. */
export interface Point {
  readonly x: number
  readonly y: number
}
/** A case: its rim, and every post on it. */
export interface Top extends Spot {
  readonly posts: readonly Spot[]
}

/** From a way to a post that it does not serve, px: half of its own stroke and a little light. */
const CLEAR = 9
/** How far a way bows to a side at a third and at two thirds of its length, px. */
const BOWS = [0, 24, 34, 44, 55, 66, 78, 90, 116, 144, 180, 220].flatMap((bow) =>
  bow === 0 ? [0] : [bow, -bow],
)
/** The least bowed first. */
const BENDS = BOWS.flatMap((one) => BOWS.map((two) => [one, two] as const)).sort(
  (a, b) => Math.abs(a[0]) + Math.abs(a[1]) - Math.abs(b[0]) - Math.abs(b[1]),
)
const STEPS = 24
/** Outside the rim, where a lead comes into sight. */
const OUTSIDE = 17
const DIRECTIONS = 48

/** The innermost step of the search: Math.hypot is far slower, for figures so large that no picture has them. */
function apart(a: Point, b: Point): number {
  const dx = a.x - b.x
  const dy = a.y - b.y
  return Math.sqrt(dx * dx + dy * dy)
}

const same = (a: Point, b: Point): boolean => a.x === b.x && a.y === b.y

/** Half of a strip's stroke, as something that the next one keeps clear of. */
const STRIP = 3

/** Jumpers of one case, each straight or bowed as little as it must be, clear of the posts and of those before it: two loads’ never meet. */
export function jumperPaths(jumpers: readonly (readonly [Spot, Spot])[], top: Top): string[] {
  const drawn: Spot[] = []
  return jumpers.map(([a, b]) => {
    // Those that share a post meet there.
    const isAway = (p: Point) =>
      [a, b].every((end) => Math.hypot(p.x - end.x, p.y - end.y) > end.r + CLEAR + STRIP)
    const { path, points } = wayBetween(
      a,
      b,
      [...top.posts, ...drawn.filter(isAway)],
      (p) => apart(p, top) <= top.r - CLEAR,
    )
    drawn.push(...points.filter((_, i) => i % 2 === 0).map((p) => ({ ...p, r: STRIP })))
    return path
  })
}

/** A way that was found: as a path of an SVG, and point by point. */
export interface Way {
  readonly path: string
  /** Along it. */
  readonly points: readonly Point[]
}

/** A strip between two posts, clear of all others; `within`: where it may be. */
export function wayBetween(a: Spot, b: Spot, posts: readonly Spot[], within: (p: Point) => boolean): Way {
  const others = posts.filter((post) => !same(post, a) && !same(post, b))
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1
  const aside = { x: (a.y - b.y) / length, y: (b.x - a.x) / length }
  const at = (share: number, bow: number): Point => ({
    x: a.x + share * (b.x - a.x) + bow * aside.x,
    y: a.y + share * (b.y - a.y) + bow * aside.y,
  })
  const bent = clearest(BENDS, ([one, two], least) => {
    const curve: Curve = [a, at(1 / 3, one), at(2 / 3, two), b]
    const points = SHARES.map((shares) => onCurve(curve, shares))
    return {
      way: { curve, points, isStraight: one === 0 && two === 0 },
      light: points.every(within) ? lightOf(points, others, least) : -Infinity,
    }
  })
  return { path: pathOf(bent), points: bent.points }
}

/** A cubic Bézier curve by its ends and what bends it. */
type Curve = readonly [Point, Point, Point, Point]

/** Written once a way is chosen: to write figures takes longer than to try a way. */
function pathOf({
  curve: [a, p, q, b],
  isStraight,
}: {
  readonly curve: Curve
  readonly isStraight: boolean
}): string {
  return isStraight
    ? `M${a.x} ${a.y}L${b.x} ${b.y}`
    : `M${a.x} ${a.y}C${p.x} ${p.y} ${q.x} ${q.y} ${b.x} ${b.y}`
}

const along = (at: (t: number) => Point): Point[] =>
  Array.from({ length: STEPS + 1 }, (_, i) => at(i / STEPS))

/** How much of each of a curve's four points there is in a point along it (Bernstein, from memory). */
type Shares = readonly [number, number, number, number]
const SHARES = Array.from({ length: STEPS + 1 }, (_, i): Shares => {
  const t = i / STEPS
  return [(1 - t) ** 3, 3 * t * (1 - t) ** 2, 3 * t ** 2 * (1 - t), t ** 3]
})

function onCurve([a, p, q, b]: Curve, [i, j, k, l]: Shares): Point {
  return { x: i * a.x + j * p.x + k * q.x + l * b.x, y: i * a.y + j * p.y + k * q.y + l * b.y }
}

/** From a way to the nearest post that it does not serve; below `least` it is not worked out to the end. */
function lightOf(points: readonly Point[], others: readonly Spot[], least = -Infinity): number {
  let light = Infinity
  for (const o of others)
    for (const p of points) {
      const one = apart(p, o) - o.r
      if (one >= light) continue
      light = one
      if (light < least) return light
    }
  return light
}

/** The first of the tries that is clear; where none is, the one with the most light. */
function clearest<Try, Way>(
  tries: readonly Try[],
  make: (one: Try, least: number) => { readonly way: Way; readonly light: number },
): Way {
  let best: { readonly way: Way; readonly light: number } | null = null
  for (const one of tries) {
    const made = make(one, best?.light ?? -Infinity)
    if (made.light >= CLEAR) return made.way
    if (!best || made.light > best.light) best = made
  }
  if (!best) throw new Error('there is nothing to try')
  return best.way
}

/** Where a straight lead to a post comes in from outside the rim: the shortest way that is clear. */
export function entryOf(post: Spot, top: Top): Point {
  const others = top.posts.filter((other) => !same(other, post))
  const distance = (p: Point) => Math.hypot(p.x - post.x, p.y - post.y)
  const entries = Array.from({ length: DIRECTIONS }, (_, i) => {
    const angle = (2 * Math.PI * i) / DIRECTIONS
    return {
      x: top.x + (top.r + OUTSIDE) * Math.cos(angle),
      y: top.y + (top.r + OUTSIDE) * Math.sin(angle),
    }
  }).sort((a, b) => distance(a) - distance(b))
  return clearest(entries, (from) => ({
    way: from,
    light: lightOf(
      along((t) => ({ x: from.x + t * (post.x - from.x), y: from.y + t * (post.y - from.y) })),
      others,
    ),
  }))
}

/** A lead comes in from outside its case. */
export function leadPath(post: Spot, top: Top): string {
  const from = entryOf(post, top)
  return `M${from.x} ${from.y}L${post.x} ${post.y}`
}

/** A place for one more post, near a post and clear of all; where there is none, beside the post. */
export function freeSpot(near: Spot, r: number, top: Top): Spot {
  for (let away = near.r + r + 4; away < 2 * top.r; away += 6)
    for (let i = 0; i < DIRECTIONS; i++) {
      const angle = (2 * Math.PI * i) / DIRECTIONS
      const spot = { x: near.x + away * Math.cos(angle), y: near.y + away * Math.sin(angle), r }
      const clear = top.posts.every((post) => Math.hypot(post.x - spot.x, post.y - spot.y) >= post.r + r + 3)
      if (clear && Math.hypot(spot.x - top.x, spot.y - top.y) + r * Math.SQRT2 <= top.r - 8) return spot
    }
  return { x: near.x + near.r + r, y: near.y, r }
}
