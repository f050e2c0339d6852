// A job as a row of the office's table: what is shown, sorted by and searched in, the same on the server and on a device without one.
import { unitTypeFor } from '../../wiring/unit-types'
import { nextInWords } from './standing-words'
import type { JobSummary } from './summary'

/** What a row is sorted by. */
export const OFFICE_SORTS = ['title', 'site', 'unit', 'technician', 'next', 'at'] as const
/** Which jobs are asked for. */
export const OFFICE_STATES = ['all', 'proven', 'open'] as const

/** `at`: of the latest change, ms since 1970. */
export interface OfficeRow {
  readonly id: string
  readonly title: string
  readonly site: string
  readonly unit: string
  readonly technician: string
  readonly at: number
  /** What comes next, in a word or two; empty: not worked out. */
  readonly next: string
  readonly proven: boolean
}

/** The row of a job. */
export function officeRow({
  job,
  title,
  site,
  unit,
  ownUnit,
  technician,
  at,
  standing,
}: JobSummary): OfficeRow {
  return {
    id: job,
    title: title || 'unnamed',
    site,
    unit: ownUnit || (unit === null ? '' : (unitTypeFor(unit)?.name ?? unit)),
    technician,
    at,
    next: standing ? nextInWords(standing) : '',
    proven: standing?.proof === 'stands',
  }
}

/** All that a job is found by, in small letters. */
export function officeWords(summary: JobSummary): string {
  const { title, site, unit, technician } = officeRow(summary)
  return `${title} ${site} ${unit} ${technician} ${summary.unitName} ${summary.owner}`.toLowerCase()
}

/** The words of a question, in small letters. A NUL ends a question of the database in its middle, so it parts words as a blank does. */
export const askedWords = (text: string): string[] =>
  text
    .toLowerCase()
    .split(/[\s\0]+/)
    .filter(Boolean)
