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
    maxQueueSize: queue,
  })
  return {
    async run(name, input) {
      let [task, late]: [ReturnType<Pool['exec']> | null, boolean] = [null, false]
      // Waiting counts: the time is that of the one who asked. A task that still waits is dropped, a running one is ended.
      const limit = setTimeout(() => {
        late = true
        task?.cancel()
      }, timeoutMs)
      try {
        task = pool.exec('run', [name, input])
        return (await task) as OperationResult
      } catch (error) {
        if (late) return 'late'
        if (error instanceof Error && /^Max queue size/.test(error.message)) return 'busy'
        throw error
      } finally {
        clearTimeout(limit)
      }
    },
    close: async () => void (await pool.terminate(true)),
  }
}
