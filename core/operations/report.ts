import * as v from 'valibot'
import { ChangeSchema, parseChange } from '../job/change'
import { PHOTO_WORK } from '../job/fields'
import { foldJob } from '../job/fold'
import { composeReport } from '../job/report/report'
import { SECTIONS } from '../job/report/fact'
import { checkWhole, type Problem } from '../quantity/problem'
import { TEMPERATURE_UNITS } from '../quantity/temperature'
import { operation } from './operation'
import { plain } from './plain'

const InputSchema = v.strictObject({
  /** The job's changes, as in a job file. */
  changes: v.pipe(
    v.array(ChangeSchema, 'The changes must be a list.'),
    v.maxLength(20_000, 'More than 20,000 changes.'),
  ),
  style: v.optional(v.picklist(['plain', 'technical'], 'A report is plain or technical.'), 'plain'),
  /** In which temperatures are read. */
  unit: v.optional(v.picklist(TEMPERATURE_UNITS, 'Temperatures are read in F or in C.'), 'F'),
})

const problems = ({ changes }: v.InferOutput<typeof InputSchema>): Problem[] => {
  for (const [i, change] of changes.entries()) {
    const parsed = parseChange(change)
    if (!parsed.ok)
      return parsed.problems.map((p) => ({ path: `changes.${i}.${p.path}`, message: p.message }))
  }
  return new Set(changes.map((c) => c.job)).size > 1
    ? [{ path: 'changes', message: 'A report is of one job: these changes are of several.' }]
    : []
}

const Text = v.string()
const Int = v.number()
const EstimateSchema = v.object({
  lines: v.array(
    v.object({
      id: Text,
      kind: v.picklist(['part', 'labour']),
      text: Text,
      hundredths: Int,
      cents: Int,
      taxed: v.boolean(),
    }),
  ),
  terms: v.object({ taxThousandths: Int, validDays: Int }),
  totals: v.object({ lines: v.array(Int), parts: Int, labour: Int, taxed: Int, tax: Int, total: Int }),
  accepted: v.nullable(v.object({ name: Text, at: Int, cents: Int, signature: v.nullable(Text) })),
  lapsed: v.boolean(),
})
const OutputSchema = v.object({
  title: Text,
  site: Text,
  owner: Text,
  unit: Text,
  notes: Text,
  style: v.picklist(['plain', 'technical']),
  opening: v.nullable(Text),
  /** In order; a section without a fact is left out. What is missing has a section of its own. */
  sections: v.array(v.object({ id: v.picklist(SECTIONS), heading: Text, lines: v.array(Text) })),
  /** Readings after the work, each against its limits. */
  gauges: v.array(
    v.object({
      id: Text,
      name: Text,
      value: v.number(),
      unit: v.picklist(['A', 'V', 'µF']),
      low: v.nullable(v.number()),
      high: v.number(),
      verdict: v.picklist(['fine', 'watch', 'stop', 'cannotTell']),
      words: Text,
    }),
  ),
  photos: v.array(v.object({ id: Text, caption: Text, work: v.nullable(v.picklist(PHOTO_WORK)) })),
  estimate: v.nullable(EstimateSchema),
})
/** What `report` answers. */
export type ReportOutput = v.InferOutput<typeof OutputSchema>

export const report = operation({
  name: 'report',
  help: 'The owner’s report of a job in plain or technical words, composed from what its record holds, with what it lacks named; and its estimate in whole cents.',
  input: v.pipe(InputSchema, checkWhole(problems)),
  output: OutputSchema,
  run: ({ changes, style, unit }) => plain(composeReport(foldJob(changes), style, unit)),
})
