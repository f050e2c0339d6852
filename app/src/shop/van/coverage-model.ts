// What the coverage screen asks and shows, without rendering: the stock as parts, what can be bought, the calls of the past.
import { COMPRESSOR_VALUES, FAN_VALUES } from '@oak/core/capacitor/coverage/coverage'
import type { PastCall } from '@oak/core/capacitor/coverage/restock'
import { CANS } from '@oak/core/capacitor/cans'
import type { JobSummary } from '@oak/core/job/summary/summary'
import { figure } from '@oak/core/quantity/display'
import type { CounterPart } from '../counter/port'
import type { CoverageOutput } from '@oak/core/operations/coverage'

export type Cell = CoverageOutput['cells'][number]

/** Two pairs that a technician reads: "45/5: one capacitor, exact". */
export function cellText({ compressor, fan, parts, worstErrorPercent }: Cell): string {
  const pair = `${figure(compressor)}/${figure(fan)}`
  if (parts === null) return `${pair}: cannot be met`
  const off = (worstErrorPercent ?? 0) < 0.05 ? 'exact' : `${figure(worstErrorPercent ?? 0, 1)} % off at most`
  return `${pair}: ${parts === 1 ? 'one capacitor' : `${parts} capacitors`}, ${off}`
}

/** About what such a part costs, cents: only to weigh purchases against each other. Our judgement. */
const aboutCents = (values: readonly number[]): number =>
  600 + Math.round(values.reduce((sum, x) => sum + 30 * x, 0)) + (values.length > 2 ? 1500 : 0)

const part = (name: string, values: readonly number[], volts = 440, cents = aboutCents(values)) => ({
  id: name,
  name,
  volts,
  quantity: 1,
  cents,
  sections: values.map((microfarads, i) => ({ id: `${i}`, microfarads, measured: null, dead: false })),
})

/** What a counter can be asked for: singles and duals of trade values, and the multi-taps that are known here. */
export const CATALOGUE = [
  ...[...new Set<number>([...FAN_VALUES, ...COMPRESSOR_VALUES])].map((x) => part(`Single ${figure(x)}`, [x])),
  ...COMPRESSOR_VALUES.flatMap((c) =>
    FAN_VALUES.filter((f) => f <= 10).map((f) => part(`Dual ${figure(c)}/${figure(f)}`, [c, f])),
  ),
  ...CANS.filter((can) => can.sections.length > 2).map((can) =>
    part(
      can.name,
      can.sections.map((s) => s.microfarads),
    ),
  ),
]

export type Offer = (typeof CATALOGUE)[number]

/** What the counter has, at its own prices, and for the rest what such parts cost about; `known`: the names whose price is the counter's. */
export function catalogueOf(counter: readonly CounterPart[]): {
  readonly catalogue: readonly Offer[]
  readonly known: ReadonlySet<string>
} {
  const there = counter.flatMap((p) =>
    p.kind === 'capacitor' && p.sections && p.volts && p.stock > 0
      ? [part(p.name, p.sections, p.volts, Math.round(p.cents))]
      : [],
  )
  const values = (p: Offer) => p.sections.map((s) => s.microfarads).join()
  const same = new Set(there.map(values))
  const names = new Set(there.map((p) => p.id))
  return {
    catalogue: [...there, ...CATALOGUE.filter((p) => !same.has(values(p)) && !names.has(p.id))],
    known: names,
  }
}

/** "within 3 % of the best possible", or that it is the best. */
export function boundText(metAfter: number, bound: number): string {
  if (bound <= metAfter) return 'No purchases within that number and budget meet more.'
  return `Within ${figure(Math.ceil((100 * (bound - metAfter)) / bound))} % of the best possible: at most ${bound - metAfter} more.`
}

/** What the shop's jobs asked for, as far as they say. */
export const pastCalls = (jobs: Iterable<JobSummary>): PastCall[] =>
  [...jobs]
    .filter((job) => !job.removed)
    .map(({ compressorMicrofarads, fanMicrofarads }) => ({
      compressor: compressorMicrofarads,
      fan: fanMicrofarads,
    }))
    .filter((call) => call.compressor !== null || call.fan !== null)
