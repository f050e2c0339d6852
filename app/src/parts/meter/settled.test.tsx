import { act, renderHook } from '@testing-library/react'
import { SETTLED_MS, useSettled } from './settled'

describe('a figure that runs', () => {
  beforeEach(() => jest.useFakeTimers())
  afterEach(() => jest.useRealTimers())
  const pass = (ms: number) => act(() => jest.advanceTimersByTime(ms))
  it('is said once it stands, and not before; a new one is awaited again', () => {
    const { result, rerender } = renderHook(({ text }) => useSettled(text), {
      initialProps: { text: '1.31 A' },
    })
    pass(SETTLED_MS - 1)
    expect(result.current).toBe('')
    rerender({ text: '1.33 A' })
    pass(SETTLED_MS - 1)
    expect(result.current).toBe('')
    pass(1)
    expect(result.current).toBe('1.33 A')
    rerender({ text: '1.34 A' })
    expect(result.current).toBe('')
    pass(SETTLED_MS)
    expect(result.current).toBe('1.34 A')
  })
})
