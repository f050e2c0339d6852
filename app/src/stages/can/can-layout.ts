// Capacitors seen from the top, each in its own shape: a single has two posts, a dual three, a multi-tap C in the middle and
// its sections around it. Several stand in rows, their C's tied. Plain geometry; no rendering here.
import type { Case, Section } from '@oak/core/capacitor/can'

export interface Spot {
  readonly x: number
  readonly y: number
  readonly r: number
}

export interface SectionSpot extends Spot {
  readonly section: Section
}

export interface CaseSpot extends Spot {
  readonly name: string
  readonly stays: string | null
  readonly c: Spot
  readonly sections: readonly SectionSpot[]
  /** The protected start terminal, where it has one. */
  readonly guarded: Spot | null
}

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
const C_RADIUS = 27

type Shape = keyof typeof RADII
const shapeOf = ({ sections }: Case): Shape =>
  sections.length === 1 ? 'single' : sections.length === 2 ? 'dual' : 'multi-tap'

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

function placeCase(one: Case, at: Spot, guarded: boolean): CaseSpot {
  const shared = { name: one.name, stays: one.stays, ...at }
  const shape = shapeOf(one)
  if (shape === 'single') {
    const away = at.r * 0.46
    const r = Math.min(34, at.r * 0.36)
    return {
      ...shared,
      c: { x: at.x, y: at.y + away, r: Math.min(C_RADIUS, r) },
      sections: [{ section: one.sections[0] as Section, x: at.x, y: at.y - away, r }],
      guarded: guarded ? { x: at.x + at.r * 0.66, y: at.y, r: 12 } : null,
    }
  }
  if (shape === 'dual') {
    const away = at.r * 0.56
    const r = Math.min(34, at.r * 0.3)
    const around = (degrees: number) => ({
      x: at.x + away * Math.cos((degrees * Math.PI) / 180),
      y: at.y + away * Math.sin((degrees * Math.PI) / 180),
    })
    return {
      ...shared,
      c: { ...around(90), r: Math.min(C_RADIUS, r) },
      sections: one.sections.map((section, i) => ({ section, ...around(i === 0 ? 210 : 330), r })),
      guarded: guarded ? { ...around(20), r: 12 } : null,
    }
  }
  const n = one.sections.length
  return {
    ...shared,
    c: { x: at.x, y: at.y, r: C_RADIUS },
    sections: ring(one.sections, at),
    guarded: guarded
      ? {
          x: at.x + 45 * Math.cos(Math.PI / 2 - Math.PI / n),
          y: at.y + 45 * Math.sin(Math.PI / 2 - Math.PI / n),
          r: 12,
        }
      : null,
  }
}

/** Sections clockwise from the top, in the order they are listed; larger circles for larger sections. */
function ring(sections: readonly Section[], at: Spot): SectionSpot[] {
  const away = at.r * 0.63
  const most = Math.max(...sections.map((s) => s.microfarads))
  const room = away * Math.sin(Math.PI / sections.length) - 4
  return sections.map((section, i) => {
    const angle = (2 * Math.PI * i) / sections.length - Math.PI / 2
    const r = Math.max(13, Math.min(room, 20 + 14 * Math.sqrt(section.microfarads / most), 34))
    return { section, x: at.x + away * Math.cos(angle), y: at.y + away * Math.sin(angle), r }
  })
}

/** A jumper keeps this far from the middle of C. */
const CLEAR_OF_C = 46

/** A jumper from post to post: straight, or bowed where it would run over C. */
export function jumperPath(a: Spot, b: Spot, c: Spot): string {
  const mx = (a.x + b.x) / 2
  const my = (a.y + b.y) / 2
  const away = Math.hypot(mx - c.x, my - c.y)
  if (away >= CLEAR_OF_C - 3) return `M${a.x} ${a.y}L${b.x} ${b.y}`
  // Outwards from C; for posts right across from each other, to the side.
  const length = Math.hypot(b.x - a.x, b.y - a.y)
  const [ox, oy] =
    away > 1 ? [(mx - c.x) / away, (my - c.y) / away] : [(a.y - b.y) / length, (b.x - a.x) / length]
  const push = 2 * (CLEAR_OF_C - away)
  return `M${a.x} ${a.y}Q${mx + ox * push} ${my + oy * push} ${b.x} ${b.y}`
}

/** A lead comes in from outside its case: over the top of a single or a dual, whose C's are below; from the nearest side of a ring. */
export function leadPath({ x, y }: Spot, at: CaseSpot): string {
  if (at.sections.length <= 2) return `M${x} ${at.y - Math.sqrt(at.r ** 2 - (x - at.x) ** 2) - 17}L${x} ${y}`
  const away = Math.hypot(x - at.x, y - at.y) || 1
  const k = (at.r + 17) / away
  return `M${at.x + (x - at.x) * k} ${at.y + (y - at.y) * k}L${x} ${y}`
}

/** C to C, clear of every post: below two that stand side by side; out of a ring between two of its posts to one below. */
export function tiePath(from: CaseSpot, to: CaseSpot): string {
  const n = from.sections.length
  const start = `M${from.c.x} ${from.c.y}`
  if (n <= 2 && Math.abs(from.y - to.y) < from.r)
    return `${start}Q${(from.c.x + to.c.x) / 2} ${Math.max(from.c.y, to.c.y) + 44} ${to.c.x} ${to.c.y}`
  const angle = Math.PI / 2 + (n > 2 && n % 2 === 0 ? Math.PI / n : 0)
  const out = { x: from.x + (from.r + 4) * Math.cos(angle), y: from.y + (from.r + 4) * Math.sin(angle) }
  return `${start}L${out.x} ${out.y}C${to.x - to.r - 46} ${out.y + 24} ${to.x - to.r - 34} ${to.c.y + 8} ${to.c.x} ${to.c.y}`
}

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
