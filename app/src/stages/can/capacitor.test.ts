import { CANS } from '@oak/core/capacitor/cans'
import type { Can, Case } from '@oak/core/capacitor/can'
import { withoutSection, withSection } from './can-edits'
import { jumperPath, kitCorner, placeCases, type CaseSpot } from './can-layout'

const made = (name: string, n: number): Case => ({
  name,
  stays: null,
  sections: Array.from({ length: n }, (_, i) => ({ id: `${name}${i}`, microfarads: 2 + i })),
})

describe('the can from the top', () => {
  it.each([1, 2, 3, 6, 12, 24])('%i posts stand apart from each other and inside the rim', (n) => {
    const [at] = placeCases([made('a', n)], true).cases as [CaseSpot]
    const posts = [at.c, ...at.sections]
    for (const [i, a] of posts.entries()) {
      expect(Math.hypot(a.x - at.x, a.y - at.y) + a.r).toBeLessThan(at.r - 4)
      if (n <= 12)
        for (const b of posts.slice(i + 1))
          expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan(a.r + b.r - 1)
    }
  })
  it.each([[[1, 1]], [[2, 1]], [[6, 1]], [[2, 2, 1]], [[5, 6]]])(
    'cases of %j sections stand beside or below each other, inside the picture',
    (counts) => {
      const { cases, width, height } = placeCases(
        counts.map((n, i) => made(`c${i}`, n)),
        false,
      )
      for (const [i, a] of cases.entries()) {
        expect(Math.min(a.x - a.r, a.y - a.r, width - a.x - a.r, height - a.y - a.r)).toBeGreaterThan(15)
        for (const b of cases.slice(i + 1))
          expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan(a.r + b.r)
      }
      expect(width).toBeLessThan(400)
    },
  )
  it('a protected terminal stands clear of C and of every post', () => {
    const [at] = placeCases([made('a', 6)], true).cases as [CaseSpot]
    for (const post of [at.c, ...at.sections])
      expect(Math.hypot(post.x - at.guarded!.x, post.y - at.guarded!.y)).toBeGreaterThan(
        post.r + at.guarded!.r - 1,
      )
  })
})

it('the start kit stands in the corner from which its leads run over no other post', () => {
  const layout = placeCases([made('a', 6)], true)
  const [at] = layout.cases as [CaseSpot]
  // The largest section is first, at the top; the protected terminal is at the lower right.
  const corner = kitCorner(layout, [at.sections[0]!, at.guarded!])
  expect(corner.x).toBeGreaterThan(layout.width / 2)
})

describe('a jumper', () => {
  const [at] = placeCases(
    [{ ...made('s', 6), sections: Array.from({ length: 6 }, (_, i) => ({ id: `s${i}`, microfarads: 5 })) }],
    false,
  ).cases as [CaseSpot]
  const spots = at.sections
  /** The nearest a path comes to a point, walked in small steps from its own drawing commands. */
  const nearest = (d: string, x: number, y: number) => {
    const n = d.match(/-?[\d.]+(e-?\d+)?/g)?.map(Number) ?? []
    const [ax, ay, bx, by, cx, cy] = n as [number, number, number, number, number, number]
    const [qx, qy, ex, ey] = d.includes('Q') ? [bx, by, cx, cy] : [(ax + bx) / 2, (ay + by) / 2, bx, by]
    return Math.min(
      ...Array.from({ length: 101 }, (_, i) => i / 100).map((t) =>
        Math.hypot(
          (1 - t) ** 2 * ax + 2 * t * (1 - t) * qx + t * t * ex - x,
          (1 - t) ** 2 * ay + 2 * t * (1 - t) * qy + t * t * ey - y,
        ),
      ),
    )
  }
  it('runs over neither C nor a post between', () => {
    for (const a of spots)
      for (const b of spots) {
        if (a === b) continue
        expect(nearest(jumperPath(a, b, at.c), at.c.x, at.c.y)).toBeGreaterThan(30)
        for (const other of spots)
          if (other !== a && other !== b)
            expect(nearest(jumperPath(a, b, at.c), other.x, other.y)).toBeGreaterThan(other.r)
      }
  })
})

describe('a can changed to what is in hand', () => {
  const can = CANS[0] as Can
  it('is no longer the one on the list', () =>
    expect(withSection(can, '10', 12.5)).toMatchObject({
      id: 'in-hand',
      sections: expect.arrayContaining([{ id: '10', microfarads: 12.5 }]),
    }))
  it('names every section apart, also equal ones', () => {
    const more = withSection(withSection(can, null, 7.5), null, 7.5)
    expect(more.sections.slice(-2).map((s) => s.id)).toEqual(['7.5', '7.5 (2)'])
  })
  it('loses one section', () =>
    expect(withoutSection(can, '20').sections.map((s) => s.id)).not.toContain('20'))
})
