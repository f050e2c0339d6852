// What an operation is: a name, what goes in, what comes out, one line of help, and a pure function.
import type * as v from 'valibot'
import type { DrawCode } from '../job/card/code/squares'

/** Hears how far a long computation is, 0 to 1. */
export type Report = (share: number) => void

/** What an adapter may lend to an operation beside its input. */
export interface Tools {
  /** How far a long one is, 0 to 1. */
  readonly report?: Report
  /** The squares of a code; without one a card's file has what its code says. */
  readonly drawCode?: DrawCode
}

/** One computation a user can ask for. */
export interface Operation<
  I extends v.GenericSchema = v.GenericSchema,
  O extends v.GenericSchema = v.GenericSchema,
> {
  readonly name: string
  readonly help: string
  readonly input: I
  readonly output: O
  readonly run: (input: v.InferOutput<I>, tools: Tools) => v.InferInput<O>
}

/** Keeps input and output types together while the registry holds operations of every kind. */
export const operation = <I extends v.GenericSchema, O extends v.GenericSchema>(
  definition: Operation<I, O>,
): Operation => definition as unknown as Operation
