// The owner's report: the facts of a job in plain or technical words, its photos by caption, its estimate; nothing that the record does not hold.
import type { TemperatureUnit } from '../../quantity/temperature'
import type { JobDocument } from '../document'
import type { PHOTO_WORK } from '../fields'
import { totalsOf, type EstimateLine, type EstimateTerms, type EstimateTotals } from './estimate'
import { SECTIONS, type SectionId } from './fact'
import { factsOf } from './facts'
import { gaugesOf, type Gauge } from './gauges'

/** Words for the owner, or of the trade. */
export type ReportStyle = 'plain' | 'technical'

const HEADINGS: Readonly<Record<ReportStyle, Readonly<Record<SectionId, string>>>> = {
  plain: {
    found: 'What failed',
    done: 'What was done',
    readings: 'How it runs now',
    parts: 'Parts used',
    recommended: 'What we recommend',
    gaps: 'What is not on record',
  },
  technical: {
    found: 'Found',
    done: 'Done',
    readings: 'Readings',
    parts: 'Parts',
    recommended: 'Recommended',
    gaps: 'Not on record',
  },
}

/** A section with its lines; one without lines is left out. */
export interface ReportSection {
  readonly id: SectionId
  readonly heading: string
  readonly lines: readonly string[]
}

/** A photo with what it shows; `work` null: nobody said. */
export interface ReportPhoto {
  readonly id: string
  readonly caption: string
  readonly work: (typeof PHOTO_WORK)[number] | null
}

/** A report, ready to be shown or printed. */
export interface Report {
  readonly title: string
  readonly site: string
  readonly owner: string
  readonly unit: string
  readonly notes: string
  readonly style: ReportStyle
  /** Where the record has nothing to tell yet but what it lacks, in one sentence; else null. */
  readonly opening: string | null
  readonly sections: readonly ReportSection[]
  /** Readings that have limits. */
  readonly gauges: readonly Gauge[]
  readonly photos: readonly ReportPhoto[]
  readonly estimate: Estimate | null
}

/** The estimate as the report shows it. */
export interface Estimate {
  readonly lines: readonly (EstimateLine & { readonly id: string })[]
  readonly terms: EstimateTerms
  readonly totals: EstimateTotals
  /** null: not accepted as it stands. */
  readonly accepted: JobDocument['acceptance']
  /** It was accepted with another total. */
  readonly lapsed: boolean
}

/** Before any terms are set: no tax is known, a month's validity. Common practice, no source. */
export const USUAL_TERMS: EstimateTerms = { taxThousandths: 0, validDays: 30 }

const ONLY_BEGUN = 'The record of this visit has only begun: what was found and done is not in it yet.'

/** The report of a job in one style, temperatures in one unit. Its facts are those of `factsOf`, in other words only. */
export function composeReport(job: JobDocument, style: ReportStyle, unit: TemperatureUnit = 'F'): Report {
  const facts = factsOf(job, unit)
  const gauges = gaugesOf(job)
  const sections = SECTIONS.map((id) => ({
    id,
    heading: HEADINGS[style][id],
    lines: facts
      .filter((f) => f.section === id)
      .flatMap((f) => (style === 'technical' ? [f.technical] : f.plain === null ? [] : [f.plain])),
  }))
  return {
    title: job.title,
    site: job.site,
    owner: job.owner,
    unit: job.unitName,
    notes: style === 'technical' ? job.notes : '',
    style,
    opening:
      gauges.length === 0 && sections.every((s) => s.id === 'gaps' || s.lines.length === 0)
        ? ONLY_BEGUN
        : null,
    // A supply alone is no news for the owner in words; its chart is shown all the same.
    sections: sections.filter((s) => s.lines.length > 0 || (s.id === 'readings' && gauges.length > 0)),
    gauges,
    photos: Object.entries(job.photos)
      .sort(([, a], [, b]) => a.takenAt - b.takenAt)
      .map(([id, { caption, work = null }]) => ({ id, caption, work })),
    estimate: estimateOf(job),
  }
}

function estimateOf(job: JobDocument): Estimate | null {
  const lines = Object.entries(job.estimateLines).map(([id, line]) => ({ id, ...line }))
  if (lines.length === 0) return null
  const terms = job.estimateTerms ?? USUAL_TERMS
  const totals = totalsOf(lines, terms)
  const stands = job.acceptance !== null && job.acceptance.cents === totals.total
  return {
    lines,
    terms,
    totals,
    accepted: stands ? job.acceptance : null,
    lapsed: job.acceptance !== null && !stands,
  }
}
