import { idSchema } from '../quantity/id'
import * as v from 'valibot'
import { LoadsSchema, SectionsSchema, TolerancePercent, type SectionId } from '../capacitor/can'
import { planTaps } from '../capacitor/tap-plan/plan'
import { operation } from './operation'
import { plain } from './plain'

export const GroupSchema = v.object({
  load: v.string(),
  sections: v.array(v.string()),
  lead: idSchema<SectionId>(v.string()),
  jumpers: v.array(v.object({ from: v.string(), to: v.string(), share: v.number() })),
  microfarads: v.number(),
  errorPercent: v.number(),
  jumperShare: v.number(),
})
const CoreEntries = {
  groups: v.array(GroupSchema),
  worstErrorPercent: v.nullable(v.number()),
  jumperCount: v.number(),
  unused: v.array(v.string()),
  proven: v.boolean(),
}
export const TapPlanSchema = v.object({
  feasible: v.boolean(),
  ...CoreEntries,
  nearest: v.nullable(v.object(CoreEntries)),
  problems: v.array(v.object({ path: v.string(), message: v.string() })),
})

export const tapPlan = operation({
  name: 'tap-plan',
  help: 'Which sections of a multi-tap can serve which load, with jumpers: the exact best, or the fewest jumpers in tolerance.',
  input: v.strictObject({
    sections: SectionsSchema,
    loads: LoadsSchema,
    tolerancePercent: TolerancePercent,
    prefer: v.optional(v.picklist(['exact', 'simple'], 'The preference is exact or simple.'), 'exact'),
  }),
  output: TapPlanSchema,
  run: (input) => plain(planTaps(input)),
})
