// From a job to the inputs of startup-verdict and charge-glance, as far as they are known.
import { unitTypeById } from '../../wiring/unit-types'
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

/** null: the hookup is not whole enough to be worked out. */
export function startupInput(job: JobDocument) {
  const hookup = hookupInput(job)
  const unit = job.unit ? unitTypeById(job.unit) : undefined
  if (!hookup || !unit) return null
  const accuracy = (probe: string) => job.measurements[probe]?.accuracy ?? null
  const door = job.startup.door
  const [canAmps, canVolts, supply] = [
    valueOf(job, CAN_PROBES.amps),
    valueOf(job, CAN_PROBES.volts),
    valueOf(job, SUPPLY_PROBE),
  ]
  return {
    hookup,
    turned: job.startup.turned === 'right' || job.startup.turned === 'backwards' ? job.startup.turned : null,
    readings: unit.modes
      .filter((m) => m.fanRuns)
      .flatMap((m) => {
        const amps = valueOf(job, startProbe('amps', m.id))
        return amps === null
          ? []
          : [
              {
                mode: m.id,
                amps,
                accuracy: accuracy(startProbe('amps', m.id)),
                door: unit.traits.fan === 'blower' && (door === 'open' || door === 'closed') ? door : null,
                inrush: valueOf(job, startProbe('inrush', m.id)),
              },
            ]
      }),
    capacitor:
      canAmps !== null && canVolts !== null && canAmps > 0 && canVolts > 0
        ? {
            amps: canAmps,
            volts: canVolts,
            ampsAccuracy: accuracy(CAN_PROBES.amps),
            voltsAccuracy: accuracy(CAN_PROBES.volts),
          }
        : null,
    supply: supply !== null && supply > 0 ? { volts: supply, accuracy: accuracy(SUPPLY_PROBE) } : null,
    oldRpm: job.motorPlate?.rpm[0] ?? null,
    sameBlade: job.startup.blade === 'same' ? true : job.startup.blade === 'other' ? false : null,
  }
}

/** null: which refrigerant it is, is not stated. */
export function chargeInput(job: JobDocument) {
  return job.refrigerant === null ? null : { refrigerant: job.refrigerant, ...job.chargeFigures }
}
