import type { StockPart } from '../stock-plan/part'
import { partOf } from '../stock-plan/testing/parts'
import { madeVan } from '../stock-plan/testing/vans'
import { coverageOf, coverCell } from './coverage'
import { bestPurchases } from './purchases'
import { highsPurchases } from './testing/highs'
import { startHighs } from '../tap-plan/testing/highs'
import fc from 'fast-check'
import { restock, type PastCall, type RestockInput } from './restock'

const part = (id: string, values: number[], cents = 1000): StockPart => partOf(id, values, { cents })
const INPUT = { compressors: [40, 45], fans: [5, 7.5], volts: 370, tolerancePercent: 6, mostParts: 2 }

describe('coverage', () => {
  it('says for each pair whether, with how many parts and how well', () => {
    const { cells, met } = coverageOf({ ...INPUT, parts: [part('dual', [45, 5]), part('s7', [7.5])] })
    expect(cells.map((c) => [c.compressor, c.fan, c.parts])).toEqual([
      [40, 5, null],
      [40, 7.5, null],
      [45, 5, 1],
      [45, 7.5, 2],
    ])
    expect(met).toBe(2)
  })
  it('what a part adds is what the stock without it cannot meet (by leaving each out in turn)', () => {
    const { parts } = madeVan(4, 12)
    const input = { ...INPUT, compressors: [25, 30, 35, 40, 45, 50], fans: [3, 4, 5, 7.5, 10], parts }
    const whole = coverageOf(input)
    for (const { part: id, pairs } of whole.adds)
      expect([id, pairs]).toEqual([
        id,
        whole.met - coverageOf({ ...input, parts: parts.filter((p) => p.id !== id) }).met,
      ])
  })
  it('an empty van meets nothing', () =>
    expect(coverageOf({ ...INPUT, parts: [] })).toMatchObject({ met: 0, adds: [] }))
})

describe('restock', () => {
  const calls: PastCall[] = [
    { compressor: 45, fan: 5 },
    { compressor: 40, fan: 5 },
    { compressor: 40, fan: 7.5 },
    { compressor: null, fan: 10 },
  ]
  const base: RestockInput = {
    stock: [part('dual', [45, 5])],
    catalogue: [
      part('d40', [40, 5], 2300),
      part('six', [30, 15, 10, 5, 4, 3.5, 2.5], 5800),
      part('s10', [10], 1100),
    ],
    calls,
    volts: 370,
    tolerancePercent: 6,
    mostParts: 2,
    most: 1,
    budget: null,
  }
  it('buys the one that meets most of the past calls', () => {
    expect(restock(base)).toMatchObject({
      buy: [{ part: 'six', adds: 3 }],
      metBefore: 1,
      metAfter: 4,
      bound: 4,
      cents: 5800,
      neverNeeded: [],
    })
  })
  it('keeps to the budget; with none nothing is bought', () => {
    // The second dual meets the 40/5 call, and with the first one's 5 µF joined to its own the call for 10 µF.
    expect(restock({ ...base, budget: 2500 })).toMatchObject({ buy: [{ part: 'd40', adds: 2 }], cents: 2300 })
    expect(restock({ ...base, budget: 0 })).toMatchObject({ buy: [], metAfter: 1, cents: 0 })
  })
  it('names parts that no past call needs', () =>
    expect(restock({ ...base, stock: [...base.stock, part('s80', [80])] }).neverNeeded).toEqual(['s80']))
  it('small instances are the best there is, by planning every set anew', () => {
    for (let seed = 1; seed <= 12; seed++) {
      const { parts: stock } = madeVan(seed, 3)
      const { parts: catalogue } = madeVan(seed + 100, 6)
      const some = Array.from({ length: 8 }, (_, i) => {
        const { loads } = madeVan(seed * 50 + i, 1)
        return { compressor: loads[0], fan: loads[1] }
      })
      const input: RestockInput = {
        ...base,
        stock,
        catalogue: catalogue.map((p) => ({ ...p, id: `c${p.id}` })),
        calls: some,
        most: 2,
        budget: 6000,
      }
      const metWith = (parts: StockPart[]) =>
        some.filter((call) => coverCell({ ...INPUT, parts }, call.compressor, call.fan).parts !== null).length
      const sets = [
        [],
        ...input.catalogue.map((p) => [p]),
        ...input.catalogue.flatMap((a, i) => input.catalogue.slice(i + 1).map((b) => [a, b])),
      ]
      const within = sets
        .filter((set) => set.reduce((sum, p) => sum + (p.cents ?? 0), 0) <= 6000)
        .map((set) => ({ set, met: metWith([...stock, ...set]) }))
      const best = Math.max(...within.map((w) => w.met))
      const result = restock(input)
      expect([seed, result.metBefore, result.metAfter, result.bound]).toEqual([
        seed,
        metWith([...stock]),
        best,
        best,
      ])
      expect([seed, result.cents]).toEqual([
        seed,
        Math.min(
          ...within
            .filter((w) => w.met === best)
            .map((w) => w.set.reduce((sum, p) => sum + (p.cents ?? 0), 0)),
        ),
      ])
      const single = Math.max(...within.filter((w) => w.set.length <= 1).map((w) => w.met)) - result.metBefore
      expect([seed, result.single?.adds ?? 0]).toEqual([seed, single])
      // What is never needed can be left off all together.
      expect([seed, metWith(stock.filter((p) => !result.neverNeeded.includes(p.id)))]).toEqual([
        seed,
        result.metBefore,
      ])
    }
  })
  it('where not every set is tried, the bound is above what was found and no set passes it', () => {
    const { parts: stock } = madeVan(2, 4)
    const { parts: catalogue } = madeVan(77, 60)
    const some = Array.from({ length: 20 }, (_, i) => {
      const { loads } = madeVan(900 + i, 1)
      return { compressor: loads[0], fan: loads[1] }
    })
    const result = restock({
      ...base,
      stock,
      catalogue: catalogue.map((p) => ({ ...p, id: `c${p.id}` })),
      calls: some,
      most: 4,
      budget: 30_000,
    })
    expect(result.metAfter).toBeGreaterThan(result.metBefore)
    expect(result.bound).toBeGreaterThanOrEqual(result.metAfter)
    expect(result.bound).toBeLessThanOrEqual(some.length)
    expect(result.cents).toBeLessThanOrEqual(30_000)
  })
  it('tells how far it is', () => {
    const told: number[] = []
    restock(base, (share) => told.push(share))
    expect(told[0]).toBe(0)
    expect([...told].sort((a, b) => a - b)).toEqual(told)
    expect(told.at(-1)).toBeGreaterThanOrEqual(0.5)
    expect(Math.max(...told)).toBeLessThan(1)
  })
})

