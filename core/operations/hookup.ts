import * as v from 'valibot'
import { MAX_MICROFARADS, SectionsSchema, TolerancePercent } from '../capacitor/can'
import { DEFAULT_TOLERANCE_PERCENT } from '../capacitor/verdict'
import { workOutHookup, type HookupRequest } from '../circuit/hookup'
import { LeadSheetSchema } from '../motor/lead-sheet'
import { LEAD_ROLES, WIRE_ROLES } from '../motor/role'
import { checkWhole, type Problem } from '../quantity/problem'
import { DirectionSchema, RotationSchema } from '../rotation/view'
import { hookupPosts } from '../wiring/hookup-posts'
import { PlacementSchema } from '../wiring/placement'
import { UNIT_TYPE_IDS, unitTypeById } from '../wiring/unit-types'
import type { UnitType } from '../wiring/unit-type'
import { WireSchema } from '../wiring/wire'
import { wireProblems } from '../wiring/wire-problems'
import { operation } from './operation'
import { plain, TapPlanSchema } from './tap-plan'

const NamedWireSchema = v.strictObject({ id: v.pipe(v.string('A wire needs an id.'), v.minLength(1, 'A wire needs an id.'), v.maxLength(60, 'A wire’s id has 60 letters at most.')), ...WireSchema.entries })

const InputShape = v.strictObject({
  unit: v.picklist(UNIT_TYPE_IDS as [string, ...string[]], `The unit type must be one of: ${UNIT_TYPE_IDS.join(', ')}.`),
  wires: v.pipe(v.array(NamedWireSchema, 'The old wires must be a list.'), v.minLength(1, 'No old wires are recorded.'), v.maxLength(60, 'That is more than 60 wires.')),
  sheet: LeadSheetSchema,
  horsepower: v.optional(v.nullable(v.string()), null),
  wanted: v.optional(v.nullable(RotationSchema), null),
  plug: v.optional(v.nullable(DirectionSchema), null),
  can: v.strictObject({
    name: v.optional(v.pipe(v.string(), v.maxLength(300)), 'the can'),
    volts: v.pipe(v.number('The can’s rated volts must be a number.'), v.gtValue(0, 'The can’s rated volts must be above 0 V.'), v.maxValue(1000, 'The can’s rated volts are above 1000 V.')),
    tolerancePercent: v.optional(TolerancePercent, DEFAULT_TOLERANCE_PERCENT),
    sections: SectionsSchema,
  }),
  compressorMicrofarads: v.optional(
    v.nullable(v.pipe(v.number('The compressor’s µF must be a number.'), v.gtValue(0, 'The compressor’s µF must be above 0 µF.'), v.maxValue(MAX_MICROFARADS, `The compressor’s µF is above ${MAX_MICROFARADS} µF.`))),
    null,
  ),
  prefer: v.optional(v.picklist(['exact', 'simple'], 'The preference is exact or simple.'), 'exact'),
  placements: v.optional(v.pipe(v.array(v.strictObject({ lead: v.string(), goes: PlacementSchema })), v.maxLength(60, 'That is more than 60 placements.')), []),
})
type HookupOperationInput = v.InferOutput<typeof InputShape>

function wholeProblems(input: HookupOperationInput): Problem[] {
  const unit = unitTypeById(input.unit) as UnitType
  const posts = new Set(hookupPosts(unit, input.can).map((post) => post.id))
  const problems = wireProblems(unit, input.wires)
  input.placements.forEach(({ lead, goes }, i) => {
    if (!input.sheet.leads.some((l) => l.id === lead)) problems.push({ path: `placements.${i}.lead`, message: `The lead sheet has no lead called “${lead}”.` })
    if (goes.kind === 'post' && !posts.has(goes.post)) problems.push({ path: `placements.${i}.goes.post`, message: `There is no terminal called “${goes.post}” on this unit with this can.` })
  })
  if (input.horsepower !== null && !input.sheet.settings.horsepower.some((c) => c.horsepower === input.horsepower))
    problems.push({ path: 'horsepower', message: `This motor has no ${input.horsepower} hp setting.` })
  if (input.plug !== null && !input.sheet.settings.rotation.some((c) => c.direction === input.plug))
    problems.push({ path: 'plug', message: `This motor has no plug position for ${input.plug}.` })
  return problems
}

