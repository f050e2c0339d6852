// What the compressor's own new capacitor takes of the van, apart from what the fan's plan takes. No rendering here.
import type { Can } from '@oak/core/capacitor/can'
import type { JobDocument } from '@oak/core/job/document'
import type { Edit } from '../../platform/state/jobs'

type Held = Pick<JobDocument, 'compressorCan' | 'taken'>

/** How many of a line are the compressor's: one, where its can is of that line and is taken. */
export const compressorsOf = ({ compressorCan, taken }: Held, line: string): number =>
  compressorCan?.id === line && taken[line] ? 1 : 0

/** What the job holds for the fan's plan: all it took, without the compressor's. */
export function takenForFan(job: Held): JobDocument['taken'] {
  return Object.fromEntries(
    Object.entries(job.taken).flatMap(([line, { quantity }]) => {
      const fans = quantity - compressorsOf(job, line)
      return fans > 0 ? [[line, { quantity: fans }]] : []
    }),
  )
}

/** Taken of the van with the choice, given back with another one; the fan's own of the same line stays taken. */
export function exchangeEdits(job: Held, can: Can | null): Edit[] {
  const before = job.compressorCan?.id ?? null
  const after = can?.id ?? null
  if (before === after) return []
  const fans = takenForFan(job)
  const count = (line: string, compressors: number): Edit => {
    const quantity = (fans[line]?.quantity ?? 0) + compressors
    return { path: ['taken', line], value: quantity > 0 ? { quantity } : null }
  }
  return [
    { path: ['compressorCan'], value: can },
    ...(before !== null && job.taken[before] ? [count(before, 0)] : []),
    ...(after === null ? [] : [count(after, 1)]),
  ]
}
