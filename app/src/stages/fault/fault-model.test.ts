import { PROBES } from '@oak/core/diagnosis/answers'
import { EMPTY_JOB } from '@oak/core/job/document'
import type { Measurement, Quantity } from '@oak/core/meter/measurement'
import { diagnoseInput, PROBES_OF } from './fault-model'

const read = (quantity: Quantity, value: number): Measurement => ({
  quantity,
  value,
  range: null,
  accuracy: null,
  meter: 'typed',
  at: 0,
})

it('without a unit there is nothing to ask', () => expect(diagnoseInput(EMPTY_JOB)).toBeNull())
it('takes the readings that answer a test, without meter and time, and leaves the others', () => {
  const job = {
    ...EMPTY_JOB,
    unit: 'gas-furnace-board',
    observations: { 'fan-does': 'hums' },
    measurements: { 'volts-call': read('volts', 25), 'volts-start supply': read('volts', 118) },
  }
  expect(diagnoseInput(job)).toEqual({
    unit: 'gas-furnace-board',
    observations: { 'fan-does': 'hums' },
    readings: { 'volts-call': { quantity: 'volts', value: 25, accuracy: null } },
    marking: null,
    plateMicrofarads: null,
    plateAmps: null,
    // Volts of the supply read at start-up are the supply's, here too.
    supply: {
      chosenVolts: null,
      unitPlate: [],
      motorPlate: [],
      meterVolts: 118,
      chosenHertz: null,
      hertz: null,
      plateHertz: [],
    },
  })
})
it('of several amps on the plate the highest counts: the highest speed draws it', () => {
  const plate = { amps: [2.1, 4.8, 3.3] } as unknown as typeof EMPTY_JOB.motorPlate
  expect(diagnoseInput({ ...EMPTY_JOB, unit: 'gas-furnace-board', motorPlate: plate })?.plateAmps).toBe(4.8)
})
it('every reading that the diagnosis knows can be taken somewhere, in its own quantity, and no other', () => {
  const offered = Object.values(PROBES_OF).flat()
  expect(offered.map((p) => p.probe).sort()).toEqual([...PROBES].sort())
  for (const { probe, quantity } of offered) expect(probe.startsWith(`${quantity}-`)).toBe(true)
})
