import fc from 'fast-check'
import { toPicofarads } from '../../quantity/exact'
import { AIMS, USUAL_AIMS } from './aims'
import { planFromStock, type StockPlanInput } from './plan'
import { seriesPairs } from './series'
import type { StockPart } from './part'
import { searchStock } from './search'
import { startHighs } from '../tap-plan/testing/highs'
import { highsStock } from './testing/highs'
import { partOf } from './testing/parts'
import { madeVan } from './testing/vans'
import { exhaustiveStock } from './testing/exhaustive'

const part = (id: string, values: number[], more: Partial<StockPart> = {}): StockPart =>
  partOf(id, values, { cents: 1000 * values.length, ...more })
const VAN = [
  part('dual', [45, 5]),
  part('six', [30, 15, 10, 5, 4, 3.5, 2.5]),
  part('s5', [5], { quantity: 2 }),
  part('s7', [7.5]),
  part('s40', [40]),
]
const plan = (loads: [string, number][], more: Partial<StockPlanInput> = {}) =>
  planFromStock({
    parts: VAN,
    loads: loads.map(([load, microfarads]) => ({ load, microfarads, volts: 370 })),
    tolerancePercent: 6,
    aims: USUAL_AIMS,
    mostParts: 3,
    keep: 3,
    ...more,
  })

