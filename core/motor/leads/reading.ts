// Ohms between pairs of leads as they were read, and what each reading leaves possible.

/** Ohms, or OL. */
export type OhmsValue = number | 'OL'

/** One reading between two leads, test leads not yet taken off. */
export interface PairReading {
  readonly between: readonly [string, string]
  readonly ohms: OhmsValue
}

/** How far a reading of ohms is trusted. */
export interface MeterTrust {
  /** The last digit of the meter, ohms. */
  readonly resolutionOhms: number
  /** Of reading. */
  readonly percent: number
  /** What the test leads read when they touch, ohms: taken off every reading. */
  readonly leadOhms: number
}

/** A hand meter on its lowest range. Common practice, no source. */
export const USUAL_METER: MeterTrust = { resolutionOhms: 0.1, percent: 1, leadOhms: 0 }

/** Readings up to this, once the test leads are off, are one point: copper, not winding. Common practice, no source. */
const SAME_POINT_OHMS = 0.3

/** True ohms of a reading, and how far off it may be: one digit and the percentage (rounding alone can show 0.2 as 0.3). */
export interface Measured {
  readonly ohms: number
  readonly doubt: number
}

/** Ohms with the test leads taken off, never below 0, and how far that may be off. */
export function measured(ohms: number, { resolutionOhms, percent, leadOhms }: MeterTrust): Measured {
  return { ohms: Math.max(0, ohms - leadOhms), doubt: resolutionOhms + (Math.abs(ohms) * percent) / 100 }
}

/** Is the reading so small that both leads are one point? */
export const isSamePoint = ({ ohms, doubt }: Measured): boolean => ohms <= Math.max(SAME_POINT_OHMS, doubt)

/** Readings by pair; the order of the two leads does not matter, and a pair read again counts as read last. */
export class ReadingTable {
  private readonly byPair = new Map<string, OhmsValue>()

  constructor(
    readings: readonly PairReading[],
    private readonly meter: MeterTrust,
  ) {
    readings.forEach(({ between: [a, b], ohms }) => this.byPair.set(keyOf(a, b), ohms))
  }

  raw(a: string, b: string): OhmsValue | undefined {
    return this.byPair.get(keyOf(a, b))
  }

  /** undefined: not read. */
  at(a: string, b: string): Measured | 'OL' | undefined {
    const value = this.raw(a, b)
    return typeof value === 'number' ? measured(value, this.meter) : value
  }

  without(a: string, b: string): ReadingTable {
    const other = new ReadingTable([], this.meter)
    this.byPair.forEach((value, key) => void (key !== keyOf(a, b) && other.byPair.set(key, value)))
    return other
  }
}

const keyOf = (a: string, b: string): string => (a < b ? `${a}\u0000${b}` : `${b}\u0000${a}`)
