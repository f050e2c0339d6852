import { FIRST_CORNERS, movedCorner, turned } from './corners'

const at = (corners: typeof FIRST_CORNERS) => corners.map(({ x, y }) => [x, y])

it('a corner goes where the finger takes it, and never off the photo', () => {
  expect(movedCorner(FIRST_CORNERS, 0, { x: 0.2, y: 0.1 })[0]).toEqual({ x: 0.2, y: 0.1 })
  expect(movedCorner(FIRST_CORNERS, 0, { x: -3, y: -0.1 })[0]).toEqual({ x: 0, y: 0 })
  expect(movedCorner(FIRST_CORNERS, 2, { x: 9, y: 1.2 })[2]).toEqual({ x: 1, y: 1 })
})
it('the plate is never folded: a corner stays on its own side of the others', () => {
  for (const to of [
    { x: 0.99, y: 0.5 },
    { x: 0.94, y: 0.94 },
    { x: 0.6, y: 0.7 },
  ])
    expect(movedCorner(FIRST_CORNERS, 0, to)).toBe(FIRST_CORNERS)
})
it('a quarter turn: what was lower left is upper left; four of them change nothing', () => {
  expect(at(turned(FIRST_CORNERS))[0]).toEqual([0.06, 0.94])
  expect(turned(turned(turned(turned(FIRST_CORNERS))))).toEqual(FIRST_CORNERS)
})
