import { draftOf, draftText, EIGHTHS, eighthText, inchesOf, nudge, pressDigit } from './length-text'

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
