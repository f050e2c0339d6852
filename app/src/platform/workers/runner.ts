// One worker that answers calls, started when first needed. A worker that is lost is started again and asked once more; an
// operation that fails has failed: asking again would give the same, half a minute later.
import type { OperationResult } from '@oak/core/operations/registry'

/** The worker could not be loaded, or died: nothing is known of what it was asked. */
export class WorkerLost extends Error {
  override readonly name = 'WorkerLost'
}

export interface Running {
  readonly run: (name: string, input: unknown) => Promise<OperationResult>
  /** Rejects with `WorkerLost` when the worker cannot be loaded or dies; never resolves. */
  readonly lost: Promise<never>
}

export interface RunnerPorts {
  readonly start: () => Running
  readonly pause: () => Promise<void>
  /** How often a lost worker is started again before its call is given up. */
  readonly tries: number
}

/** Calls reject with `WorkerLost` when no worker could be had, and with the operation's own error when it failed. */
export function createRunner({ start, pause, tries }: RunnerPorts) {
  let running: Running | null = null

  function worker(): Running {
    if (running) return running
    const mine = start()
    running = mine
    // Nobody may be waiting when it is lost.
    mine.lost.catch(() => {
      if (running === mine) running = null
    })
    return mine
  }

  return async function run(name: string, input: unknown): Promise<OperationResult> {
    for (let attempt = 1; ; attempt++) {
      const { run: ask, lost } = worker()
      try {
        return await Promise.race([ask(name, input), lost])
      } catch (error) {
        if (!(error instanceof WorkerLost) || attempt >= tries) throw error
        await pause()
      }
    }
  }
}
