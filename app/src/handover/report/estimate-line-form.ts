// The form of an estimate's line: the record's own rules, and a price that is not entered yet.
import * as v from 'valibot'
import { KEYED_FIELDS } from '@oak/core/job/fields'

const { kind, text, hundredths, cents, taxed } = KEYED_FIELDS.estimateLines.entries

export const EstimateLineForm = v.strictObject({
  kind,
  text,
  hundredths,
  cents: v.pipe(
    v.nullable(v.number()),
    v.check((price) => price !== null, 'Enter the price first.'),
    v.nullable(cents),
  ),
  taxed,
})
/** cents null: not entered yet. */
export type LineForm = v.InferInput<typeof EstimateLineForm>

export const NEW_LINE: LineForm = { kind: 'labour', text: '', hundredths: 100, cents: null, taxed: true }
