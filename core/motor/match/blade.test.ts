import fc from 'fast-check'
import type { Blade } from '../blade'
import { BLANK_BLADE } from '../blade'
import { matchBlades, type BladeCriterion } from './blade'
import type { RowVerdict } from './criterion'

const OLD: Blade = {
  diameterInches: 22,
  pitchDegrees: 27,
  blades: 3,
  widthInches: 4,
  boreInches: 0.5,
  hand: 'CW',
}
const match = (here: Partial<Blade>, old: Partial<Blade> = {}, shaft: number | null = 0.5) =>
  matchBlades({ ...OLD, ...old }, shaft, [{ id: 'b', ...OLD, ...here }])[0]!
const rowOf = (m: ReturnType<typeof match>, criterion: BladeCriterion) =>
  m.rows.find((r) => r.criterion === criterion)!

// Common practice: matched in diameter, pitch, number, hand, bore and width; narrower moves less air, larger strikes the shroud.
const CASES: readonly [BladeCriterion, Partial<Blade>, RowVerdict][] = [
  ['diameter', { diameterInches: 22 }, 'pass'],
  ['diameter', { diameterInches: 22.1 }, 'pass'],
  ['diameter', { diameterInches: 22.25 }, 'fail'],
  ['diameter', { diameterInches: 21.75 }, 'watch'],
  ['diameter', { diameterInches: 20 }, 'fail'],
  ['pitch', { pitchDegrees: 24 }, 'watch'],
  ['pitch', { pitchDegrees: 29 }, 'watch'],
  ['pitch', { pitchDegrees: 33 }, 'fail'],
  ['blades', { blades: 4 }, 'watch'],
  ['blades', { blades: 2 }, 'watch'],
  ['width', { widthInches: 3 }, 'watch'],
  ['width', { widthInches: 5 }, 'watch'],
  ['bore', { boreInches: 0.375 }, 'fail'],
  ['bore', { boreInches: 0.625 }, 'watch'],
  ['hand', { hand: 'CCW' }, 'fail'],
  ['hand', { hand: null }, 'unknown'],
  ['width', { widthInches: null }, 'unknown'],
]
it.each(CASES)('%s with %j is %s', (criterion, here, verdict) =>
  expect(rowOf(match(here), criterion).verdict).toBe(verdict),
)

it('the same blade fits; a narrower one says what to check', () => {
  expect(match({})).toMatchObject({ verdict: 'fits', sentence: 'The same blade in every figure.' })
  expect(match({ widthInches: 3 }).sentence).toContain('head pressure and amps')
})
it('the bore goes by the new motor’s shaft, not the old hub', () => {
  expect(rowOf(match({}, { boreInches: 0.5 }, 0.625), 'bore').verdict).toBe('fail')
  expect(rowOf(match({}, {}, null), 'bore')).toMatchObject({
    verdict: 'unknown',
    reason: 'Measure the motor’s shaft.',
  })
})
it('one fail is not outvoted, and ranks behind a blank', () => {
  const ranked = matchBlades(OLD, 0.5, [
    { id: 'a', ...OLD, hand: 'CCW' },
    { id: 'b', ...BLANK_BLADE },
    { id: 'c', ...OLD },
  ])
  expect(ranked.map((m) => [m.id, m.verdict])).toEqual([
    ['c', 'fits'],
    ['b', 'unknown'],
    ['a', 'no'],
  ])
})
it('a missing figure never turns a fail into a pass', () => {
  const some = (a: number, b: number) => fc.option(fc.double({ min: a, max: b, noNaN: true }), { nil: null })
  const blade = fc.record({
    diameterInches: some(10, 40),
    pitchDegrees: some(10, 45),
    blades: fc.option(fc.integer({ min: 2, max: 8 }), { nil: null }),
    widthInches: some(1, 10),
    boreInches: some(0.2, 1),
    hand: fc.constantFrom('CW' as const, 'CCW' as const, null),
  })
  fc.assert(
    fc.property(blade, blade, fc.constantFrom(...Object.keys(BLANK_BLADE)), (old, here, key) => {
      const full = match(here, old)
      const less = match({ ...here, [key]: null }, old)
      for (const row of full.rows) {
        const after = rowOf(less, row.criterion).verdict
        expect(after === row.verdict || after === 'unknown').toBe(true)
      }
      expect(full.verdict === 'no' && less.verdict === 'fits').toBe(false)
    }),
  )
})

