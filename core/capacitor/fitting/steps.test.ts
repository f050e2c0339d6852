import type { Section } from '../can'
import { planTaps } from '../tap-plan/plan'
import { fitSteps, type FitInput } from './steps'

const six: Section[] = [25, 20, 10, 5, 2.5].map((microfarads) => ({ id: `${microfarads}`, microfarads }))
function stepsOf(
  sections: Section[],
  loads: { load: string; microfarads: number }[],
  more: Partial<FitInput> = {},
) {
  const { groups } = planTaps({ sections, loads, tolerancePercent: 6 })
  return fitSteps({
    can: { name: 'Six', sections, tolerancePercent: 6, protectedStart: false },
    groups,
    leads: { FAN: 'brown' },
    hardStart: 'none',
    shared: true,
    ...more,
  })
}
const LOADS = [
  { load: 'HERM', microfarads: 35 },
  { load: 'FAN', microfarads: 7.5 },
]

describe('steps of fitting', () => {
  it('begin with the discharge, check with the meter before any lead lands, and end with the date', () => {
    const kinds = stepsOf(six, LOADS).map((s) => s.kind)
    expect(kinds[0]).toBe('safe')
    expect(kinds.at(-1)).toBe('label')
    expect(kinds.indexOf('check')).toBeLessThan(kinds.indexOf('land'))
    expect(kinds.lastIndexOf('join')).toBeLessThan(kinds.indexOf('check'))
  })
  it('name each jumper with its share, and the lead on the largest section', () => {
    const steps = stepsOf(six, LOADS)
    const jumpers = steps.filter((s) => s.id.startsWith('jumper'))
    expect(jumpers.map((s) => [s.text, s.why])).toEqual([
      ['HERM: jumper from 25 µF to 10 µF.', 'It carries 29 % of this load’s capacitor current.'],
      ['FAN: jumper from 5 µF to 2.5 µF.', 'It carries 33 % of this load’s capacitor current.'],
    ])
    expect(steps.find((s) => s.id === 'land-FAN')?.text).toBe('Brown on 5 µF.')
    expect(steps.find((s) => s.id === 'check-FAN')?.text).toContain('reads 7.5 µF, 7.05 to 7.95 µF')
    expect(steps.find((s) => s.id === 'empty')?.text).toBe('Nothing on 20 µF: cover it.')
  })
  it('of two capacitors strap both and tie their C’s; a single’s C is either post', () => {
    const sections: Section[] = [
      { id: '1-45', microfarads: 45, of: 'Single 45' },
      { id: '2-5', microfarads: 5, of: 'Single 5' },
    ]
    const steps = stepsOf(sections, [
      { load: 'HERM', microfarads: 45 },
      { load: 'FAN', microfarads: 5 },
    ])
    expect(steps.filter((s) => s.kind === 'mount').map((s) => s.text.slice(0, 20))).toEqual(
      ['Strap Single 45 uprig', 'Strap Single 5 uprigh'].map((t) => t.slice(0, 20)),
    )
    expect(steps.find((s) => s.id === 'tie-0')?.text).toBe(
      'Tie C of Single 5 to C of Single 45 with a wire as thick as the one that feeds it. A single has no C: either post is its C, and the other its section.',
    )
  })
  it('where the old can stays for one side it is not taken out, and its C is where the new one’s is tied', () => {
    const sections: Section[] = [
      { id: '1-HERM', microfarads: 44.5, marked: 45, of: 'The old can', stays: 'HERM' },
      { id: '7.5', microfarads: 7.5, of: 'Single 7.5' },
    ]
    const steps = stepsOf(sections, [
      { load: 'HERM', microfarads: 45 },
      { load: 'FAN', microfarads: 7.5 },
    ])
    expect(steps.find((s) => s.id === 'old')?.text).toContain('Leave the old can in its strap, for HERM.')
    expect(steps.filter((s) => s.kind === 'mount')).toHaveLength(1)
    expect(steps.find((s) => s.id === 'tie-0')?.text).toContain('Tie C of Single 7.5 to C of the old can')
    expect(steps.find((s) => s.id === 'land-HERM')?.text).toBe('HERM’s wire stays on HERM of the old can.')
  })
  it('a kit past a protected terminal is told with the check of its fuse', () => {
    const steps = stepsOf(six, LOADS, {
      can: { name: 'Six', sections: six, tolerancePercent: 6, protectedStart: true },
      hardStart: 'protected',
    })
    expect(steps.find((s) => s.id === 'fuse')?.text).toContain('nearly 0 Ω')
    expect(steps.find((s) => s.id === 'kit')?.text).toContain('the protected terminal, not on C')
    const past = stepsOf(six, LOADS, {
      can: { name: 'Six', sections: six, tolerancePercent: 6, protectedStart: true },
      hardStart: 'c',
    })
    expect(past.find((s) => s.id === 'kit')?.why).toBe(
      'Past this can’s protected terminal: its fuse cannot open then.',
    )
  })
  it('a capacitor of the fan’s own has the motor’s other lead on C, and nothing else', () => {
    expect(stepsOf(six, [LOADS[1]!], { shared: false }).find((s) => s.id === 'c')?.text).toBe(
      'The motor’s other capacitor lead goes on C of Six, and nothing else does.',
    )
  })
  it('without a plan there are none', () =>
    expect(
      fitSteps({
        can: { name: 'Six', sections: six, tolerancePercent: 6 },
        groups: [],
        leads: {},
        hardStart: 'none',
        shared: true,
      }),
    ).toEqual([]))
  it('each has an id of its own', () => {
    const ids = stepsOf(six, LOADS, { hardStart: 'c' }).map((s) => s.id)
    expect(new Set(ids).size).toBe(ids.length)
  })
})
