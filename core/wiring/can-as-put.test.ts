// Sums of sections and shares of jumpers, by hand: parallel capacitors add, and share current by value.
import { groupsAsPut, jumperShares, plannedJumpers } from './can-as-put'

const CAN = {
  sections: [
    { id: '2.5', microfarads: 2.5 },
    { id: '5', microfarads: 5 },
    { id: '10', microfarads: 10 },
    { id: '20', microfarads: 20 },
  ],
  jumpers: [] as { from: string; to: string }[],
}
const jumper = (from: string, to: string) => ({ from: `CAN-${from}`, to: `CAN-${to}` })
const PLAN = {
  load: 'FAN',
  sections: ['5', '2.5'],
  lead: '5',
  jumpers: [{ from: '5', to: '2.5', share: 1 / 3 }],
  microfarads: 7.5,
  errorPercent: 0,
  jumperShare: 1 / 3,
}
const put = (jumpers: typeof CAN.jumpers, on: string, plan = PLAN) =>
  groupsAsPut({ ...CAN, jumpers }, [plan], () => [`CAN-${on}`])[0]!

it('a plan’s jumpers are between the posts of its sections', () =>
  expect(plannedJumpers([PLAN])).toEqual([jumper('5', '2.5')]))
it('as planned it stays as planned', () => {
  const { jumperShare, jumpers, ...rest } = put([jumper('5', '2.5')], '5')
  expect(jumperShare).toBeCloseTo(1 / 3, 12)
  expect(jumpers.map((j) => [j.from, j.to])).toEqual([['5', '2.5']])
  expect(rest).toEqual({ load: 'FAN', sections: ['5', '2.5'], lead: '5', microfarads: 7.5, errorPercent: 0 })
})
it('what is joined adds, the greatest first, also through others', () => {
  const group = put([jumper('2.5', '5'), jumper('5', '10')], '2.5')
  expect([group.lead, group.sections, group.microfarads]).toEqual(['2.5', ['10', '5', '2.5'], 17.5])
  // 15 of 17.5 µF come over the first jumper, 10 of 17.5 over the second.
  expect(group.jumpers.map((j) => [j.from, j.to])).toEqual([
    ['2.5', '5'],
    ['5', '10'],
  ])
  expect(group.jumpers[0]!.share).toBeCloseTo(15 / 17.5, 12)
  expect(group.jumpers[1]!.share).toBeCloseTo(10 / 17.5, 12)
  expect(group.jumperShare).toBeCloseTo(15 / 17.5, 12)
  // 17.5 in place of 7.5.
  expect(group.errorPercent).toBeCloseTo(133.333, 3)
})
it('the error is against what was wanted, not against what was planned', () =>
  // A plan of 7.5 that was 7.1 % over is of 7 µF; 5 µF is 28.57 % under it.
  expect(put([], '5', { ...PLAN, errorPercent: 100 * (7.5 / 7 - 1) }).errorPercent).toBeCloseTo(-28.571, 3))
it('a load whose wire is on no section keeps its plan', () => {
  expect(put([], 'C')).toBe(PLAN)
  expect(groupsAsPut(CAN, [PLAN], () => [])[0]).toBe(PLAN)
})
it('a jumper is named outward from the wire, whichever way it was put on', () => {
  expect(jumperShares({ ...CAN, jumpers: [jumper('10', '5')] }, 'CAN-5')).toMatchObject([
    { from: '5', to: '10' },
  ])
  expect(jumperShares({ ...CAN, jumpers: [jumper('10', '5')] }, 'CAN-10')).toMatchObject([
    { from: '10', to: '5' },
  ])
})
it('a jumper that the wire does not reach, or one to C, carries none of its current', () =>
  expect(jumperShares({ ...CAN, jumpers: [jumper('10', '20'), jumper('5', 'C')] }, 'CAN-5')).toEqual([]))
