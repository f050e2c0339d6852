// One worker for the app, started when first needed. One that could not be loaded, as with a server that went away at that
// moment, is started again: a call waits for it and is never left hanging.
import { proxy, wrap, type Remote } from 'comlink'
import type { OperationResult } from '@oak/core/operations/registry'

interface Api {
  run: (name: string, input: unknown, report?: (share: number) => void) => OperationResult
}

interface Running {
  readonly remote: Remote<Api>
  /** Rejects when the worker cannot be loaded or dies. */
  readonly lost: Promise<never>
}

const TRIES = 20
const PAUSE_MS = 1500

let running: Running | null = null

function start(): Running {
  const worker = new Worker(new URL('./operations.worker', window.location.href))
  const lost = new Promise<never>((_, reject) => {
    worker.addEventListener('error', (event) => {
      worker.terminate()
      running = null
      reject(new Error(event.message || 'the part of the app that computes could not be loaded'))
    })
  })
  // Nobody may be waiting when it is lost.
  lost.catch(() => undefined)
  return { remote: wrap<Api>(worker), lost }
}

/** A long computation in a worker of its own; `report` hears how far it is, 0 to 1; aborting ends it at once, and the promise rejects. */
export async function runCancellable(
  name: string,
  input: unknown,
  signal: AbortSignal,
  report: (share: number) => void = () => undefined,
): Promise<OperationResult> {
  const worker = new Worker(new URL('./operations.worker', window.location.href))
  // Reports come by a channel of their own, and the last may arrive after the answer: by then nobody is to hear it.
  let open = true
  const hear = (share: number) => (open ? report(share) : undefined)
  try {
    return await new Promise<OperationResult>((resolve, reject) => {
      const end = () => reject(new Error('cancelled'))
      if (signal.aborted) return end()
      signal.addEventListener('abort', end, { once: true })
      worker.addEventListener('error', (event) =>
        reject(new Error(event.message || 'the part of the app that computes could not be loaded')),
      )
      wrap<Api>(worker).run(name, input, proxy(hear)).then(resolve, reject)
    })
  } finally {
    open = false
    worker.terminate()
  }
}

export async function runInWorker(name: string, input: unknown): Promise<OperationResult> {
  for (let attempt = 1; ; attempt++) {
    running ??= start()
    const { remote, lost } = running
    try {
      return await Promise.race([remote.run(name, input), lost])
    } catch (error) {
      if (attempt >= TRIES) throw error
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS))
    }
  }
}
