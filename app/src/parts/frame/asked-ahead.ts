// What is asked of the worker while the thumb is still down: when it comes up, the answer is there.
import type { OperationResult } from '@oak/core/operations/registry'
import { runInWorker } from '../../platform/workers/operations'

interface Asked {
  readonly coming: Promise<OperationResult>
  /** null: not yet. */
  here: OperationResult | null
}

/** A thumb aims at one post after another; each is asked for, and the last few are kept. */
const KEPT = 4
const asked = new Map<string, Asked>()
const keyOf = (name: string, input: unknown): string => `${name} ${JSON.stringify(input)}`
const find = (name: string, input: unknown): Asked | undefined =>
  // A long input is not written out where nothing was asked.
  asked.size > 0 ? asked.get(keyOf(name, input)) : undefined

/** Asks an operation for what is likely to be wanted next. */
export function askAhead(name: string, input: unknown): void {
  const key = keyOf(name, input)
  if (asked.has(key)) return
  const one: Asked = { coming: runInWorker(name, input), here: null }
  asked.set(key, one)
  for (const old of [...asked.keys()].slice(0, -KEPT)) asked.delete(old)
  one.coming.then(
    (result) => (one.here = result),
    // No answer is not one to keep: it is asked for again.
    () => asked.delete(key),
  )
}

/** The answer, if it was asked for ahead and is here; else null. */
export const hereAlready = (name: string, input: unknown): OperationResult | null =>
  find(name, input)?.here ?? null

/** The answer: the one that was asked for ahead, else asked for now. */
export const askNow = (name: string, input: unknown): Promise<OperationResult> =>
  find(name, input)?.coming ?? runInWorker(name, input)
