// What of a job the diagnosis is asked with.
import type { Quantity } from '../../meter/measurement'
import { EMPTY_JOB } from '../document'
import { diagnoseInput } from './diagnose-input'

const read = (quantity: Quantity, value: number) => ({
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
    subject: 'fan',
    observations: { 'fan-does': 'hums' },
    compressorMicrofarads: 45,
    measurements: { 'volts-call': read('volts', 25), 'volts-start supply': read('volts', 118) },
  }
  expect(diagnoseInput(job)).toEqual({
    unit: 'gas-furnace-board',
    subject: 'fan',
    observations: { 'fan-does': 'hums' },
    readings: { 'volts-call': { quantity: 'volts', value: 25, accuracy: null } },
    marking: null,
    plateMicrofarads: null,
    compressorMicrofarads: 45,
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
      platePhases: null,
    },
  })
})
it('of several amps on the plate the highest counts: the highest speed draws it', () => {
  const plate = { amps: [2.1, 4.8, 3.3] } as unknown as typeof EMPTY_JOB.motorPlate
  expect(diagnoseInput({ ...EMPTY_JOB, unit: 'gas-furnace-board', motorPlate: plate })?.plateAmps).toBe(4.8)
})
