import { tracedWires, unitOf } from '../../testing/fixtures'
import { EMPTY_JOB } from '../document'
import { oldMotorOf } from './match-input'
import { jobHertz, jobPhaseConflict, jobSupply } from './supply-input'

const wiresOf = (unit: string) =>
  Object.fromEntries(tracedWires(unitOf(unit)).map(({ id, ...wire }) => [id, wire]))

it('of an empty job is blank', () =>
  expect(oldMotorOf(EMPTY_JOB)).toMatchObject({
    fan: 'outdoor',
    unitVolts: null,
    wantedFromLeadEnd: null,
    steepBlades: null,
  }))
it('counts the outputs in use by their wires, parked taps not among them', () => {
  const job = { ...EMPTY_JOB, unit: 'gas-furnace-board', wires: wiresOf('gas-furnace-board') }
  expect(oldMotorOf(job)).toMatchObject({ fan: 'blower', unitVolts: 120, speedsInUse: 2 })
  expect(
    oldMotorOf({ ...EMPTY_JOB, unit: 'fan-coil-three-speed', wires: wiresOf('fan-coil-three-speed') })
      .speedsInUse,
  ).toBe(3)
  expect(oldMotorOf({ ...job, wires: {} }).speedsInUse).toBeNull()
})
it('names the wanted direction from the lead end', () =>
  expect(
    oldMotorOf({ ...EMPTY_JOB, wanted: { direction: 'CW', seenFrom: 'shaft-end' } }).wantedFromLeadEnd,
  ).toBe('CCW'))
it('takes one phase from a lead traced to a capacitor, and from nothing less', () => {
  const job = { ...EMPTY_JOB, unit: 'packaged-own-capacitor', wires: wiresOf('packaged-own-capacitor') }
  expect(oldMotorOf(job).plate.phase).toBe(1)
  expect(
    oldMotorOf({
      ...job,
      wires: Object.fromEntries(
        Object.entries(job.wires).map(([id, wire]) => [id, { ...wire, traced: false }]),
      ),
    }).plate.phase,
  ).toBeNull()
  expect(oldMotorOf({ ...job, wires: {} }).plate.phase).toBeNull()
})

it('takes three phases from three leads traced on a unit of three lines, and from no fewer', () => {
  const wires = wiresOf('packaged-three-phase')
  const job = { ...EMPTY_JOB, unit: 'packaged-three-phase', wires }
  expect(oldMotorOf(job).plate.phase).toBe(3)
  const [first = ''] = Object.keys(wires).filter((id) => wires[id]?.to === 'motor')
  const without = Object.fromEntries(Object.entries(wires).filter(([id]) => id !== first))
  expect(oldMotorOf({ ...job, wires: without }).plate.phase).toBeNull()
})

it('a job that does not say which unit it is has no supply and no conflict of phases; its hertz are the shop’s, else 60', () => {
  expect([jobSupply(EMPTY_JOB), jobPhaseConflict(EMPTY_JOB)]).toEqual([null, null])
  expect([jobHertz(EMPTY_JOB), jobHertz({ ...EMPTY_JOB, hertz: 50 })]).toEqual([60, 50])
  const job = { ...EMPTY_JOB, unit: 'cooling-1-pole-shared-capacitor' }
  expect([jobSupply(job)?.supply.volts, jobPhaseConflict(job)]).toEqual([230, null])
})
