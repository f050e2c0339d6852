import * as v from 'valibot'
import { SectionsSchema, TolerancePercent } from '../capacitor/can'
import { fitSteps, STEP_KINDS } from '../capacitor/fitting/steps'
import { DEFAULT_TOLERANCE_PERCENT } from '../capacitor/verdict'
import { checkWhole, type Problem } from '../quantity/problem'
import { shortText } from './fields'
import { operation } from './operation'
import { plain } from './plain'

const GroupSchema = v.object({
  load: shortText('A load’s name', 40),
  sections: v.pipe(v.array(v.string()), v.minLength(1, 'A group has one section at least.'), v.maxLength(24)),
  lead: v.string('The section that takes the lead is missing.'),
  jumpers: v.pipe(
    v.array(v.object({ from: v.string(), to: v.string(), share: v.number() })),
    v.maxLength(24),
  ),
  microfarads: v.number(),
})
const InputSchema = v.strictObject({
  can: v.strictObject({
    name: shortText('The can’s name', 300),
    sections: SectionsSchema,
    tolerancePercent: v.optional(TolerancePercent, DEFAULT_TOLERANCE_PERCENT),
    protectedStart: v.optional(v.boolean(), false),
  }),
  /** As tap-plan gives them. */
  groups: v.pipe(v.array(GroupSchema), v.maxLength(3, 'More than three loads on one can.')),
  leads: v.optional(v.record(v.string(), shortText('A lead’s name', 60)), {}),
  hardStart: v.optional(
    v.picklist(['none', 'c', 'protected'], 'The kit’s far end is none, c or protected.'),
    'none',
  ),
  shared: v.optional(v.boolean(), true),
})
type Input = v.InferOutput<typeof InputSchema>

function problems({ can, groups, hardStart }: Input): Problem[] {
  const known = new Set(can.sections.map((s) => s.id))
  const strange = groups.flatMap((g, i) =>
    [g.lead, ...g.sections, ...g.jumpers.flatMap((j) => [j.from, j.to])]
      .filter((id) => !known.has(id))
      .map((id) => ({
        path: `groups.${i}`,
        message: `There is no section called “${id.slice(0, 40)}” on this can.`,
      })),
  )
  return hardStart === 'protected' && !can.protectedStart
    ? [...strange, { path: 'hardStart', message: 'This can has no protected terminal.' }]
    : strange
}

const OutputSchema = v.object({
  steps: v.array(
    v.object({ id: v.string(), kind: v.picklist(STEP_KINDS), text: v.string(), why: v.string() }),
  ),
})
/** What `fit-steps` answers. */
export type FitStepsOutput = v.InferOutput<typeof OutputSchema>

export const fitStepsOperation = operation({
  name: 'fit-steps',
  help: 'How a planned capacitor is fitted, step by step: discharge, strap, ties of C, jumpers, a check with the meter, leads.',
  input: v.pipe(InputSchema, checkWhole(problems)),
  output: OutputSchema,
  run: (input) => plain({ steps: fitSteps(input) }),
})
