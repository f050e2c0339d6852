// What was done on one unit over time, and how its capacitor drifts: from all jobs of the same unit.
import { jobHertz } from './inputs/supply-input'
import { microfaradsFromReading } from '../capacitor/reading'
import type { Change } from './change'
import type { JobId } from './job-id'
import type { JobDocument } from './document'
import { sameUnitType } from '../wiring/unit-type'
import { labelOf } from './inputs/old-can-input'
import { standingProof } from './standing-proof'
import { recommendedWords } from './report/recommended'
import { CAN_PROBES } from './inputs/startup-input'

/** A job as the history of a unit looks at it. */
export interface UnitJob {
  readonly id: string
  readonly document: JobDocument
  readonly changes: readonly Change[]
}

/** What tells a unit from others, of a job or of its summary. */
type UnitFacts = Pick<JobDocument, 'site' | 'unitName' | 'unit'>
const plain = (text: string): string => text.trim().toLowerCase()

/** The same place, and the same name or serial number; where one of the two names none, the same type of unit. A place is needed. */
export function sameUnit(a: UnitFacts, b: UnitFacts): boolean {
  if (plain(a.site) === '' || plain(a.site) !== plain(b.site)) return false
  const [one, other] = [plain(a.unitName), plain(b.unitName)]
  return one !== '' && other !== ''
    ? one === other
    : a.unit !== null && b.unit !== null && sameUnitType(a.unit, b.unit)
}

/** One reading of a capacitor in time, µF. */
export interface CanPoint {
  readonly at: number
  readonly job: JobId
  readonly side: 'FAN' | 'HERM'
  readonly microfarads: number
  /** What it was marked or asked for; null: not known. */
  readonly rated: number | null
}

/** One visit to the unit. */
export interface UnitVisit {
  readonly job: JobId
  readonly title: string
  /** Latest change. */
  readonly at: number
  /** What was fitted: only of a hookup that is proven as it stands. */
  readonly fitted: readonly string[]
  readonly promised: readonly string[]
}

/** The visits and the capacitor's readings. */
export interface UnitHistory {
  /** Latest first. */
  readonly visits: readonly UnitVisit[]
  /** In order of time. */
  readonly points: readonly CanPoint[]
}

/** Visits of the same place and unit as job `id`; empty where there is no such job. */
export function unitHistory(jobs: readonly UnitJob[], id: string): UnitHistory {
  const own = jobs.find((job) => job.id === id)
  if (!own) return { visits: [], points: [] }
  const same = jobs.filter(
    (job) => !job.document.removed && (job.id === id || sameUnit(job.document, own.document)),
  )
  return {
    visits: same.map(visitOf).sort((a, b) => b.at - a.at),
    points: same.flatMap(pointsOf).sort((a, b) => a.at - b.at),
  }
}

function visitOf({ id, document: job, changes }: UnitJob): UnitVisit {
  const proven = standingProof(job) !== null
  return {
    job: id,
    title: job.title,
    at: changes.reduce((latest, c) => Math.max(latest, c.at), 0),
    fitted: proven
      ? [job.motor?.name, job.can?.name].filter((name): name is string => name !== undefined)
      : [],
    promised: Object.values(job.recommended).map(recommendedWords),
  }
}

/** Old readings under load, bench readings, and the new capacitor under load. */
function pointsOf({ id, document: job, changes }: UnitJob): CanPoint[] {
  const points: CanPoint[] = []
  for (const side of ['FAN', 'HERM'] as const) {
    const running = job.readings[side]
    const at = changes
      .filter((c) => c.path[0] === 'readings' && c.path[1] === side)
      .reduce((latest, c) => Math.max(latest, c.at), 0)
    if (running)
      points.push({
        at,
        job: id,
        side,
        microfarads: microfaradsFromReading(running).microfarads,
        rated: running.ratedMicrofarads,
      })
    const bench = job.measurements[`microfarads-${side}`]
    if (bench && bench.value !== 'OL')
      points.push({ at: bench.at, job: id, side, microfarads: bench.value, rated: labelOf(job, side) })
  }
  const [amps, volts] = [job.measurements[CAN_PROBES.amps], job.measurements[CAN_PROBES.volts]]
  if (
    amps &&
    volts &&
    typeof amps.value === 'number' &&
    typeof volts.value === 'number' &&
    amps.value > 0 &&
    volts.value > 0
  )
    points.push({
      at: Math.max(amps.at, volts.at),
      job: id,
      side: 'FAN',
      microfarads: microfaradsFromReading({
        amps: amps.value,
        volts: volts.value,
        hertz: jobHertz(job),
      }).microfarads,
      rated: job.motor?.capacitor?.microfarads ?? null,
    })
  return points
}
