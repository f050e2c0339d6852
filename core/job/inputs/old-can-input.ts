// What a job knows of the old capacitor: each side's marking and reading, its verdict, and the input of the old-can operation.
import { judgeBench } from '../../capacitor/bench'
import type { OldCanInput, SideVerdict } from '../../capacitor/old-can'
import { microfaradsFromReading } from '../../capacitor/reading'
import { DEFAULT_TOLERANCE_PERCENT, toleranceVerdict } from '../../capacitor/verdict'
import { measuredInterval, USUAL_ACCURACY } from '../../meter/measurement'
import type { Interval } from '../../quantity/interval'
import { unitTypeFor } from '../../wiring/unit-types'
import type { JobDocument } from '../document'

/** A side of the old capacitor, by the load it serves. */
export type CanSide = 'HERM' | 'FAN'

/** The old can's label by custom: a dual names the compressor's value first; a single is the fan's. Common practice, no source. */
export function labelOf({ canMarking }: Pick<JobDocument, 'canMarking'>, side: CanSide): number | null {
  const sections = canMarking?.sections ?? []
  if (sections.length === 1) return side === 'FAN' ? (sections[0] ?? null) : null
  return (side === 'HERM' ? sections[0] : sections.at(-1)) ?? null
}

/** Where it is kept how the capacitor's top looks: flat, swollen or leaks. */
export const CAN_TOP = 'can-top'

/** Where the readings of a side are kept. */
export const runningProbe = (key: 'amps' | 'volts', side: CanSide): string => `${key}-running ${side}`
const benchProbe = (side: CanSide): string => `microfarads-${side}`

type Evidence = Pick<JobDocument, 'measurements' | 'readings'>

/** Its µF by the bench, else under load, as what the meter leaves open; null: not read, or OL. */
export function sideReading({ measurements, readings }: Evidence, side: CanSide): Interval | null {
  const bench = measurements[benchProbe(side)]
  if (bench) return measuredInterval(bench)
  const running = readings[side]
  if (!running) return null
  const accuracy = (key: 'amps' | 'volts') =>
    measurements[runningProbe(key, side)]?.accuracy ?? USUAL_ACCURACY[key]
  const { low, high } = microfaradsFromReading({
    amps: running.amps,
    volts: running.volts,
    hertz: running.hertz,
    meter: { amps: accuracy('amps'), volts: accuracy('volts') },
  })
  return high === null ? null : { low, high }
}

function sideVerdict(
  job: Evidence & Pick<JobDocument, 'canMarking' | 'motorPlate'>,
  side: CanSide,
): SideVerdict | null {
  // A wrong one that reads its own marking is wrong all the same: the motor's plate counts.
  const marked = (side === 'FAN' ? job.motorPlate?.microfarads : null) ?? labelOf(job, side)
  const bench = job.measurements[benchProbe(side)]
  const rating =
    marked === null
      ? undefined
      : {
          microfarads: marked,
          tolerancePercent: job.canMarking?.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT,
        }
  if (bench)
    return judgeBench({
      reading: bench.value,
      meter: bench.accuracy ?? USUAL_ACCURACY.microfarads,
      ...(rating ? { rating } : {}),
    }).verdict
  const running = job.readings[side]
  if (!running) return null
  const at =
    rating ??
    (running.ratedMicrofarads === null
      ? undefined
      : { microfarads: running.ratedMicrofarads, tolerancePercent: running.tolerancePercent })
  const range = sideReading(job, side)
  return at && range ? toleranceVerdict(range, at.microfarads, at.tolerancePercent) : null
}

/** null: nothing is known of it. */
export function oldCanInput(job: JobDocument): OldCanInput | null {
  const shared = job.unit !== null && unitTypeFor(job.unit)?.traits.capacitor === 'shared'
  const sides = (shared ? (['HERM', 'FAN'] as const) : (['FAN'] as const)).map((side) => ({
    load: side,
    microfarads: labelOf(job, side),
    verdict: sideVerdict(job, side),
  }))
  const top = job.observations[CAN_TOP]
  if (sides.every((s) => s.verdict === null) && (top === undefined || top === 'flat')) return null
  return {
    sides,
    oneCase: sides.length > 1 && job.canMarking?.sections.length !== 1,
    looksBad: top === undefined ? null : top !== 'flat',
    newMotor: job.motor !== null && !job.motorStays,
  }
}

/** The compressor's side of the old can as one that could stay; null while its marking, rating or reading is not known, or its top was not found flat and dry. */
export function sideThatCouldStay(job: JobDocument) {
  const [microfarads, reading, volts] = [
    labelOf(job, 'HERM'),
    sideReading(job, 'HERM'),
    job.canMarking?.volts ?? null,
  ]
  if (job.observations[CAN_TOP] !== 'flat') return null
  if (microfarads === null || reading === null || volts === null) return null
  return {
    load: 'HERM',
    name: 'The old can',
    volts,
    microfarads,
    tolerancePercent: job.canMarking?.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT,
    reading,
  }
}
