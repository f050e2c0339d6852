// From a job to the inputs of startup-verdict and charge-glance, as far as they are known.
import { METERING } from '../../startup/charge/figures'
import { FIRST_POWER } from '../../startup/first-power'
import type { TemperatureUnit } from '../../quantity/temperature'
import type { UnitType } from '../../wiring/unit-type'
import { unitTypeFor } from '../../wiring/unit-types'
import type { JobDocument } from '../document'
import { hookupInput } from './hookup-input'

/** Where the start-up readings of a mode are kept. */
export const startProbe = (kind: 'amps' | 'inrush', mode: string): string =>
  `amps-${kind === 'amps' ? 'start' : 'inrush'} ${mode}`
export const SUPPLY_PROBE = 'volts-start supply'
export const CAN_PROBES = { amps: 'amps-start can', volts: 'volts-start can' } as const

/** Where the meter's own reading of a charge figure is kept. */
export const chargeProbe = (key: string): string => `celsius-charge ${key}`

const valueOf = (job: JobDocument, probe: string): number | null => {
  const value = job.measurements[probe]?.value
  return typeof value === 'number' ? value : null
}

const accuracyOf = (job: JobDocument, probe: string) => job.measurements[probe]?.accuracy ?? null

/** An answer where it is one of those that are known; else null. */
const oneOf = <T extends string>(answer: string | undefined, known: readonly T[]): T | null =>
  known.find((one) => one === answer) ?? null

/** null: the hookup is not whole enough to be worked out. */
export function startupInput(job: JobDocument) {
  const hookup = hookupInput(job)
  const unit = job.unit ? unitTypeFor(job.unit) : undefined
  if (!hookup || !unit) return null
  const supply = valueOf(job, SUPPLY_PROBE)
  return {
    hookup,
    turned: oneOf(job.startup.turned, FIRST_POWER),
    readings: ampsReadings(job, unit),
    capacitor: canReading(job),
    supply: supply !== null && supply > 0 ? { volts: supply, accuracy: accuracyOf(job, SUPPLY_PROBE) } : null,
    oldRpm: job.motorPlate?.rpm[0] ?? null,
    sameBlade: sameBlade(job),
  }
}

/** Amps of each mode in which the fan runs, as far as they were read. */
function ampsReadings(job: JobDocument, unit: UnitType) {
  const door = unit.traits.fan === 'blower' ? oneOf(job.startup.door, ['open', 'closed']) : null
  return unit.modes
    .filter((m) => m.fanRuns)
    .flatMap(({ id }) => {
      const probe = startProbe('amps', id)
      const amps = valueOf(job, probe)
      if (amps === null) return []
      const inrush = valueOf(job, startProbe('inrush', id))
      return [{ mode: id, amps, accuracy: accuracyOf(job, probe), door, inrush }]
    })
}

/** Amps and volts of the fan's section; null: not both were read. */
function canReading(job: JobDocument) {
  const [amps, volts] = [valueOf(job, CAN_PROBES.amps), valueOf(job, CAN_PROBES.volts)]
  if (!amps || !volts || amps < 0 || volts < 0) return null
  const [ampsAccuracy, voltsAccuracy] = [accuracyOf(job, CAN_PROBES.amps), accuracyOf(job, CAN_PROBES.volts)]
  return { amps, volts, ampsAccuracy, voltsAccuracy }
}

/** Nobody took it off a motor that stays, unless it is said. */
function sameBlade({ startup, motorStays }: JobDocument): boolean | null {
  const said = oneOf(startup.blade, ['same', 'other'])
  if (said === null) return motorStays ? true : null
  return said === 'same'
}

/** null: which refrigerant it is, is not stated. `unit`: in which its sentences are read. */
export function chargeInput(job: JobDocument, unit: TemperatureUnit) {
  return job.refrigerant === null
    ? null
    : {
        refrigerant: job.refrigerant,
        ...job.chargeFigures,
        metering: oneOf(job.startup.metering, METERING),
        unit,
      }
}
