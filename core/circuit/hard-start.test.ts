import { CAN, hookupWith, requestFor } from '../testing/fixtures'
import { NEW_C, PROTECTED_POST } from '../wiring/new-can'
import { makeCard } from '../job/card/card'
import { workOutHookup } from './hookup'

const request = requestFor()
const codes = (hardStart: string | null, protectedStart: boolean, unit = request) =>
  workOutHookup({ ...unit, can: { ...CAN, protectedStart }, hardStart }).proof.hazards.map((h) => h.code)

it.each([
  ['no kit', null, true, []],
  ['the kit on C of a plain can', NEW_C, false, []],
  ['the kit on T2, which is C’s copper', 'T2', false, []],
  ['the kit on the protected terminal', PROTECTED_POST, true, []],
  ['the kit on C, past the protected terminal', NEW_C, true, ['hard-start-unprotected']],
  ['the kit on T2, past it too', 'T2', true, ['hard-start-unprotected']],
  ['the kit on a terminal that the can has not', PROTECTED_POST, false, ['hard-start-misplaced']],
  ['the kit on the other line', 'T1', false, ['hard-start-misplaced']],
])('%s', (_, post, guarded, expected) => expect(codes(post, guarded)).toEqual(expected))

it('where no compressor shares the can there is no place for a kit', () =>
  expect(codes(NEW_C, false, requestFor('cooling-1-pole-own-capacitor'))).toContain('hard-start-misplaced'))
it('stands on the card', () => {
  const guarded = { ...request, can: { ...CAN, protectedStart: true }, hardStart: PROTECTED_POST }
  expect(
    makeCard(guarded, workOutHookup(guarded), {
      job: '',
      title: '',
      site: '',
      date: '',
      technician: '',
      readings: [],
    })?.capacitor,
  ).toContain('Hard-start kit: from the compressor’s section to the protected terminal')
})
it('at 50 Hz the motor is solved at 50 Hz', () => {
  const rpm = (hertz: 50 | 60) =>
    workOutHookup({ ...request, hertz }).proof.modes.find((m) => m.mode === 'cooling')!.solution.motor.rpm
  expect(rpm(50)).toBeLessThan(rpm(60) * 0.9)
})
it('names what floats, and how the capacitor’s tolerance moves its figures', () => {
  const { proof } = hookupWith(request, {
    white: { kind: 'insulated' },
    black: { kind: 'insulated' },
    brown: { kind: 'insulated' },
  })
  expect(proof.modes[0]?.solution.floating).toContain('white')
  const sound = hookupWith(request, {}).proof.modes.find((m) => m.mode === 'cooling')!.solution
  const [low, high] = sound.tolerance!.startTorque
  expect(low).toBeLessThan(high)
  expect(high / low).toBeLessThan(1.35)
  // The capacitor's volts as it runs lie between those at both ends, and both ends are of a motor that runs.
  const [atLow, atHigh] = sound.tolerance!.capacitorVolts
  const asIs = sound.motor.capacitorVolts ?? NaN
  expect(Math.min(atLow, atHigh)).toBeLessThan(asIs)
  expect(Math.max(atLow, atHigh)).toBeGreaterThan(asIs)
  expect(Math.max(atLow, atHigh) / Math.min(atLow, atHigh)).toBeLessThan(1.1)
})
it('a jumper carries the share of the sections behind it: of 5 and 2.5 µF on one voltage a third or two thirds', () => {
  const { can, proof } = hookupWith(request, {})
  const group = can.groups.find((one) => one.load === 'FAN')
  // 7.5 µF of this can: five and two and a half.
  expect(group?.sections.length).toBe(2)
  const { jumpers, sections } = proof.modes.find((m) => m.mode === 'cooling')!.solution
  const own = jumpers.filter(({ from, to }) => group?.sections.includes(from) && group.sections.includes(to))
  expect(own).toHaveLength(1)
  const behind = group?.sections.find((id) => id !== group.lead)
  const microfarads = (id: string | undefined) => CAN.sections.find((s) => s.id === id)?.microfarads ?? NaN
  expect(own[0]?.share).toBeCloseTo(microfarads(behind) / 7.5, 4)
  // And in amps: what goes through it is what the section behind it takes.
  expect(own[0]?.amps).toBeCloseTo(sections.find((s) => s.id === behind)?.amps ?? NaN, 6)
})

it('the tolerance’s ends are those of a can whose fan sections are all so far off', () => {
  const at = (share: number) => {
    const can = { ...CAN, sections: CAN.sections.map((s) => ({ ...s, microfarads: s.microfarads * share })) }
    const asked = { ...request, can, sheet: { ...request.sheet, constants: null }, tolerancePercent: 20 }
    return hookupWith(asked, {}).proof.modes.find((m) => m.mode === 'cooling')!.solution
  }
  const [low, high] = at(1).tolerance!.startTorque
  const torque = (share: number) => at(share).motor.startTorque
  // Of 7.5 µF 6 % either way; the compressor’s side, which is off here too, moves the line a little.
  expect(low / high).toBeCloseTo(torque(0.94) / torque(1.06), 2)
})
