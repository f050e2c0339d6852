// Readings and units that the tests of the diagnosis are made of.
import type { Probe, ProbeReading } from '../answers'
import { diagnose, type Diagnosis, type DiagnosisInput } from '../diagnose'
import { unitOf } from '../../testing/fixtures'

export const SPLIT = 'cooling-1-pole-shared-capacitor'
export const OWN = 'cooling-2-pole-own-capacitor'
export const PUMP = 'heat-pump-1-pole-shared-capacitor'
export const FURNACE = 'gas-furnace-board'
export const COIL = 'fan-coil-three-speed'

export type Readings = Partial<Record<Probe, ProbeReading>>
export const read = (quantity: ProbeReading['quantity'], value: number | 'OL'): ProbeReading => ({
  quantity,
  value,
  accuracy: null,
})
export const uf = (value: number | 'OL') => read('microfarads', value)
export const ohms = (value: number | 'OL') => read('ohms', value)
export const volts = (value: number) => read('volts', value)
export const amps = (value: number) => read('amps', value)
export const DUAL = { sections: [40, 5], range: null, volts: 440, tolerancePercent: 6 }

export const on = (
  unit: string,
  observations: Record<string, string>,
  readings: Readings = {},
  more: Partial<DiagnosisInput> = {},
): Diagnosis =>
  diagnose({ unit: unitOf(unit), observations, readings, marking: null, plateAmps: null, ...more })
export const chance = (d: Diagnosis, id: string) => d.causes.find((c) => c.id === id)?.chance ?? 0

// What a practitioner says to each case first. Common practice, no source.
