import { judgeStays, type OldSide } from './stays'

const side = (low: number, high: number, more: Partial<OldSide> = {}): OldSide => ({
  load: 'HERM',
  name: 'Old dual',
  volts: 440,
  microfarads: 45,
  tolerancePercent: 6,
  reading: { low, high },
  ...more,
})
const WANTED = { microfarads: 45, volts: 370 }

it('stays when its reading is sure, inside its marking and what is asked for', () => {
  expect(judgeStays(side(44, 45), WANTED, 6)).toMatchObject({
    part: { keptFor: 'HERM', sections: [{ id: 'HERM', microfarads: 45, measured: 44.5 }] },
    why: expect.stringContaining('recorded with its reading'),
  })
})
it.each([
  ['rated too low', side(44, 45, { volts: 330 }), WANTED, 'it is rated 330 V, and 370 V is asked for.'],
  ['outside its marking', side(40, 41), WANTED, 'outside its marking of 45 µF ± 6 %.'],
  ['not to be told', side(41, 44), WANTED, 'cannot be told.'],
  [
    'another value than asked for',
    side(44, 45),
    { microfarads: 40, volts: 370 },
    '40 µF ± 6 % is asked for.',
  ],
])('does not stay: %s', (_, old, wanted, words) => {
  const { part, why } = judgeStays(old, wanted, 6)
  expect(part).toBeNull()
  expect(why).toContain(words)
})
it('exactly at the lower limit of its marking is inside (42.3 of 45 at 6 %)', () =>
  expect(judgeStays(side(42.3, 44), WANTED, 6).part).not.toBeNull())
