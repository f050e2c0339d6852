import * as v from 'valibot'
import { readStockRows } from '../van/stock-csv'
import { StockLineSchema } from '../van/stock-line'
import { operation } from './operation'
import { plain } from './plain'

const OutputSchema = v.object({
  /** By line id; empty when there is any problem. */
  lines: v.record(v.string(), StockLineSchema),
  /** `path` is the row and column as in the file, such as "row 7, quantity". */
  problems: v.array(v.object({ path: v.string(), message: v.string() })),
})
/** What `read-stock` answers. */
export type ReadStockOutput = v.InferOutput<typeof OutputSchema>

export const readStock = operation({
  name: 'read-stock',
  help: 'The van’s stock from the rows of a table: every line, or every wrong row with its reason and no line at all.',
  input: v.strictObject({
    /** Cells as text, the head first. More lines than a van has are refused, not cut. */
    rows: v.pipe(
      v.array(
        v.array(
          v.pipe(v.string('Every cell is text.'), v.maxLength(2000, 'A cell has 2,000 letters at most.')),
        ),
        'The rows must be a list.',
      ),
      v.maxLength(200_000, 'More than 200,000 rows.'),
    ),
    countedAt: v.pipe(v.number('When it was counted is missing.'), v.integer(), v.minValue(0)),
    sheets: v.optional(v.pipe(v.array(v.string()), v.maxLength(5000)), []),
  }),
  output: OutputSchema,
  run: ({ rows, countedAt, sheets }) => plain(readStockRows(rows, { countedAt, sheets })),
})
