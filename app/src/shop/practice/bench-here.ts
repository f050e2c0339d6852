// The bench as it stands, for each part of it. What a reading changes is drawn by the parts that show it, and the frame around them is not.
import { createContext, use } from 'react'
import type { BenchOutput, PracticeRoundOutput } from '@oak/core/operations/practice-round'
import type { Act } from '@oak/core/practice/round/act'
import type { Spot } from '@oak/core/practice/electricity/spot'
import type { Probes } from './BenchPicture'
import type { Dial } from './practice-model'

export interface BenchNow {
  readonly bench: BenchOutput
  readonly dial: Dial
  readonly probes: Probes
  /** What the meter shows; null: nothing. */
  readonly value: number | 'OL' | null
  /** Why the last act was none; null: it was one. */
  readonly refused: string | null
  /** What was done, and what came of it. */
  readonly done: { readonly acts: readonly Act[]; readonly steps: PracticeRoundOutput['steps'] }
  readonly touch: (spot: Spot) => void
  readonly aim: (spot: Spot) => void
  readonly turn: (dial: Dial) => void
}

export const BenchHere = createContext<BenchNow | null>(null)

export function useBenchHere(): BenchNow {
  const bench = use(BenchHere)
  if (!bench) throw new Error('there is no bench here')
  return bench
}
