import type { Measurement } from '../../meter/measurement'
import { leadSheetById } from '../../motor/lead-sheets'
import { EMPTY_MOTOR_PLATE } from '../../motor/nameplate'
import { EMPTY_JOB, type JobDocument } from '../document'
import { labelOf, oldCanInput, sideReading, sideThatCouldStay } from './old-can-input'
import { UNIT_TYPES } from '../../wiring/unit-types'

const SHARED = UNIT_TYPES.find((u) => u.traits.capacitor === 'shared')!.id
const bench = (value: number | 'OL'): Measurement => ({
  quantity: 'microfarads',
  value,
  accuracy: { percent: 1, counts: 0, resolution: 0.1 },
  range: null,
  meter: 'typed',
  at: 0,
})
const job = (more: Partial<JobDocument>): JobDocument => ({
  ...EMPTY_JOB,
  unit: SHARED,
  canMarking: { sections: [45, 5], range: null, volts: 440, tolerancePercent: 5 },
  ...more,
})

it('reads a dual’s label compressor first, a single as the fan’s', () => {
  const single = { canMarking: { sections: [5], range: null, volts: 440, tolerancePercent: null } }
  expect([
    labelOf(job({}), 'HERM'),
    labelOf(job({}), 'FAN'),
    labelOf(single, 'FAN'),
    labelOf(single, 'HERM'),
  ]).toEqual([45, 5, 5, null])
})
it('judges each side by its own marking’s tolerance: 42.5 of 45 is outside ±5 % and inside ±6 %', () => {
  const at = (tolerancePercent: number) =>
    oldCanInput(
      job({
        canMarking: { sections: [45, 5], range: null, volts: 440, tolerancePercent },
        measurements: {
          'microfarads-HERM': { ...bench(42.5), accuracy: { percent: 0, counts: 0, resolution: 0.1 } },
        },
      }),
    )?.sides[0]?.verdict
  expect([at(5), at(6)]).toEqual(['out', 'in'])
})
it('prefers the bench to a reading under load, and knows neither from OL', () => {
  const readings = {
    HERM: {
      of: 'HERM' as const,
      amps: 6.2,
      volts: 370,
      hertz: 60 as const,
      ratedMicrofarads: 45,
      tolerancePercent: 6,
    },
  }
  expect(sideReading(job({ readings, measurements: { 'microfarads-HERM': bench(40) } }), 'HERM')).toEqual({
    low: expect.closeTo(39.6, 6),
    high: expect.closeTo(40.4, 6),
  })
  const running = sideReading(job({ readings }), 'HERM')!
  // 2652.58 x 6.2 / 370
  expect((running.low + running.high) / 2).toBeCloseTo(44.45, 0)
  expect(sideReading(job({ measurements: { 'microfarads-HERM': bench('OL') } }), 'HERM')).toBeNull()
})
it('asks of a swollen one even when nothing was read, and not of one that nobody looked at', () => {
  expect(oldCanInput(job({ observations: { 'can-top': 'swollen' } }))).toMatchObject({
    looksBad: true,
    oneCase: true,
  })
  expect(oldCanInput(job({}))).toBeNull()
  expect(
    oldCanInput(job({ motor: leadSheetById('rowan-25r')!, measurements: { 'microfarads-FAN': bench(5) } })),
  ).toMatchObject({
    newMotor: true,
    sides: [
      { load: 'HERM', verdict: null },
      { load: 'FAN', verdict: 'in' },
    ],
  })
})
it('the compressor’s side could stay once marking, rating and reading are known, and its top is flat', () => {
  const read = { measurements: { 'microfarads-HERM': bench(44.6) } }
  expect(sideThatCouldStay(job({ observations: { 'can-top': 'flat' } }))).toBeNull()
  expect(sideThatCouldStay(job(read))).toBeNull()
  expect(sideThatCouldStay(job({ ...read, observations: { 'can-top': 'leaks' } }))).toBeNull()
  expect(sideThatCouldStay(job({ ...read, observations: { 'can-top': 'flat' } }))).toMatchObject({
    load: 'HERM',
    volts: 440,
    microfarads: 45,
    tolerancePercent: 5,
  })
})
it('a wrong capacitor that reads its own marking is out all the same: the motor’s plate counts', () => {
  const fan = (microfarads: number | null) =>
    oldCanInput(
      job({
        canMarking: { sections: [45, 3], range: null, volts: 440, tolerancePercent: 6 },
        motorPlate: { ...EMPTY_MOTOR_PLATE, microfarads },
        measurements: { 'microfarads-FAN': bench(3) },
      }),
    )?.sides[1]?.verdict
  expect([fan(4), fan(3), fan(null)]).toEqual(['out', 'in', 'in'])
})
