// What the office shows of the jobs: rows to search and sort, a job's history in words. No rendering here.
import { compareChanges } from '@oak/core/job/change'
import { historyOf } from '@oak/core/job/fold'
import { standingProof } from '@oak/core/job/standing-proof'
import { unitTypeById } from '@oak/core/wiring/unit-types'
import { nextStage, STAGES } from '../../parts/frame/stages'
import type { JobEntry } from '../../platform/state/jobs'

export type StateFilter = 'all' | 'proven' | 'open'

export interface OfficeRow {
  readonly id: string
  readonly title: string
  readonly site: string
  readonly unit: string
  readonly technician: string
  readonly at: number
  readonly next: string
  readonly proven: boolean
}

export const SORTS = ['title', 'site', 'unit', 'technician', 'next', 'at'] as const
export type SortKey = (typeof SORTS)[number]

function officeRow({ id, document: job, changes }: JobEntry): OfficeRow {
  const latest = [...changes].sort(compareChanges).at(-1)
  const named = [...changes]
    .sort(compareChanges)
    .reverse()
    .find((c) => c.technician)
  return {
    id,
    title: job.title || 'unnamed',
    site: job.site,
    unit: job.unit ? (unitTypeById(job.unit)?.name ?? job.unit) : '',
    technician: named?.technician ?? '',
    at: latest?.at ?? 0,
    next: STAGES.find((s) => s.id === nextStage(job))?.name ?? '',
    proven: standingProof(job) !== null,
  }
}

export interface Asked {
  readonly text: string
  readonly state: StateFilter
  readonly sort: SortKey
  readonly down: boolean
}

/** Every word stands somewhere in the row, whatever the case. */
export function rowsOf(entries: readonly JobEntry[], { text, state, sort, down }: Asked): OfficeRow[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const rows = entries.filter((e) => !e.document.removed).map(officeRow)
  const found = rows.filter(
    (row) =>
      (state === 'all' || row.proven === (state === 'proven')) &&
      words.every((word) =>
        `${row.title} ${row.site} ${row.unit} ${row.technician}`.toLowerCase().includes(word),
      ),
  )
  const sign = down ? -1 : 1
  return found.sort(
    (a, b) => sign * (sort === 'at' ? a.at - b.at : a[sort].localeCompare(b[sort])) || (a.id < b.id ? -1 : 1),
  )
}

export interface HistoryLine {
  readonly id: string
  readonly at: number
  readonly who: string
  readonly what: string
  readonly value: string
  /** It is what the job has now; a value that lost stays readable. */
  readonly stands: boolean
}

const MOST_LETTERS = 120

/** Latest first. */
export const historyLines = ({ changes }: Pick<JobEntry, 'changes'>): HistoryLine[] =>
  historyOf(changes)
    .reverse()
    .map(({ change, stands }) => ({
      id: change.id,
      at: change.at,
      who: change.technician || 'unnamed',
      what: change.path.join(' › '),
      value: valueText(change.value),
      stands,
    }))

function valueText(value: unknown): string {
  if (value === null) return 'cleared'
  const text = typeof value === 'string' ? value : JSON.stringify(value)
  return text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS - 1)}…` : text
}
