import { clockWords, offsetFrom, setClockOffset, shopNow } from './clock'

const [MINUTE, HOUR, DAY] = [60_000, 3_600_000, 86_400_000]
afterEach(() => setClockOffset(0))

it('a clock that is right stays as it is, also over a slow link', () => {
  // Asked at 1000, heard at 1400: the server wrote at 1200.
  expect(offsetFrom(1_200, 1_000, 1_400)).toBe(0)
  // Three seconds on the way: a difference of a second and a half may be all of it.
  expect(offsetFrom(10_000 + 1_500, 10_000, 13_000)).toBe(0)
  expect(offsetFrom(10_000, 10_000, 13_000)).toBe(0)
})
it('one that is wrong is put right by the middle of the way', () => {
  expect(offsetFrom(1_000_000 + 40 * DAY, 1_000_000, 1_000_600)).toBe(40 * DAY - 300)
  expect(offsetFrom(1_000_000 - 365 * DAY, 1_000_000, 1_000_000)).toBe(-365 * DAY)
  // Two seconds exactly are let be, one millisecond more is not.
  expect([offsetFrom(2_000, 0, 0), offsetFrom(2_001, 0, 0)]).toEqual([0, 2_001])
})
it('stamps go by it', () => {
  jest.spyOn(Date, 'now').mockReturnValue(1_000)
  setClockOffset(5 * MINUTE)
  expect(shopNow()).toBe(1_000 + 5 * MINUTE)
  setClockOffset(NaN)
  expect(shopNow()).toBe(1_000)
  jest.restoreAllMocks()
})
it('is called wrong from two minutes on, in the largest unit that it has', () => {
  const said = [2 * MINUTE - 1, 2 * MINUTE, -59 * MINUTE, HOUR, -23 * HOUR, DAY, 40 * DAY, -365 * DAY].map(
    clockWords,
  )
  expect(said).toEqual([
    null,
    '2 minutes behind',
    '59 minutes ahead',
    '1 hour behind',
    '23 hours ahead',
    '1 day behind',
    '40 days behind',
    '365 days ahead',
  ])
})
