import { paperDay, paperMoment } from './dates'

it('a paper has its dates written out, the same on every device', () => {
  const at = new Date(2026, 2, 7, 9, 5).getTime()
  expect([paperDay(at), paperMoment(at)]).toEqual(['7 Mar 2026', '7 Mar 2026, 09:05'])
})
