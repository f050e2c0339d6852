import { oneWanted, pastedText, pressKey, readPad, turnSign } from './number-text'

const type = (keys: string) =>
  [...keys].reduce((text, key) => pressKey(text, key === '<' ? 'backspace' : key), '')

it.each([
  ['7.5', '7.5'],
  ['7,5', '7.5'],
  ['.5', '0.5'],
  ['007', '7'],
  ['1.2.3', '1.2.3'],
  ['12<3', '13'],
  ['<<', ''],
  ['12345678901', '1234567890'],
  ['4x0', '40'],
  ['40/5', '40/5'],
  ['1e3', '1e3'],
  ['-5', '-5'],
])('keys %s are shown as %s', (keys, text) => expect(type(keys)).toBe(text))
it.each([
  ['7.5', 7.5],
  ['40.', 40],
  ['0', 0],
])('%s is worth %s', (text, value) => expect(readPad(text)).toEqual({ kind: 'one', value }))
it.each([
  ['40/5', [40, 5]],
  ['35+5', [35, 5]],
  ['45/7.5', [45, 7.5]],
])('%s is the two of a dual', (text, values) => expect(readPad(text)).toEqual({ kind: 'two', values }))
it.each([
  ['', 'Enter a number first.'],
  ['.', '“.” is not a number.'],
  ['1.2.3', '“1.2.3” is not a number.'],
  ['40/5/3', '“40/5/3” is not a number.'],
  ['40/', '“40/” is not a number.'],
  ['1e3', '“1e3”: write the figure in full, in digits.'],
  ['-3', '“-3”: no figure here is below zero.'],
  ['1234567890', 'That is more than a figure here can have.'],
  ['40 5', '“40 5” is not a number.'],
  ['1,075', '“1,075” is not a number.'],
])('%s is refused: %s', (text, why) => expect(readPad(text)).toEqual({ kind: 'none', why }))
it.each([
  ['−3.5', { kind: 'one', value: -3.5 }],
  ['-40', { kind: 'one', value: -40 }],
  ['−0', { kind: 'one', value: 0 }],
  ['−', { kind: 'none', why: 'Enter a number first.' }],
  ['−40/5', { kind: 'two', values: [40, 5] }],
  ['--3', { kind: 'none', why: '“-3”: no figure here is below zero.' }],
])('where a temperature is wanted, %s is read with its sign', (text, read) =>
  expect(readPad(text, true)).toEqual(read),
)
it('the key for below zero turns the sign, and turns it back', () => {
  expect([turnSign('3'), turnSign('−3'), turnSign('-3'), turnSign('')]).toEqual(['−3', '3', '3', '−'])
})
it('two figures where one is wanted are named', () =>
  expect(oneWanted([40, 5])).toBe('That is two figures, 40 and 5: enter the one that belongs here.'))
it.each([
  [' 7.5 ', '7.5'],
  ['7,5 µF', '7.5'],
  ['40/5 MFD', '40/5'],
  ['230V', '230'],
  ['35 + 5', '35+5'],
  ['twelve', 'twelve'],
  ['40 5', '40 5'],
  ['6 1/2', '6 1/2'],
  ['1,075 rpm', '1,075'],
  ['7,25', '7.25'],
])('pasted %s is %s', (text, shown) => expect(pastedText(text)).toBe(shown))
