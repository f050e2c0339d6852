// Capacitors seen from the top, each with its own face; several stand in rows, their C's tied. Plain geometry; no rendering here.
import type { Case, Section } from '../can'
import { seatsOf, type Spot } from './seats'
import { freeSpot, wayBetween, type Top } from './ways'

/** A section and where its post stands. */
export interface SectionSpot extends Spot {
  readonly section: Section
}

/** One capacitor: its rim, C, and every post on it. */
export interface CaseSpot extends Spot {
  readonly name: string
  readonly stays: string | null
  readonly c: Spot
  readonly sections: readonly SectionSpot[]
  /** The protected start terminal, where it has one. */
  readonly guarded: Spot | null
}

/** All capacitors of a can that is made of several, in a picture of this size, px. */
export interface CanLayout {
  readonly cases: readonly CaseSpot[]
  readonly width: number
  readonly height: number
}

/** Room around the cases for leads and names. */
const MARGIN = 24
const GAP = 14
const ROW = 344
/** Radius of a case that stands alone, and beside others. */
const RADII = { single: [104, 66], dual: [122, 84], 'multi-tap': [146, 146] } as const

type Shape = keyof typeof RADII
const shapeOf = ({ sections }: Case): Shape =>
  sections.length === 1 ? 'single' : sections.length === 2 ? 'dual' : 'multi-tap'

/** Where the cases stand: side by side while they fit, then in rows; `protectedStart`: one has such a terminal. */
export function placeCases(cases: readonly Case[], protectedStart: boolean): CanLayout {
  const sizes = cases.map((one) => RADII[shapeOf(one)][cases.length > 1 ? 1 : 0])
  const rows: number[][] = []
  sizes.forEach((r, i) => {
    const row = rows.at(-1)
    const used = row ? row.reduce((sum, k) => sum + 2 * (sizes[k] as number) + GAP, 0) : Infinity
    if (row && used + 2 * r <= ROW) row.push(i)
    else rows.push([i])
  })
  const widest = Math.max(...rows.map((row) => widthOf(row, sizes)))
  // The protected terminal belongs to the one with most sections: only multi-taps have it.
  const guarded = protectedStart
    ? cases.reduce(
        (best, one, i) => (one.sections.length > (cases[best] as Case).sections.length ? i : best),
        0,
      )
    : -1
  const placed: CaseSpot[] = []
  let top = MARGIN
  for (const row of rows) {
    const tall = Math.max(...row.map((i) => sizes[i] as number))
    let x = MARGIN + (widest - widthOf(row, sizes)) / 2
    for (const i of row) {
      const r = sizes[i] as number
      placed[i] = placeCase(cases[i] as Case, { x: x + r, y: top + tall, r }, i === guarded)
      x += 2 * r + GAP
    }
    top += 2 * tall + GAP + (cases.length > 1 ? 18 : 0)
  }
  return { cases: placed, width: widest + 2 * MARGIN, height: top - GAP + MARGIN }
}

const widthOf = (row: readonly number[], sizes: readonly number[]): number =>
  row.reduce((sum, i) => sum + 2 * (sizes[i] as number), 0) + GAP * (row.length - 1)

/** Half the side of the protected terminal. */
const GUARDED = 12

function placeCase(one: Case, at: Spot, guarded: boolean): CaseSpot {
  const { c, sections } = seatsOf(one, at)
  return {
    name: one.name,
    stays: one.stays,
    ...at,
    c,
    sections: one.sections.flatMap((section, i) => {
      const seat = sections[i]
      return seat ? [{ section, ...seat }] : []
    }),
    guarded: guarded ? freeSpot(c, GUARDED, { ...at, posts: [c, ...sections] }) : null,
  }
}

/** Every post on a case. */
export const topOf = ({ x, y, r, c, sections, guarded }: CaseSpot): Top => ({
  x,
  y,
  r,
  posts: [c, ...sections, ...(guarded ? [guarded] : [])],
})

/** C to C, clear of every post of every case, inside the picture. */
export function tiePath(from: CaseSpot, to: CaseSpot, { cases, width, height }: CanLayout): string {
  const posts = cases.flatMap((one) => topOf(one).posts)
  return wayBetween(
    from.c,
    to.c,
    posts,
    ({ x, y }) => x > EDGE && x < width - EDGE && y > EDGE && y < height - EDGE,
  ).path
}
/** A strip is not drawn over the picture's edge. */
const EDGE = 6

export const KIT_SIZE = { width: 56, height: 30 } as const

/** The corner for the start kit from which its two leads run over the fewest other posts. */
export function kitCorner(
  { cases, width, height }: CanLayout,
  ends: readonly Spot[],
): { readonly x: number; readonly y: number } {
  const posts = cases
    .flatMap((c): Spot[] => [c.c, ...c.sections])
    .filter((post) => !ends.some((end) => end.x === post.x && end.y === post.y))
  const [right, bottom] = [width - KIT_SIZE.width - 3, height - KIT_SIZE.height - 3]
  const corners = [
    { x: 3, y: bottom },
    { x: right, y: bottom },
    { x: 3, y: 3 },
    { x: right, y: 3 },
  ]
  const crossed = (at: { x: number; y: number }) =>
    ends.reduce(
      (sum, end) => sum + posts.filter((post) => distanceTo(post, middleOf(at), end) < post.r).length,
      0,
    )
  const length = (at: { x: number; y: number }) =>
    ends.reduce((sum, end) => sum + Math.hypot(middleOf(at).x - end.x, middleOf(at).y - end.y), 0)
  return corners.sort((a, b) => crossed(a) - crossed(b) || length(a) - length(b))[0] as {
    x: number
    y: number
  }
}

/** The middle of the start kit's box. */
export const middleOf = ({ x, y }: { readonly x: number; readonly y: number }) => ({
  x: x + KIT_SIZE.width / 2,
  y: y + KIT_SIZE.height / 2,
})

/** From a point to the stretch between two others. */
function distanceTo(
  p: Spot,
  a: { readonly x: number; readonly y: number },
  b: { readonly x: number; readonly y: number },
): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y]
  const t = Math.max(0, Math.min(1, ((p.x - a.x) * dx + (p.y - a.y) * dy) / (dx * dx + dy * dy || 1)))
  return Math.hypot(a.x + t * dx - p.x, a.y + t * dy - p.y)
}
