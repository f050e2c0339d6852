import { dayAfter, dayOf, dayWords, isDay } from './day'

it('a day in words; what is none stays as it is', () =>
  expect(['2026-07-04', '2028-02-29', 'soon'].map(dayWords)).toEqual(['4 Jul 2026', '29 Feb 2028', 'soon']))
it('days after a day, over the end of a month, a leap day and a year', () =>
  expect([
    dayAfter('2026-07-14', 1),
    dayAfter('2026-07-31', 3),
    dayAfter('2028-02-28', 1),
    dayAfter('2026-12-30', 7),
  ]).toEqual(['2026-07-15', '2026-08-03', '2028-02-29', '2027-01-06']))
it('the day of a moment where the device is', () =>
  expect([
    dayOf(new Date(2026, 0, 5, 0, 1).getTime()),
    dayOf(new Date(2026, 10, 30, 23, 59).getTime()),
  ]).toEqual(['2026-01-05', '2026-11-30']))
it('a day that the calendar has not is none, and neither is anything else', () => {
  expect(['2026-07-14', '2028-02-29'].filter(isDay)).toHaveLength(2)
  expect(['2030-02-30', '2026-13-40', '2027-02-29', 'soon', '', '2026-7-4'].filter(isDay)).toEqual([])
})
