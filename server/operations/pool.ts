// The registry in worker threads, with a time limit that waiting counts toward: a plan over thousands of parts never holds the thread that keeps everyone's jobs.
import { join } from 'node:path'
import workerpool, { type Pool } from 'workerpool'
import type { OperationResult } from '@oak/core/operations/registry'

/** `late`: the time ran out; `busy`: too many are waiting already. */
export type Answer = OperationResult | 'late' | 'busy'

/** How the routes have an operation run; the server's is the pool, and closes it when it ends. */
export interface OperationRunner {
  run(name: string, input: unknown): Promise<Answer>
  close(): Promise<void>
}

export interface PoolLimits {
  readonly timeoutMs: number
  readonly threads: number
  /** Waiting at the most. */
  readonly queue: number
}

/** Ten seconds are longer than anyone on a roof waits. Our judgement. */
const USUAL: PoolLimits = { timeoutMs: 10_000, threads: 2, queue: 50 }

export function operationPool(limits: Partial<PoolLimits> = {}): OperationRunner {
  const { timeoutMs, threads, queue } = { ...USUAL, ...limits }
  const pool: Pool = workerpool.pool(join(__dirname, 'worker.cjs'), {
    workerType: 'thread',
    minWorkers: 1,
    maxWorkers: threads,
  })
  const awake = waker(pool)
  let asking = 0
  return {
    async run(name, input) {
      if (asking >= threads + queue) return 'busy'
      asking++
      let [task, late]: [ReturnType<Pool['exec']> | null, boolean] = [null, false]
      let leave = () => {}
      const left = new Promise<void>((resolve) => (leave = resolve))
      // Waiting counts: the time is that of the one who asked. A task that still waits is dropped, a running one is ended.
      const limit = setTimeout(() => {
        late = true
        leave()
        if (task) awake.again(task)
      }, timeoutMs)
      try {
        await Promise.race([awake.now(), left])
        if (late) return 'late'
        task = pool.exec('run', [name, input])
        return (await task) as OperationResult
      } catch (error) {
        if (late) return 'late'
        throw error
      } finally {
        clearTimeout(limit)
        asking--
      }
    },
    close: async () => void (await pool.terminate(true)),
  }
}

/**
 * A thread that only starts is ended by nobody who asks and leaves: ending one ends its thread, and on a slow machine none would ever be
 * ready.
 */
function waker(pool: Pool) {
  const wake = async () => {
    try {
      await pool.exec('methods', [])
    } catch {
      // It is closed, which the one who asks is told.
    }
  }
  let waking = wake()
  return {
    now: () => waking,
    /** Ends it, and has the thread that takes its place started. */
    again(task: ReturnType<Pool['exec']>) {
      task.cancel()
      waking = wake()
    },
  }
}
