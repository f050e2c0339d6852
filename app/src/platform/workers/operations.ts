// The operations in workers: one for the calls of the screens, and one of its own for each long computation that can be stopped.
import { proxy, wrap } from 'comlink'
import type { OperationResult } from '@oak/core/operations/registry'
import { createRunner, WorkerLost, type Running } from './runner'

interface Api {
  run: (name: string, input: unknown, report?: (share: number) => void) => OperationResult
}

const TRIES = 20
const PAUSE_MS = 1500

const newWorker = () => new Worker(new URL('./operations.worker', window.location.href))
const whyLost = (event: ErrorEvent) =>
  new WorkerLost(event.message || 'the part of the app that computes could not be loaded')

function start(): Running {
  const worker = newWorker()
  const lost = new Promise<never>((_, reject) => {
    worker.addEventListener('error', (event) => {
      worker.terminate()
      reject(whyLost(event))
    })
  })
  const remote = wrap<Api>(worker)
  return { run: (name, input) => remote.run(name, input), lost }
}

/** An operation's answer. Rejects with `WorkerLost` when no worker could be had, with the operation's own error when it failed. */
export const runInWorker = createRunner({
  start,
  pause: () => new Promise((resolve) => setTimeout(resolve, PAUSE_MS)),
  tries: TRIES,
})

/** A long computation in a worker of its own; `report` hears how far it is, 0 to 1; aborting ends it at once, and the promise rejects. */
export async function runCancellable(
  name: string,
  input: unknown,
  signal: AbortSignal,
  report: (share: number) => void = () => undefined,
): Promise<OperationResult> {
  const worker = newWorker()
  // Reports come by a channel of their own, and the last may arrive after the answer: by then nobody is to hear it.
  let open = true
  const hear = (share: number) => (open ? report(share) : undefined)
  try {
    return await new Promise<OperationResult>((resolve, reject) => {
      const end = () => reject(new Error('cancelled'))
      if (signal.aborted) return end()
      signal.addEventListener('abort', end, { once: true })
      worker.addEventListener('error', (event) => reject(whyLost(event)))
      wrap<Api>(worker).run(name, input, proxy(hear)).then(resolve, reject)
    })
  } finally {
    open = false
    worker.terminate()
  }
}
