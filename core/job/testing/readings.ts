// Readings as they are typed, for tests.
import type { Measurement, Quantity } from '../../meter/measurement'

export const typed = (quantity: Quantity, value: number): Measurement => ({
  quantity,
  value,
  accuracy: null,
  range: null,
  meter: 'typed',
  at: 1,
})
