// The new capacitor of a compressor that has one to itself: what is asked of it, and whether what was chosen is that.
import type { Can } from '../../capacitor/can'
import { singlesFor, type SingleWanted } from '../../capacitor/stock-plan/single'
import { DEFAULT_TOLERANCE_PERCENT } from '../../capacitor/verdict'
import { unitTypeFor } from '../../wiring/unit-types'
import type { JobDocument } from '../document'

/** Has the compressor of this unit a capacitor to itself, beside the fan's? */
export const hasCompressorCan = ({ unit }: Pick<JobDocument, 'unit'>): boolean =>
  unit !== null && (unitTypeFor(unit)?.posts.some((post) => post.kind === 'kept-cap') ?? false)

/** What the compressor asks of a single; null: not all of it is known. */
export const compressorAsks = (job: JobDocument): SingleWanted | null =>
  job.compressorMicrofarads === null || job.compressorCanVolts === null
    ? null
    : {
        microfarads: job.compressorMicrofarads,
        volts: job.compressorCanVolts,
        tolerancePercent: job.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT,
      }

/** The compressor's new capacitor; null: none is chosen, this unit has no place for it, or it is not what is asked for any more. */
export function newCompressorCan(job: JobDocument): Can | null {
  const { compressorCan: can } = job
  const asks = compressorAsks(job)
  return can && asks && hasCompressorCan(job) && singlesFor([can], asks).length > 0 ? can : null
}
