// The parts counter as the app sees it: one question, and every state of its answer. The simulated one ships with the server.
import type { StockKind } from '@oak/core/van/stock-line'

export interface CounterPart {
  readonly kind: StockKind
  readonly name: string
  readonly what: string
  readonly cents: number
  /** How many it has; 0: out of stock. */
  readonly stock: number
  /** When it comes in again, in words; null: not said. */
  readonly back: string | null
  /** Of a run capacitor: its sections, µF, and its rating, V. */
  readonly sections?: readonly number[] | undefined
  readonly volts?: number | undefined
}

export type CounterAnswer =
  | { readonly kind: 'answered'; readonly counter: string; readonly parts: readonly CounterPart[] }
  /** What it said, such as that too many are waiting. */
  | { readonly kind: 'refused'; readonly message: string }
  | { readonly kind: 'unreachable' }

export interface CounterPort {
  /** Asks for parts of a kind whose name or description has every word of the text. `signal` ends the wait. */
  readonly ask: (kind: StockKind, text: string, signal: AbortSignal) => Promise<CounterAnswer>
}
