// What the fault screen works with: the operation's input from a job, where readings are taken, and the glyphs of what a fan does.
import { supplyFacts } from '@oak/core/job/inputs/supply-input'
import type { SupplyFacts } from '@oak/core/supply/supply'
import type { JobDocument } from '@oak/core/job/document'
import type { Quantity } from '@oak/core/meter/measurement'
import type { DiagnoseOutput } from '@oak/core/operations/diagnose'

export interface Probe {
  readonly probe: string
  readonly title: string
  readonly quantity: Quantity
}

const one = (probe: string, title: string, quantity: Quantity): Probe[] => [{ probe, title, quantity }]

/** The readings that answer a test, by what it reads. */
export const PROBES_OF: Readonly<Record<string, readonly Probe[]>> = {
  'volts-supply': one('volts-supply', 'Supply, line to line', 'volts'),
  'volts-call': one('volts-call', 'Call, at the coil or the board', 'volts'),
  'volts-motor': one('volts-motor', 'Motor common to run', 'volts'),
  'volts-output': one('volts-output', 'Called output to the line lead', 'volts'),
  'amps-motor': one('amps-motor', 'Fan amps', 'amps'),
  'amps-speeds': [
    ...one('amps-low', 'Amps at low', 'amps'),
    ...one('amps-medium', 'Amps at medium', 'amps'),
    ...one('amps-high', 'Amps at high', 'amps'),
  ],
  'microfarads-FAN': one('microfarads-FAN', 'FAN to C', 'microfarads'),
  'microfarads-HERM': one('microfarads-HERM', 'HERM to C', 'microfarads'),
  'ohms-windings': [
    ...one('ohms-common-run', 'Motor common to run', 'ohms'),
    ...one('ohms-common-start', 'Motor common to start', 'ohms'),
    ...one('ohms-run-start', 'Run to start', 'ohms'),
  ],
  'ohms-frame': one('ohms-frame', 'A lead to the frame', 'ohms'),
  'celsius-motor': one('celsius-motor', 'Motor’s shell', 'celsius'),
}

const KNOWN = new Set(Object.values(PROBES_OF).flatMap((list) => list.map((p) => p.probe)))

export interface DiagnoseInput {
  readonly unit: string
  readonly observations: Readonly<Record<string, string>>
  readonly readings: Readonly<Record<string, unknown>>
  readonly marking: unknown
  readonly plateMicrofarads: number | null
  readonly plateAmps: number | null
  readonly supply: SupplyFacts
}

/** null while the unit is not known. Amps of several speeds: the plate's highest counts. */
export function diagnoseInput(job: JobDocument): DiagnoseInput | null {
  if (!job.unit) return null
  const amps = job.motorPlate?.amps ?? []
  return {
    unit: job.unit,
    observations: job.observations,
    readings: Object.fromEntries(
      Object.entries(job.measurements)
        .filter(([probe]) => KNOWN.has(probe))
        .map(([probe, { quantity, value, accuracy }]) => [probe, { quantity, value, accuracy }]),
    ),
    marking: job.canMarking,
    plateMicrofarads: job.motorPlate?.microfarads ?? null,
    plateAmps: amps.length > 0 ? Math.max(...amps) : null,
    supply: supplyFacts(job),
  }
}

export const STRENGTH_WORDS: Readonly<Record<DiagnoseOutput['causes'][number]['strength'], string>> = {
  strong: 'strong',
  likely: 'likely',
  possible: 'possible',
  unlikely: 'unlikely',
}

export const KIND_TITLES = {
  look: 'To see and hear',
  'power-off': 'Power off, locked out',
  live: 'Live: qualified people only',
  contributory: 'Also worth noting',
} as const
