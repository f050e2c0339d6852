import { UNIT_TYPES } from '@oak/core/wiring/unit-types'
import { partsOf } from './parts'
import { layoutPosts, waysOut, wireByMargin, wireToRight } from './post-layout'

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

describe('three posts of a part, 180 px wide from 34', () => {
  const parts = [
    { id: 'p', name: 'contactor', posts: ['a', 'b', 'c', 'd'].map((id) => ({ id })) },
    { id: 'q', name: 'can', posts: [{ id: 'e' }] },
  ]
  const layout = layoutPosts(parts, 34, 180)
  const cell = (id: string) => {
    const found = layout.cells.get(id)
    if (!found) throw new Error(`no post ${id}`)
    return found
  }
  it('stand three in a row with 8 px between them, 7 px from the edges; the fourth below the first', () => {
    // (180 - 2·7 - 2·8) / 3
    expect(cell('a')).toMatchObject({ x: 41, y: 22, width: 50, height: 52 })
    expect(cell('b').x - cell('a').x).toBe(58)
    expect([cell('d').x, cell('d').y]).toEqual([41, 22 + 52 + 11])
    expect(cell('c').x + cell('c').width).toBe(34 + 180 - 7)
  })
  it('parts stand one below the other, named, 8 px apart', () => {
    expect(layout.boxes).toEqual([
      { id: 'p', name: 'contactor', y: 0, height: 22 + 2 * 63 },
      { id: 'q', name: 'can', y: 22 + 2 * 63 + 8, height: 22 + 63 },
    ])
    expect([layout.x, layout.width, layout.height]).toEqual([34, 180, 148 + 8 + 85 + 8])
    // A post alone has the whole row.
    expect(cell('e')).toMatchObject({ x: 41, width: 166, y: 148 + 8 + 22 })
  })
  it('a wire leaves the last column to the right, the others downwards', () => {
    expect([cell('a').leaves, cell('b').leaves, cell('c').leaves]).toEqual(['down', 'down', 'right'])
    expect(cell('a').dot).toEqual({ x: 41 + 25, y: 22 + 52 })
    expect(cell('c').dot).toEqual({ x: 207, y: 22 + 26 })
  })
  it('on a narrow screen two stand in a row', () => {
    const narrow = (width: number) =>
      [...layoutPosts(parts, 0, width).cells.values()].filter(({ y }) => y === 22).length
    // Three gloves of 48 px with 8 px between and 7 px beside them.
    expect([narrow(3 * 48 + 2 * 8 + 2 * 7), narrow(3 * 48 + 2 * 8 + 2 * 7 - 1)]).toEqual([3, 2])
  })
  it('two wires of one row leave by the two gaps beside it, also where another row wants one of them', () => {
    expect([...waysOut(layout, ['a', 'b', 'c'])]).toEqual([
      ['a', 'down'],
      ['b', 'up'],
    ])
    // The one of the row below has its own gap below it.
    expect([...waysOut(layout, ['d', 'b', 'a', 'a', 'nowhere'])]).toEqual([
      ['a', 'down'],
      ['b', 'up'],
      ['d', 'down'],
    ])
  })
  it('wires to the right run in a gap beside their row', () => {
    // From 66, 74 down by half the gap to 79.5, out at 214, and a bend of 55 % of the way.
    expect(wireToRight(layout, cell('a'), { x: 314, y: 100 })).toBe(
      'M66 74V79.5H214C269 79.5 259 100 314 100',
    )
    // Up by half the gap from its upper edge, 22.
    expect(wireToRight(layout, cell('a'), { x: 314, y: 100 }, 'up')).toContain('M66 22V16.5H214C269 16.5')
    expect(wireToRight(layout, cell('c'), { x: 314, y: 100 })).toBe('M207 48H214C269 48 259 100 314 100')
    expect(wireToRight(layout, cell('c'), { x: 314, y: 100 }, 'up')).toBe(
      'M207 48H214C269 48 259 100 314 100',
    )
    // Close by, the bend is 18 px at least.
    expect(wireToRight(layout, cell('c'), { x: 220, y: 100 })).toContain('C232 48 202 100 220 100')
  })
  it('wires between two posts run by the margin, in their own lane', () =>
    expect(wireByMargin(cell('a'), cell('d'), 12)).toBe('M66 74V79.5H12V142.5H66V137'))
})
