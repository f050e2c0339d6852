// Readings of jobs as CSV, one row a reading.
import Papa from 'papaparse'
import { QUANTITY_UNITS } from '@oak/core/meter/measurement'
import type { JobEntry } from '../state/jobs-state'

/** A cell that a spreadsheet would run gets an apostrophe before it. */
const guard = (text: string): string => (/^[=+\-@]/.test(text) ? `'${text}` : text)

/** One reading of a job; times in ISO 8601. */
export type ReadingRow = Readonly<
  Record<'job' | 'title' | 'probe' | 'quantity' | 'value' | 'unit' | 'meter' | 'at', string>
>

export const readingRows = (entries: readonly Pick<JobEntry, 'id' | 'document'>[]): ReadingRow[] =>
  entries.flatMap(({ id, document: job }) => [
    ...Object.entries(job.measurements).map(([probe, m]) => ({
      job: id,
      title: guard(job.title),
      probe: guard(probe),
      quantity: m.quantity,
      value: String(m.value),
      unit: QUANTITY_UNITS[m.quantity],
      meter: guard(m.meter),
      at: new Date(m.at).toISOString(),
    })),
    ...Object.entries(job.readings).flatMap(([side, r]) => [
      {
        job: id,
        title: guard(job.title),
        probe: `old capacitor ${side}`,
        quantity: 'amps',
        value: String(r.amps),
        unit: 'A',
        meter: '',
        at: '',
      },
      {
        job: id,
        title: guard(job.title),
        probe: `old capacitor ${side}`,
        quantity: 'volts',
        value: String(r.volts),
        unit: 'V',
        meter: '',
        at: '',
      },
    ]),
  ])

export const readingsCsv = (rows: readonly ReadingRow[]): string =>
  `${Papa.unparse({ fields: ['job', 'title', 'probe', 'quantity', 'value', 'unit', 'meter', 'at'], data: [...rows] })}\n`
