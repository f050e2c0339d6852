// Microfarads of a capacitor in circuit, from the amps in its lead and the volts across it.
import { divideIntervals, readingInterval, type MeterAccuracy } from '../quantity/interval'
import { toleranceVerdict, type ToleranceVerdict } from './verdict'

/**
 * Microfarads × volts / amps at a supply frequency: 10^6 / (2 pi f). 2652.58 at 60 Hz, 3183.10 at 50 Hz.
 * Source: capacitive reactance X = 1 / (2 pi f C), solved for C (textbook).
 */
export const microfaradFactor = (hertz: number): number => 1_000_000 / (2 * Math.PI * hertz)

/** A reading under load, with the meter's accuracy and the rating where they are known. */
export interface CapacitorReading {
  /** Amps in the start lead (not in motor common), above 0. */
  readonly amps: number
  /** Volts across this capacitor's two posts (not line volts), above 0. */
  readonly volts: number
  readonly hertz: number
  readonly rating?: { readonly microfarads: number; readonly tolerancePercent: number }
  readonly meter?: { readonly amps: MeterAccuracy; readonly volts: MeterAccuracy }
}

/** The value under load and its verdict. Derived: C = 10^6 I / (2 pi f V). */
export interface CapacitorReadingResult {
  readonly microfarads: number
  /** Least value the meter allows, µF. */
  readonly low: number
  /** Greatest value the meter allows, µF; null when the meter sets no upper limit. */
  readonly high: number | null
  /** Signed, against the rating; null when no rating is given. */
  readonly deviationPercent: number | null
  /** null when no rating is given. */
  readonly verdict: ToleranceVerdict | null
}

/**
 * C[µF] = 10^6 I / (2 pi f V), with the interval the meter leaves open, against the rating.
 * The interval is taken over all corners of both readings' uncertainty.
 */
export function microfaradsFromReading(reading: CapacitorReading): CapacitorReadingResult {
  const factor = microfaradFactor(reading.hertz)
  const microfarads = factor * (reading.amps / reading.volts)
  const quotient = divideIntervals(
    readingInterval(reading.amps, reading.meter?.amps),
    readingInterval(reading.volts, reading.meter?.volts),
  )
  const range = { low: factor * quotient.low, high: factor * quotient.high }
  const rating = reading.rating
  return {
    microfarads,
    low: range.low,
    high: Number.isFinite(range.high) ? range.high : null,
    deviationPercent: rating ? (100 * (microfarads - rating.microfarads)) / rating.microfarads : null,
    verdict: rating ? toleranceVerdict(range, rating.microfarads, rating.tolerancePercent) : null,
  }
}
