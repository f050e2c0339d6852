// The same plan as a mixed integer programme, solved aim by aim by HiGHS: the outside check and the benchmark's rival.
import type { startHighs } from '../../tap-plan/testing/highs'
import type { Aim } from '../aims'
import type { StockPart } from '../part'

type Highs = Awaited<ReturnType<typeof startHighs>>
const OPTIONS = { mip_rel_gap: 0, mip_abs_gap: 0, output_flag: false } as const
const HOLD = 1e-7

/** Values of the aims in their order, error as a share; null when nothing is within tolerance. Each part is there once; the one that stays serves the load at `keptLoad`. */
export function highsStock(
  highs: Highs,
  parts: readonly StockPart[],
  loads: readonly number[],
  keptLoad: number,
  tolerancePercent: number,
  aims: readonly Aim[],
  mostParts: number,
): Partial<Record<Aim, number>> | null {
  const rows = rowsOf(parts, loads, keptLoad, tolerancePercent, mostParts)
  const found: Partial<Record<Aim, number>> = {}
  for (const aim of aims) {
    const solution = highs.solve(programme(rows, aim), OPTIONS)
    if (solution.Status !== 'Optimal') return null
    const value = aim === 'error' ? solution.ObjectiveValue : Math.round(solution.ObjectiveValue)
    found[aim] = aim === 'jumpers' ? value - loads.length : value
    rows.held.push(aim === 'error' ? `error <= ${solution.ObjectiveValue + HOLD}` : `${aim} <= ${value}`)
  }
  return found
}

interface Rows {
  readonly fixed: readonly string[]
  readonly held: string[]
  readonly binaries: readonly string[]
}

function rowsOf(
  stock: readonly StockPart[],
  loads: readonly number[],
  keptLoad: number,
  tolerancePercent: number,
  mostParts: number,
): Rows {
  // What reads outside its own marking is no part of the programme.
  const parts = stock
    .map((part) => ({
      ...part,
      sections: part.sections.filter(
        (s) =>
          s.measured === null ||
          Math.abs(s.measured / s.microfarads - 1) <= part.tolerancePercent / 100 + 1e-9,
      ),
    }))
    .filter((part) => part.sections.length > 0)
  const fromVan = parts.flatMap((part, p) => (part.keptFor === null ? [{ part, p }] : []))
  const sections = parts.flatMap((part, p) =>
    part.sections.map((s, i) => ({ p, i, value: s.measured ?? s.microfarads })),
  )
  const x = (s: { p: number; i: number }, l: number) => `x${s.p}_${s.i}_${l}`
  const y = (p: number) => `y${p}`
  const all = sections.flatMap((s) => loads.map((_, l) => x(s, l)))
  const sum = (names: readonly string[]) => names.join(' + ')
  return {
    held: [],
    binaries: [...all, ...parts.map((_, p) => y(p))],
    fixed: [
      ...sections.map((s) => `${sum(loads.map((_, l) => x(s, l)))} - ${y(s.p)} <= 0`),
      ...parts.map(
        (_, p) =>
          `${sum(sections.filter((s) => s.p === p).flatMap((s) => loads.map((_, l) => x(s, l))))} - ${y(p)} >= 0`,
      ),
      `${sum(parts.map((_, p) => y(p)))} <= ${mostParts}`,
      ...loads.flatMap((target, l) => {
        const total = sections.map((s) => `${s.value / target} ${x(s, l)}`).join(' + ')
        return [
          `${total} - error <= 1`,
          `${total} + error >= 1`,
          `${total} <= ${1 + tolerancePercent / 100 + 1e-9}`,
          `${total} >= ${1 - tolerancePercent / 100 - 1e-9}`,
        ]
      }),
      ...sections
        .filter(({ p }) => (parts[p] as StockPart).keptFor !== null)
        .flatMap((s) => loads.flatMap((_, l) => (l === keptLoad ? [] : [`${x(s, l)} = 0`]))),
      // Where it stays nothing else is joined to it.
      ...parts.flatMap((part, k) =>
        part.keptFor === null
          ? []
          : sections.filter((s) => s.p !== k).map((s) => `${x(s, keptLoad)} + ${y(k)} <= 1`),
      ),
      `${sum(parts.map((_, p) => y(p)))} - parts = 0`,
      `${sum(fromVan.map(({ p }) => y(p)))} - opened = 0`,
      `${sum(all)} - jumpers = 0`,
      `${fromVan.map(({ part, p }) => `${part.cents ?? 0} ${y(p)}`).join(' + ')} - cost = 0`,
      `${fromVan.map(({ part, p }) => `${part.sections.length} ${y(p)}`).join(' + ')} - versatile = 0`,
    ],
  }
}

const programme = ({ fixed, held, binaries }: Rows, aim: Aim): string =>
  `Minimize\n obj: ${aim}\nSubject To\n${[...fixed, ...held].map((row, i) => ` c${i}: ${row}`).join('\n')}\nBinary\n ${binaries.join(' ')}\nEnd\n`
