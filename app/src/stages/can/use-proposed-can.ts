// The can that stands there before one is chosen: the best of the van for what is asked for, once it is worked out; else the first of the van.
import { useMemo } from 'react'
import type { Can } from '@oak/core/capacitor/can'
import { DEFAULT_TOLERANCE_PERCENT } from '@oak/core/capacitor/verdict'
import type { JobDocument } from '@oak/core/job/document'
import type { CapacitorPlanOutput } from '@oak/core/operations/capacitor-plan'
import { useCurrentOperation } from '../../parts/frame/use-operation'
import { takenForFan } from '../../parts/stock/compressor-can-model'
import { canOfPlan, chooseEdits, pickEdits, stockParts } from '../../parts/stock/stock-plan-model'
import { offeredCans } from '../../parts/stock/van-model'
import { useVan } from '../../platform/state/app'
import type { Edit } from '../../platform/state/jobs'
import { useDeviceSettings } from '../../ui/device-settings'
import { wantedLoads } from './wanted-loads'

export interface ProposedCan {
  readonly can: Can
  /** Nothing better is still being looked for. */
  readonly isSettled: boolean
  /** What choosing it edits, with the first press that uses it: the can, and the parts it takes of the van. Empty: it is chosen. */
  readonly choosing: readonly Edit[]
}

/** Of the job's own can it has nothing to propose: that one is it. */
export function useProposedCan(job: JobDocument, shared: boolean): ProposedCan {
  const { document: van, left } = useVan()
  const deviceAims = useDeviceSettings((s) => s.aims)
  const { motor, compressorMicrofarads, canMarking, taken, compressorCan } = job
  const aims = job.aims ?? deviceAims
  const tolerancePercent = job.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT
  const isChosen = job.can !== null
  const input = useMemo(() => {
    const loads = wantedLoads({ motor, compressorMicrofarads, canMarking }, shared)
    const stock = isChosen ? [] : stockParts(van, left, takenForFan({ compressorCan, taken }))
    return loads.length > 0 && stock.length > 0 ? { stock, loads, tolerancePercent, aims, stays: null } : null
  }, [
    van,
    left,
    motor,
    compressorMicrofarads,
    canMarking,
    taken,
    compressorCan,
    tolerancePercent,
    shared,
    aims,
    isChosen,
  ])
  const { answer, isCurrent } = useCurrentOperation('capacitor-plan', input)
  const plan = answer?.ok ? (answer.output as CapacitorPlanOutput).plans[0] : undefined
  const best = plan && isCurrent ? canOfPlan(plan, van, null) : null
  const first = offeredCans(van, left)[0] as Can
  const can = job.can ?? best ?? first
  return {
    can,
    isSettled: isChosen || input === null || isCurrent,
    choosing: isChosen ? [] : best && plan ? chooseEdits(plan, van, job, null) : pickEdits(can, van, job),
  }
}
