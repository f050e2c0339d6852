import { judgeBench } from './bench'

const METER = { percent: 2, counts: 3, resolution: 0.01 }

it.each([
  // Limits of 5 ± 6 % are 4.7 and 5.3; the meter's half width at 4.9 is 0.098 + 0.03.
  ['inside', { reading: 4.9, rating: { microfarads: 5, tolerancePercent: 6 }, meter: METER }, 'in'],
  ['outside', { reading: 4.2, rating: { microfarads: 5, tolerancePercent: 6 }, meter: METER }, 'out'],
  [
    'at the edge of what the meter tells',
    { reading: 4.75, rating: { microfarads: 5, tolerancePercent: 6 }, meter: METER },
    'uncertain',
  ],
  ['open', { reading: 0.02, rating: { microfarads: 5, tolerancePercent: 6 }, meter: METER }, 'open'],
  [
    'over range',
    { reading: 'OL' as const, rating: { microfarads: 5, tolerancePercent: 6 }, meter: METER },
    'over-range',
  ],
  ['a start capacitor inside its range', { reading: 148, rating: { low: 135, high: 162 } }, 'in'],
  ['a start capacitor exactly at its upper end', { reading: 162, rating: { low: 135, high: 162 } }, 'in'],
  [
    'a start capacitor below its range',
    { reading: 121, rating: { low: 135, high: 162 }, meter: METER },
    'out',
  ],
  ['without a marking', { reading: 7.5 }, null],
] as const)('%s', (_, reading, verdict) => expect(judgeBench(reading).verdict).toBe(verdict))

it.each([
  [15_000, 'whole'],
  [14_200, 'whole'],
  ['OL' as const, 'open'],
  [2_000_000, 'open'],
  [4_700, 'off-value'],
  // 15 kΩ ± 35 % are 9,750 and 20,250; above twenty times it there is none to speak of.
  [9_750, 'whole'],
  [9_700, 'off-value'],
  [20_250, 'whole'],
  [20_300, 'off-value'],
  [300_000, 'off-value'],
  [300_001, 'open'],
] as const)('a bleed resistor of %s Ω is %s', (bleedOhms, bleed) =>
  expect(judgeBench({ reading: 148, rating: { low: 135, high: 162 }, bleedOhms }).bleed).toBe(bleed),
)
