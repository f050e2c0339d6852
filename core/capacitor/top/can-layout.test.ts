// The picture of a can, measured: nothing stands on anything else, and no way runs over a post that it does not serve.
import { CAN_SHAPES, C_PLACES, type CanFace, type Case } from '../can'
import { KIT_SIZE, kitCorner, placeCases, tiePath, topOf, type CaseSpot } from './can-layout'
import type { Spot } from './seats'
import { entryOf, jumperPaths, leadPath, type Point } from './ways'

const made = (name: string, count: number, face: CanFace | null = null): Case => ({
  name,
  stays: null,
  face,
  sections: Array.from({ length: count }, (_, i) => ({ id: `${name}${i}`, microfarads: 2 + i })),
})
const only = (count: number, face: CanFace | null = null, guarded = false): CaseSpot => {
  const [at] = placeCases([made('a', count, face)], guarded).cases
  if (!at) throw new Error('no case')
  return at
}
const apart = (a: Spot, b: Spot): number => Math.hypot(a.x - b.x, a.y - b.y) - a.r - b.r

/** Points along a drawn path of moves, lines, and curves of the second and third order. */
function pointsOf(path: string): Point[] {
  const points: Point[] = []
  let at: Point = { x: 0, y: 0 }
  for (const [, command = '', text = ''] of path.matchAll(/([MLQC])([^MLQC]*)/g)) {
    const n = text.trim().split(/[ ,]+/).map(Number)
    const stops = Array.from({ length: n.length / 2 }, (_, i) => ({
      x: n[2 * i] ?? NaN,
      y: n[2 * i + 1] ?? NaN,
    }))
    if (command !== 'M') points.push(...Array.from({ length: 61 }, (_, i) => between([at, ...stops], i / 60)))
    at = stops.at(-1) ?? at
  }
  return points
}
/** De Casteljau, from memory. */
function between(stops: readonly Point[], t: number): Point {
  const [first] = stops
  if (!first || stops.length === 1) return first ?? { x: NaN, y: NaN }
  return between(
    stops.slice(1).map((b, i) => {
      const a = stops[i] ?? b
      return { x: a.x + t * (b.x - a.x), y: a.y + t * (b.y - a.y) }
    }),
    t,
  )
}
const nearestTo = (points: readonly Point[], { x, y }: Point): number =>
  Math.min(...points.map((p) => Math.hypot(p.x - x, p.y - y)))
const nearest = (path: string, to: Point): number => nearestTo(pointsOf(path), to)

const FACES: readonly (CanFace | null)[] = [
  null,
  ...CAN_SHAPES.flatMap((shape) => C_PLACES.map((c): CanFace => ({ shape, c }))),
]
const named = FACES.map((face) => [face ? `${face.shape}, C ${face.c}` : 'as nobody said', face] as const)

describe.each(named)('a can whose posts stand %s', (_, face) => {
  it.each([1, 2, 3, 4, 5, 6, 7, 9, 12, 18, 24])('%i sections and C stand apart, inside the rim', (count) => {
    const at = only(count, face)
    const posts = [at.c, ...at.sections]
    expect(at.sections.map(({ section }) => section.id)).toEqual(
      Array.from({ length: count }, (__, i) => `a${i}`),
    )
    posts.forEach((a, i) => {
      expect(Math.hypot(a.x - at.x, a.y - at.y) + a.r).toBeLessThanOrEqual(at.r - 7.9)
      expect(a.r).toBeGreaterThanOrEqual(9)
      for (const b of posts.slice(i + 1)) expect(apart(a, b)).toBeGreaterThan(4)
    })
  })
  it.each([3, 5, 7])('of %i sections, each is as large as a lead’s name needs', (count) => {
    for (const { r } of only(count, face).sections) expect(r).toBeGreaterThanOrEqual(count === 7 ? 19 : 24)
  })
  it.each([5, 7])('of %i sections, C is where the face says', (count) => {
    const { c, x, y } = only(count, face)
    const side = { top: [0, -1], bottom: [0, 1], left: [-1, 0], right: [1, 0], middle: [0, 0] }[
      face?.c ?? 'bottom'
    ]
    expect([Math.sign(Math.round(c.x - x)), Math.sign(Math.round(c.y - y))]).toEqual(side.map((k) => k + 0))
  })
  it.each([3, 5, 7])('of %i sections, every jumper and lead is clear of all posts but its own', (count) => {
    const at = only(count, face, true)
    const top = topOf(at)
    for (const a of [at.c, ...at.sections]) {
      const entry = entryOf(a, top)
      expect(Math.hypot(entry.x - at.x, entry.y - at.y)).toBeGreaterThan(at.r)
      const lead = pointsOf(leadPath(a, top))
      for (const other of top.posts) {
        if (other === a || (other.x === a.x && other.y === a.y)) continue
        expect(nearestTo(lead, other)).toBeGreaterThan(other.r + 4)
      }
      for (const b of at.sections) {
        if (b.x === a.x && b.y === a.y) continue
        const jumper = pointsOf(jumperPaths([[a, b]], top)[0] ?? '')
        for (const other of top.posts)
          if (![a, b].some((end) => end.x === other.x && end.y === other.y))
            expect(nearestTo(jumper, other)).toBeGreaterThan(other.r + 3)
      }
    }
  })
  it.each([3, 5, 7])(
    'of %i sections, a protected terminal stands clear of every post, inside the rim',
    (count) => {
      const at = only(count, face, true)
      if (!at.guarded) throw new Error('no protected terminal')
      for (const post of [at.c, ...at.sections]) expect(apart(post, at.guarded)).toBeGreaterThan(2)
      expect(Math.hypot(at.guarded.x - at.x, at.guarded.y - at.y) + at.guarded.r).toBeLessThan(at.r)
    },
  )
})

