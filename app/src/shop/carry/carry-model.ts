// What a tick of the carry list edits: the tick itself and, for motor and can, the part taken of the van's stock. No rendering here.
import type { JobDocument } from '@oak/core/job/document'
import type { VanDocument } from '@oak/core/job/van'
import type { PlanCounts } from '@oak/core/carry/carry-list'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { compressorsOf, takenForFan } from '../../parts/stock/compressor-can-model'
import type { Edit } from '../../platform/state/jobs'

/** The van's line of an item; null where it is none of the stock. */
export function lineFor(item: string, job: JobDocument, van: VanDocument): string | null {
  if (item === 'motor')
    return (
      Object.entries(van.stock).find(
        ([, line]) => line.kind === 'motor' && line.sheet === job.motor?.id,
      )?.[0] ?? null
    )
  if (item === 'can') return job.can && van.stock[job.can.id]?.kind === 'capacitor' ? job.can.id : null
  return null
}

/** Taken of the stock with the tick, given back with its undoing; also when the part was exchanged for another meanwhile. */
export function tickEdits(item: string, on: boolean, line: string | null, job: JobDocument): Edit[] {
  const edits: Edit[] = [{ path: ['carried', item], value: on ? true : null }]
  if (line === null) return edits
  const fans = takenForFan(job)[line]
  const compressors = compressorsOf(job, line)
  if (on && !fans) edits.push({ path: ['taken', line], value: { quantity: 1 + compressors } })
  if (!on && fans)
    edits.push({ path: ['taken', line], value: compressors > 0 ? { quantity: compressors } : null })
  return edits
}

export function countsOf({ plan, leads }: HookupOutput): PlanCounts {
  return {
    jumpers: plan.jumperCount,
    landed: leads.filter((l) => l.goes.kind === 'post').length,
    insulated: leads.filter((l) => l.goes.kind === 'insulated').length,
  }
}
