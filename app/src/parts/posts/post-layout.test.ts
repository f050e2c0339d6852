import { UNIT_TYPES } from '@oak/core/wiring/unit-types'
import { partsOf } from './parts'
import { layoutPosts, wireByMargin, wireToRight } from './post-layout'

const overlap = (a: { x: number; y: number; width: number; height: number }, b: typeof a) =>
  a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height

it.each(UNIT_TYPES.map((u) => [u.id, u] as const))(
  'posts of %s are all drawn, large enough to press, and apart',
  (_, unit) => {
    const layout = layoutPosts(partsOf(unit.parts, unit.posts), 34, 180)
    const cells = [...layout.cells.values()]
    expect(cells.map((c) => c.id).sort()).toEqual(unit.posts.map((p) => p.id).sort())
    for (const cell of cells) {
      expect(Math.min(cell.width, cell.height)).toBeGreaterThanOrEqual(48)
      expect(cell.x).toBeGreaterThanOrEqual(34)
      expect(cell.x + cell.width).toBeLessThanOrEqual(34 + 180)
      expect(cells.filter((other) => other !== cell && overlap(cell, other))).toEqual([])
    }
  },
)

it('wires begin and end where they should', () => {
  const layout = layoutPosts([{ id: 'p', name: 'p', posts: [{ id: 'a' }, { id: 'b' }, { id: 'c' }] }], 0, 180)
  const [a, c] = ['a', 'c'].map((id) => layout.cells.get(id))
  if (!a || !c) throw new Error('posts are missing')
  expect(wireToRight(layout, c, { x: 300, y: 70 })).toMatch(new RegExp(`^M${c.dot.x} ${c.dot.y}.* 300 70$`))
  expect(wireToRight(layout, a, { x: 300, y: 70 })).toMatch(new RegExp(`^M${a.dot.x} ${a.dot.y}V`))
  expect(wireByMargin(a, c, 5)).toContain('H5V')
})