const Text = v.string()
const RoleSchema = v.picklist(WIRE_ROLES)
const EvidenceSchema = v.object({ source: v.picklist(['terminal', 'diagram', 'motor-label', 'resistance', 'colour']), roles: v.array(RoleSchema), text: Text })
const NoteSchema = v.object({ code: Text, message: Text })
const UnitWireSchema = v.object({ id: Text, from: Text, to: Text, was: v.optional(v.object({ from: Text, to: Text })) })
const ModeSchema = v.picklist(['off', 'cooling', 'defrost'])
const PotentialSchema = v.picklist(['line1', 'line2', 'earth', 'low-voltage', 'through', 'dead', 'fault'])
const PlugSchema = v.object({ direction: DirectionSchema, join: v.array(v.tuple([Text, Text])), land: v.array(v.object({ lead: Text, as: RoleSchema })), insulate: v.array(Text) })

export const HazardSchema = v.object({
  code: Text,
  severity: v.picklist(['stop', 'watch']),
  message: Text,
  modes: v.array(ModeSchema),
  leads: v.array(Text),
  move: v.optional(v.object({ lead: Text, to: PlacementSchema })),
})

const OutputSchema = v.object({
  plan: TapPlanSchema,
  findings: v.array(v.object({ wire: Text, role: v.nullable(RoleSchema), carriedBy: v.nullable(EvidenceSchema.entries.source), evidence: v.array(EvidenceSchema), conflicts: v.array(EvidenceSchema) })),
  horsepower: v.object({ horsepower: Text, amps: v.number() }),
  plug: v.object({ set: PlugSchema, advised: v.nullable(PlugSchema) }),
  leads: v.array(
    v.object({
      lead: Text,
      role: v.picklist(LEAD_ROLES),
      /** Where the app puts it. */
      advised: PlacementSchema,
      /** Where it is: as advised, unless it was moved. */
      goes: PlacementSchema,
      why: Text,
      evidence: v.array(EvidenceSchema),
    }),
  ),
  unitWires: v.array(UnitWireSchema),
  added: v.array(UnitWireSchema),
  warnings: v.array(NoteSchema),
  refusals: v.array(NoteSchema),
  proof: v.object({
    verdict: v.picklist(['proven', 'watch', 'stop', 'cannotTell']),
    sentence: Text,
    hazards: v.array(HazardSchema),
    unknowns: v.array(Text),
    modes: v.array(v.object({ mode: ModeSchema, name: Text, fanRuns: v.boolean(), posts: v.record(Text, PotentialSchema), leads: v.record(Text, PotentialSchema) })),
  }),
})
export type HookupOutput = v.InferOutput<typeof OutputSchema>

export const hookup = operation({
  name: 'hookup',
  help: 'Every lead of the new motor to its post, with reasons and evidence, and the proof of it mode by mode.',
  input: v.pipe(InputShape, checkWhole((input) => wholeProblems(input))),
  output: OutputSchema,
  run(input): HookupOutput {
    const unit = unitTypeById(input.unit) as UnitType
    const answer = workOutHookup({ ...input, unit } satisfies HookupRequest)
    const { plan, findings, horsepower, plug, unitWires, added, warnings, refusals, proof } = answer
    const leads = answer.leads.map(({ lead, goes, why, evidence }) => ({
      lead,
      role: input.sheet.leads.find((l) => l.id === lead)?.role,
      advised: goes,
      goes: answer.placements.find((p) => p.lead === lead)?.goes ?? goes,
      why,
      evidence,
    }))
    return plain({ plan, findings, horsepower: { horsepower: horsepower.horsepower, amps: horsepower.amps }, plug, leads, unitWires, added, warnings, refusals, proof }) as HookupOutput
  },
})
