import { accuracyText, readingText, typedUnits } from './units'

const kept = (unit: 'F' | 'C', typed: number) => typedUnits('celsius', unit)[0].toKept(typed)

// 20 °F are −6.7 °C: a shell in winter; it was once kept as 0 °C.
it('a temperature below freezing is kept as it is, whichever unit it is typed in', () => {
  expect(kept('F', 20)).toBeCloseTo(-6.667, 3)
  expect(kept('C', -6.7)).toBe(-6.7)
  expect(readingText({ quantity: 'celsius', value: kept('F', 20) }, 'F')).toBe('20 °F')
  expect(readingText({ quantity: 'celsius', value: kept('F', 20) }, 'C')).toBe('−6.7 °C')
})

it('the device’s unit is offered first, the other one after it', () => {
  expect(typedUnits('celsius', 'C').map((u) => u.text)).toEqual(['°C', '°F'])
  expect(typedUnits('celsius', 'F').map((u) => u.text)).toEqual(['°F', '°C'])
  expect(typedUnits('ohms', 'C').map((u) => u.text)).toEqual(['Ω', 'kΩ', 'MΩ'])
})

it('a meter’s step is a difference: a tenth of a degree Celsius is 0.18 °F', () => {
  const of = {
    quantity: 'celsius',
    range: null,
    accuracy: { percent: 2, counts: 3, resolution: 0.1 },
  } as const
  expect(accuracyText(of, 'F')).toBe('±(2 % + 3 counts of 0.18 °F)')
  expect(accuracyText(of, 'C')).toBe('±(2 % + 3 counts of 0.1 °C)')
})
