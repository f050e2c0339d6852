import fc from 'fast-check'
import { USUAL_AIMS } from './aims'
import { alike } from './alike'
import { allOptions, MOST_OPTIONS, windowOf } from './options'
import type { StockPart } from './part'
import { partOf } from './testing/parts'
import { planFromStock } from './plan'

const part = partOf

describe('like parts on one shelf', () => {
  it('are told apart by what a plan looks at, and by nothing else', () => {
    const parts = [
      part('a', [5]),
      part('b', [5]),
      part('dear', [5], { cents: 2000 }),
      part('low', [5], { volts: 370 }),
      part('read', [5], { sections: [{ id: '0', microfarads: 5, measured: 4.9, dead: false }] }),
    ]
    expect(alike(parts).map((s) => s.pieces.map((p) => p.id))).toEqual([
      ['a', 'b'],
      ['dear'],
      ['low'],
      ['read'],
    ])
  })
  it('hold no more pieces of a line than there are, nor than any plan takes', () => {
    expect(
      alike([part('a', [5], { quantity: 2 }), part('b', [5], { quantity: 9 })])[0]?.pieces.map((p) => p.id),
    ).toEqual(['a', 'a', 'b', 'b', 'b'])
  })
  it('a plan is as good whether like parts are one line or many (property)', () => {
    const values = fc.array(fc.constantFrom(5, 7.5, 10, 20, 40), { minLength: 1, maxLength: 5 })
    fc.assert(
      fc.property(values, (list) => {
        const loads = [
          { load: 'A', microfarads: 40, volts: 370 },
          { load: 'B', microfarads: 7.5, volts: 370 },
        ]
        const plan = (parts: StockPart[]) =>
          planFromStock({ parts, loads, tolerancePercent: 6, aims: USUAL_AIMS, mostParts: 3, keep: 1 })
            .plans[0]
        const many = plan(list.map((x, i) => part(`p${i}`, [x])))
        const counted = [...new Set(list)].map((x) =>
          part(`v${x}`, [x], { quantity: list.filter((y) => y === x).length }),
        )
        const one = plan(counted)
        expect([many?.cans.length, many?.worstErrorPercent]).toEqual([
          one?.cans.length,
          one?.worstErrorPercent,
        ])
        // No capacitor is taken twice that is there once.
        expect(new Set(many?.cans.map((c) => c.part)).size).toBe(many?.cans.length ?? 0)
      }),
    )
  })
})

describe('the ways of a part', () => {
  const loads = [
    { load: 'A', limit: 60e6, volts: 370 },
    { load: 'B', limit: 60e6, volts: 370 },
  ]
  it('are each sum once, with the fewest sections', () => {
    const { options, whole } = allOptions([part('a', [5, 5, 10])], [loads[0]!])
    expect([whole, options.map((o) => [o.gives[0]! / 1e6, o.used]).sort((x, y) => x[0]! - y[0]!)]).toEqual([
      true,
      [
        [5, 1],
        [10, 1],
        [15, 2],
        [20, 3],
      ],
    ])
  })
  it('of an odd can are bounded, and then it is said that some were let go', () => {
    const odd = part(
      'odd',
      Array.from({ length: 24 }, (_, i) => 1.37 + 0.713 * i),
    )
    const { options, whole } = allOptions([odd], loads)
    expect(whole).toBe(false)
    expect(options.length).toBeLessThanOrEqual(MOST_OPTIONS)
  })
  it('serve no load of a higher rating, and where it stays only its own', () => {
    expect(allOptions([part('low', [5], { volts: 250 })], loads).options).toEqual([])
    expect(allOptions([part('old', [5], { keptFor: 'B' })], loads).options.map((o) => o.gives)).toEqual([
      [0, 5e6],
    ])
  })
})

it('what a load may get is whole picofarads, both limits inside: 5 µF ± 6 % is 4.7 to 5.3, 3 pF ± 10 % is 3', () => {
  expect(windowOf(5_000_000, 6)).toEqual({ least: 4_700_000, most: 5_300_000 })
  expect(windowOf(3, 10)).toEqual({ least: 3, most: 3 })
  expect(windowOf(7_500_000, 0)).toEqual({ least: 7_500_000, most: 7_500_000 })
})
it('of like parts a reading, a dead section, the marking’s tolerance and what it stays for each make another shelf', () => {
  const dead = [{ id: '0', microfarads: 5, measured: null, dead: true }]
  const parts = [
    part('a', [5]),
    part('dead', [5], { sections: dead }),
    part('wide', [5], { tolerancePercent: 10 }),
    part('kept', [5], { keptFor: 'FAN' }),
    part('dual', [5, 5]),
  ]
  expect(alike(parts).map((s) => [s.part.id, s.part.quantity])).toEqual(parts.map((p) => [p.id, 1]))
})
describe('the ways of several parts', () => {
  const load = [{ load: 'A', limit: 60e6, volts: 370 }]
  it('come from each that is there, parts of few sections first', () => {
    const { options, whole } = allOptions(
      [part('dual', [5, 10]), part('gone', [20], { quantity: 0 }), part('single', [40])],
      load,
    )
    expect([whole, options.map((o) => [o.part, o.gives[0]! / 1e6, o.used, o.assignment])]).toEqual([
      true,
      [
        [2, 40, 1, [0]],
        [0, 5, 1, [0, -1]],
        [0, 10, 1, [-1, 0]],
        [0, 15, 2, [0, 0]],
      ],
    ])
  })
  it('never beyond what the load may have; exactly that is allowed', () => {
    const most = (limit: number) =>
      allOptions([part('dual', [5, 10])], [{ load: 'A', limit, volts: 370 }]).options.map((o) => o.gives[0])
    expect(most(15e6)).toEqual([5e6, 10e6, 15e6])
    expect(most(15e6 - 1)).toEqual([5e6, 10e6])
  })
  it('pass over dead sections, which keep their place', () => {
    const sections = [
      { id: '0', microfarads: 5, measured: null, dead: true },
      { id: '1', microfarads: 10, measured: null, dead: false },
    ]
    expect(allOptions([part('half', [], { sections })], load).options).toMatchObject([
      { gives: [10e6], used: 1, assignment: [-1, 0] },
    ])
  })
  it('a rating exactly as asked for serves', () =>
    expect(allOptions([part('same', [5], { volts: 370 })], load).options).toHaveLength(1))
})
