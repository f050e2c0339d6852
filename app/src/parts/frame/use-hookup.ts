// The hookup of a job, worked out in the worker with every change. The last good answer stays while a new one is made.
import { useMemo } from 'react'
import type { JobDocument } from '@oak/core/job/document'
import {
  hookupInput,
  hookupNeeds,
  type HookupInput,
  type HookupNeed,
} from '@oak/core/job/inputs/hookup-input'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import type { OperationError } from '@oak/core/operations/registry'
import { useCurrentOperation } from './use-operation'

export type HookupState =
  | { readonly kind: 'missing'; readonly needs: readonly HookupNeed[] }
  | { readonly kind: 'working' }
  /** The record cannot be worked out, and why. */
  | { readonly kind: 'bad'; readonly error: OperationError }
  /** The app gave no answer: a fault of its own, in words with what to do. */
  | { readonly kind: 'failed'; readonly text: string }
  /** `fresh` false: an edit is being worked out; nothing may be proven on this answer. */
  | { readonly kind: 'ready'; readonly answer: HookupOutput; readonly fresh: boolean }

export function useHookup(job: JobDocument): HookupState {
  // Compared by contents: an edit of the job's name, or one that comes back from the server, is no reason to work it out again.
  const text = JSON.stringify(hookupInput(job))
  const input = useMemo(() => JSON.parse(text) as HookupInput | null, [text])
  const { answer, isCurrent } = useCurrentOperation('hookup', input, 'drawn at once')

  if (!input) return { kind: 'missing', needs: hookupNeeds(job) }
  if (answer?.ok) return { kind: 'ready', answer: answer.output as HookupOutput, fresh: isCurrent }
  if (!answer || !isCurrent) return { kind: 'working' }
  const { error } = answer
  return error.code === 'failed' ? { kind: 'failed', text: error.message } : { kind: 'bad', error }
}
