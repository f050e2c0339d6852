import * as v from 'valibot'
import { measuredInterval, MeasurementSchema, type Quantity } from './measurement'

const wrongOf = (quantity: Quantity, value: number) => {
  const read = v.safeParse(MeasurementSchema, {
    quantity,
    value,
    accuracy: null,
    range: null,
    meter: 'typed',
    at: 0,
  })
  return read.success ? null : read.issues[0].message
}

it('only a temperature may be below zero', () => {
  expect(wrongOf('celsius', -6.7)).toBeNull()
  for (const quantity of ['volts', 'amps', 'microfarads', 'ohms'] as const) {
    expect(wrongOf(quantity, -0.1)).toBe('A reading is a number from 0 up, or OL.')
    expect(wrongOf(quantity, 0)).toBeNull()
  }
})

// −50 °C are −58 °F, 300 °C are 572 °F (definition).
it('beyond what is believable both units are said: whoever typed it has one of them', () => {
  expect(wrongOf('celsius', -50)).toBeNull()
  expect(wrongOf('celsius', -50.1)).toBe('Degrees below −50 °C (−58 °F) are not believable: read it again.')
  expect(wrongOf('celsius', 300.1)).toBe('Degrees above 300 °C (572 °F) are not believable: read it again.')
  expect(wrongOf('volts', 1000.1)).toBe('Volts above 1000 V are not believable: read it again.')
})

it('what a meter leaves open about a temperature below zero lies on both sides of it', () => {
  // ±(2 % of 10 + 1 count of 0.5) = ±0.7
  const accuracy = { percent: 2, counts: 1, resolution: 0.5 }
  const { low = NaN, high = NaN } = measuredInterval({ quantity: 'celsius', value: -10, accuracy }) ?? {}
  expect([low, high].map((x) => Number(x.toFixed(9)))).toEqual([-10.7, -9.3])
})

it('a usual meter’s doubt on each quantity: percent of the reading and counts of its last digit', () => {
  const half = (quantity: 'volts' | 'amps' | 'microfarads' | 'ohms' | 'celsius', value: number) => {
    const { low, high } = measuredInterval({ quantity, value, accuracy: null })!
    return Number(((high - low) / 2).toFixed(4))
  }
  // 1.2 % of 230 and 5 × 0.1; 2 % of 1.5 and 5 × 0.01; 2 % of 40 and 4 × 0.01; 1 % of 30 and 3 × 0.1; 2 % of 50 and 2 × 0.5.
  expect([
    half('volts', 230),
    half('amps', 1.5),
    half('microfarads', 40),
    half('ohms', 30),
    half('celsius', 50),
  ]).toEqual([3.26, 0.08, 0.84, 0.6, 2])
})
