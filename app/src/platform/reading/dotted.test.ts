import { Image } from 'image-js'
import { drawsFrom } from '@oak/core/quantity/draws'
import { isDotted } from './dotted'

const [WIDTH, HEIGHT] = [1000, 500]
/** Dark where `ink` says, on light. */
function picture(ink: (x: number, y: number) => boolean): Image {
  const made = new Image(WIDTH, HEIGHT, { colorModel: 'GREY' })
  const { data } = made.getRawImage()
  for (let i = 0; i < data.length; i++) data[i] = ink(i % WIDTH, Math.floor(i / WIDTH)) ? 40 : 190
  return made
}
/** Where a letter like an H stands, 60 px apart and 44 px high, by its columns and rows of 11 px: 1 is ink. */
const H = ['101', '101', '111', '101']
function cell(x: number, y: number): { readonly on: boolean; readonly dx: number; readonly dy: number } {
  const [column, row] = [Math.floor((x % 60) / 11), Math.floor((y % 70) / 11)]
  return { on: H[row]?.[column] === '1', dx: ((x % 60) % 11) - 5, dy: ((y % 70) % 11) - 5 }
}

it('letters in dots are dotted', () => {
  expect(
    isDotted(
      picture((x, y) => {
        const { on, dx, dy } = cell(x, y)
        return on && Math.hypot(dx, dy) <= 4.2
      }),
    ),
  ).toBe(true)
})
it.each([
  ['letters in strokes', (x: number, y: number) => cell(x, y).on],
  ['nothing at all', () => false],
  ['large letters', (x: number, y: number) => cell(x / 3, y / 3).on],
  // Squares as large as dots, each a letter’s distance from the next.
  ['dots that make no letter', (x: number, y: number) => x % 60 < 9 && y % 70 < 9],
])('%s are not', (_, ink) => expect(isDotted(picture(ink))).toBe(false))
it('the grain of a photo is not', () => {
  const draw = drawsFrom(3)
  expect(isDotted(picture(() => draw() < 0.05))).toBe(false)
})
it('letters in dots on a grainy photo are', () => {
  const draw = drawsFrom(4)
  const made = picture((x, y) => {
    const { on, dx, dy } = cell(x, y)
    return (on && Math.hypot(dx, dy) <= 4.2) || draw() < 0.004
  })
  expect(isDotted(made)).toBe(true)
})
