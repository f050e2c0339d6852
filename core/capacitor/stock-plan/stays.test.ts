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

it('every refusal names the load, what it reads and what is asked for', () => {
  const why = (low: number, high: number, wanted = WANTED, more: Partial<OldSide> = {}) =>
    judgeStays(side(low, high, more), wanted, 6).why
  expect(why(44, 45, WANTED, { volts: 330 })).toBe(
    'The old can does not stay for HERM: it is rated 330 V, and 370 V is asked for.',
  )
  expect(why(40, 41)).toBe(
    'The old can does not stay for HERM: it reads 40 to 41 µF, outside its marking of 45 µF ± 6 %.',
  )
  expect(why(41, 44)).toBe(
    'The old can does not stay for HERM: by this meter it may read 41 to 44 µF; whether that is inside its marking cannot be told.',
  )
  expect(why(44, 45, { microfarads: 40, volts: 370 })).toBe(
    'The old can does not stay for HERM: it reads 44 to 45 µF, and 40 µF ± 6 % is asked for.',
  )
  expect(why(44, 45)).toBe(
    'The old can may stay for HERM: it reads 44 to 45 µF, inside its marking. A new one is the rule; what stays is recorded with its reading.',
  )
})
it('volts exactly as asked for are enough; a value at either end of what is asked for is inside', () => {
  expect(judgeStays(side(44, 45, { volts: 370 }), WANTED, 6).part).not.toBeNull()
  // 43 + 6 % is 45.58, 47.5 - 6 % is 44.65.
  expect(judgeStays(side(45, 45.58), { microfarads: 43, volts: 370 }, 6).part).not.toBeNull()
  expect(judgeStays(side(45, 45.59), { microfarads: 43, volts: 370 }, 6).part).toBeNull()
  expect(judgeStays(side(44.65, 45), { microfarads: 47.5, volts: 370 }, 6).part).not.toBeNull()
  expect(judgeStays(side(44.64, 45), { microfarads: 47.5, volts: 370 }, 6).part).toBeNull()
})
it('what stays is a part for its load alone, that costs nothing known and has the middle of its reading', () =>
  expect(judgeStays(side(44.1, 44.9), WANTED, 6).part).toEqual({
    id: 'old-can',
    name: 'Old dual',
    volts: 440,
    tolerancePercent: 6,
    quantity: 1,
    cents: null,
    keptFor: 'HERM',
    sections: [{ id: 'HERM', microfarads: 45, measured: 44.5, dead: false }],
  }))
