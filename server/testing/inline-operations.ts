// Operations without threads, for tests of the routes.
import type { OperationRunner } from '../operations/pool'
import { runHere } from '../operations/run-here'

export const inlineOperations: OperationRunner = {
  run: async (name, input) => runHere(name, input),
  close: async () => undefined,
}
