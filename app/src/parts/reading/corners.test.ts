import { FIRST_CORNERS, movedCorner } from './corners'

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
