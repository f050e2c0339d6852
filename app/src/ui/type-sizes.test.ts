import { FONT, sizeOf, SIZES, type TextSize } from './type-sizes'

it('nothing is smaller than 13 px, every line has room for its letters, and each size is larger than the one before', () => {
  const names = Object.keys(SIZES) as TextSize[]
  expect(names).toEqual(['tiny', 'small', 'body', 'strong', 'action', 'title', 'large', 'figure'])
  expect(names.map((name) => SIZES[name].fontSize)).toEqual([13, 15, 17, 17, 19, 22, 30, 36])
  for (const name of names) {
    const { fontSize, lineHeight } = SIZES[name]
    // Four pixels at the most beside a tenth of the letters' height: lines of a sentence stay together.
    expect(lineHeight - fontSize).toBeGreaterThanOrEqual(3)
    expect(lineHeight - fontSize).toBeLessThanOrEqual(6)
  }
})
it('a picture’s text keeps the size that the picture has room for', () => {
  for (const name of Object.keys(SIZES) as TextSize[])
    expect(sizeOf(name, true)).toEqual({ ...SIZES[name], fontFamily: FONT })
})
it('other text grows with the device’s own scale, letters and lines alike', () => {
  const { fontSize, lineHeight } = sizeOf('body')
  expect((lineHeight ?? NaN) / (fontSize ?? NaN)).toBeCloseTo(23 / 17, 9)
  expect(fontSize).toBeGreaterThanOrEqual(17)
})
