import { act, renderHook } from '@testing-library/react'
import type { JobDocument } from '@oak/core/job/document'
import { FINISHED } from '@oak/core/job/testing/finished'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import type { HookupState } from '../../parts/frame/use-hookup'
import { TOGETHER_MS, useAnswered } from './use-answered'

beforeEach(() => jest.useFakeTimers())
afterEach(() => jest.useRealTimers())

const job = (title: string): JobDocument => ({ ...FINISHED, title })
const answer = (sentence: string) => ({ proof: { sentence } }) as HookupOutput
const ready = (of: HookupOutput, fresh = true): HookupState => ({ kind: 'ready', answer: of, fresh })
const [before, moved, again] = [job('before'), job('moved'), job('again')]
const [first, second] = [answer('first'), answer('second')]

const answered = () =>
  renderHook(({ of, state }) => useAnswered(of, state), {
    initialProps: { of: before, state: ready(first) },
  })

it('is none before the first answer, and none again once there is no more', () => {
  const { result, rerender } = renderHook(({ state }) => useAnswered(before, state), {
    initialProps: { state: { kind: 'working' } as HookupState },
  })
  expect(result.current).toBeNull()
  rerender({ state: ready(first) })
  expect(result.current).toEqual({ job: before, answer: first, fresh: true })
  rerender({ state: { kind: 'failed', text: 'No answer.' } })
  expect(result.current).toBeNull()
})
it('a move stands as it was until its answer is there: both are shown at once', () => {
  const { result, rerender } = answered()
  rerender({ of: moved, state: ready(first, false) })
  act(() => void jest.advanceTimersByTime(TOGETHER_MS - 1))
  expect(result.current).toEqual({ job: before, answer: first, fresh: true })
  rerender({ of: moved, state: ready(second) })
  expect(result.current).toEqual({ job: moved, answer: second, fresh: true })
})
it('where the answer takes long the move is shown without it, and nothing counts as fresh', () => {
  const { result, rerender } = answered()
  rerender({ of: moved, state: ready(first, false) })
  act(() => void jest.advanceTimersByTime(TOGETHER_MS))
  expect(result.current).toEqual({ job: moved, answer: first, fresh: false })
  // Another move meanwhile has its own time; what is shown stays what it is, and not fresh.
  rerender({ of: again, state: ready(first, false) })
  expect(result.current).toEqual({ job: moved, answer: first, fresh: false })
  act(() => void jest.advanceTimersByTime(TOGETHER_MS))
  expect(result.current).toEqual({ job: again, answer: first, fresh: false })
})
it('what asks for no other answer, as a title, is shown at once', () => {
  const { result, rerender } = answered()
  rerender({ of: moved, state: ready(first) })
  expect(result.current).toEqual({ job: moved, answer: first, fresh: true })
})
