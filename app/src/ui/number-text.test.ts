import { numberFrom, pressKey } from './number-text'

const type = (keys: string) =>
  [...keys].reduce((text, key) => pressKey(text, key === '<' ? 'backspace' : key), '')

it.each([
  ['7.5', '7.5'],
  ['.5', '0.5'],
  ['007', '7'],
  ['1.2.3', '1.23'],
  ['12<3', '13'],
  ['<<', ''],
  ['123456789', '1234567'],
  ['4x0', '40'],
])('keys %s make %s', (keys, text) => expect(type(keys)).toBe(text))
it.each([
  ['7.5', 7.5],
  ['40.', 40],
  ['', null],
  ['.', null],
  ['0', 0],
  ['1e5', null],
  ['-3', null],
])('%s is worth %s', (text, value) => expect(numberFrom(text)).toBe(value))
