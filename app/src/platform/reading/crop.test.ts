import { frameOf } from './crop'
import type { Corners } from './straighten'

const box = (x0: number, y0: number, x1: number, y1: number): Corners => [
  { x: x0, y: y0 },
  { x: x1, y: y0 },
  { x: x1, y: y1 },
  { x: x0, y: y1 },
]

it('is the plate with a little around it, smaller where it is large', () => {
  const frame = frameOf(box(0.1, 0.2, 0.9, 0.8), 4000, 3000)
  // A hundredth of the photo on each side: 0.82 of 4000 px, 0.62 of 3000 px; drawn at 1700 px.
  expect([frame.x, frame.y, frame.width, frame.height].map(Math.round)).toEqual([360, 570, 3280, 1860])
  expect(frame.scale).toBeCloseTo(1700 / 3280, 9)
})
it('never leaves the photo, and is never enlarged', () => {
  expect(frameOf(box(0, 0, 1, 1), 800, 600)).toEqual({ x: 0, y: 0, width: 800, height: 600, scale: 1 })
})
