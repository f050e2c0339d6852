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
import {
  askedWords,
  OFFICE_SORTS,
  officeRow,
  officeWords,
  type OFFICE_STATES,
  type OfficeRow,
} from '@oak/core/job/summary/office-row'
import type { JobSummary } from '@oak/core/job/summary/summary'
import type { TemperatureUnit } from '@oak/core/quantity/temperature'
import type { JobEntry } from '../../platform/state/jobs-state'

export type StateFilter = (typeof OFFICE_STATES)[number]
export type SortKey = (typeof OFFICE_SORTS)[number]

/** A row with the words that it is found by. */
export interface FoundRow extends OfficeRow {
  readonly words: string
}

export interface Asked {
  readonly text: string
  readonly state: StateFilter
  readonly sort: SortKey
  readonly down: boolean
}

/** Every word stands somewhere in what it is found by, whatever the case; and it is in that state. */
const isAskedFor = ({ words, proven }: FoundRow, { text, state }: Asked): boolean =>
  (state === 'all' || proven === (state === 'proven')) &&
  askedWords(text).every((word) => words.includes(word))

/** What was not removed. In the order of ids, so that rows alike in what they are sorted by keep their places. */
export const officeRows = (summaries: Iterable<JobSummary>): FoundRow[] =>
  [...summaries]
    .filter(({ removed }) => !removed)
    .map((summary) => ({ ...officeRow(summary), words: officeWords(summary) }))
    .sort((a, b) => (a.id < b.id ? -1 : 1))

/** How the table sorts and filters; `rows` as `officeRows` gives them. */
export const tableOf = (rows: FoundRow[], asked: Asked) => ({
  data: rows,
  columns: COLUMNS,
  state: { sorting: [{ id: asked.sort, desc: asked.down }], globalFilter: asked },
  getRowId: (row: FoundRow) => row.id,
  // It looks at the row, not at a column: words may stand in several of them.
  globalFilterFn: ({ original }: Row<FoundRow>) => isAskedFor(original, asked),
  getColumnCanGlobalFilter: () => true,
  // There are no pages to go back to the first of.
  autoResetAll: false,
  ...ROW_MODELS,
})

/** Made once: a table that gets others works all its rows out again. */
const ROW_MODELS = {
  getCoreRowModel: getCoreRowModel<FoundRow>(),
  getFilteredRowModel: getFilteredRowModel<FoundRow>(),
  getSortedRowModel: getSortedRowModel<FoundRow>(),
}

const column = createColumnHelper<FoundRow>()
const COLUMNS = OFFICE_SORTS.map((key) =>
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
