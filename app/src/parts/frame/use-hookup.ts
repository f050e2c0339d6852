// The hookup of a job, worked out in the worker with every change. The last good answer stays while a new one is made.
import { useEffect, useMemo, useState } from 'react'
import { flushSync } from 'react-dom'
import type { JobDocument } from '@oak/core/job/document'
import {
  hookupInput,
  hookupNeeds,
  type HookupInput,
  type HookupNeed,
} from '@oak/core/job/inputs/hookup-input'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import type { OperationError } from '@oak/core/operations/registry'
import { failureText } from '../../platform/workers/failure'
import { runInWorker } from '../../platform/workers/operations'

export type HookupState =
  | { readonly kind: 'missing'; readonly needs: readonly HookupNeed[] }
  | { readonly kind: 'working' }
  /** The record cannot be worked out, and why. */
  | { readonly kind: 'bad'; readonly error: OperationError }
  /** The app gave no answer: a fault of its own, in words with what to do. */
  | { readonly kind: 'failed'; readonly text: string }
  /** `fresh` false: an edit is being worked out; nothing may be proven on this answer. */
  | { readonly kind: 'ready'; readonly answer: HookupOutput; readonly fresh: boolean }

type Settled = Extract<HookupState, { kind: 'ready' | 'bad' | 'failed' }>

export function useHookup(job: JobDocument): HookupState {
  // Compared by contents: an edit of the job's name, or one that comes back from the server, is no reason to work it out again.
  const text = JSON.stringify(hookupInput(job))
  const input = useMemo(() => JSON.parse(text) as HookupInput | null, [text])
  const [settled, setSettled] = useState<{ readonly input: unknown; readonly state: Settled } | null>(null)

  useEffect(() => {
    if (!input) return
    let stale = false
    runInWorker('hookup', input)
      .then((result) => {
        if (stale) return
        const state: Settled = result.ok
          ? { kind: 'ready', answer: result.output as HookupOutput, fresh: true }
          : { kind: 'bad', error: result.error }
        // At once: left to the framework's own time, the page is painted as it was first.
        flushSync(() => setSettled({ input, state }))
      })
      .catch((error: unknown) => {
        if (!stale) setSettled({ input, state: { kind: 'failed', text: failureText(error) } })
      })
    return () => {
      stale = true
    }
  }, [input])

  if (!input) return { kind: 'missing', needs: hookupNeeds(job) }
  if (!settled) return { kind: 'working' }
  if (settled.input === input) return settled.state
  return settled.state.kind === 'ready' ? { ...settled.state, fresh: false } : { kind: 'working' }
}
