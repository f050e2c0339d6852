// Operations without threads, for tests of the routes.
import { runOperation } from '@oak/core/operations/registry'
import type { OperationRunner } from '../operations/pool'

export const inlineOperations: OperationRunner = {
  run: async (name, input) => runOperation(name, input),
  close: async () => undefined,
}
