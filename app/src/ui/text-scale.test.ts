import { scaleOf } from './text-scale'

it('letters are as large as the device asks, up to twice; never smaller than drawn', () => {
  expect(scaleOf(16)).toBe(1)
  expect(scaleOf(24)).toBe(1.5)
  expect(scaleOf(32)).toBe(2)
  expect(scaleOf(48)).toBe(2)
  expect(scaleOf(10)).toBe(1)
  expect(scaleOf(Number.NaN)).toBe(1)
})