describe('restock, in its parts', () => {
  const base: RestockInput = {
    stock: [],
    catalogue: [],
    calls: [],
    volts: 370,
    tolerancePercent: 6,
    mostParts: 2,
    most: 3,
    budget: null,
  }
  const fan = (microfarads: number, times = 1): PastCall[] =>
    Array.from({ length: times }, () => ({ compressor: null, fan: microfarads }))
  it('like calls count each; what adds most is bought first, wherever it stands in the catalogue', () => {
    const found = restock({
      ...base,
      catalogue: [part('s3', [3], 500), part('s7', [7.5], 700), part('s12', [12.5], 900)],
      calls: [...fan(3), ...fan(7.5, 4), ...fan(12.5, 2)],
    })
    expect(found).toMatchObject({
      buy: [
        { part: 's7', adds: 4, cents: 700 },
        { part: 's12', adds: 2, cents: 900 },
        { part: 's3', adds: 1, cents: 500 },
      ],
      single: { part: 's7', adds: 4, cents: 700 },
      metBefore: 0,
      metAfter: 7,
      bound: 7,
      cents: 2100,
    })
  })
  it('what adds as much is bought in the order of the catalogue; a part without a price costs nothing known', () => {
    const found = restock({
      ...base,
      catalogue: [partOf('free', [3], { cents: null }), part('s7', [7.5], 700)],
      calls: [...fan(3), ...fan(7.5)],
      budget: 700,
    })
    expect(found.buy.map((b) => [b.part, b.adds, b.cents])).toEqual([
      ['free', 1, null],
      ['s7', 1, 700],
    ])
    expect(found.cents).toBe(700)
  })
  it('no purchase that helps: none is named', () =>
    expect(restock({ ...base, catalogue: [part('s80', [80])], calls: fan(5) })).toMatchObject({
      buy: [],
      single: null,
      metAfter: 0,
      bound: 0,
    }))
  it('a call for the compressor alone asks for nothing of the fan, and one for neither is met', () => {
    const stock = [part('s40', [40])]
    const calls: PastCall[] = [
      { compressor: 40, fan: null },
      { compressor: null, fan: null },
    ]
    expect(restock({ ...base, stock, calls })).toMatchObject({ metBefore: 2, neverNeeded: [] })
  })
  it('of two that serve alike the dearer is spare; what another call needs is not', () => {
    const spare = (cheap: number, dear: number, more: PastCall[] = []) =>
      restock({
        ...base,
        stock: [part('a', [5], cheap), part('b', [5, 40], dear)],
        calls: [...fan(5), ...more],
      }).neverNeeded
    expect([spare(1000, 2000), spare(2000, 1000)]).toEqual([['b'], ['a']])
    expect(spare(1000, 2000, [{ compressor: 40, fan: null }])).toEqual(['a'])
    expect(spare(1000, 1000)).toEqual(['a'])
  })
  it('tells how far it is: half of it for the calls, half for what is spare', () => {
    const told: number[] = []
    restock({ ...base, stock: [part('a', [5, 7.5])], calls: [...fan(5), ...fan(7.5)] }, (s) => told.push(s))
    expect(told).toEqual([0, 0.25, 0.5, 0.75])
  })
})

