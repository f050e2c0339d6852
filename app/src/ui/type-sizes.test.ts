import { FONT, sizeOf, SIZES, type TextSize } from './type-sizes'

const names = Object.keys(SIZES) as TextSize[]

it('nothing is smaller than 13 px, no size is below the one before it, and none is half as large again', () => {
  const sizes = names.map((name) => SIZES[name].fontSize)
  expect(Math.min(...sizes)).toBe(13)
  sizes.slice(1).forEach((size, i) => {
    const before = sizes[i] ?? NaN
    expect(size / before).toBeGreaterThanOrEqual(1)
    expect(size / before).toBeLessThan(1.5)
  })
})
it('a line is a tenth to a third higher than its letters: room for hooks, and one sentence stays one', () => {
  for (const name of names) {
    const { fontSize, lineHeight } = SIZES[name]
    expect(lineHeight / fontSize).toBeGreaterThan(1.1)
    expect(lineHeight / fontSize).toBeLessThan(1.4)
  }
})
it('a picture’s text keeps the size that the picture has room for', () => {
  for (const name of names) expect(sizeOf(name, true)).toEqual({ ...SIZES[name], fontFamily: FONT })
})
it('other text grows with the device’s own scale, letters and lines alike', () => {
  const { fontSize, lineHeight } = sizeOf('body')
  expect((lineHeight ?? NaN) / (fontSize ?? NaN)).toBeCloseTo(23 / 17, 9)
  expect(fontSize).toBeGreaterThanOrEqual(17)
})
