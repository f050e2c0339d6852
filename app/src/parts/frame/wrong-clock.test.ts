import { isClockNews } from './wrong-clock'

jest.mock('../../platform/state/app', () => ({}))

const MINUTE = 60_000
it('a clock that is right is no news; one that is wrong is, until it was looked at', () => {
  expect([isClockNews(0, null), isClockNews(MINUTE, null)]).toEqual([false, false])
  expect([isClockNews(10 * MINUTE, null), isClockNews(-10 * MINUTE, null)]).toEqual([true, true])
  expect(isClockNews(10 * MINUTE, 10 * MINUTE)).toBe(false)
})
it('wrong otherwise, it is news again: more than five minutes from what was seen', () => {
  expect([isClockNews(15 * MINUTE, 10 * MINUTE), isClockNews(15 * MINUTE + 1, 10 * MINUTE)]).toEqual([
    false,
    true,
  ])
  expect(isClockNews(-10 * MINUTE, 10 * MINUTE)).toBe(true)
})
