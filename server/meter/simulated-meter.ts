// The clamp meter that ships with the server: a stand-in with ranges, digits, accuracy and noise, on a truth it is given.
import type { Measurement, Quantity } from '@oak/core/meter/measurement'
import { last } from '@oak/core/quantity/at'

export const METER_NAME = 'Plover 600 clamp (simulated)'

export interface MeterFrame {
  readonly value: Measurement['value']
  readonly range: number
  readonly accuracy: NonNullable<Measurement['accuracy']>
}

interface Range {
  readonly upTo: number
  readonly resolution: number
}

const ranges = (...list: [number, number][]): Range[] =>
  list.map(([upTo, resolution]) => ({ upTo, resolution }))
/** Its sheet: the ranges of each quantity, and accuracy as percent of reading + counts. Invented. */
const SHEET: Readonly<
  Record<Quantity, { readonly ranges: readonly Range[]; readonly percent: number; readonly counts: number }>
> = {
  volts: { ranges: ranges([60, 0.01], [600, 0.1], [1000, 1]), percent: 1, counts: 3 },
  amps: { ranges: ranges([6, 0.01], [60, 0.01], [600, 0.1]), percent: 2, counts: 5 },
  microfarads: { ranges: ranges([6, 0.01], [60, 0.01], [600, 0.1], [2000, 1]), percent: 1.9, counts: 4 },
  ohms: {
    ranges: ranges(
      [600, 0.1],
      [6_000, 1],
      [60_000, 10],
      [600_000, 100],
      [6_000_000, 1_000],
      [40_000_000, 10_000],
    ),
    percent: 0.9,
    counts: 3,
  },
  celsius: { ranges: ranges([400, 0.1]), percent: 1, counts: 10 },
}
/** What it shows with its leads on nothing. */
const OPEN_LEADS: Readonly<Record<Quantity, number>> = {
  volts: 0,
  amps: 0,
  microfarads: 0,
  ohms: Infinity,
  celsius: 24,
}

/** One reading. `truth` undefined: the leads are on nothing. `random` gives numbers from 0 to 1. Noise stays within the stated accuracy. */
export function readMeter(quantity: Quantity, truth: number | undefined, random: () => number): MeterFrame {
  const { ranges: list, percent, counts } = SHEET[quantity]
  const value = truth ?? OPEN_LEADS[quantity]
  const range = list.find((r) => value <= r.upTo) ?? last(list)
  const accuracy = { percent, counts, resolution: range.resolution }
  if (value > range.upTo) return { value: 'OL', range: range.upTo, accuracy }
  // Rounding takes half a digit of the room; the sum of three draws is near the middle most of the time.
  const room = (value * percent) / 100 + (counts - 1) * range.resolution
  const noise = (room * (random() + random() + random() - 1.5)) / 1.5
  const digits = Math.max(
    0,
    Math.round((value + (value === 0 ? Math.abs(noise) * 0.2 : noise * 0.35)) / range.resolution),
  )
  return { value: Number((digits * range.resolution).toFixed(6)), range: range.upTo, accuracy }
}
