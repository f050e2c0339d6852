// The same plan as a mixed integer programme, solved lexicographically by HiGHS: the outside check and the benchmark's rival.
import loadHighs from 'highs'
import type { Preference, Score } from '../score'

type Highs = Awaited<ReturnType<typeof loadHighs>>
const OPTIONS = { mip_rel_gap: 0, mip_abs_gap: 0, output_flag: false } as const
/** Slack when an earlier aim is held while the next is minimised. */
const HOLD = 1e-7

export const startHighs = (): Promise<Highs> => loadHighs()

/** Scores in µF; null when `simple` has nothing within tolerance. */
export function highsBest(
  highs: Highs,
  sections: readonly number[],
  loads: readonly number[],
  tolerancePercent: number,
  prefer: Preference,
): Score | null {
  const held: string[] = prefer === 'simple' ? [`worst <= ${tolerancePercent / 100 + 1e-9}`] : []
  const aims = prefer === 'exact' ? ['worst', 'used', 'sum'] : ['used', 'worst', 'sum']
  const value: Record<string, number> = {}
  for (const aim of aims) {
    const solution = highs.solve(programme(sections, loads, aim, held), OPTIONS)
    if (solution.Status !== 'Optimal') return null
    const found = solution.ObjectiveValue
    value[aim] = aim === 'used' ? Math.round(found) : found
    held.push(aim === 'used' ? `used <= ${value.used}` : `${aim} <= ${found + HOLD}`)
  }
  return {
    worst: value.worst as number,
    jumpers: (value.used as number) - loads.length,
    sum: value.sum as number,
  }
}

function programme(
  sections: readonly number[],
  loads: readonly number[],
  aim: string,
  held: readonly string[],
): string {
  const x = (i: number, l: number) => `x${i}_${l}`
  const all = sections.flatMap((_, i) => loads.map((_, l) => x(i, l)))
  const rows = [
    ...sections.map((_, i) => `${loads.map((_, l) => x(i, l)).join(' + ')} <= 1`),
    ...loads.map((_, l) => `${sections.map((_, i) => x(i, l)).join(' + ')} >= 1`),
    ...loads.flatMap((target, l) => {
      const total = sections.map((v, i) => `${v / target} ${x(i, l)}`).join(' + ')
      return [`${total} - e${l} <= 1`, `${total} + e${l} >= 1`, `worst - e${l} >= 0`]
    }),
    `${all.join(' + ')} - used = 0`,
    `${loads.map((_, l) => `e${l}`).join(' + ')} - sum = 0`,
    ...held,
  ]
  return `Minimize\n obj: ${aim}\nSubject To\n${rows.map((row, i) => ` c${i}: ${row}`).join('\n')}\nBinary\n ${all.join(' ')}\nEnd\n`
}
