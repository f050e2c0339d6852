// What an unreadable plate probably said, from what can still be seen: a range with its reasons, never a figure to order by.
import { first, last, at } from '../quantity/at'
import data from './estimates.json'
import { STANDARD_HORSEPOWER } from './horsepower'

/** What can be read of a motor without a plate: A, V, in. */
export interface EstimateFrom {
  /** Running amps, lowest selection first; one for a one-speed motor. */
  readonly ampsBySpeed?: readonly number[]
  /** Volts across the motor; amps mean nothing without them. */
  readonly volts?: number | null
  /** The old fan capacitor's value, µF. */
  readonly microfarads?: number | null
  readonly blade?: { readonly diameterInches: number; readonly steep: boolean } | null
}

/** A range that an estimate leaves, with what it rests on. */
export interface Estimated<T> {
  readonly low: T
  readonly high: T
  /** One sentence for each thing it rests on. */
  readonly because: readonly string[]
}

/** What the plate may have said; null: nothing can be said of it. An estimate never passes a row of a match. */
export interface PlateEstimate {
  readonly horsepower: Estimated<string> | null
  /** Nameplate rpm of the speed class. */
  readonly rpm: Estimated<number> | null
  readonly speeds: Estimated<number> | null
  /** The sources do not fit one horsepower between them; each is then listed and none is chosen. */
  readonly conflict: string | null
}

/** Standard sizes that stand in the tables, small to large; the tables' own keys come in another order, "1" first. */
const SIZES: readonly string[] = STANDARD_HORSEPOWER.filter((size) => size in data.ampsAt230)
type Table = Readonly<Record<string, readonly number[]>>

interface Source {
  readonly sizes: readonly string[]
  readonly because: string
}

/** Sizes whose range holds the value. */
const sizesWith = (table: Table, value: number): string[] =>
  SIZES.filter((size) => (table[size]?.[0] ?? Infinity) <= value && value <= (table[size]?.[1] ?? -Infinity))

/** Always an estimate: every part says what it rests on; null where nothing known bears on it. Source: the tables' own mark. */
export function estimatePlate({ ampsBySpeed = [], volts, microfarads, blade }: EstimateFrom): PlateEstimate {
  const most = ampsBySpeed.length > 0 ? Math.max(...ampsBySpeed) : null
  const sources: Source[] = []
  // Amps go down as volts go up, power being the same.
  if (most !== null && volts)
    sources.push({
      sizes: sizesWith(data.ampsAt230, (most * volts) / 230),
      because: `It draws ${most} A at ${volts} V.`,
    })
  if (microfarads)
    sources.push({
      sizes: sizesWith(data.microfarads, microfarads),
      because: `Its old capacitor is ${microfarads} µF.`,
    })
  if (blade) sources.push(fromBlade(blade))
  return {
    ...horsepowerOf(sources),
    rpm: blade ? rpmOf(blade) : null,
    speeds: ampsBySpeed.length > 1 ? speedsOf(ampsBySpeed) : null,
  }
}

function fromBlade({ diameterInches, steep }: NonNullable<EstimateFrom['blade']>): Source {
  const sizes = sizesWith(data.bladeInches, diameterInches)
  if (!steep) return { sizes, because: `Its blade is ${diameterInches} in across.` }
  const from = SIZES.indexOf(data.steepFrom)
  const raised = SIZES.filter(
    (_, i) => i >= from && i <= Math.max(from, SIZES.indexOf(sizes.at(-1) ?? data.steepFrom)),
  )
  return {
    sizes: raised,
    because: `Its blade is ${diameterInches} in across and steep: such fans need ${data.steepFrom} hp or more.`,
  }
}

function horsepowerOf(sources: readonly Source[]): Pick<PlateEstimate, 'horsepower' | 'conflict'> {
  const telling = sources.filter((s) => s.sizes.length > 0)
  if (telling.length === 0)
    return {
      horsepower: null,
      conflict:
        sources.length > 0
          ? `${sources.map((s) => s.because).join(' ')} That is outside the usual fan motors.`
          : null,
    }
  const common = SIZES.filter((size) => telling.every((s) => s.sizes.includes(size)))
  if (common.length === 0)
    return {
      horsepower: null,
      conflict: `These do not belong to one motor: ${telling.map((s) => `${s.because} (${s.sizes[0]} to ${s.sizes.at(-1)} hp)`).join(' ')}`,
    }
  return {
    horsepower: {
      low: first(common),
      high: last(common),
      because: telling.map((s) => s.because),
    },
    conflict: null,
  }
}

function rpmOf({ diameterInches }: NonNullable<EstimateFrom['blade']>): Estimated<number> | null {
  const row = data.speedByBladeInches.find((r) => diameterInches < r.below)
  return row
    ? {
        low: first(row.rpm),
        high: at(row.rpm, 1),
        because: [
          `Its blade is ${diameterInches} in across; count the poles by another sign before ordering.`,
        ],
      }
    : null
}

const speedsOf = (amps: readonly number[]): Estimated<number> => ({
  low: amps.length,
  high: amps.length,
  because: [`${amps.length} selections draw ${amps.join(', ')} A.`],
})