it('jumpers of two loads keep clear of each other; those of one load meet at their post alone', () => {
  const at = only(7)
  const top = topOf(at)
  const of = (i: number): Spot => {
    const spot = at.sections[i]
    if (!spot) throw new Error('no such section')
    return spot
  }
  const [s30, s15, s10, s5, s4, s25] = [of(0), of(1), of(2), of(3), of(4), of(6)]
  const two = jumperPaths(
    [
      [s30, s10],
      [s5, s25],
    ],
    top,
  ).map(pointsOf)
  expect(Math.min(...(two[0] ?? []).map((p) => nearestTo(two[1] ?? [], p)))).toBeGreaterThan(9)
  const three = jumperPaths(
    [
      [s30, s15],
      [s30, s10],
      [s30, s4],
    ],
    top,
  ).map(pointsOf)
  for (const [i, j] of [
    [0, 1],
    [0, 2],
    [1, 2],
  ] as const)
    for (const p of three[i] ?? [])
      if (Math.hypot(p.x - s30.x, p.y - s30.y) > s30.r + 16)
        expect(nearestTo(three[j] ?? [], p)).toBeGreaterThan(7)
})

describe('the order of posts', () => {
  it('in rows goes from the left above to the right below, C after all of them', () => {
    const { c, sections } = only(7)
    const rows = [...new Set(sections.map(({ y }) => y))]
    expect(rows).toEqual([...rows].sort((a, b) => a - b))
    for (const y of rows) {
      const xs = sections.filter((s) => s.y === y).map(({ x }) => x)
      expect(xs).toEqual([...xs].sort((a, b) => a - b))
    }
    for (const { y } of sections) expect(y).toBeLessThan(c.y)
  })
  it('on an arc goes from the left by the top to the right', () => {
    const at = only(5, { shape: 'arc', c: 'bottom' })
    const xs = at.sections.map(({ x }) => x)
    expect(xs).toEqual([...xs].sort((a, b) => a - b))
    // The middle one of five stands straight above C.
    expect(at.sections[2]?.x).toBeCloseTo(at.c.x, 6)
    expect(at.sections[2]?.y).toBeLessThan(at.y)
  })
})

it.each([
  ['arc', 'top'],
  ['arc', 'right'],
  ['ring', 'left'],
] as const)('on an %s with C %s the order goes around, neighbours side by side, clockwise', (shape, c) => {
  const at = only(6, { shape, c })
  const turns = at.sections.map((a, i) => {
    const b = at.sections[i + 1]
    // The cross product of two neighbours seen from the middle: above 0 is clockwise, y pointing down.
    return b ? (a.x - at.x) * (b.y - at.y) - (a.y - at.y) * (b.x - at.x) : 1
  })
  expect(Math.min(...turns)).toBeGreaterThan(0)
})

