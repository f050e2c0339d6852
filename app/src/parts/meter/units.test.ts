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

it.each([
  ['volts', 230.44, '230.4 V'],
  ['amps', 1.256, '1.26 A'],
  ['microfarads', 7.456, '7.46 µF'],
  ['ohms', 18.74, '18.7 Ω'],
  ['ohms', 999, '999 Ω'],
  ['ohms', 1000, '1 kΩ'],
  ['ohms', 4712, '4.71 kΩ'],
  ['ohms', 999_000, '999 kΩ'],
  ['ohms', 1e6, '1 MΩ'],
  ['ohms', 20_140_000, '20.14 MΩ'],
  ['ohms', 'OL', 'OL'],
] as const)('%s of %s read %s', (quantity, value, text) =>
  expect(readingText({ quantity, value }, 'F')).toBe(text),
)
it('what is typed in kilohms and megohms is kept in ohms', () => {
  expect(typedUnits('ohms', 'F').map((u) => u.toKept(4.7))).toEqual([4.7, 4700, 4_700_000])
  expect(
    ['volts', 'amps', 'microfarads'].map((q) =>
      typedUnits(q as 'volts', 'F').map((u) => [u.text, u.toKept(3)]),
    ),
  ).toEqual([[['V', 3]], [['A', 3]], [['µF', 3]]])
})
it('what a meter’s sheet leaves open is said with its range; of a meter without a sheet nothing is', () => {
  const of = { quantity: 'amps', range: 60, accuracy: { percent: 2, counts: 5, resolution: 0.01 } } as const
  expect(accuracyText(of, 'F')).toBe('±(2 % + 5 counts of 0.01 A), range 60 A')
  expect(accuracyText({ ...of, accuracy: null }, 'F')).toBeNull()
})
