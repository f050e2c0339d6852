import type { Measurement, Quantity } from '../../meter/measurement'
import { runOperation } from '../../operations/registry'
import type { StartupOutput } from '../../operations/startup-verdict'
import { EMPTY_JOB, type JobDocument } from '../document'
import { FINISHED } from '../testing/finished'
import { CAN_PROBES, chargeInput, startProbe, startupInput, SUPPLY_PROBE } from './startup-input'

const reading = (quantity: Quantity, value: number | 'OL'): Measurement => ({
  quantity,
  value,
  accuracy: { percent: 1, counts: 0, resolution: 0.01 },
  range: null,
  meter: 'typed',
  at: 1,
})
const started = (
  measurements: JobDocument['measurements'],
  startup: JobDocument['startup'] = { turned: 'right' },
) => {
  const result = runOperation('startup-verdict', startupInput({ ...FINISHED, measurements, startup }))
  if (!result.ok) throw new Error(result.error.message)
  return result.output as StartupOutput
}

it('an empty job cannot be judged', () => expect(startupInput(EMPTY_JOB)).toBeNull())
it('each mode that runs the fan has its rating and what the proof expects', () => {
  expect(started({}).expected).toEqual([
    {
      mode: 'cooling',
      name: 'cooling',
      amps: expect.any(Number),
      range: { low: expect.any(Number), high: expect.any(Number) },
      lead: 'black',
      others: [
        { lead: 'white', amps: expect.any(Number) },
        { lead: 'brown', amps: expect.any(Number) },
      ],
      rated: FINISHED.motor!.settings.horsepower[0]!.amps,
      speed: null,
    },
  ])
})
it('readings go with their meter; OL is no reading', () => {
  const amps = startProbe('amps', 'cooling')
  expect(started({ [amps]: reading('amps', 1.3) })).toMatchObject({
    verdict: 'fine',
    amps: [{ name: 'cooling', verdict: 'fine' }],
  })
  expect(started({ [amps]: reading('amps', 'OL') }).amps).toEqual([])
})
it('the capacitor under load is held against the tag: 2652.58 x 1.05 / 372 = 7.49', () => {
  const { capacitor } = started({
    [CAN_PROBES.amps]: reading('amps', 1.05),
    [CAN_PROBES.volts]: reading('volts', 372),
  })
  expect(capacitor?.microfarads).toBeCloseTo(7.49, 2)
  expect(
    started({ [CAN_PROBES.amps]: reading('amps', 0), [CAN_PROBES.volts]: reading('volts', 372) }).capacitor,
  ).toBeNull()
})
it('a supply far off is the first cause of too many amps', () => {
  const { causes } = started({
    [startProbe('amps', 'cooling')]: reading('amps', 2.6),
    [SUPPLY_PROBE]: reading('volts', 180),
  })
  expect(causes[0]).toMatchObject({ id: 'voltage', weight: 'speaks for it' })
})
it('the charge is asked for once the refrigerant is known, each figure as it was read', () => {
  expect(chargeInput(EMPTY_JOB, 'F')).toBeNull()
  expect(
    chargeInput({ ...EMPTY_JOB, refrigerant: 'R-22', chargeFigures: { suctionPsig: 68.6 } }, 'C'),
  ).toEqual({
    unit: 'C',
    metering: null,
    refrigerant: 'R-22',
    suctionPsig: 68.6,
  })
})