describe('sizes, by the rim of a case alone: 104 px a single, 122 a dual, 146 more', () => {
  const fromMiddle = ({ x, y, sections, c }: CaseSpot) =>
    [c, ...sections].map((spot) => [spot.x - x, spot.y - y, spot.r].map((k) => Math.round(10 * k) / 10 + 0))
  it('a single has its section above, its C below, as far from the middle', () =>
    // 46 % of 104 px; a radius of 34 at the most, C of 27.
    expect([only(1).r, fromMiddle(only(1))]).toEqual([
      104,
      [
        [0, 47.8, 27],
        [0, -47.8, 34],
      ],
    ]))
  it('a dual has its sections above left and right, its C below: a third of a turn apart', () =>
    // 56 % of 122 px from the middle: 68.3; its cosine of 30° is 59.2, its half 34.2.
    expect([only(2).r, fromMiddle(only(2))]).toEqual([
      122,
      [
        [0, 68.3, 27],
        [-59.2, -34.2, 34],
        [59.2, -34.2, 34],
      ],
    ]))
  it('seven stand three over four, the widest row lowest, C 8 px from the rim', () =>
    // Posts of 28 px, half of that between them, 26 between the rows; the lower row’s edge 26 px over C’s.
    expect([only(7).r, fromMiddle(only(7))]).toEqual([
      146,
      [
        [0, 111, 27],
        [-70, -52, 28],
        [0, -52, 28],
        [70, -52, 28],
        [-105, 30, 28],
        [-35, 30, 28],
        [35, 30, 28],
        [105, 30, 28],
      ],
    ]))
  it('an arc of five spans 220° over its C, a ring of four with C among them has a seat every fifth of a turn', () => {
    const [, ...five] = fromMiddle(only(5, { shape: 'arc', c: 'bottom' }))
    // 66 % of 146 px from the middle, from 110° left of the top to 110° right of it.
    const away = 0.66 * 146
    const onArc = (degrees: number) => [
      away * Math.sin((degrees * Math.PI) / 180),
      -away * Math.cos((degrees * Math.PI) / 180),
    ]
    five.forEach(([x, y], i) => {
      const [ex = NaN, ey = NaN] = onArc(-110 + 55 * i)
      expect([x, y]).toEqual([expect.closeTo(ex, 0), expect.closeTo(ey, 0)])
    })
    const [c, ...four] = fromMiddle(only(4, { shape: 'ring', c: 'bottom' }))
    expect(c?.slice(0, 2)).toEqual([0, expect.closeTo(away, 0)])
    four.forEach(([x, y], i) => {
      const [ex = NaN, ey = NaN] = onArc(180 + 72 * (i + 1))
      expect([x, y]).toEqual([expect.closeTo(ex, 0), expect.closeTo(ey, 0)])
    })
  })
  it('beside others a case is smaller, and its name has room below it', () => {
    const { cases, height } = placeCases([made('a', 1), made('b', 2)], false)
    expect(cases.map(({ r }) => r)).toEqual([66, 84])
    // 24 px above, the larger case, 18 for its name, 24 below.
    expect(height).toBe(24 + 2 * 84 + 18 + 24)
    expect((cases[1]?.x ?? 0) - (cases[0]?.x ?? 0)).toBe(66 + 14 + 84)
    expect(placeCases([made('a', 7)], false)).toMatchObject({ width: 2 * 146 + 48, height: 2 * 146 + 48 })
  })
})

describe('several cases', () => {
  it.each([[[1, 1]], [[2, 1]], [[6, 1]], [[2, 2, 1]], [[5, 6]], [[1, 1, 1]]])(
    'of %j sections stand beside or below each other inside the picture, and their C’s are tied clear of every post',
    (counts) => {
      const layout = placeCases(
        counts.map((n, i) => made(`c${i}`, n)),
        false,
      )
      const { cases, width, height } = layout
      expect(cases.map((c) => c.name)).toEqual(counts.map((__, i) => `c${i}`))
      cases.forEach((a, i) => {
        expect(Math.min(a.x - a.r, a.y - a.r, width - a.x - a.r, height - a.y - a.r)).toBeGreaterThan(15)
        for (const b of cases.slice(i + 1)) expect(apart(a, b)).toBeGreaterThan(0)
      })
      expect(width).toBeLessThan(400)
      const [first, ...others] = cases
      if (!first) throw new Error('no case')
      for (const other of others) {
        const tie = tiePath(first, other, layout)
        const points = pointsOf(tie)
        expect([points[0], points.at(-1)]).toEqual([
          { x: first.c.x, y: first.c.y },
          { x: other.c.x, y: other.c.y },
        ])
        for (const post of cases.flatMap(({ sections }) => sections))
          expect(nearestTo(points, post)).toBeGreaterThan(post.r + 3)
      }
    },
  )
  it('rows are centred under each other', () => {
    const [big, a, b] = placeCases([made('big', 6), made('a', 1), made('b', 1)], false).cases
    expect(((a?.x ?? 0) + (b?.x ?? 0)) / 2).toBeCloseTo(big?.x ?? NaN, 6)
  })
  it('only the one of most sections has the protected terminal', () => {
    const { cases } = placeCases([made('a', 1), made('b', 5), made('c', 2)], true)
    expect(cases.map(({ guarded }) => guarded !== null)).toEqual([false, true, false])
    expect(placeCases([made('a', 5)], false).cases[0]?.guarded).toBeNull()
  })
})

it('the start kit stands in a corner from which its two leads run over the fewest other posts', () => {
  for (const count of [2, 5, 7]) {
    const layout = placeCases([made('a', count)], true)
    const [at] = layout.cases
    if (!at?.guarded) throw new Error('no case')
    for (const section of at.sections) {
      const ends = [section, at.guarded]
      const posts = [at.c, ...at.sections].filter((post) => post !== section)
      const crossed = (corner: Point) =>
        ends.reduce((sum, end) => {
          const [x, y] = [corner.x + KIT_SIZE.width / 2, corner.y + KIT_SIZE.height / 2]
          return (
            sum + posts.filter((post) => nearest(`M${x} ${y}L${end.x} ${end.y}`, post) < post.r - 0.5).length
          )
        }, 0)
      const [right, bottom] = [layout.width - KIT_SIZE.width - 3, layout.height - KIT_SIZE.height - 3]
      const corners = [3, right].flatMap((x) => [3, bottom].map((y) => ({ x, y })))
      const chosen = kitCorner(layout, ends)
      expect(corners).toContainEqual(chosen)
      expect(crossed(chosen)).toBe(Math.min(...corners.map(crossed)))
    }
  }
})