describe('from the van', () => {
  it('one dual serves both loads without a jumper', () => {
    const { plans, proven } = plan([
      ['HERM', 45],
      ['FAN', 5],
    ])
    expect(plans[0]).toMatchObject({
      cans: [{ part: 'dual' }],
      jumperCount: 0,
      worstErrorPercent: 0,
      ties: [],
    })
    expect(proven).toBe(true)
  })
  it('two singles do when that keeps the multi-tap on the van', () => {
    const { plans } = plan(
      [
        ['HERM', 40],
        ['FAN', 7.5],
      ],
      { aims: ['error', 'versatile', 'parts', 'opened', 'jumpers', 'cost'] },
    )
    expect(plans[0]?.cans.map((c) => c.part).sort()).toEqual(['s40', 's7'])
    expect(plans[0]?.ties).toEqual([1])
    expect(
      plan([
        ['HERM', 40],
        ['FAN', 7.5],
      ]).plans[0]?.cans.map((c) => c.part),
    ).toEqual(['six'])
  })
  it('the lead lands on the largest section, and each jumper carries only its own share', () => {
    const group = plan([['FAN', 12.5]]).plans[0]!.groups[0]!
    expect(group.sections[0]!.microfarads).toBe(Math.max(...group.sections.map((s) => s.microfarads)))
    for (const { to, share } of group.jumpers) expect(share).toBeCloseTo(to.microfarads / 12.5, 9)
  })
  it('a rating below the tag’s is never planned; a higher one is', () => {
    const low = VAN.map((p) => ({ ...p, volts: 250 }))
    expect(plan([['FAN', 5]], { parts: low }).problems).toEqual([
      'No capacitor on the van is left, sound and rated 370 V or more.',
    ])
  })
  it('what was measured counts before what is printed, and a dead section not at all', () => {
    const read = (measured: number, tolerancePercent = 6) =>
      part('read', [5], { tolerancePercent, sections: [{ id: '0', microfarads: 5, measured, dead: false }] })
    expect(plan([['FAN', 5]], { parts: [read(4.8)] }).plans[0]!.groups[0]).toMatchObject({
      microfarads: 4.8,
      errorPercent: expect.closeTo(-4, 9),
    })
    expect(plan([['FAN', 5]], { parts: [read(4.2)] }).plans).toEqual([])
    const dead = part('dead', [45, 5], {
      sections: [
        { id: '0', microfarads: 45, measured: null, dead: false },
        { id: '1', microfarads: 5, measured: null, dead: true },
      ],
    })
    expect(
      plan(
        [
          ['HERM', 45],
          ['FAN', 5],
        ],
        { parts: [dead] },
      ).plans,
    ).toEqual([])
  })
  it('what reads outside its own marking is condemned, even where its reading is just what is asked for; a wider marking allows it', () => {
    const drifted = (tolerancePercent: number) =>
      part('drifted', [5], {
        tolerancePercent,
        sections: [{ id: '0', microfarads: 5, measured: 4.5, dead: false }],
      })
    expect(plan([['FAN', 4.5]], { parts: [drifted(6)] }).problems[0]).toContain('sound')
    expect(plan([['FAN', 4.5]], { parts: [drifted(10)] }).plans).toHaveLength(1)
  })
  it('each load has its own least rating: a lower-rated single serves the load that allows it', () => {
    const parts = [part('s5', [5], { volts: 370 }), part('s45', [45], { volts: 440 })]
    const loads = (fanVolts: number) => [
      { load: 'HERM', microfarads: 45, volts: 440 },
      { load: 'FAN', microfarads: 5, volts: fanVolts },
    ]
    expect(plan([], { parts, loads: loads(370) }).plans).toHaveLength(1)
    expect(plan([], { parts, loads: loads(440) }).plans).toEqual([])
  })
  it('alike lines are one plan, and two of a pair come from two lines', () => {
    const parts = [part('a', [20]), part('b', [20]), part('c', [20])]
    const { plans } = plan([['HERM', 40]], { parts, keep: 5 })
    expect(plans.map((p) => p.cans.map((c) => c.part))).toEqual([['a', 'b']])
  })
  it('an old can that stays serves its own load alone, costs nothing and is not opened', () => {
    const stays = part('old-can', [45], { keptFor: 'HERM', cents: null })
    const { plans } = plan(
      [
        ['HERM', 45],
        ['FAN', 7.5],
      ],
      { parts: [part('s7', [7.5], { cents: 1000 }), part('s45', [45]), stays], keep: 4 },
    )
    expect(plans.map((p) => p.cans.map((c) => c.part).sort())).toEqual([
      ['old-can', 's7'],
      ['s45', 's7'],
    ])
    expect(plans[0]).toMatchObject({
      cents: 1000,
      why: 'The old can stays for HERM, one capacitor beside it, no jumper: HERM 45 µF (0 %), FAN 7.5 µF (0 %). Nothing better for these aims.',
    })
    expect(
      plan(
        [
          ['HERM', 30],
          ['FAN', 45],
        ],
        { parts: [stays, part('s30', [30])] },
      ).plans,
    ).toEqual([])
  })
  it('nothing is joined to a can that stays', () => {
    const stays = part('old-can', [40], { keptFor: 'HERM', cents: null })
    const { plans } = plan([['HERM', 45]], { parts: [stays, part('s5', [5])], tolerancePercent: 3 })
    expect(plans).toEqual([])
    expect(
      plan([['HERM', 40]], { parts: [stays, part('s5', [5])] }).plans[0]?.cans.map((c) => c.part),
    ).toEqual(['old-can'])
  })
  it('a section killed re-plans with what is left', () => {
    const six = (deadIndex: number) =>
      part('six', [], {
        sections: [30, 15, 10, 5, 4, 3.5, 2.5].map((microfarads, i) => ({
          id: `${i}`,
          microfarads,
          measured: null,
          dead: i === deadIndex,
        })),
      })
    const used = (deadIndex: number) =>
      plan(
        [
          ['HERM', 30],
          ['FAN', 5],
        ],
        { parts: [six(deadIndex)] },
      ).plans[0]?.groups.flatMap((g) => g.sections.map((s) => s.section))
    expect(used(-1)).toBeDefined()
    for (const killed of [0, 1, 2]) {
      expect(used(killed)).toBeDefined()
      expect(used(killed)).not.toContain(`${killed}`)
    }
  })
  it('none left, none at all, nothing near: each in words', () => {
    expect(plan([['FAN', 5]], { parts: [] }).problems).toEqual(['There are no capacitors on the van.'])
    expect(plan([['FAN', 5]], { parts: [part('x', [5], { quantity: 0 })] }).problems[0]).toContain(
      'No capacitor on the van is left',
    )
    expect(plan([['FAN', 500]]).problems).toEqual([
      'FAN: nothing on the van joins to 500 µF ± 6 %; the nearest single section is 45 µF.',
    ])
  })
  it('a value that is there, but not for those volts, or not beside the other load, is told as that', () => {
    const at = (parts: StockPart[], loads: StockPlanInput['loads']) =>
      planFromStock({ parts, loads, tolerancePercent: 6, aims: USUAL_AIMS, mostParts: 3, keep: 3 }).problems
    expect(
      at(
        [part('low', [7.5], { volts: 370 }), part('high', [20])],
        [{ load: 'FAN', microfarads: 7.5, volts: 440 }],
      ),
    ).toEqual([
      'FAN: nothing on the van joins to 7.5 µF ± 6 % at 440 V; the 7.5 µF of low is rated 370 V only.',
    ])
    expect(
      at(
        [part('one', [5])],
        [
          { load: 'HERM', microfarads: 5, volts: 370 },
          { load: 'FAN', microfarads: 5, volts: 370 },
        ],
      ),
    ).toEqual([
      'HERM: 5 µF is on the van by itself; nothing there serves it beside the other load.',
      'FAN: 5 µF is on the van by itself; nothing there serves it beside the other load.',
    ])
  })
  it('an unknown price is said to be unknown', () =>
    expect(plan([['FAN', 7.5]], { parts: [part('x', [7.5], { cents: null })] }).plans[0]?.cents).toBeNull())
  it('further plans take other parts and say what they gain', () => {
    const { plans } = plan(
      [
        ['HERM', 45],
        ['FAN', 5],
      ],
      { keep: 4 },
    )
    expect(
      new Set(
        plans.map((p) =>
          p.cans
            .map((c) => c.part)
            .sort()
            .join(),
        ),
      ).size,
    ).toBe(plans.length)
    expect(plans.length).toBeGreaterThan(1)
  })
})

