// The registry with what this side lends it: a maker of codes, for the card as a file.
import { runOperation, type OperationResult } from '@oak/core/operations/registry'
import { codeSquares } from './code-squares'

export const runHere = (name: string, input: unknown): OperationResult =>
  runOperation(name, input, { drawCode: codeSquares })
