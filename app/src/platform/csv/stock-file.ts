// The van's list as a CSV file: papaparse makes rows of it and rows of the stock; the core says what is wrong with them.
import Papa from 'papaparse'
import { MAX_LINES, type StockLine } from '@oak/core/van/stock-line'
import { writeStockRows } from '@oak/core/van/stock-csv'

/** Commas, semicolons or tabs; a byte-order mark or none. Rows beyond what a van may have are not read: one more is enough to say so. */
export function stockRowsOf(text: string): string[][] {
  return Papa.parse<string[]>(text, {
    skipEmptyLines: 'greedy',
    delimitersToGuess: [',', ';', '\t'],
    preview: MAX_LINES + 2,
  }).data
}

/** Cells that a spreadsheet would run are written with an apostrophe before them. */
export const stockText = (lines: Readonly<Record<string, StockLine>>): string =>
  `${Papa.unparse(writeStockRows(lines), { escapeFormulae: true, newline: '\r\n' })}\r\n`
