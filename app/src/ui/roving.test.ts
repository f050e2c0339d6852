import { nextItem } from './roving'

it('arrows go on and back, and on at the other end', () => {
  expect(nextItem('ArrowRight', 0, 3)).toBe(1)
  expect(nextItem('ArrowDown', 2, 3)).toBe(0)
  expect(nextItem('ArrowLeft', 0, 3)).toBe(2)
  expect(nextItem('ArrowUp', 1, 3)).toBe(0)
  expect(nextItem('Home', 2, 3)).toBe(0)
  expect(nextItem('End', 0, 3)).toBe(2)
})

it('in rows, up and down stay in their column and stop at the edges', () => {
  expect(nextItem('ArrowDown', 1, 7, 3)).toBe(4)
  expect(nextItem('ArrowDown', 4, 7, 3)).toBe(4)
  expect(nextItem('ArrowDown', 3, 7, 3)).toBe(6)
  expect(nextItem('ArrowUp', 4, 7, 3)).toBe(1)
  expect(nextItem('ArrowUp', 1, 7, 3)).toBe(1)
  expect(nextItem('ArrowRight', 2, 7, 3)).toBe(3)
})

it('other keys are not the group’s, and an empty group has nowhere to go', () => {
  expect(nextItem('Enter', 0, 3)).toBeNull()
  expect(nextItem('ArrowRight', 0, 0)).toBeNull()
})
