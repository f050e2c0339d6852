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

describe('the words of a reading', () => {
  const RUN = { microfarads: 5, tolerancePercent: 6 }
  it('with what the meter leaves open and the limits: 4.9 ± (2 % + 3 counts) is 4.772 to 5.028, 5 ± 6 % is 4.7 to 5.3', () => {
    const found = judgeBench({ reading: 4.9, rating: RUN, meter: METER })
    expect(found).toEqual({
      microfarads: 4.9,
      low: expect.closeTo(4.772, 9),
      high: expect.closeTo(5.028, 9),
      verdict: 'in',
      limits: { low: expect.closeTo(4.7, 9), high: expect.closeTo(5.3, 9) },
      bleed: null,
      words: 'Inside its marking.',
    })
  })
  it.each([
    [4.2, 'Outside its marking: replace it.'],
    [
      4.75,
      'This meter cannot tell: the limit lies inside its uncertainty. A known-good capacitor in its place does.',
    ],
    [0.02, 'Open: it reads next to nothing. Replace it.'],
    [
      'OL' as const,
      'The meter shows OL: shorted, or beyond its range. Ohms between the posts tell which: near 0 Ω is shorted.',
    ],
  ])('%s', (reading, words) => expect(judgeBench({ reading, rating: RUN, meter: METER }).words).toBe(words))
  it('without a marking says that, and has no limits', () =>
    expect(judgeBench({ reading: 7.5 })).toEqual({
      microfarads: 7.5,
      low: 7.5,
      high: 7.5,
      verdict: null,
      limits: null,
      bleed: null,
      words: 'No marking to hold it against.',
    }))
  it.each([
    [15_000, 'Inside its marking. Its bleed resistor is whole.'],
    [
      'OL' as const,
      'Inside its marking. Its bleed resistor is open or missing: it stays charged after every start.',
    ],
    [4_700, 'Inside its marking. Its bleed resistor is not the usual 15 kΩ: compare with the part.'],
  ])('of a start capacitor, a resistor of %s', (bleedOhms, words) => {
    const found = judgeBench({ reading: 148, rating: { low: 135, high: 162 }, bleedOhms })
    expect([found.words, found.limits]).toEqual([words, { low: 135, high: 162 }])
  })
  it('over range there is no figure, and its resistor is still told', () =>
    expect(judgeBench({ reading: 'OL', rating: { low: 135, high: 162 }, bleedOhms: 15_000 })).toMatchObject({
      microfarads: null,
      low: null,
      high: null,
      limits: { low: 135, high: 162 },
      words: expect.stringMatching(/^The meter shows OL: .* shorted\. Its bleed resistor is whole\.$/),
    }))
  it('just below half a microfarad is open; at it there is something', () => {
    expect(judgeBench({ reading: 0.49 }).verdict).toBe('open')
    expect(judgeBench({ reading: 0.5 }).verdict).toBeNull()
  })
})
