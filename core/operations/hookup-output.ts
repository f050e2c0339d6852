// The shape of the hookup operation's answer.
import * as v from 'valibot'
import { SPEED_NAMES } from '../motor/lead-sheet'
import { LEAD_ROLES, WIRE_ROLES } from '../motor/role'
import { DirectionSchema } from '../rotation/view'
import { PlacementSchema } from '../wiring/placement'
import { MODE_IDS } from '../wiring/unit-type'
import { GroupSchema, TapPlanSchema } from './tap-plan'

const Text = v.string()
const RoleSchema = v.picklist(WIRE_ROLES)
export const EvidenceSchema = v.object({
  source: v.picklist(['terminal', 'diagram', 'motor-label', 'resistance', 'colour']),
  roles: v.array(RoleSchema),
  text: Text,
})
const NoteSchema = v.object({ code: Text, message: Text })
const UnitWireSchema = v.object({
  id: Text,
  from: Text,
  to: Text,
  was: v.optional(v.object({ from: Text, to: Text })),
})
const ModeSchema = v.picklist(MODE_IDS)
const PotentialSchema = v.picklist([
  'line1',
  'line2',
  'line3',
  'earth',
  'low-voltage',
  'through',
  'dead',
  'fault',
])
const PlugSchema = v.object({
  direction: DirectionSchema,
  join: v.array(v.tuple([Text, Text])),
  land: v.array(v.object({ lead: Text, as: RoleSchema })),
  insulate: v.array(Text),
})

const HazardSchema = v.object({
  code: Text,
  severity: v.picklist(['stop', 'watch']),
  message: Text,
  modes: v.array(ModeSchema),
  leads: v.array(Text),
  /** Tried and found good: it takes the hazard away and adds none. */
  move: v.optional(v.object({ lead: Text, to: PlacementSchema })),
  /** Where no single move does it. */
  together: v.optional(v.array(v.object({ lead: Text, to: PlacementSchema }))),
})

const Num = v.number()
/** The solved circuit of a mode. Volts are against earth; null where a part floats. */
const SolutionSchema = v.object({
  mode: ModeSchema,
  name: Text,
  fanRuns: v.boolean(),
  motor: v.object({
    direction: v.picklist([1, -1, 0]),
    startTorque: Num,
    rpm: Num,
    windings: v.array(v.object({ id: Text, name: Text, volts: Num, amps: Num })),
    volts: v.nullable(Num),
    /** The line current: that of `line`, the lead to put the clamp round. */
    amps: Num,
    line: v.nullable(Text),
    capacitorVolts: v.nullable(Num),
  }),
  tolerance: v.nullable(v.object({ startTorque: v.tuple([Num, Num]), capacitorVolts: v.tuple([Num, Num]) })),
  floating: v.array(Text),
  sections: v.array(v.object({ id: Text, volts: Num, amps: Num })),
  jumpers: v.array(v.object({ from: Text, to: Text, amps: Num, share: Num })),
  supplyAmps: v.array(Num),
  posts: v.record(Text, v.nullable(Num)),
  leads: v.record(Text, v.object({ volts: v.nullable(Num), amps: Num })),
})

export const HookupOutputSchema = v.object({
  plan: TapPlanSchema,
  /** What each load has of the can as its jumpers and wires are now; as planned, unless put otherwise. */
  serves: v.array(GroupSchema),
  /** The can’s jumpers as they are, by post. */
  jumpers: v.array(v.object({ from: Text, to: Text })),
  /** The supply that was proven for, where it is from, and what speaks against it. */
  supply: v.object({
    supply: v.object({ volts: v.number(), hertz: v.picklist([50, 60]) }),
    from: v.picklist(['chosen', 'meter', 'plate', 'usual']),
    words: Text,
    conflicts: v.array(Text),
    choices: v.array(v.object({ volts: v.number(), words: Text })),
  }),
  findings: v.array(
    v.object({
      wire: Text,
      role: v.nullable(RoleSchema),
      carriedBy: v.nullable(EvidenceSchema.entries.source),
      evidence: v.array(EvidenceSchema),
      conflicts: v.array(EvidenceSchema),
    }),
  ),
  horsepower: v.object({ horsepower: Text, amps: v.number() }),
  speed: v.nullable(v.picklist(SPEED_NAMES)),
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
    modes: v.array(
      v.object({
        mode: ModeSchema,
        name: Text,
        fanRuns: v.boolean(),
        posts: v.record(Text, PotentialSchema),
        leads: v.record(Text, PotentialSchema),
        solution: SolutionSchema,
      }),
    ),
    /** The motor's constants were fitted to its nameplate: its figures are estimates. */
    estimated: v.boolean(),
  }),
})
/** What `hookup` answers. */
export type HookupOutput = v.InferOutput<typeof HookupOutputSchema>