describe('what a row of a blade says', () => {
  const told = (
    here: Partial<Blade>,
    criterion: BladeCriterion,
    old: Partial<Blade> = {},
    shaft?: number | null,
  ) => {
    const { verdict, figures, reason } = rowOf(match(here, old, shaft === undefined ? 0.5 : shaft), criterion)
    return [verdict, figures, reason]
  }
  it.each<[BladeCriterion, Partial<Blade>, RowVerdict, string, string]>([
    ['diameter', {}, 'pass', '22 in before, 22 in here', 'The same.'],
    [
      'diameter',
      { diameterInches: 23 },
      'fail',
      '22 in before, 23 in here',
      'Larger: it would strike the shroud.',
    ],
    [
      'diameter',
      { diameterInches: 21.5 },
      'watch',
      '22 in before, 21.5 in here',
      'Smaller: air slips back round its tips. Check head pressure and amps.',
    ],
    [
      'diameter',
      { diameterInches: 21.4 },
      'fail',
      '22 in before, 21.4 in here',
      'Too small for the opening: much air slips back round its tips.',
    ],
    ['bore', { boreInches: 0.506 }, 'pass', '0.5 in shaft, 0.506 in here', 'The hub fits the shaft.'],
    [
      'bore',
      { boreInches: 0.507 },
      'watch',
      '0.5 in shaft, 0.507 in here',
      'The bore is larger than the shaft: only with a bushing made for it.',
    ],
    [
      'bore',
      { boreInches: 0.493 },
      'fail',
      '0.5 in shaft, 0.493 in here',
      'The bore is smaller than the shaft.',
    ],
    ['pitch', { pitchDegrees: 28 }, 'pass', '27° before, 28° here', 'The same.'],
    ['pitch', { pitchDegrees: 26 }, 'pass', '27° before, 26° here', 'The same.'],
    [
      'pitch',
      { pitchDegrees: 25 },
      'watch',
      '27° before, 25° here',
      'Flatter: it moves less air. Check head pressure and amps.',
    ],
    [
      'pitch',
      { pitchDegrees: 30 },
      'watch',
      '27° before, 30° here',
      'Steeper: it asks for more power. Check the amps.',
    ],
    [
      'pitch',
      { pitchDegrees: 30.5 },
      'fail',
      '27° before, 30.5° here',
      'Much steeper: it would overload the motor.',
    ],
    ['blades', {}, 'pass', '3 blades before, 3 blades here', 'The same.'],
    [
      'blades',
      { blades: 2 },
      'watch',
      '3 blades before, 2 blades here',
      'Fewer blades move less air. Check head pressure and amps.',
    ],
    [
      'blades',
      { blades: 4 },
      'watch',
      '3 blades before, 4 blades here',
      'More blades ask for more power. Check the amps.',
    ],
    ['width', { widthInches: 4.25 }, 'pass', '4 in before, 4.25 in here', 'The same.'],
    [
      'width',
      { widthInches: 4.3 },
      'watch',
      '4 in before, 4.3 in here',
      'Wider: it asks for more power. Check the amps, and that it clears the coil.',
    ],
    [
      'width',
      { widthInches: 3.7 },
      'watch',
      '4 in before, 3.7 in here',
      'Narrower: it moves less air. Check head pressure and amps.',
    ],
    ['hand', {}, 'pass', 'CW before, CW here, seen from where the air comes out', 'The same hand.'],
    [
      'hand',
      { hand: 'CCW' },
      'fail',
      'CW before, CCW here, seen from where the air comes out',
      'The other hand: turning as the old one, it would blow the wrong way.',
    ],
    [
      'hand',
      { hand: null },
      'unknown',
      'CW before, not known here, seen from where the air comes out',
      'Look which edge leads on this blade.',
    ],
    [
      'width',
      { widthInches: null },
      'unknown',
      '4 in before; not known of this one',
      'Measure the width of this blade.',
    ],
    [
      'blades',
      { blades: null },
      'unknown',
      '3 blades before; not known of this one',
      'Count the blades of this blade.',
    ],
    [
      'bore',
      { boreInches: null },
      'unknown',
      '0.5 in shaft; not known of this one',
      'Measure the bore of this blade.',
    ],
  ])('%s of %j', (criterion, here, ...row) => expect(told(here, criterion)).toEqual(row))
  it('what lacks of the old one', () => {
    expect(told({}, 'hand', { hand: null })).toEqual([
      'unknown',
      'not known before, CW here, seen from where the air comes out',
      'Look which edge leads on the old blade.',
    ])
    expect(told({}, 'blades', { blades: null })).toEqual([
      'unknown',
      'not measured; 3 blades here',
      'Count the blades of the old blade.',
    ])
    expect(told({}, 'pitch', { pitchDegrees: null })).toEqual([
      'unknown',
      'not measured; 27° here',
      'Measure the pitch of the old blade.',
    ])
    expect(told({}, 'bore', {}, null)).toEqual([
      'unknown',
      'not measured; 0.5 in here',
      'Measure the motor’s shaft.',
    ])
  })
  it('the sentence is of what decides: every fail, else what is open, else what is watched', () => {
    expect(match({ widthInches: 3, hand: 'CCW', diameterInches: 23, pitchDegrees: null }).sentence).toBe(
      'Larger: it would strike the shroud. The other hand: turning as the old one, it would blow the wrong way.',
    )
    expect(match({ widthInches: 3, pitchDegrees: null })).toMatchObject({
      verdict: 'unknown',
      sentence: 'Measure the pitch of this blade.',
    })
    expect(match({ widthInches: 3, blades: 4 })).toMatchObject({
      verdict: 'watch',
      sentence:
        'More blades ask for more power. Check the amps. Narrower: it moves less air. Check head pressure and amps.',
    })
  })
  it('in order: fewer fails, then fewer blanks, then less to watch, then by name', () => {
    const order = (...blades: (Partial<Blade> & { id: string })[]) =>
      matchBlades(
        OLD,
        0.5,
        blades.map((b) => ({ ...OLD, ...b })),
      ).map((m) => m.id)
    expect(
      order(
        { id: 'a', hand: 'CCW', boreInches: 0.4 },
        { id: 'b', hand: 'CCW' },
        { id: 'c', pitchDegrees: null, widthInches: null },
        { id: 'd', pitchDegrees: null },
        { id: 'e', blades: 4, widthInches: 3 },
        { id: 'f', blades: 4 },
        { id: 'h' },
        { id: 'g' },
      ),
    ).toEqual(['g', 'h', 'f', 'e', 'd', 'c', 'b', 'a'])
    expect(order({ id: 'a', pitchDegrees: null, blades: 4 }, { id: 'b', pitchDegrees: null })).toEqual([
      'b',
      'a',
    ])
    expect(order({ id: 'a', hand: 'CCW', blades: null }, { id: 'b', hand: 'CCW', widthInches: 3 })).toEqual([
      'b',
      'a',
    ])
  })
})
