import fc from 'fast-check'
import { distanceToNearest, tailTotals } from './reachable'
import { isBetter, type Preference, type Score } from './score'
import { searchPlan } from './search'

const values = fc
  .array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 9 })
  .map((list) => list.sort((a, b) => b - a))

const subsetTotals = (list: readonly number[]): number[] => {
  const totals = new Set<number>()
  for (let mask = 0; mask < 2 ** list.length; mask++)
    totals.add(list.reduce((sum, value, i) => (mask & (1 << i) ? sum + value : sum), 0))
  return [...totals].sort((a, b) => a - b)
}

describe('the totals of a tail', () => {
  it('are those of all its subsets, sorted, without repeats', () =>
    fc.assert(
      fc.property(values, (list) => {
        const tables = tailTotals(list, 0)
        for (let i = 0; i <= list.length; i++)
          expect([...(tables[i] as Float64Array)]).toEqual(subsetTotals(list.slice(i)))
      }),
      { numRuns: 100, seed: 8 },
    ))
  it('tell how near a wanted total can be met', () =>
    fc.assert(
      fc.property(values, fc.integer({ min: -20, max: 300 }), (list, wanted) => {
        const totals = subsetTotals(list)
        expect(distanceToNearest(Float64Array.from(totals), wanted)).toBe(
          Math.min(...totals.map((t) => Math.abs(t - wanted))),
        )
      }),
      { numRuns: 200, seed: 9 },
    ))
})

describe('which score is better', () => {
  const score = fc.record({
    worst: fc.constantFrom(0, 0.02, 0.05),
    jumpers: fc.nat(3),
    sum: fc.constantFrom(0, 0.03, 0.06),
  })
  const prefer = fc.constantFrom<Preference>('exact', 'simple')
  it('is an order: never both ways, and of three in a row the ends too', () =>
    fc.assert(
      fc.property(score, score, score, prefer, (a, b, c, p) => {
        expect(isBetter(a, b, p) && isBetter(b, a, p)).toBe(false)
        if (isBetter(a, b, p) && isBetter(b, c, p)) expect(isBetter(a, c, p)).toBe(true)
      }),
      { seed: 10 },
    ))
  const close: Score = { worst: 0, jumpers: 2, sum: 0 }
  const short: Score = { worst: 0.03, jumpers: 0, sum: 0.03 }
  it('exact takes the closer, simple the one with fewer jumpers', () => {
    expect([isBetter(close, short, 'exact'), isBetter(close, short, 'simple')]).toEqual([true, false])
  })
  it('the sum decides only between equals', () => {
    expect(isBetter({ ...close, sum: 0.01 }, { ...close, sum: 0.02 }, 'exact')).toBe(true)
    expect(isBetter({ ...close, sum: 0.01 }, { ...short, sum: 0 }, 'simple')).toBe(false)
  })
})

describe('the search', () => {
  const problem = { values: [20, 10, 5, 5], targets: [25, 10], tolerancePercent: 6, prefer: 'exact' as const }
  it('gives every load a section and no section to two loads', () => {
    const found = searchPlan(problem)
    expect(found?.score).toEqual({ worst: 0, jumpers: 1, sum: 0 })
    expect(new Set(found?.assignment)).toEqual(new Set([0, 1, 2]))
  })
  it('has no answer in the simple order when nothing is within tolerance', () =>
    expect(searchPlan({ ...problem, targets: [3, 10], prefer: 'simple' })).toBeNull())
  it('says so when it was stopped early', () => expect(searchPlan(problem, 1)?.proven ?? false).toBe(false))
})
