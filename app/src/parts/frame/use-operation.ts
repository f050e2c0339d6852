// One operation's answer for an input, from the worker; null until the first. While another input is worked out the last answer stays.
import { useEffect, useState } from 'react'
import type { OperationResult } from '@oak/core/operations/registry'
import { runInWorker } from '../../platform/workers/operations'

/** `input` null: nothing to ask. Keep it stable between renders (useMemo). */
export function useOperation(name: string, input: unknown): OperationResult | null {
  const [settled, setSettled] = useState<{
    readonly input: unknown
    readonly result: OperationResult
  } | null>(null)
  useEffect(() => {
    if (input === null) return
    let stale = false
    runInWorker(name, input)
      .then((result) => {
        if (!stale) setSettled({ input, result })
      })
      .catch((error: unknown) => {
        const message = `It could not be worked out: ${String(error)}`
        if (!stale)
          setSettled({
            input,
            result: {
              ok: false,
              error: { code: 'bad-input', path: '', message, problems: [{ path: '', message }] },
            },
          })
      })
    return () => {
      stale = true
    }
  }, [name, input])
  return input !== null && settled ? settled.result : null
}
