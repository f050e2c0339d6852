// One operation's answer for an input, from the worker; null until the first. While another input is worked out the last answer stays.
import { useEffect, useState } from 'react'
import type { OperationError, OperationResult } from '@oak/core/operations/registry'
import { failureText } from '../../platform/workers/failure'
import { runInWorker } from '../../platform/workers/operations'

/** The operation's own answer, or that the app gave none: in words, with what to do. */
export type Answer =
  OperationResult | { readonly ok: false; readonly error: OperationErrorFields & { readonly code: 'failed' } }
type OperationErrorFields = Omit<OperationError, 'code'>

/** `input` null: nothing to ask. Keep it stable between renders (useMemo). */
export const useOperation = (name: string, input: unknown): Answer | null =>
  useCurrentOperation(name, input).answer

/** As above, and whether the answer is of this very input: what asks for the next step must not act on the last one. */
export function useCurrentOperation(
  name: string,
  input: unknown,
): { readonly answer: Answer | null; readonly isCurrent: boolean } {
  const [settled, setSettled] = useState<{
    readonly input: unknown
    readonly result: Answer
  } | null>(null)
  useEffect(() => {
    if (input === null) return
    let stale = false
    runInWorker(name, input)
      .then((result) => {
        if (!stale) setSettled({ input, result })
      })
      .catch((error: unknown) => {
        const message = failureText(error)
        const failed = { code: 'failed', path: '', message, problems: [] } as const
        if (!stale) setSettled({ input, result: { ok: false, error: failed } })
      })
    return () => {
      stale = true
    }
  }, [name, input])
  return {
    answer: input !== null && settled ? settled.result : null,
    isCurrent: settled?.input === input,
  }
}
