// What the office shows of the jobs: rows to search and sort, a job's history in words. No rendering here.
import {
  createColumnHelper,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  type Row,
} from '@tanstack/react-table'
import { compareChanges } from '@oak/core/job/change'
import { changeWords } from '@oak/core/job/changes/change-words'
import { historyOf } from '@oak/core/job/fold'
import type { TemperatureUnit } from '@oak/core/quantity/temperature'
import type { JobDocument } from '@oak/core/job/document'
import { visitState, type VisitKind } from '@oak/core/job/visit/visit-state'
import { idOfUnit } from '@oak/core/wiring/unit-type'
import { unitTypeFor } from '@oak/core/wiring/unit-types'
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

/** What a job that does not go on stage by stage stands at. */
const STANDS: Partial<Readonly<Record<VisitKind, string>>> = {
  stopped: 'stopped',
  waiting: 'part',
  later: 'come back',
  estimate: 'estimate',
  ended: 'ended',
}

const nextWords = (job: JobDocument, kind: VisitKind): string =>
  STANDS[kind] ?? STAGES.find((s) => s.id === nextStage(job))?.name ?? ''

function officeRow({ id, document: job, changes }: JobEntry): OfficeRow {
  const { kind, proof } = visitState(job)
  const latest = [...changes].sort(compareChanges).at(-1)
  const named = [...changes]
    .sort(compareChanges)
    .reverse()
    .find((c) => c.technician)
  return {
    id,
    title: job.title || 'unnamed',
    site: job.site,
    unit: job.unit ? (unitTypeFor(job.unit)?.name ?? idOfUnit(job.unit)) : '',
    technician: named?.technician ?? '',
    at: latest?.at ?? 0,
    next: nextWords(job, kind),
    proven: proof.kind === 'stands',
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
export const officeRows = (entries: readonly JobEntry[]): OfficeRow[] =>
  entries
    .filter((e) => !e.document.removed)
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
