// Where leads stand: none over another, each as large as a glove, the plug's two in a row below.
import { layoutPosts } from '../../parts/posts/post-layout'
import type { BoardLead } from './board-model'
import {
  arrange,
  LEAD_HEIGHT,
  LEAD_WIDTH,
  placeLeads,
  PLUG_CELL,
  PLUG_WIDTH,
  postAt,
  withTarget,
} from './lead-layout'

const lead = (name: string, more: Partial<BoardLead> = {}): BoardLead =>
  ({ id: name, isPlug: false, role: 'run', advised: { kind: 'insulated' }, ...more }) as BoardLead
const layout = layoutPosts(
  [
    { id: 'contactor', name: 'contactor', posts: [{ id: 'T1' }, { id: 'T2' }] },
    { id: 'can', name: 'can', posts: [{ id: 'C' }, { id: 'FAN' }] },
  ],
  34,
  180,
)
const WIDTH = 366

describe('leads beside the posts', () => {
  const names = (list: readonly BoardLead[]) => list.map((one) => one.id)
  it('stand in the order of the posts they belong on; a return beside C’s height, the others last', () => {
    const leads = [
      lead('loose'),
      lead('start', { advised: { kind: 'post', post: 'FAN' } }),
      lead('return', { role: 'run-return' }),
      lead('motor common', { advised: { kind: 'post', post: 'T1' } }),
      lead('lost', { advised: { kind: 'post', post: 'nowhere' } }),
      lead('plug', { isPlug: true }),
    ]
    const { main, plug } = arrange(leads, layout)
    // T1 stands 22 px below the top; what has no post of this unit is first, a return at 60.
    expect(names(main)).toEqual(['lost', 'motor common', 'return', 'start', 'loose'])
    expect(names(plug)).toEqual(['plug'])
  })
  it('stand one under the other at the right, 8 px apart, their wires at the middle of their left edge', () => {
    const main = [lead('a'), lead('b'), lead('c')]
    const { right, yOf, ends, height } = placeLeads(WIDTH, layout, main, [])
    expect(right).toBe(WIDTH - LEAD_WIDTH)
    expect([yOf(0), yOf(1) - yOf(0) - LEAD_HEIGHT]).toEqual([0, 8])
    expect(ends.map(({ lead: { id: name }, x, y }) => [name, x, y])).toEqual([
      ['a', right, 29],
      ['b', right, 95],
      ['c', right, 161],
    ])
    // The posts are taller than three leads: 202 px with what goes before a plug.
    expect(height).toBe(Math.max(layout.height, 3 * 66 + 4))
  })
  it('of a plug stand two in a row under a heading, below the last lead', () => {
    const plug = [lead('p'), lead('q'), lead('r')]
    const { right, plugTop, plugAt, ends, height } = placeLeads(WIDTH, layout, [lead('a')], plug)
    expect(plugTop).toBe(66 + 4)
    expect([0, 1, 2].map(plugAt)).toEqual([
      { x: right, y: plugTop + 20 },
      { x: right + PLUG_WIDTH + 8, y: plugTop + 20 },
      { x: right, y: plugTop + 20 + PLUG_CELL + 8 },
    ])
    expect(plugAt(1).x + PLUG_WIDTH).toBe(WIDTH)
    expect(ends.slice(1).map(({ x, y }) => [x, y])).toEqual(
      [0, 1, 2].map((i) => [plugAt(i).x, plugAt(i).y + PLUG_CELL / 2]),
    )
    expect(height).toBe(Math.max(layout.height, plugTop + 20 + 2 * (PLUG_CELL + 8)))
  })
  it('that need more room than the posts make the board taller', () => {
    const many = Array.from({ length: 9 }, (_, i) => lead(`${i}`))
    expect(placeLeads(WIDTH, layout, many, []).height).toBe(9 * 66 + 4)
    expect(placeLeads(WIDTH, layout, many, [lead('p')]).height).toBe(9 * 66 + 4 + 20 + PLUG_CELL + 8)
  })
})

it('the post under the finger is found up to its edges, and none beside it', () => {
  const cell = layout.cells.get('T2')
  if (!cell) throw new Error('no post')
  const { x, y, width, height } = cell
  for (const [px, py] of [
    [x, y],
    [x + width, y + height],
    [x + width / 2, y + height / 2],
  ] as const)
    expect(postAt(layout, px, py)).toBe('T2')
  for (const [px, py] of [
    [x + width + 1, y],
    [x - 1, y + 1],
    [x + 1, y - 1],
    [x + 1, y + height + 1],
  ] as const)
    expect(postAt(layout, px, py)).not.toBe('T2')
})
it('only the post under the finger is marked', () => {
  const faces = new Map([
    ['T1', { label: 'T1' }],
    ['T2', { label: 'T2' }],
  ]) as unknown as Parameters<typeof withTarget>[0]
  expect([...withTarget(faces, 'T2')]).toEqual([
    ['T1', { label: 'T1' }],
    ['T2', { label: 'T2', mark: 'mend' }],
  ])
})
