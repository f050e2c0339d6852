// What the office shows of the jobs: rows to search and sort, a job's history in words. No rendering here.
import {
  createColumnHelper,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  type Row,
} from '@tanstack/react-table'
import { changeWords } from '@oak/core/job/changes/change-words'
import { historyOf } from '@oak/core/job/fold'
import { nextInWords } from '@oak/core/job/summary/standing-words'
import type { JobSummary } from '@oak/core/job/summary/summary'
import type { TemperatureUnit } from '@oak/core/quantity/temperature'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import type { JobEntry } from '../../platform/state/jobs-state'

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

function officeRow(summary: JobSummary): OfficeRow {
  const { job, title, site, unit, technician, at, standing } = summary
  return {
    id: job,
    title: title || 'unnamed',
    site,
    unit: unit === null ? '' : (unitTypeFor(unit)?.name ?? unit),
    technician,
    at,
    next: standing ? nextInWords(standing) : '',
    proven: standing?.proof === 'stands',
  }
}

export interface Asked {
  readonly text: string
  readonly state: StateFilter
  readonly sort: SortKey
  readonly down: boolean
}

/** Every word stands somewhere in the row, whatever the case; and it is in that state. */
function isAskedFor(row: OfficeRow, { text, state }: Asked): boolean {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  const all = `${row.title} ${row.site} ${row.unit} ${row.technician}`.toLowerCase()
  return (state === 'all' || row.proven === (state === 'proven')) && words.every((word) => all.includes(word))
}

/** What was not removed. In the order of ids, so that rows alike in what they are sorted by keep their places. */
export const officeRows = (summaries: Iterable<JobSummary>): OfficeRow[] =>
  [...summaries]
    .filter(({ removed }) => !removed)
    .map(officeRow)
    .sort((a, b) => (a.id < b.id ? -1 : 1))

/** How the table sorts and filters; `rows` as `officeRows` gives them. */
export const tableOf = (rows: OfficeRow[], asked: Asked) => ({
  data: rows,
  columns: COLUMNS,
  state: { sorting: [{ id: asked.sort, desc: asked.down }], globalFilter: asked },
  getRowId: (row: OfficeRow) => row.id,
  // It looks at the row, not at a column: words may stand in several of them.
  globalFilterFn: ({ original }: Row<OfficeRow>) => isAskedFor(original, asked),
  getColumnCanGlobalFilter: () => true,
  // There are no pages to go back to the first of.
  autoResetAll: false,
  ...ROW_MODELS,
})

/** Made once: a table that gets others works all its rows out again. */
const ROW_MODELS = {
  getCoreRowModel: getCoreRowModel<OfficeRow>(),
  getFilteredRowModel: getFilteredRowModel<OfficeRow>(),
  getSortedRowModel: getSortedRowModel<OfficeRow>(),
}

const column = createColumnHelper<OfficeRow>()
const COLUMNS = SORTS.map((key) =>
  column.accessor(key, {
    id: key,
    sortingFn: (a, b) =>
      key === 'at' ? a.original.at - b.original.at : a.original[key].localeCompare(b.original[key]),
  }),
)

export interface HistoryLine {
  readonly id: string
  readonly at: number
  readonly who: string
  readonly what: string
  readonly says: string
  /** It is what the job has now; a value that lost stays readable. */
  readonly stands: boolean
}

/** Latest first; `degrees`: in which temperatures are read. */
export const historyLines = (
  { document, changes }: Pick<JobEntry, 'document' | 'changes'>,
  degrees: TemperatureUnit,
): HistoryLine[] =>
  historyOf(changes)
    .reverse()
    .map(({ change, stands }) => ({
      id: change.id,
      at: change.at,
      who: change.technician || 'unnamed',
      ...changeWords(change, document, degrees),
      stands,
    }))
