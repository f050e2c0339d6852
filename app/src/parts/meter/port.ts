// The few calls of a meter that the app needs: it is asked for a quantity at a place, and gives readings until it is told to stop.
import type { JobId } from '@oak/core/job/job-id'
import type { Measurement, Quantity } from '@oak/core/meter/measurement'

export interface MeterRequest {
  readonly quantity: Quantity
  /** Where the leads are, such as "volts-supply"; the simulated meter looks its truth up by it. */
  readonly probe: string
  readonly job: JobId
}

export type MeterReading = Omit<Measurement, 'at'>

export interface MeterListener {
  readonly onReading: (reading: MeterReading) => void
  /** The meter is gone, in words; no reading comes after it. */
  readonly onGone: (why: string) => void
}

export interface MeterPort {
  readonly name: string
  /** Starts to read; the returned function stops it, after which the listener hears nothing more. */
  readonly start: (request: MeterRequest, listener: MeterListener) => () => void
}
