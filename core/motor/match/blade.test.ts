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
    reason: 'Measure the bore of the motor’s shaft.',
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
