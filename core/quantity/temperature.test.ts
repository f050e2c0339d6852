import fc from 'fast-check'
import { celsiusOf, degreesIn, degreesText, fahrenheitOf, stepsIn } from './temperature'

// Freezing and boiling water, and where both scales meet (definition of the scales).
it.each([
  [32, 0],
  [212, 100],
  [-40, -40],
])('%f °F are %f °C', (fahrenheit, celsius) => {
  expect(degreesIn('C', fahrenheit)).toBe(celsius)
  expect(degreesIn('F', fahrenheit)).toBe(fahrenheit)
  expect(fahrenheitOf('C', celsius)).toBe(fahrenheit)
  expect([celsiusOf('F', fahrenheit), celsiusOf('C', celsius)]).toEqual([celsius, celsius])
})

it('a difference has no zero point: 9 °F are 5 °C', () => {
  expect(stepsIn('C', 9)).toBe(5)
  expect(stepsIn('F', 9)).toBe(9)
  expect(stepsIn('C', 4)).toBe(2.2)
})

it('what is typed to a tenth is read again as it was typed', () =>
  fc.assert(
    fc.property(
      fc.integer({ min: -500, max: 1200 }),
      fc.constantFrom('F' as const, 'C' as const),
      (tenths, unit) => {
        expect(degreesIn(unit, fahrenheitOf(unit, tenths / 10))).toBe(tenths / 10 + 0)
      },
    ),
  ))

it('is written with a real minus and without a needless zero', () =>
  expect([degreesText('C', -3), degreesText('F', 52.5), degreesText('C', -0)]).toEqual([
    '−3 °C',
    '52.5 °F',
    '0 °C',
  ]))

it('a temperature is kept to a hundredth of a degree: 11.113 °C is 52.0034 °F', () =>
  expect([fahrenheitOf('C', 11.113), fahrenheitOf('F', 52.0034)]).toEqual([52, 52.0034]))
