import { idSchema } from '../quantity/id'
import type { LeadId } from '../motor/lead-id'
import * as v from 'valibot'
import { findLeads } from '../motor/leads/find'
import { USUAL_METER } from '../motor/leads/reading'
import { WIRE_ROLES } from '../motor/role'
import { checkWhole, type Problem } from '../quantity/problem'
import { shortText } from './fields'
import { operation } from './operation'
import { plain } from './plain'

const OHMS_WORDS = 'Ohms are a number from 0 up, or OL.'
const OhmsSchema = v.union(
  [
    v.literal('OL'),
    v.pipe(
      v.number(OHMS_WORDS),
      v.finite(OHMS_WORDS),
      v.minValue(0, OHMS_WORDS),
      v.maxValue(1e9, OHMS_WORDS),
    ),
  ],
  OHMS_WORDS,
)
const Lead = shortText('A lead’s name', 60)

const InputShape = v.strictObject({
  leads: v.pipe(
    v.array(Lead, 'The leads must be a list.'),
    v.minLength(2, 'Two leads at least are needed.'),
    v.maxLength(12, 'More than twelve leads at a time.'),
  ),
  pairs: v.optional(
    v.pipe(
      v.array(
        v.strictObject({
          between: v.tuple([Lead, Lead], 'A reading is between two leads.'),
          ohms: OhmsSchema,
        }),
      ),
      v.maxLength(200, 'That is more readings than there are pairs.'),
    ),
    [],
  ),
  frame: v.optional(
    v.pipe(
      v.array(v.strictObject({ lead: Lead, ohms: OhmsSchema })),
      v.maxLength(24, 'Each lead is read to the frame once.'),
    ),
    [],
  ),
  fan: v.optional(v.picklist(['outdoor', 'blower'], 'The fan is an outdoor one or a blower.'), 'outdoor'),
  meter: v.optional(
    v.strictObject({
      resolutionOhms: v.pipe(
        v.number('The meter’s resolution must be a number of Ω.'),
        v.gtValue(0, 'The meter’s resolution must be above 0 Ω.'),
        v.maxValue(10, 'A resolution above 10 Ω tells no winding.'),
      ),
      percent: v.pipe(
        v.number('The meter’s percent must be a number.'),
        v.minValue(0, 'The meter’s percent cannot be below 0.'),
        v.maxValue(20, 'Above 20 % a meter tells nothing.'),
      ),
      leadOhms: v.pipe(
        v.number('The test leads’ ohms must be a number.'),
        v.minValue(0, 'The test leads’ ohms cannot be below 0.'),
        v.maxValue(5, 'Test leads above 5 Ω are broken.'),
      ),
    }),
    USUAL_METER,
  ),
})
type Input = v.InferOutput<typeof InputShape>

function problemsIn({ leads, pairs, frame }: Input): Problem[] {
  const problems: Problem[] = []
  leads.forEach((lead, i) => {
    if (leads.indexOf(lead) !== i)
      problems.push({ path: `leads.${i}`, message: `Two leads are called “${lead}”.` })
  })
  pairs.forEach(({ between: [a, b] }, i) => {
    for (const lead of [a, b])
      if (!leads.includes(lead))
        problems.push({ path: `pairs.${i}.between`, message: `There is no lead called “${lead}”.` })
    if (a === b) problems.push({ path: `pairs.${i}.between`, message: `“${a}” is read against itself.` })
  })
  frame.forEach(({ lead }, i) => {
    if (!leads.includes(lead))
      problems.push({ path: `frame.${i}.lead`, message: `There is no lead called “${lead}”.` })
  })
  return problems
}

const InputSchema = v.pipe(InputShape, checkWhole(problemsIn))
const PairSchema = v.tuple([v.string(), v.string()])
const NextSchema = v.nullable(v.object({ between: PairSchema, why: v.string() }))

const OutputSchema = v.object({
  points: v.array(v.object({ point: v.string(), leads: v.array(v.string()) })),
  windings: v.array(v.object({ a: v.string(), b: v.string(), ohms: v.number() })),
  parts: v.number(),
  roles: v.array(
    v.object({
      lead: idSchema<LeadId>(v.string()),
      role: v.nullable(v.picklist(WIRE_ROLES)),
      confidence: v.picklist(['certain', 'likely', 'cannotTell']),
      why: v.string(),
    }),
  ),
  faults: v.array(v.object({ code: v.string(), message: v.string(), leads: v.array(v.string()) })),
  readAgain: v.array(PairSchema),
  settled: v.boolean(),
  next: NextSchema,
})
/** What `find-leads` answers. */
export type FindLeadsOutput = v.InferOutput<typeof OutputSchema>

export const findLeadsOperation = operation({
  name: 'find-leads',
  help: 'From ohms between pairs of leads, and to the frame: the windings, what each lead is, what is open, shorted or grounded, and which reading to take again.',
  input: InputSchema,
  output: OutputSchema,
  run: (input) => plain(findLeads(input)),
})

export const nextPair = operation({
  name: 'next-pair',
  help: 'The pair of leads whose reading settles the most; none when the readings settle it already.',
  input: InputSchema,
  output: v.object({ next: NextSchema, settled: v.boolean() }),
  run: (input) => {
    const { next, settled } = findLeads(input)
    return plain({ next, settled })
  },
})
