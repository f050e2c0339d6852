// A plan from 200 stock lines for two loads, and from 40 against HiGHS with the same aims; coverage of a grid over 60 lines.
import { coverageOf, COMPRESSOR_VALUES, FAN_VALUES } from '../../core/capacitor/coverage/coverage'
import { AIMS, USUAL_AIMS } from '../../core/capacitor/stock-plan/aims'
import { searchStock } from '../../core/capacitor/stock-plan/search'
import { highsStock } from '../../core/capacitor/stock-plan/testing/highs'
import { restock } from '../../core/capacitor/coverage/restock'
import { madeVan } from '../../core/capacitor/stock-plan/testing/vans'
import { startHighs } from '../../core/capacitor/tap-plan/testing/highs'
import { median } from './median'

function timeOf(work: () => unknown): number {
  const from = performance.now()
  work()
  return performance.now() - from
}
const asked = (loads: readonly number[]) =>
  loads.map((x, l) => ({ load: `L${l}`, picofarads: Math.round(x * 1e6), volts: 370 }))

export async function benchStockPlan(): Promise<void> {
  const large = Array.from({ length: 12 }, (_, seed) => madeVan(seed + 1, 200))
  const plan = ({ parts, loads }: (typeof large)[number]) =>
    searchStock({ parts, loads: asked(loads), tolerancePercent: 6, aims: USUAL_AIMS, mostParts: 2, keep: 5 })
  large.forEach(plan)
  const big = median(large.map((van) => timeOf(() => plan(van))))
  const highs = await startHighs()
  const ratios = Array.from({ length: 15 }, (_, i) => {
    const { parts: made, loads } = madeVan(i + 1, 40)
    const parts = made.map((p) => ({ ...p, quantity: 1 }))
    const aims = [...AIMS.slice(i % AIMS.length), ...AIMS.slice(0, i % AIMS.length)]
    const ours = () =>
      searchStock({ parts, loads: asked(loads), tolerancePercent: 6, aims, mostParts: 2, keep: 1 })
    ours()
    return timeOf(() => highsStock(highs, parts, loads, 0, 6, aims, 2)) / timeOf(ours)
  })
  const { parts } = madeVan(99, 60)
  const grid = timeOf(
    () =>
      coverageOf({
        parts,
        compressors: [...COMPRESSOR_VALUES, 22, 28, 32, 37, 42, 47, 52, 57, 62].slice(0, 24),
        fans: FAN_VALUES,
        volts: 370,
        tolerancePercent: 6,
        mostParts: 2,
      }).cells,
  )
  const orders = AIMS.map((_, turn) => [...AIMS.slice(turn), ...AIMS.slice(0, turn)])
  const slowest = (mostParts: number) =>
    Math.max(
      ...orders.map((aims) =>
        median(
          large.map(({ parts, loads }) =>
            timeOf(() =>
              searchStock({ parts, loads: asked(loads), tolerancePercent: 6, aims, mostParts, keep: 5 }),
            ),
          ),
        ),
      ),
    )
  const [two, three] = [slowest(2), slowest(3)]
  const { parts: catalogue } = madeVan(77, 90)
  const calls = Array.from({ length: 300 }, (_, i) => {
    const { loads } = madeVan(900 + i, 1)
    return { compressor: loads[0], fan: loads[1] }
  })
  let bought = { after: 0, bound: 0 }
  const buying = timeOf(() => {
    const r = restock({
      stock: madeVan(5, 60).parts.slice(0, 12),
      catalogue,
      calls,
      volts: 370,
      tolerancePercent: 6,
      mostParts: 2,
      most: 5,
      budget: 60_000,
    })
    bought = { after: r.metAfter, bound: r.bound }
  })
  console.log(
    `the slowest order of the aims: ${two.toFixed(1)} ms with two capacitors, ${three.toFixed(1)} ms with three (wanted below 50); restock of five from 90 over 300 calls: ${buying.toFixed(0)} ms, ${bought.after} calls met, at most ${bought.bound}`,
  )
  console.log(
    `capacitor-plan over 200 lines for two loads: ${big.toFixed(1)} ms (wanted below 50); over 40 lines HiGHS takes ${median(ratios).toFixed(0)} times as long (wanted 30); coverage of 24 x 8 pairs over 60 lines with what each part adds: ${grid.toFixed(0)} ms`,
  )
}