describe('in series, only when asked', () => {
  it('20 and 20 make 10, with half the volts on each; unlike values share inversely (textbook)', () => {
    const parts = [part('a', [20], { quantity: 2 }), part('b', [30]), part('c', [15])]
    expect(seriesPairs(parts, 10, 440, 6)).toEqual([
      { parts: ['a', 'a'], microfarads: 10, errorPercent: 0, volts: [220, 220] },
      {
        parts: ['b', 'c'],
        microfarads: 10,
        errorPercent: 0,
        volts: [expect.closeTo(146.67, 1), expect.closeTo(293.33, 1)],
      },
    ])
  })
  it('not beyond the rating of either', () =>
    expect(
      seriesPairs([part('a', [20], { volts: 250 }), part('b', [20], { volts: 100 })], 10, 440, 6),
    ).toEqual([]))
})

it('in series only singles of the van, sound and there; two of one line only where it has two; the closest first', () => {
  const dead = { sections: [{ id: '0', microfarads: 20, measured: null, dead: true }] }
  const parts = [
    part('a', [20]),
    part('kept', [20], { keptFor: 'HERM' }),
    part('dead', [], dead),
    part('none', [20], { quantity: 0 }),
    part('dual', [20, 20]),
  ]
  expect(seriesPairs(parts, 10, 440, 6)).toEqual([])
  // 20 and 20 make 10; 20 and 21 make 420/41 = 10.24; 21 and 21 10.5; 6 % of 10 is 0.6.
  const pairs = seriesPairs([part('b', [21], { quantity: 2 }), part('a', [20], { quantity: 2 })], 10, 440, 6)
  expect(pairs.map((p) => [p.parts, Number(p.errorPercent.toFixed(2))])).toEqual([
    [['a', 'a'], 0],
    [['b', 'a'], 2.44],
    [['b', 'b'], 5],
  ])
  const at = (tolerance: number) => seriesPairs([part('b', [21], { quantity: 2 })], 10, 440, tolerance).length
  expect([at(5), at(4.9)]).toEqual([1, 0])
  const read = { sections: [{ id: '0', microfarads: 21, measured: 20, dead: false }] }
  expect(seriesPairs([part('r', [], { ...read, quantity: 2 })], 10, 440, 0)).toHaveLength(1)
})
it('in series volts exactly at the rating of each are enough, more on either is not (textbook: 30 and 15 share 1 to 2)', () => {
  const pairs = (low: number, high: number) =>
    seriesPairs([part('b', [30], { volts: low }), part('c', [15], { volts: high })], 10, 450, 6).length
  expect([pairs(150, 300), pairs(149, 300), pairs(150, 299)]).toEqual([1, 0, 0])
})

