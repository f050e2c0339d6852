// Readings after the work that have limits, each with what it may be: what a small chart draws. Judged by the start-up's own judge, not here.
import { capital, figure } from '../../quantity/display'
import { ratedVoltsLimits } from '../../supply/judge'
import type { JobDocument } from '../document'
import { CAN_PROBES, SUPPLY_PROBE, startProbe, startupInput } from '../inputs/startup-input'
import { jobStartUp } from '../start-up'

/** `cannotTell`: a limit lies within the meter's doubt, or the reading was taken with the door off. */
export type GaugeVerdict = 'fine' | 'watch' | 'stop' | 'cannotTell'

/** What is said behind a reading and its limits, on the screen and on paper alike. */
export const GAUGE_WORDS: Readonly<Record<GaugeVerdict, string>> = {
  fine: '',
  watch: ': to watch',
  stop: ': outside its limits',
  cannotTell: ': cannot be told for sure',
}

/** One reading against its limits, all in `unit`. */
export interface Gauge {
  readonly id: string
  readonly name: string
  readonly value: number
  readonly unit: 'A' | 'V' | 'µF'
  /** null: there is no least. */
  readonly low: number | null
  readonly high: number
  readonly verdict: GaugeVerdict
  /** "1.3 A, rated 1.6 A" */
  readonly words: string
}

/** Every reading of the first power that has limits, in the order of the report; none where nothing was started. */
export function gaugesOf(job: JobDocument): Gauge[] {
  const answer = jobStartUp(job)
  const input = startupInput(job)
  if (!answer || !input) return []
  const read = (probe: string): number | null => {
    const value = job.measurements[probe]?.value
    return typeof value === 'number' ? value : null
  }
  const door = job.startup.door === 'open' ? ' with the door off' : ''
  const amps = answer.expected.flatMap(({ mode, name, rated }): Gauge[] => {
    const value = read(startProbe('amps', mode))
    const judged = answer.amps.find((a) => a.name === name)
    if (value === null || !judged) return []
    return [
      {
        id: `amps-${mode}`,
        name: `Fan motor in ${name}`,
        value,
        unit: 'A',
        low: null,
        high: rated,
        verdict: judged.verdict,
        words: `${figure(value)} A${door}, rated ${figure(rated)} A`,
      },
    ]
  })
  return [...amps, ...canGauge(job, answer), ...supplyGauge(job, answer, read(SUPPLY_PROBE))]
}

type Answer = NonNullable<ReturnType<typeof jobStartUp>>

const CAN_VERDICTS = { in: 'fine', out: 'stop', uncertain: 'cannotTell' } as const

function canGauge(job: JobDocument, { capacitor }: Answer): Gauge[] {
  const input = startupInput(job)
  const wanted = job.motor?.capacitor?.microfarads
  if (!capacitor?.verdict || !wanted || !input || !job.measurements[CAN_PROBES.amps]) return []
  const percent = input.hookup.tolerancePercent
  const [low, high] = [wanted * (1 - percent / 100), wanted * (1 + percent / 100)]
  return [
    {
      id: 'capacitor',
      name: 'Capacitor, running',
      value: capacitor.microfarads,
      unit: 'µF',
      low,
      high,
      verdict: CAN_VERDICTS[capacitor.verdict],
      words: `${figure(capacitor.microfarads)} µF, wanted ${figure(low)} to ${figure(high)} µF`,
    },
  ]
}

const VOLTS_VERDICTS = { fine: 'fine', low: 'stop', high: 'stop', cannotTell: 'cannotTell' } as const

function supplyGauge(job: JobDocument, { supply }: Answer, value: number | null): Gauge[] {
  const rated = job.motor?.nameplate.volts
  if (!supply || value === null || !rated) return []
  const { low, high } = ratedVoltsLimits(rated)
  return [
    {
      id: 'supply',
      name: capital('supply, running'),
      value,
      unit: 'V',
      low,
      high,
      verdict: VOLTS_VERDICTS[supply.verdict],
      words: `${figure(value, 0)} V, right from ${figure(low, 0)} to ${figure(high, 0)} V`,
    },
  ]
}

/** A gauge's line as shares of its length, 0 to 1: the whole line holds the reading and the limits with room at both ends. */
export interface GaugeShares {
  /** The stretch that is right. */
  readonly from: number
  readonly to: number
  readonly at: number
}

/** Room beyond the furthest of limits and reading, of the stretch. */
const ROOM = 0.35

/** Where limits and reading stand on the line. One that has no least begins at nothing. */
export function gaugeShares({ low, high, value }: Pick<Gauge, 'low' | 'high' | 'value'>): GaugeShares {
  const room = (high - (low ?? 0)) * ROOM
  const least = low === null ? 0 : Math.min(low - room, value)
  const most = Math.max(high + room, value)
  const share = (of: number): number => Math.min(1, Math.max(0, (of - least) / (most - least)))
  return { from: share(low ?? least), to: share(high), at: share(value) }
}
