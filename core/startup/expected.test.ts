// Which figure is meant, and which lead carries it. The line current is checked against the closed solution of the two-winding machine
// (core/motor/machine/performance, held against handbook figures there), which knows no leads.
import { hookupWith, requestFor } from '../testing/fixtures'
import { BLOWER_CAN } from '../testing/circuits'
import { pointAt } from '../motor/machine/curve'
import { machineOf } from '../motor/machine/machine'
import { known } from '../quantity/at'
import { expectedModes } from './expected'

const expectedOf = (unit: string, sheet: string, more = {}) => {
  const request = requestFor(unit, sheet, more)
  const answer = hookupWith(request, {})
  return { request, answer, modes: expectedModes(request.sheet, answer) }
}

it.each(['cooling-1-pole-shared-capacitor', 'cooling-2-pole-own-capacitor'])(
  'on %s the clamp goes round motor common alone, which carries the line current',
  (unit) => {
    const { request, answer, modes } = expectedOf(unit, 'rowan-25r')
    const machine = known(machineOf(request.sheet), 'The machine')
    const [cooling] = modes
    const line = pointAt(machine, 230, 7.5).amps
    expect(cooling).toMatchObject({ name: 'cooling', lead: 'black' })
    expect(cooling?.amps).toBeCloseTo(line, 1)
    // Three wires: white is the main winding alone. Four: white carries the whole line current back.
    const white = cooling?.others.find((o) => o.lead === 'white')?.amps ?? 0
    const main = answer.proof.modes
      .find((m) => m.mode === 'cooling')
      ?.solution.motor.windings.find((w) => w.id === 'main')
    expect(white).toBeCloseTo(unit.includes('shared') ? (main?.amps ?? 0) : line, 1)
  },
)

it('a range stands round it: the constants were fitted to a plate', () => {
  const { modes } = expectedOf('cooling-2-pole-own-capacitor', 'rowan-25r')
  const { amps, range } = known(modes[0], 'The mode')
  expect(range?.low).toBeLessThan(amps ?? 0)
  expect(range?.high).toBeGreaterThan(amps ?? 0)
})

it('of a blower it is the line lead, whichever tap is live', () => {
  const { modes } = expectedOf('gas-furnace-board', 'alder-33b', { can: BLOWER_CAN })
  expect(modes.map((m) => [m.name, m.lead])).toEqual([
    ['heating', 'white'],
    ['cooling', 'white'],
  ])
  // The live tap carries the same current in.
  for (const { amps, others } of modes)
    expect(Math.max(...others.map((o) => o.amps))).toBeGreaterThanOrEqual((amps ?? 0) - 0.01)
})

it('the capacitor’s volts are the fan section’s, not the compressor’s beside it', () => {
  const { answer } = expectedOf('cooling-1-pole-shared-capacitor', 'rowan-25r')
  const { solution } = known(
    answer.proof.modes.find((m) => m.mode === 'cooling'),
    'Cooling',
  )
  const fan = answer.plan.groups.find((g) => g.load === 'FAN')?.sections ?? []
  const own = solution.sections.filter((s) => fan.includes(s.id)).map((s) => s.volts)
  expect(solution.motor.capacitorVolts).toBe(Math.max(...own))
  expect(solution.sections.some((s) => !fan.includes(s.id) && s.volts !== own[0])).toBe(true)
})
