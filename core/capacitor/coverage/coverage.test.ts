import type { StockPart } from '../stock-plan/part'
import { madeVan } from '../stock-plan/testing/vans'
import { coverageOf, restock, type PastCall, type RestockInput } from './coverage'

const part = (id: string, values: number[], cents = 1000): StockPart => ({ id, name: id, volts: 440, quantity: 1, cents, sections: values.map((microfarads, i) => ({ id: `${i}`, microfarads, measured: null, dead: false })) })
const INPUT = { compressors: [40, 45], fans: [5, 7.5], volts: 370, tolerancePercent: 6, mostParts: 2 }

describe('coverage', () => {
  it('says for each pair whether, with how many parts and how well', () => {
    const { cells, met } = coverageOf({ ...INPUT, parts: [part('dual', [45, 5]), part('s7', [7.5])] })
    expect(cells.map((c) => [c.compressor, c.fan, c.parts])).toEqual([[40, 5, null], [40, 7.5, null], [45, 5, 1], [45, 7.5, 2]])
    expect(met).toBe(2)
  })
  it('what a part adds is what the stock without it cannot meet (by leaving each out in turn)', () => {
    const { parts } = madeVan(4, 12)
    const input = { ...INPUT, compressors: [25, 30, 35, 40, 45, 50], fans: [3, 4, 5, 7.5, 10], parts }
    const whole = coverageOf(input)
    for (const { part: id, pairs } of whole.adds) expect([id, pairs]).toEqual([id, whole.met - coverageOf({ ...input, parts: parts.filter((p) => p.id !== id) }).met])
  })
  it('an empty van meets nothing', () => expect(coverageOf({ ...INPUT, parts: [] })).toMatchObject({ met: 0, adds: [] }))
})

describe('restock', () => {
  const calls: PastCall[] = [{ compressor: 45, fan: 5 }, { compressor: 40, fan: 5 }, { compressor: 40, fan: 7.5 }, { compressor: null, fan: 10 }]
  const base: RestockInput = { stock: [part('dual', [45, 5])], catalogue: [part('d40', [40, 5], 2300), part('six', [25, 20, 10, 5, 5, 2.5], 5800), part('s10', [10], 1100)], calls, volts: 370, tolerancePercent: 6, mostParts: 2, most: 1, budget: null }
  it('buys the one that meets most of the past calls', () => {
    expect(restock(base)).toMatchObject({ buy: [{ part: 'six', adds: 3 }], metBefore: 1, metAfter: 4, bound: 4, cents: 5800, neverNeeded: [] })
  })
  it('keeps to the budget; with none nothing is bought', () => {
    // The second dual meets the 40/5 call, and with the first one's 5 µF joined to its own the call for 10 µF.
    expect(restock({ ...base, budget: 2500 })).toMatchObject({ buy: [{ part: 'd40', adds: 2 }], cents: 2300 })
    expect(restock({ ...base, budget: 0 })).toMatchObject({ buy: [], metAfter: 1, cents: 0 })
  })
  it('names parts that no past call needs', () => expect(restock({ ...base, stock: [...base.stock, part('s80', [80])] }).neverNeeded).toEqual(['s80']))
  it('small instances are the best there is, by trying every set here too', () => {
    for (let seed = 1; seed <= 12; seed++) {
      const { parts: stock } = madeVan(seed, 3)
      const { parts: catalogue } = madeVan(seed + 100, 6)
      const some = Array.from({ length: 8 }, (_, i) => { const { loads } = madeVan(seed * 50 + i, 1); return { compressor: loads[0], fan: loads[1] } })
      const input: RestockInput = { ...base, stock, catalogue: catalogue.map((p) => ({ ...p, id: `c${p.id}` })), calls: some, most: 2, budget: 6000 }
      const result = restock(input)
      let best = 0
      const sets = [[], ...input.catalogue.map((p) => [p]), ...input.catalogue.flatMap((a, i) => input.catalogue.slice(i + 1).map((b) => [a, b]))]
      for (const set of sets) if (set.reduce((sum, p) => sum + (p.cents ?? 0), 0) <= 6000) best = Math.max(best, restock({ ...input, stock: [...stock, ...set], catalogue: [] }).metBefore)
      expect([seed, result.metAfter, result.bound]).toEqual([seed, best, best])
    }
  })
  it('where not every set is tried, the bound is above what was found and no set passes it', () => {
    const { parts: stock } = madeVan(2, 4)
    const { parts: catalogue } = madeVan(77, 60)
    const some = Array.from({ length: 20 }, (_, i) => { const { loads } = madeVan(900 + i, 1); return { compressor: loads[0], fan: loads[1] } })
    const result = restock({ ...base, stock, catalogue: catalogue.map((p) => ({ ...p, id: `c${p.id}` })), calls: some, most: 4, budget: 30_000 })
    expect(result.metAfter).toBeGreaterThan(result.metBefore)
    expect(result.bound).toBeGreaterThanOrEqual(result.metAfter)
    expect(result.bound).toBeLessThanOrEqual(some.length)
    expect(result.cents).toBeLessThanOrEqual(30_000)
  })
})
