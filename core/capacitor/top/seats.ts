// Where the posts of one case stand, worked out from its face: how they are arranged, and where C is. Plain geometry; no rendering here.
import { USUAL_FACE, type Case, type CanFace } from '../can'

/** A round thing: its middle and radius, px. */
export interface Spot {
  readonly x: number
  readonly y: number
  readonly r: number
}
/** Where the posts of one case stand. */
export interface Seats {
  readonly c: Spot
  /** One a section, in their order. */
  readonly sections: readonly Spot[]
}

const C_RADIUS = 27
/** Between the rim and what stands inside it. */
const EDGE = 8
/** Between two posts side by side, and between two rows, by their radius: a jumper passes. */
const beside = (r: number): number => Math.max(6, r / 2)
const below = (r: number): number => Math.max(10, 0.93 * r)
/** Between the rows and C. */
const OVER_C = 26
const LARGEST = 28
const SMALLEST = 10
/** More than these on an arc or a ring are too small to read: they stand in rows. */
const MOST_AROUND = 12
const MOST_ROWS = 6

/** The posts of one case around the middle of its rim, by its face. */
export function seatsOf({ sections, face }: Pick<Case, 'sections' | 'face'>, at: Spot): Seats {
  const seats = seatsFromMiddle(sections.length, face, at.r)
  const moved = ({ x, y, r }: Spot): Spot => ({ x: at.x + x, y: at.y + y, r })
  return { c: moved(seats.c), sections: seats.sections.map(moved) }
}

function seatsFromMiddle(count: number, face: CanFace | null, rim: number): Seats {
  if (count === 1) return single(rim)
  if (count === 2) return dual(rim)
  const { shape, c } = face ?? USUAL_FACE
  if (count > MOST_AROUND || shape === 'rows')
    return c === 'middle' ? rowsAroundC(count, rim) : turned(rowsOverC(count, rim), c, true)
  const around = shape === 'arc' ? arc(count, c === 'middle', rim) : ring(count, c === 'middle', rim)
  return c === 'middle' ? around : turned(around, c, false)
}

function single(rim: number): Seats {
  const r = Math.min(34, rim * 0.36)
  const away = rim * 0.46
  return { c: { x: 0, y: away, r: Math.min(C_RADIUS, r) }, sections: [{ x: 0, y: -away, r }] }
}

/** Two above, C below between them. */
function dual(rim: number): Seats {
  const r = Math.min(34, rim * 0.3)
  const away = rim * 0.56
  const [side, up] = [away * Math.cos(Math.PI / 6), away / 2]
  return {
    c: { x: 0, y: away, r: Math.min(C_RADIUS, r) },
    sections: [
      { x: -side, y: -up, r },
      { x: side, y: -up, r },
    ],
  }
}

function rowsOverC(count: number, rim: number): Seats {
  const c = { x: 0, y: rim - EDGE - C_RADIUS, r: C_RADIUS }
  return { c, sections: largest((r) => rows(count, r, rim, -rim, c.y - C_RADIUS - OVER_C)) }
}

/** As many below C as above it, or one less. */
function rowsAroundC(count: number, rim: number): Seats {
  const upper = Math.ceil(count / 2)
  const edge = -C_RADIUS - OVER_C
  const sections = largest((r) => {
    const above = rows(upper, r, rim, -rim, edge)
    const below = rows(count - upper, r, rim, -rim, edge)
    return above && below && [...above, ...below.map(({ x, y }) => ({ x, y: -y, r })).sort(readingOrder)]
  })
  return { c: { x: 0, y: 0, r: C_RADIUS }, sections }
}