it('coverage tells how far it is, row by row', () => {
  const told: number[] = []
  coverageOf({ ...INPUT, parts: [part('dual', [45, 5])] }, (share) => told.push(share))
  expect(told).toEqual([2 / 5, 4 / 5])
})
it('a cell names its parts and its worst error: 45 for 46 is 2.2 % low', () =>
  expect(coverCell({ ...INPUT, parts: [part('dual', [45, 5])] }, 46, 5)).toEqual({
    compressor: 46,
    fan: 5,
    parts: 1,
    worstErrorPercent: expect.closeTo(100 / 46, 9),
    by: ['dual'],
  }))

describe('purchases cut short at once', () => {
  const call = (weight: number, ...sets: number[][]) => ({ weight, sets, cut: false })
  const short = (input: Omit<Parameters<typeof bestPurchases>[0], 'budget'>, budget: number | null = null) =>
    bestPurchases({ ...input, budget }, 0)
  it('are something good already: one exchange mends what a promise misled, and nothing better is ruled out', () => {
    // 1 promises half of 10, and keeps nothing where one purchase is all.
    const calls = [call(4, [0]), call(10, [1, 2])]
    expect(short({ cents: [10, 10, 10], calls, most: 1 })).toEqual({ chosen: [0], met: 4, bound: 14 })
    expect(short({ cents: [10, 10, 10], calls, most: 2 })).toMatchObject({ chosen: [1, 2], met: 10 })
    expect(short({ cents: [10, 10, 10], calls, most: 3 })).toMatchObject({ chosen: [0, 1, 2], met: 14 })
  })
  it('keep to the budget, and take the cheaper of two that meet as many', () => {
    const calls = [call(3, [0], [1])]
    expect(short({ cents: [50, 20], calls, most: 1 })).toMatchObject({ chosen: [1], met: 3 })
    expect(short({ cents: [50, 20], calls, most: 1 }, 19)).toMatchObject({ chosen: [], met: 0, bound: 3 })
    expect(short({ cents: [50, 20], calls, most: 1 }, 20)).toMatchObject({ chosen: [1] })
  })
})

describe('the best purchases', () => {
  const anyCall = fc.record({
    weight: fc.integer({ min: 1, max: 5 }),
    sets: fc.array(fc.uniqueArray(fc.integer({ min: 0, max: 24 }), { minLength: 1, maxLength: 3 }), {
      minLength: 0,
      maxLength: 5,
    }),
  })
  const anyCase = fc.record({
    cents: fc.array(fc.integer({ min: 100, max: 5000 }), { minLength: 25, maxLength: 25 }),
    calls: fc.array(
      anyCall.map((c) => ({ ...c, cut: false })),
      { minLength: 1, maxLength: 20 },
    ),
    most: fc.integer({ min: 1, max: 6 }),
    budget: fc.option(fc.integer({ min: 0, max: 12_000 }), { nil: null }),
  })
  it('are those that HiGHS finds, and cut short the bound is never below them (120 cases)', async () => {
    const highs = await startHighs()
    let proven = 0
    fc.assert(
      fc.property(anyCase, (input) => {
        const best = highsPurchases(highs, input)
        const whole = bestPurchases(input)
        expect(whole.met).toBe(best)
        expect(whole.bound).toBe(best)
        const short = bestPurchases(input, 3)
        expect(short.met).toBeLessThanOrEqual(best)
        expect(short.bound).toBeGreaterThanOrEqual(best)
        if (short.bound === short.met && best > 0) proven += 1
      }),
      { numRuns: 120, seed: 6 },
    )
    expect(proven).toBeGreaterThan(10)
  }, 120_000)
  it('a call whose ways were not all found stays in the bound', () => {
    expect(
      bestPurchases({
        cents: [10],
        calls: [
          { weight: 2, sets: [], cut: true },
          { weight: 1, sets: [[0]], cut: false },
        ],
        most: 1,
        budget: null,
      }),
    ).toEqual({ chosen: [0], met: 1, bound: 3 })
  })
})
