import { dayText, momentText, paperDay, paperMoment } from './dates'

it('a paper has its dates written out, the same on every device', () => {
  const at = new Date(2026, 2, 7, 9, 5).getTime()
  expect([paperDay(at), paperMoment(at)]).toEqual(['7 Mar 2026', '7 Mar 2026, 09:05'])
})
it('a moment of another year has its year: a job of that day two years ago is not one of today', () => {
  const [now, then] = [new Date(), new Date()]
  then.setFullYear(now.getFullYear() - 2)
  expect(momentText(then.getTime())).toBe(dayText(then.getTime()))
  expect(momentText(then.getTime())).toContain(String(then.getFullYear()))
  expect(momentText(now.getTime())).not.toContain(String(now.getFullYear()))
})
