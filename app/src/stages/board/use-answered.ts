// A move and what is judged of it come onto the board together: until the answer is there the board stands as it was, and is drawn once.
import { useState } from 'react'
import type { JobDocument } from '@oak/core/job/document'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import type { HookupState } from '../../parts/frame/use-hookup'
import { useStood } from '../../ui/use-stood'

/** A job as the board shows it, with an answer. */
export interface Answered {
  readonly job: JobDocument
  readonly answer: HookupOutput
  /** false: the answer is to what stood before. */
  readonly fresh: boolean
}

/** An answer that takes longer is not waited for: the move is shown without it, ms. */
export const TOGETHER_MS = 100

/** null: there is no answer to show. */
export function useAnswered(job: JobDocument, hookup: HookupState): Answered | null {
  const [shown, show] = useState<Answered | null>(null)
  const isWaiting = hookup.kind === 'ready' && !hookup.fresh
  const waitedFor = useStood(isWaiting ? job : null, TOGETHER_MS, null)
  const isLate = waitedFor === job
  if (hookup.kind !== 'ready') {
    if (shown) show(null)
    return null
  }
  const { answer, fresh } = hookup
  if (shown && isWaiting && !isLate) return shown
  if (shown?.job === job && shown.answer === answer && shown.fresh === fresh) return shown
  const now = { job, answer, fresh }
  show(now)
  return now
}
