import fc from 'fast-check'
import { USUAL_AIMS } from '../stock-plan/aims'
import type { StockPart } from '../stock-plan/part'
import { planFromStock } from '../stock-plan/plan'
import { partOf } from '../stock-plan/testing/parts'
import { waysToMeet } from './ways'

const part = partOf
const LOADS = [
  { load: 'A', microfarads: 40, volts: 370 },
  { load: 'B', microfarads: 7.5, volts: 370 },
]
const COMMON = { loads: LOADS, tolerancePercent: 6, mostParts: 2 }

it('names each least set of purchases once, the stock counted in', () => {
  const ways = waysToMeet({
    ...COMMON,
    stock: [part('s40', [40])],
    catalogue: [part('s7', [7.5]), part('d', [40, 7.5]), part('x', [80])],
  })
  expect([ways.met, [...ways.sets].sort((a, b) => (a[0] ?? 0) - (b[0] ?? 0)), ways.whole]).toEqual([
    false,
    [[0], [1]],
    true,
  ])
})
it('is met already where the stock meets it, and by nothing where nothing fits', () => {
  expect(waysToMeet({ ...COMMON, stock: [part('d', [40, 7.5])], catalogue: [part('s', [5])] })).toMatchObject(
    { met: true, sets: [] },
  )
  expect(waysToMeet({ ...COMMON, stock: [], catalogue: [part('x', [80])] })).toMatchObject({
    met: false,
    sets: [],
    whole: true,
  })
})
it('a call that asks for nothing is met', () =>
  expect(waysToMeet({ ...COMMON, loads: [], stock: [], catalogue: [] }).met).toBe(true))
it('a set meets the call just where a plan with it does (property, every subset planned anew)', () => {
  const values = fc.array(fc.constantFrom(5, 7.5, 20, 40), { minLength: 1, maxLength: 3 })
  fc.assert(
    fc.property(
      fc.array(values, { minLength: 0, maxLength: 2 }),
      fc.array(values, { minLength: 1, maxLength: 4 }),
      (stockValues, catalogueValues) => {
        const stock = stockValues.map((list, i) => part(`s${i}`, list))
        const catalogue = catalogueValues.map((list, i) => part(`c${i}`, list))
        const { met, sets } = waysToMeet({ ...COMMON, stock, catalogue })
        for (let mask = 0; mask < 2 ** catalogue.length; mask++) {
          const bought = catalogue.flatMap((_, i) => (mask & (1 << i) ? [i] : []))
          const planned =
            planFromStock({
              ...COMMON,
              parts: [...stock, ...bought.map((i) => catalogue[i] as StockPart)],
              aims: USUAL_AIMS,
              keep: 1,
            }).plans.length > 0
          expect(met || sets.some((set) => set.every((i) => bought.includes(i)))).toBe(planned)
        }
      },
    ),
    { numRuns: 60 },
  )
})
it('one odd can on the van, whose ways are too many to keep, hides nothing that the rest can do', () => {
  const odd = part(
    'odd',
    Array.from({ length: 24 }, (_, i) => 1.37 + 0.713 * i),
  )
  expect(waysToMeet({ ...COMMON, stock: [odd, part('d', [40, 7.5])], catalogue: [] }).met).toBe(true)
  const { met, sets, whole } = waysToMeet({
    ...COMMON,
    tolerancePercent: 0,
    stock: [part('s40', [40])],
    catalogue: [part('s7', [7.5]), odd],
  })
  expect([met, sets.some((s) => s.join() === '0'), whole]).toEqual([false, true, false])
})
