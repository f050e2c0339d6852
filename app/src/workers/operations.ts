// One worker for the app, started when first needed.
import { wrap, type Remote } from 'comlink'
import type { OperationResult } from '@oak/core/operations/registry'

interface Api {
  run: (name: string, input: unknown) => OperationResult
}

let remote: Remote<Api> | null = null

export function runInWorker(name: string, input: unknown): Promise<OperationResult> {
  remote ??= wrap<Api>(new Worker(new URL('./operations.worker', window.location.href)))
  return remote.run(name, input)
}