const trade = fc.constantFrom(2.5, 5, 7.5, 10, 12.5, 15, 20, 25, 30, 40, 45)
const anyPart = fc.record({
  values: fc.array(trade, { minLength: 1, maxLength: 3 }),
  quantity: fc.integer({ min: 0, max: 2 }),
  volts: fc.constantFrom(370, 440),
  cents: fc.option(fc.integer({ min: 100, max: 5000 }), { nil: null }),
  measured: fc.option(fc.double({ min: 0.9, max: 1.08, noNaN: true }), { nil: null }),
})
const anyVan = fc.record({
  parts: fc.array(anyPart, { minLength: 2, maxLength: 4 }),
  targets: fc.array(trade, { minLength: 1, maxLength: 2 }),
  tolerance: fc.constantFrom(0, 3, 6, 6, 10),
  aims: fc.shuffledSubarray([...AIMS], { minLength: AIMS.length, maxLength: AIMS.length }),
  mostParts: fc.constantFrom(1, 2, 2, 3, 3),
  stays: fc.option(fc.constantFrom(0, 1), { nil: null }),
  volts: fc.constantFrom(370, 440),
})

it('is the optimum that exhaustive enumeration finds, in every order of the aims (500 vans)', () => {
  let found = 0
  fc.assert(
    fc.property(anyVan, ({ parts: raw, targets, tolerance, aims, mostParts, stays, volts }) => {
      const parts = raw.map((p, i): StockPart =>
        part(`p${i}`, p.values, {
          volts: p.volts,
          keptFor: i === 0 && stays !== null ? `L${stays}` : null,
          quantity: i === 0 && stays !== null ? 1 : p.quantity,
          cents: p.cents,
          sections: p.values.map((microfarads, s) => ({
            id: `${s}`,
            microfarads,
            measured:
              s === 0 && p.measured !== null ? Math.round(100 * microfarads * p.measured) / 100 : null,
            dead: false,
          })),
        }),
      )
      const loads = targets.map((t, l) => ({
        load: `L${l}`,
        picofarads: toPicofarads(t),
        volts: l === 0 ? volts : 370,
      }))
      const { plans, proven } = searchStock({
        parts,
        loads,
        tolerancePercent: tolerance,
        aims: aims,
        mostParts,
        keep: 1,
      })
      expect(proven).toBe(true)
      const oracle = exhaustiveStock(parts, loads, tolerance, aims, mostParts)
      expect(plans[0]?.score ?? null).toEqual(oracle)
      if (oracle) found += 1
    }),
    { numRuns: 500, seed: 6 },
  )
  expect(found).toBeGreaterThan(60)
}, 120_000)

it('is the optimum that HiGHS finds, in every order of the aims (200 vans of 40 parts)', async () => {
  const highs = await startHighs()
  let found = 0
  for (let seed = 1; seed <= 200; seed++) {
    const { parts: made, loads } = madeVan(seed, 40)
    const parts = made.map((p, i) => ({
      ...p,
      quantity: 1,
      keptFor: i === 0 && seed % 3 === 0 ? 'L0' : null,
    }))
    const turn = seed % AIMS.length
    const aims = [...AIMS.slice(turn), ...AIMS.slice(0, turn)]
    const rival = highsStock(highs, parts, loads, 0, 6, aims, 2)
    const ours = searchStock({
      parts,
      loads: loads.map((t, l) => ({ load: `L${l}`, picofarads: toPicofarads(t), volts: 370 })),
      tolerancePercent: 6,
      aims,
      mostParts: 2,
      keep: 1,
    })
    expect([seed, ours.proven, ours.plans.length > 0]).toEqual([seed, true, rival !== null])
    if (!rival) continue
    found += 1
    const { error, ...whole } = ours.plans[0]!.score
    const { error: theirs, ...wholeOfTheirs } = rival
    expect([seed, whole]).toEqual([seed, wholeOfTheirs])
    expect(Math.abs(error / 1e6 - (theirs as number))).toBeLessThan(2e-6)
  }
  expect(found).toBeGreaterThan(150)
}, 240_000)