/** Posts of one radius in rows between two heights, the widest rows taking the most; null: they do not fit. */
function rows(count: number, r: number, rim: number, top: number, bottom: number): Spot[] | null {
  for (let n = 1; n <= MOST_ROWS; n++) {
    const step = 2 * r + below(r)
    const reach = rim - EDGE - r
    // The lowest row as low as it may be: there the can is widest.
    const heights = Array.from({ length: n }, (_, i) => bottom - r - (n - 1 - i) * step)
    const room = heights.map((y) =>
      y - r < top || Math.abs(y) > reach
        ? 0
        : 1 + Math.floor((2 * Math.sqrt(reach ** 2 - y ** 2)) / (2 * r + beside(r))),
    )
    if (room.reduce((sum, k) => sum + k, 0) < count || room.some((k) => k === 0)) continue
    return heights.flatMap((y, row) => inRow(shares(room, count)[row] ?? 0, y, r))
  }
  return null
}

/** How many stand in each row: as even as its room allows, the lower rows first. */
function shares(room: readonly number[], count: number): number[] {
  const taken = room.map(() => 0)
  for (let left = count; left > 0; left--) {
    const free = taken.map((k, row) => ({ k, row })).filter(({ k, row }) => k < (room[row] ?? 0))
    const next = free.reduce((best, one) => (one.k <= best.k ? one : best))
    taken[next.row] = next.k + 1
  }
  return taken
}

const inRow = (count: number, y: number, r: number): Spot[] =>
  Array.from({ length: count }, (_, i) => ({ x: (i - (count - 1) / 2) * (2 * r + beside(r)), y, r }))

/** The largest posts that fit. */
function largest(fit: (r: number) => Spot[] | null): Spot[] {
  for (let r = LARGEST; r > SMALLEST; r--) {
    const found = fit(r)
    if (found) return found
  }
  return fit(SMALLEST) ?? []
}

/** Over C, open towards it: from the left by the top to the right. */
function arc(count: number, aroundC: boolean, rim: number): Seats {
  const away = rim * 0.66
  const span = ((aroundC ? 280 : 220) * Math.PI) / 180
  const step = span / (count - 1)
  const r = radiusAround(away, step, rim)
  return {
    c: { x: 0, y: aroundC ? 0 : rim * 0.5, r: C_RADIUS },
    sections: Array.from({ length: count }, (_, i) => onCircle(away, -Math.PI / 2 - span / 2 + i * step, r)),
  }
}

/** All around, from the seat after C's; C among them at the bottom, or in the middle. */
function ring(count: number, aroundC: boolean, rim: number): Seats {
  const away = rim * 0.66
  const seats = aroundC ? count : count + 1
  const step = (2 * Math.PI) / seats
  const r = radiusAround(away, step, rim)
  return {
    c: aroundC ? { x: 0, y: 0, r: C_RADIUS } : { ...onCircle(away, Math.PI / 2, Math.min(r, C_RADIUS)) },
    sections: Array.from({ length: count }, (_, i) =>
      onCircle(away, Math.PI / 2 + (aroundC ? i + 0.5 : i + 1) * step, r),
    ),
  }
}

const onCircle = (away: number, angle: number, r: number): Spot => ({
  x: away * Math.cos(angle),
  y: away * Math.sin(angle),
  r,
})
const radiusAround = (away: number, step: number, rim: number): number =>
  Math.min(LARGEST, rim - EDGE - away, away * Math.sin(step / 2) - 5)

/** C to another side, everything with it; posts in rows are read again from the left above, those around keep their order around. */
function turned({ c, sections }: Seats, side: Exclude<CanFace['c'], 'middle'>, inRows: boolean): Seats {
  const turn = ({ x, y, r }: Spot): Spot => {
    switch (side) {
      case 'bottom':
        return { x, y, r }
      case 'top':
        return inRows ? { x, y: -y, r } : { x: -x, y: -y, r }
      case 'left':
        return { x: -y, y: x, r }
      case 'right':
        return { x: y, y: -x, r }
    }
  }
  const seats = sections.map(turn)
  return { c: turn(c), sections: inRows ? seats.sort(readingOrder) : seats }
}

const readingOrder = (a: Spot, b: Spot): number => (Math.abs(a.y - b.y) > 1 ? a.y - b.y : a.x - b.x)
