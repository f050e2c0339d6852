// The same purchases as a mixed integer programme for HiGHS: the outside check of what is bought.
import type { startHighs } from '../../tap-plan/testing/highs'
import type { PurchasesInput } from '../purchases'

type Highs = Awaited<ReturnType<typeof startHighs>>

/** The most calls that any purchases meet. */
export function highsPurchases(highs: Highs, { cents, calls, most, budget }: PurchasesInput): number {
  const z = calls.map((call, c) => `${call.weight} z${c}`).join(' + ')
  const rows = [
    `${cents.map((_, p) => `x${p}`).join(' + ')} <= ${most}`,
    ...(budget === null ? [] : [`${cents.map((price, p) => `${price} x${p}`).join(' + ')} <= ${budget}`]),
    ...calls.flatMap(({ sets }, c) => [
      sets.length === 0 ? `z${c} <= 0` : `z${c} - ${sets.map((_, s) => `u${c}_${s}`).join(' - ')} <= 0`,
      ...sets.flatMap((set, s) => set.map((p) => `u${c}_${s} - x${p} <= 0`)),
    ]),
  ]
  const binaries = [
    ...cents.map((_, p) => `x${p}`),
    ...calls.flatMap(({ sets }, c) => [`z${c}`, ...sets.map((_, s) => `u${c}_${s}`)]),
  ]
  const solution = highs.solve(
    `Maximize\n obj: ${z}\nSubject To\n${rows.map((row, i) => ` r${i}: ${row}`).join('\n')}\nBinary\n ${binaries.join(' ')}\nEnd\n`,
    { mip_rel_gap: 0, mip_abs_gap: 0, output_flag: false },
  )
  return Math.round(solution.ObjectiveValue)
}
