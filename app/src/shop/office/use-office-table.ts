// The rows that are asked for, in order, by the kept table.
import { useReactTable } from '@tanstack/react-table'
import { tableOf, type Asked, type FoundRow } from './office-model'

/** `rows` as `officeRows` gives them. */
export function useOfficeTable(rows: FoundRow[], asked: Asked): FoundRow[] {
  // The table is one object that changes inside: what is remembered of it would stand still.
  'use no memo'
  return useReactTable(tableOf(rows, asked))
    .getRowModel()
    .rows.map((row) => row.original)
}
