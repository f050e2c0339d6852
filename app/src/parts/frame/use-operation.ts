// One operation's answer for an input, from the worker; null until the first. While another input is worked out the last answer stays.
import { useEffect, useState } from 'react'
import { flushSync } from 'react-dom'
import type { OperationError, OperationResult } from '@oak/core/operations/registry'
import { failureText } from '../../platform/workers/failure'
import { askNow, hereAlready } from './asked-ahead'

/** The operation's own answer, or that the app gave none: in words, with what to do. */
export type Answer =
  OperationResult | { readonly ok: false; readonly error: OperationErrorFields & { readonly code: 'failed' } }
type OperationErrorFields = Omit<OperationError, 'code'>

/** `input` null: nothing to ask. Keep it stable between renders (useMemo). */
export const useOperation = (name: string, input: unknown): Answer | null =>
  useCurrentOperation(name, input).answer

interface Settled {
  readonly input: unknown
  readonly result: Answer
}

/** As soon as the page has time, or in the turn in which it comes: then the page is not painted as it was first. */
type Drawn = 'drawn in time' | 'drawn at once'

/** As above, and whether the answer is of this very input: what asks for the next step must not act on the last one. */
export function useCurrentOperation(
  name: string,
  input: unknown,
  drawn: Drawn = 'drawn in time',
): { readonly answer: Answer | null; readonly isCurrent: boolean } {
  const [settled, setSettled] = useState<Settled | null>(null)
  const isHere = settled !== null && settled.input === input
  useEffect(() => {
    // What was asked ahead was here already when it was drawn.
    if (input === null || isHere) return
    let stale = false
    const hear = (result: Answer) => {
      if (stale) return
      const draw = () => setSettled({ input, result })
      if (drawn === 'drawn at once') flushSync(draw)
      else draw()
    }
    askNow(name, input).then(hear, (error: unknown) =>
      hear({ ok: false, error: { code: 'failed', path: '', message: failureText(error), problems: [] } }),
    )
    return () => {
      stale = true
    }
  }, [name, input, drawn, isHere])

  if (input === null) return { answer: null, isCurrent: false }
  if (isHere) return { answer: settled.result, isCurrent: true }
  const early = hereAlready(name, input)
  if (!early) return { answer: settled?.result ?? null, isCurrent: false }
  setSettled({ input, result: early })
  return { answer: early, isCurrent: true }
}
