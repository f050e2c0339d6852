import fc from 'fast-check'
import { figure, percentText, ohmsText } from './display'
import { isWithin, toMicrofarads, toPicofarads } from './exact'
import { divideIntervals, readingInterval } from './interval'

describe('intervals', () => {
  it('add percent of reading and counts of the last digit', () => {
    // 2 % of 1.50 is 0.03; 5 counts of 0.01 are 0.05.
    const { low, high } = readingInterval(1.5, { percent: 2, counts: 5, resolution: 0.01 })
    expect([low, high].map((x) => x.toFixed(4))).toEqual(['1.4200', '1.5800'])
  })
  it('never go below zero', () =>
    expect(readingInterval(0.02, { percent: 0, counts: 5, resolution: 0.01 }).low).toBe(0))
  it('refuse a divisor that is zero altogether', () =>
    expect(() => divideIntervals({ low: 1, high: 2 }, { low: 0, high: 0 })).toThrow(RangeError))
  it('hold every quotient of their members', () =>
    fc.assert(
      fc.property(
        fc.tuple(
          fc.nat(1000),
          fc.nat(1000),
          fc.integer({ min: 1, max: 1000 }),
          fc.nat(1000),
          fc.double({ min: 0, max: 1, noNaN: true }),
          fc.double({ min: 0, max: 1, noNaN: true }),
        ),
        ([a, da, b, db, s, t]) => {
          const q = divideIntervals({ low: a, high: a + da }, { low: b, high: b + db })
          const member = (a + s * da) / (b + t * db)
          expect(member).toBeGreaterThanOrEqual(q.low * (1 - 1e-12))
          expect(member).toBeLessThanOrEqual(q.high * (1 + 1e-12))
        },
      ),
      { seed: 3 },
    ))
})

describe('whole picofarads', () => {
  it('come back as the microfarads they were', () =>
    expect([2.5, 7.5, 17.5, 0.01, 80].map((m) => toMicrofarads(toPicofarads(m)))).toEqual([
      2.5, 7.5, 17.5, 0.01, 80,
    ]))
  it('have a limit that is inside and a next one that is not', () => {
    expect(isWithin(10_600_000, 10_000_000, 6)).toBe(true)
    expect(isWithin(10_600_001, 10_000_000, 6)).toBe(false)
  })
})

it('writes figures as people read them', () => {
  expect([7.5, 7.504, -6.04, 0, -0.001, 100].map((x) => figure(x))).toEqual([
    '7.5',
    '7.5',
    '−6.04',
    '0',
    '0',
    '100',
  ])
  expect([4.2, -12, 0.01].map(percentText)).toEqual(['+4.2 %', '−12 %', '0 %'])
  expect(figure(NaN)).toBe('–')
})

it('ohms are said in ohms, kilohms and megohms', () =>
  expect([0, 18.444, 999, 1000, 1250, 500_000, 999_900, 1_000_000, 2_540_000].map(ohmsText)).toEqual([
    '0 Ω',
    '18.4 Ω',
    '999 Ω',
    '1 kΩ',
    '1.25 kΩ',
    '500 kΩ',
    '999.9 kΩ',
    '1 MΩ',
    '2.54 MΩ',
  ]))
