// The registry in a worker: the same operations as the API and the command line, off the interface's thread.
import { expose } from 'comlink'
import type { Report } from '@oak/core/operations/operation'
import { runOperation } from '@oak/core/operations/registry'

expose({
  run: (name: string, input: unknown, report?: Report) => runOperation(name, input, report ? { report } : {}),
})
