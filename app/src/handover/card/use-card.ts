// The card of a job as it stands, for whoever shows it or takes its code.
import { useMemo } from 'react'
import type { Change } from '@oak/core/job/change'
import type { JobDocument } from '@oak/core/job/document'
import type { JobId } from '@oak/core/job/job-id'
import { hookupInput } from '@oak/core/job/inputs/hookup-input'
import { standingProof } from '@oak/core/job/standing-proof'
import type { HookupCardOutput } from '@oak/core/operations/hookup-card'
import { useDeviceSettings } from '../../ui/device-settings'
import { useOperation, type Answer } from '../../parts/frame/use-operation'
import { cardHeading } from './card-heading'

export interface CardOf {
  /** It is worked out, or there is nothing to work out. */
  readonly isReady: boolean
  readonly result: Answer | null
  /** null while it is worked out, and where the hookup is not proven as it stands. */
  readonly output: (HookupCardOutput & { readonly card: NonNullable<HookupCardOutput['card']> }) | null
}

export function useCard(id: JobId, job: JobDocument, changes: readonly Change[]): CardOf {
  const hookup = useMemo(() => hookupInput(job), [job])
  const heading = useMemo(() => cardHeading(id, job, changes), [id, job, changes])
  const paper = useDeviceSettings((s) => s.cardPaper)
  const { can } = job
  const canTop = useMemo(() => can && { face: can.face, sections: [...can.sections] }, [can])
  const input = useMemo(
    () => (hookup ? { hookup, heading, canTop, paper } : null),
    [hookup, heading, canTop, paper],
  )
  const result = useOperation('hookup-card', input)
  const output = result?.ok ? (result.output as HookupCardOutput) : null
  const card = standingProof(job) === null ? null : (output?.card ?? null)
  return {
    isReady: input === null || result !== null,
    result,
    output: output && card ? { ...output, card } : null,
  }
}
