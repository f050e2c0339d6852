import fc from 'fast-check'
import { inchText, lengthText, readInches } from './inches'

it.each([
  [1.375, '1 3/8 in'],
  [0.5, '1/2 in'],
  [2, '2 in'],
  [0, '0 in'],
  [-0.03125, '−1/32 in'],
  [0.96875, '31/32 in'],
  [0.99, '1 in'],
  [-0.001, '0 in'],
  [5 + 11 / 32, '5 11/32 in'],
])('%f reads %s', (inches, text) => expect(inchText(inches)).toBe(text))
it('is exact for every mark of a tape, and never further off than half a mark', () => {
  for (let n = -200; n <= 200; n++) {
    const text = inchText(n / 32)
    expect((text.startsWith('−') ? -1 : 1) * (readInches(text.replace('−', '')) as number)).toBe(n / 32)
  }
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 30, noNaN: true }),
      (x) => Math.abs((readInches(inchText(x)) as number) - x) <= 1 / 64 + 1e-12,
    ),
  )
})
it.each([
  ['1 3/8', 1.375],
  ['1-3/8"', 1.375],
  ['3/8 in', 0.375],
  ['25.4 mm', 1],
  ['0.5', 0.5],
])('reads %s', (text, inches) => expect(readInches(text)).toBeCloseTo(inches, 12))
it.each(['', '3/0', '9/8', 'x', '1/2/3', '-1'])('does not read “%s”', (text) =>
  expect(readInches(text)).toBeNull(),
)
it('gives millimetres to a tenth', () =>
  expect([lengthText(1.375, 'mm'), lengthText(-0.5, 'mm'), lengthText(1.375, 'in')]).toEqual([
    '34.9 mm',
    '−12.7 mm',
    '1 3/8 in',
  ]))
