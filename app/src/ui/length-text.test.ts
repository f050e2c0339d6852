import {
  draftOf,
  draftText,
  EIGHTHS,
  eighthText,
  inchesOf,
  nudge,
  pressDigit,
  readTyped,
  typeLength,
} from './length-text'

it('digits make whole inches, keys of eighths the fraction, and the two are one length', () => {
  const draft = { ...pressDigit(pressDigit(draftOf(null), '1'), '2'), parts: 12 }
  expect([inchesOf(draft), draftText(draft)]).toEqual([12.375, '12 3/8'])
  expect(pressDigit(draft, 'backspace').whole).toBe('1')
})
it('a mark further carries over the inch, and back stops at nothing', () => {
  expect(draftText(nudge(draftOf(2 + 31 / 32), 1))).toBe('3')
  expect(draftText(nudge(draftOf(0), -1))).toBe('0')
})
it('names the eighths in lowest terms', () =>
  expect(EIGHTHS.map(eighthText)).toEqual(['0', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8']))
it('takes up a length that was entered', () => expect(draftOf(5.34375)).toEqual({ whole: '5', parts: 11 }))

it.each([
  ['6 1/2', 6.5],
  ['6-1/2', 6.5],
  ['6.5', 6.5],
  ['6,5', 6.5],
  ['1/2', 0.5],
  ['12', 12],
])('typed as %s it is %d in', (keys, inches) =>
  expect(readTyped([...keys].reduce(typeLength, ''))).toEqual({ inches }),
)
it.each(['6 1/', '6 3/2', '-', '1/0', ''])('typed as “%s” it is no length, and says so', (keys) =>
  expect(readTyped([...keys].reduce(typeLength, ''))).toEqual({
    why: `“${keys}” is no length: type it as 6 1/2 or 6.5.`,
  }),
)
it('the last key is taken back', () => expect(typeLength('6 1', 'backspace')).toBe('6 '))
