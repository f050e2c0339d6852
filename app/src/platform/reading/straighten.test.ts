import type { Image } from 'image-js'
import {
  evened,
  flatSize,
  flatten as flattened,
  greyOf,
  type Corners,
  type Pixels,
  type Top,
} from './straighten'

const SIDE = 240
const flatten = (photo: Pixels, corners: Corners, side: number, top: Top = 0) =>
  flattened(greyOf(photo), corners, top, side)
/** Pixels of a grey picture, by what is at each place. */
function pixels(of: (x: number, y: number) => number) {
  const data = new Uint8ClampedArray(SIDE * SIDE * 4)
  for (let y = 0; y < SIDE; y++)
    for (let x = 0; x < SIDE; x++) data.set([of(x, y), of(x, y), of(x, y), 255], 4 * (y * SIDE + x))
  return { width: SIDE, height: SIDE, data }
}
const ALL: Corners = [
  { x: 0, y: 0 },
  { x: 1, y: 0 },
  { x: 1, y: 1 },
  { x: 0, y: 1 },
]
const grey = (image: Image, x: number, y: number) =>
  image.getValue(Math.round(x * (image.width - 1)), Math.round(y * (image.height - 1)), 0)

it('a rectangle keeps its proportions, by its longer sides', () => {
  expect(flatSize(ALL, 800, 400, 1000)).toEqual({ width: 1000, height: 500 })
  expect(
    flatSize(
      [
        { x: 0.1, y: 0 },
        { x: 0.9, y: 0 },
        { x: 1, y: 1 },
        { x: 0, y: 1 },
      ],
      800,
      400,
      1000,
    ),
  ).toEqual({
    width: 1000,
    // Its left side is 80 px across and 400 px down: 408 px, of 800 px that become 1000.
    height: 510,
  })
})
it('what lies at a corner of the plate lies at the corner of the picture', () => {
  // Dark in a slanted field, light around it.
  const corners: Corners = [
    { x: 0.2, y: 0.3 },
    { x: 0.7, y: 0.2 },
    { x: 0.8, y: 0.75 },
    { x: 0.3, y: 0.8 },
  ]
  const spots = corners.map(({ x, y }) => [x * SIDE, y * SIDE] as const)
  const photo = pixels((x, y) => (spots.some(([a, b]) => Math.hypot(x - a, y - b) < 12) ? 20 : 220))
  const flat = flatten(photo, corners, 200)
  for (const [x, y] of [
    [0, 0],
    [1, 0],
    [1, 1],
    [0, 1],
  ] as const)
    expect(grey(flat, x, y)).toBeLessThan(60)
  expect(grey(flat, 0.5, 0.5)).toBeGreaterThan(180)
})
it('sun and shadow are taken off, and letters stay darker than their ground', () => {
  const isLetter = (x: number, y: number) => x % 40 < 4 && y % 60 > 20
  const photo = pixels((x, y) => (isLetter(x, y) ? 0.4 : 1) * (x > 120 ? 90 : 210 - y / 4))
  const even = evened(flatten(photo, ALL, SIDE))
  const grounds = [
    [0.1, 0.1],
    [0.3, 0.9],
    [0.8, 0.1],
    [0.9, 0.9],
  ].map(([x = 0, y = 0]) => grey(even, x, y))
  expect(Math.max(...grounds) - Math.min(...grounds)).toBeLessThan(50)
  expect(even.getValue(2, 40, 0)).toBeLessThan(Math.min(...grounds) - 40)
})
it('light letters on a dark plate end dark on light', () => {
  const photo = pixels((x, y) => (x % 40 < 4 && y % 60 > 20 ? 230 : 50))
  const even = evened(flatten(photo, ALL, SIDE))
  expect(even.getValue(2, 40, 0)).toBeLessThan(even.getValue(20, 10, 0))
})
it.each<[Top, string, number, number]>([
  [0, 'up', 0.1, 0.1],
  [1, 'to the right', 0.9, 0.1],
  [2, 'down', 0.9, 0.9],
  [3, 'to the left', 0.1, 0.9],
])('a plate whose top points %s (%s) ends upright, its first corner first', (top, _, x0, y0) => {
  // Where the plate's own upper left corner lies on the photo.
  const photo = pixels((x, y) => (Math.hypot(x / SIDE - x0, y / SIDE - y0) < 0.08 ? 10 : 220))
  const flat = flatten(photo, ALL, SIDE, top)
  const dark = (
    [
      [0.1, 0.1],
      [0.9, 0.1],
      [0.9, 0.9],
      [0.1, 0.9],
    ] as const
  ).map(([x, y]) => grey(flat, x, y) < 60)
  expect(dark).toEqual([true, false, false, false])
})
