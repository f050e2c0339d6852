// How the verdict of a bench reading is marked.
import type { BenchResult } from '@oak/core/capacitor/bench'
import type { Verdict } from './VerdictMark'

export const BENCH_MARKS: Readonly<Record<NonNullable<BenchResult['verdict']>, Verdict>> = {
  in: 'proven',
  out: 'stop',
  open: 'stop',
  uncertain: 'cannotTell',
  'over-range': 'stop',
}
