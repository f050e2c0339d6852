// The simulated meter's sheet, read off its display: which range it takes, what that range shows, and how far it may be out.
import fc from 'fast-check'
import type { Quantity } from '@oak/core/meter/measurement'
import { readingInterval } from '@oak/core/quantity/interval'
import { readMeter } from './simulated-meter'

/** Three draws in the middle: no noise, so that what is shown is the truth, rounded to the range's last digit. */
const still = () => 0.5

/** Each range by its end: quantity, end, last digit, percent, counts. */
const SHEET: readonly [Quantity, readonly [number, number][], number, number][] = [
  [
    'volts',
    [
      [60, 0.01],
      [600, 0.1],
      [1000, 1],
    ],
    1,
    3,
  ],
  [
    'amps',
    [
      [6, 0.01],
      [60, 0.01],
      [600, 0.1],
    ],
    2,
    5,
  ],
  [
    'microfarads',
    [
      [6, 0.01],
      [60, 0.01],
      [600, 0.1],
      [2000, 1],
    ],
    1.9,
    4,
  ],
  [
    'ohms',
    [
      [600, 0.1],
      [6e3, 1],
      [6e4, 10],
      [6e5, 100],
      [6e6, 1e3],
      [4e7, 1e4],
    ],
    0.9,
    3,
  ],
  ['celsius', [[400, 0.1]], 1, 10],
]

describe.each(SHEET)('%s', (quantity, ranges, percent, counts) => {
  it('are read on the smallest range that holds them, to its last digit', () => {
    ranges.forEach(([end, resolution], i) => {
      const accuracy = { percent, counts, resolution }
      expect(readMeter(quantity, end, still)).toEqual({ value: end, range: end, accuracy })
      const below = (ranges[i - 1]?.[0] ?? 0) + 3.2 * resolution
      expect(readMeter(quantity, below, still)).toMatchObject({ range: end, accuracy })
      expect(readMeter(quantity, below, still).value).toBeCloseTo(below - 0.2 * resolution, 6)
    })
  })
  it('beyond the last range are OL', () => {
    const [end] = ranges.at(-1) as [number, number]
    expect(readMeter(quantity, end * 1.001, still)).toMatchObject({ value: 'OL', range: end })
  })
})

it('strays by a third of its accuracy at the most, to either side', () => {
  // 1 % of 100 V and two counts of 0.1 V (rounding takes the third) are 1.2 V; 0.35 of that is 0.42 V.
  expect([0, 1].map((draw) => readMeter('volts', 100, () => draw).value)).toEqual([99.6, 100.4])
})
it('at nothing flickers upward only, by a digit or two', () => {
  // Nine counts of 0.1 °C and no percent: a fifth of 0.9 is 0.18, shown as 0.2.
  expect([0, 0.5, 1].map((draw) => readMeter('celsius', 0, () => draw).value)).toEqual([0.2, 0, 0.2])
})
it('with its leads on nothing shows what an open pair of leads shows', () => {
  const shown = (['volts', 'amps', 'microfarads', 'ohms', 'celsius'] as const).map((quantity) => [
    quantity,
    readMeter(quantity, undefined, still).value,
  ])
  expect(Object.fromEntries(shown)).toEqual({ volts: 0, amps: 0, microfarads: 0, ohms: 'OL', celsius: 24 })
})

const quantity = fc.constantFrom<Quantity>('volts', 'amps', 'microfarads', 'ohms', 'celsius')
it('stays within the accuracy it states', () =>
  fc.assert(
    fc.property(
      quantity,
      fc.double({ min: 0, max: 500, noNaN: true }),
      fc.infiniteStream(fc.double({ min: 0, max: 0.999, noNaN: true })),
      (q, truth, stream) => {
        const { value, accuracy } = readMeter(q, truth, () => stream.next().value as number)
        if (value === 'OL') return
        const { low, high } = readingInterval(value, accuracy)
        expect(truth).toBeGreaterThanOrEqual(low - 1e-9)
        expect(truth).toBeLessThanOrEqual(high + 1e-9)
      },
    ),
    { seed: 9, numRuns: 2000 },
  ))
