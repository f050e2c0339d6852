// A plan from 200 stock lines for two loads, and from 40 against HiGHS with the same aims; coverage of a grid over 60 lines.
import { coverageOf, COMPRESSOR_VALUES, FAN_VALUES } from '../../core/capacitor/coverage/coverage'
import { AIMS, USUAL_AIMS } from '../../core/capacitor/stock-plan/aims'
import { searchStock } from '../../core/capacitor/stock-plan/search'
import { highsStock } from '../../core/capacitor/stock-plan/testing/highs'
import { madeVan } from '../../core/capacitor/stock-plan/testing/vans'
import { startHighs } from '../../core/capacitor/tap-plan/testing/highs'

const median = (list: readonly number[]): number => [...list].sort((a, b) => a - b)[list.length >> 1] ?? NaN
function timeOf(work: () => unknown): number {
  const from = performance.now()
  work()
  return performance.now() - from
}
const pico = (loads: readonly number[]) => loads.map((x) => Math.round(x * 1e6))

export async function benchStockPlan(): Promise<void> {
  const large = Array.from({ length: 12 }, (_, seed) => madeVan(seed + 1, 200))
  const plan = ({ parts, loads }: (typeof large)[number]) => searchStock({ parts, targets: pico(loads), tolerancePercent: 6, aims: USUAL_AIMS, mostParts: 2, keep: 5 })
  large.forEach(plan)
  const big = median(large.map((van) => timeOf(() => plan(van))))
  const highs = await startHighs()
  const ratios = Array.from({ length: 15 }, (_, i) => {
    const { parts: made, loads } = madeVan(i + 1, 40)
    const parts = made.map((p) => ({ ...p, quantity: 1 }))
    const aims = [...AIMS.slice(i % 5), ...AIMS.slice(0, i % 5)]
    const ours = () => searchStock({ parts, targets: pico(loads), tolerancePercent: 6, aims, mostParts: 2, keep: 1 })
    ours()
    return timeOf(() => highsStock(highs, parts, loads, 6, aims, 2)) / timeOf(ours)
  })
  const { parts } = madeVan(99, 60)
  const grid = timeOf(() => coverageOf({ parts, compressors: [...COMPRESSOR_VALUES, 22, 28, 32, 37, 42, 47, 52, 57, 62].slice(0, 24), fans: FAN_VALUES, volts: 370, tolerancePercent: 6, mostParts: 2 }).cells)
  console.log(`capacitor-plan over 200 lines for two loads: ${big.toFixed(1)} ms (wanted below 50); over 40 lines HiGHS takes ${median(ratios).toFixed(0)} times as long (wanted 30); coverage of 24 x 8 pairs over 60 lines with what each part adds: ${grid.toFixed(0)} ms`)
}
