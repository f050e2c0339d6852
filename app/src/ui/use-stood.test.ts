import { act, renderHook } from '@testing-library/react'
import { useStood } from './use-stood'

const CALM_MS = 150
const useCalm = <T>(value: T): T => useStood(value, CALM_MS, value)

beforeEach(() => jest.useFakeTimers())
afterEach(() => jest.useRealTimers())
const pass = (ms: number) => act(() => void jest.advanceTimersByTime(ms))

it('is the first value at once, and another one once it has stood', () => {
  const { result, rerender } = renderHook(({ value }) => useCalm(value), {
    initialProps: { value: 'first' },
  })
  expect(result.current).toBe('first')
  rerender({ value: 'second' })
  pass(CALM_MS - 1)
  expect(result.current).toBe('first')
  pass(1)
  expect(result.current).toBe('second')
})
it('what changes there and back again is not shown', () => {
  const shown: string[] = []
  const { rerender } = renderHook(({ value }) => void shown.push(useCalm(value)), {
    initialProps: { value: 'first' },
  })
  rerender({ value: 'second' })
  pass(CALM_MS / 2)
  rerender({ value: 'first' })
  pass(2 * CALM_MS)
  expect(new Set(shown)).toEqual(new Set(['first']))
})
it('a function is a value like any other', () => {
  const [first, second] = [() => 1, () => 2]
  const { result, rerender } = renderHook(({ value }) => useCalm(value), { initialProps: { value: first } })
  rerender({ value: second })
  pass(CALM_MS)
  expect(result.current).toBe(second)
})
