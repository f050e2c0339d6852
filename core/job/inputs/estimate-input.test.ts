// What of a job bears on a plate that cannot be read.
import type { Measurement } from '../../meter/measurement'
import { BLANK_BLADE } from '../../motor/blade'
import { EMPTY_JOB } from '../document'
import { estimateInput } from './estimate-input'

const amps = (value: number): Measurement => ({
  quantity: 'amps',
  value,
  accuracy: null,
  range: null,
  meter: 'typed',
  at: 0,
})
const label = (...sections: number[]) => ({ sections, range: null, volts: 440, tolerancePercent: null })

it('of an empty job nothing', () =>
  expect(estimateInput(EMPTY_JOB)).toEqual({ ampsBySpeed: [], volts: null, microfarads: null, blade: null }))
it('of a dual’s label the smaller section, whichever stands first', () => {
  expect(estimateInput({ ...EMPTY_JOB, canMarking: label(45, 5) }).microfarads).toBe(5)
  expect(estimateInput({ ...EMPTY_JOB, canMarking: label(5, 45) }).microfarads).toBe(5)
})
it('amps of the speeds that were read, slowest first; else the running amps; what reads nothing is none', () => {
  const of = (measurements: Record<string, Measurement>) =>
    estimateInput({ ...EMPTY_JOB, measurements }).ampsBySpeed
  const speeds = { 'amps-high': amps(1.4), 'amps-low': amps(0.8), 'amps-medium': amps(0) }
  expect(of({ ...speeds, 'amps-motor': amps(1.3) })).toEqual([0.8, 1.4])
  expect(of({ 'amps-motor': amps(1.3) })).toEqual([1.3])
  expect(of({ 'amps-motor': amps(0) })).toEqual([])
})
it('volts go with amps, from the unit’s supply', () => {
  const job = { ...EMPTY_JOB, unit: 'cooling-1-pole-shared-capacitor' }
  expect(estimateInput(job).volts).toBeNull()
  expect(estimateInput({ ...job, measurements: { 'amps-motor': amps(1.3) } }).volts).toBe(230)
})
it('a blade by its diameter, steep only where it was said', () => {
  const oldBlade = { ...BLANK_BLADE, diameterInches: 24 }
  expect(estimateInput({ ...EMPTY_JOB, oldBlade }).blade).toEqual({ diameterInches: 24, steep: false })
  expect(estimateInput({ ...EMPTY_JOB, oldBlade, steepBlades: true }).blade?.steep).toBe(true)
  expect(estimateInput({ ...EMPTY_JOB, oldBlade: BLANK_BLADE }).blade).toBeNull()
})
