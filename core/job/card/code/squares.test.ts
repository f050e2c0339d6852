import { squaresOf } from './squares'

// 1 1 0
// 0 0 0
// 1 0 1
const DARK = [
  [1, 1, 0],
  [0, 0, 0],
  [1, 0, 1],
]

it('dark squares side by side are one run, four squares from the edge', () =>
  expect(squaresOf({ size: 3, get: (row, column) => DARK[row]?.[column] ?? 0 })).toEqual({
    d: 'M4 4h2v1h-2zM4 6h1v1h-1zM6 6h1v1h-1z',
    width: 11,
  }))
