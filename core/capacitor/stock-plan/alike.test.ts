import fc from 'fast-check'
import { USUAL_AIMS } from './aims'
import { alike } from './alike'
import { allOptions, MOST_OPTIONS } from './options'
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
