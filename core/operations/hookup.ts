import { idSchema } from '../quantity/id'
import * as v from 'valibot'
import { StartCanSchema } from '../capacitor/start-can'
import { MAX_MICROFARADS, SectionsSchema, TolerancePercent } from '../capacitor/can'
import { DEFAULT_TOLERANCE_PERCENT } from '../capacitor/verdict'
import { workOutHookup } from '../circuit/hookup'
import { LeadSheetSchema, SPEED_NAMES } from '../motor/lead-sheet'
import type { LeadId } from '../motor/lead-id'
import { selectSpeeds } from '../motor/settings'
import { voltsChoices, voltsName } from '../motor/volts-choice'
import { checkWhole, type Problem } from '../quantity/problem'
import { DirectionSchema, RotationSchema } from '../rotation/view'
import { CanAsPutSchema, canPosts, NO_CAN, PROTECTED_POST } from '../wiring/new-can'
import { requestOnSupply, type SuppliedRequest } from '../circuit/request'
import { NO_SUPPLY_FACTS, SupplyFactsSchema } from '../supply/supply'
import { hookupPosts } from '../wiring/hookup-posts'
import { PlacementSchema } from '../wiring/placement'
import { UnitRefSchema } from '../wiring/unit-ref'
import { knownUnitType } from '../wiring/unit-types'
import { WireSchema } from '../wiring/wire'
import { wireProblems } from '../wiring/wire-problems'
import { positive } from './fields'
import { operation } from './operation'
import { HookupOutputSchema, type HookupOutput } from './hookup-output'
import { plain } from './plain'

const NamedWireSchema = v.strictObject({
  id: v.pipe(
    v.string('A wire needs an id.'),
    v.minLength(1, 'A wire needs an id.'),
    v.maxLength(60, 'A wire’s id has 60 letters at most.'),
  ),
  ...WireSchema.entries,
})

export const NamedWiresSchema = v.pipe(
  v.array(NamedWireSchema, 'The old wires must be a list.'),
  v.minLength(1, 'No old wires are recorded.'),
  v.maxLength(60, 'That is more than 60 wires.'),
)

const InputShape = v.strictObject({
  unit: UnitRefSchema,
  wires: NamedWiresSchema,
  sheet: LeadSheetSchema,
  /** It is the unit's old motor, which stays. */
  motorStays: v.optional(v.boolean('The old motor stays: yes or no.'), false),
  horsepower: v.optional(v.nullable(v.string()), null),
  /** Which of several voltages the motor's leads are joined for, such as "230". */
  motorVolts: v.optional(v.nullable(v.pipe(v.string(), v.maxLength(20))), null),
  wanted: v.optional(v.nullable(RotationSchema), null),
  plug: v.optional(v.nullable(DirectionSchema), null),
  speed: v.optional(
    v.nullable(v.picklist(SPEED_NAMES, `A speed is one of: ${SPEED_NAMES.join(', ')}.`)),
    null,
  ),
  /** Of a blower: output to speed, where it was chosen otherwise than proposed. */
  speedChoices: v.optional(
    v.record(v.string(), v.picklist(SPEED_NAMES, `A speed is one of: ${SPEED_NAMES.join(', ')}.`)),
    {},
  ),
  /** null: none, for a motor without a capacitor where the old one served nothing else. */
  can: v.nullable(
    v.strictObject({
      name: v.optional(v.pipe(v.string(), v.maxLength(300)), 'the can'),
      volts: v.pipe(
        v.number('The can’s rated volts must be a number.'),
        v.gtValue(0, 'The can’s rated volts must be above 0 V.'),
        v.maxValue(1000, 'The can’s rated volts are above 1000 V.'),
      ),
      tolerancePercent: v.optional(TolerancePercent, DEFAULT_TOLERANCE_PERCENT),
      sections: SectionsSchema,
      protectedStart: v.optional(v.boolean('Protected start is yes or no.'), false),
    }),
  ),
  /** What is known of this unit's supply; nothing: the volts that its kind usually has, at 60 Hz. */
  supply: v.optional(SupplyFactsSchema, NO_SUPPLY_FACTS),
  /** How far from the tag's µF a part may be, %: the shop's setting. */
  tolerancePercent: v.optional(TolerancePercent, DEFAULT_TOLERANCE_PERCENT),
  /** The post that the far end of a hard-start kit is on; null: no kit. */
  hardStart: v.optional(v.nullable(v.pipe(v.string(), v.minLength(1), v.maxLength(60))), null),
  compressorMicrofarads: v.optional(
    v.nullable(
      v.pipe(
        v.number('The compressor’s µF must be a number.'),
        v.gtValue(0, 'The compressor’s µF must be above 0 µF.'),
        v.maxValue(MAX_MICROFARADS, `The compressor’s µF is above ${MAX_MICROFARADS} µF.`),
      ),
    ),
    null,
  ),
  /** Of a compressor that has a capacitor to itself: the new one. */
  compressorCan: v.optional(
    v.nullable(
      v.strictObject({
        name: v.pipe(v.string(), v.maxLength(300)),
        volts: positive('The compressor’s capacitor volts', 'V', 1000),
        microfarads: positive('The compressor’s capacitor', 'µF', MAX_MICROFARADS),
      }),
    ),
    null,
  ),
  /** Of a compressor on one phase: its new start capacitor. */
  startCan: v.optional(v.nullable(StartCanSchema), null),
  compressorVolts: v.optional(v.nullable(positive('The compressor’s capacitor volts', 'V', 1000)), null),
  /** Outputs of a blower that have no lead, as the technician said. */
  unusedOutputs: v.optional(
    v.pipe(
      v.array(v.pipe(v.string(), v.maxLength(60))),
      v.maxLength(12, 'A unit has twelve outputs at most.'),
    ),
    [],
  ),
  /** The motor has no ground lead, and its frame is grounded otherwise. */
  frameGrounded: v.optional(v.boolean('Grounded is yes or no.'), false),
  prefer: v.optional(v.picklist(['exact', 'simple'], 'The preference is exact or simple.'), 'exact'),
  /** How the can was wired by hand; null: as planned. */
  put: v.optional(v.nullable(CanAsPutSchema), null),
  placements: v.optional(
    v.pipe(
      v.array(v.strictObject({ lead: idSchema<LeadId>(v.string()), goes: PlacementSchema })),
      v.maxLength(60, 'That is more than 60 placements.'),
    ),
    [],
  ),
})
type HookupOperationInput = v.InferOutput<typeof InputShape>

function wholeProblems(input: HookupOperationInput): Problem[] {
  const unit = knownUnitType(input.unit)
  const posts = new Set(hookupPosts(unit, input.can ?? NO_CAN).map((post) => post.id))
  const problems = wireProblems(unit, input.wires)
  input.placements.forEach(({ lead, goes }, i) => {
    if (!input.sheet.leads.some((l) => l.id === lead))
      problems.push({ path: `placements.${i}.lead`, message: `The lead sheet has no lead called “${lead}”.` })
    if (goes.kind === 'post' && !posts.has(goes.post))
      problems.push({
        path: `placements.${i}.goes.post`,
        message: `There is no terminal called “${goes.post}” on this unit with this can.`,
      })
  })
  problems.push(...putProblems(input))
  if (input.hardStart !== null && input.hardStart !== PROTECTED_POST && !posts.has(input.hardStart))
    problems.push({
      path: 'hardStart',
      message: `There is no terminal called “${input.hardStart}” on this unit with this can.`,
    })
  if (
    input.horsepower !== null &&
    !input.sheet.settings.horsepower.some((c) => c.horsepower === input.horsepower)
  )
    problems.push({ path: 'horsepower', message: `This motor has no ${input.horsepower} hp setting.` })
  const volts = voltsChoices(input.sheet).map(voltsName)
  if (input.motorVolts !== null && !volts.includes(input.motorVolts))
    problems.push({
      path: 'motorVolts',
      message: `This motor cannot be joined for ${input.motorVolts} V${volts.length > 0 ? `, but for ${volts.join(' or ')}` : ''}.`,
    })
  if (input.speed !== null && !selectSpeeds(input.sheet).some((c) => c.speed === input.speed))
    problems.push({
      path: 'speed',
      message: `This motor has no ${input.speed} speed that is set at its leads.`,
    })
  if (input.plug !== null && !input.sheet.settings.rotation.some((c) => c.direction === input.plug))
    problems.push({ path: 'plug', message: `This motor has no plug position for ${input.plug}.` })
  return problems
}

function putProblems({ put, can, wires }: HookupOperationInput): Problem[] {
  if (!put) return []
  const posts = new Set(can ? canPosts(can).map((post) => post.id) : [])
  const ends = [
    ...put.jumpers.flatMap(({ from, to }, i) => [
      { path: `put.jumpers.${i}.from`, post: from },
      { path: `put.jumpers.${i}.to`, post: to },
    ]),
    ...put.wires.map(({ post }, i) => ({ path: `put.wires.${i}.post`, post })),
  ]
  return [
    ...ends
      .filter(({ post }) => !posts.has(post))
      .map(({ path, post }) => ({ path, message: `There is no post called “${post}” on this can.` })),
    ...put.wires.flatMap(({ wire }, i) =>
      wires.some((w) => w.id === wire)
        ? []
        : [{ path: `put.wires.${i}.wire`, message: `There is no wire called “${wire}”.` }],
    ),
  ]
}

export const HookupInputSchema = v.pipe(
  InputShape,
  checkWhole((input) => wholeProblems(input)),
)

/** What the core is asked: the unit on its own supply. */
export const hookupRequest = ({ supply, unit, ...rest }: HookupOperationInput): SuppliedRequest =>
  requestOnSupply(knownUnitType(unit), supply, rest)

export const hookup = operation({
  name: 'hookup',
  help: 'Every lead of the new motor to its post, with reasons and evidence, and the proof of it mode by mode.',
  input: HookupInputSchema,
  output: HookupOutputSchema,
  run(input): HookupOutput {
    const { request, supply } = hookupRequest(input)
    const answer = workOutHookup(request)
    const { plan, findings, horsepower, speed, plug, unitWires, added, warnings, refusals, proof } = answer
    const leads = answer.leads.map(({ lead, goes, why, evidence }) => ({
      lead,
      role: input.sheet.leads.find((l) => l.id === lead)?.role,
      advised: goes,
      goes: answer.placements.find((p) => p.lead === lead)?.goes ?? goes,
      why,
      evidence,
    }))
    return plain({
      plan,
      serves: answer.can.groups,
      jumpers: answer.can.jumpers,
      supply,
      findings,
      horsepower: { horsepower: horsepower.horsepower, amps: horsepower.amps },
      speed: speed?.speed ?? null,
      plug,
      leads,
      unitWires,
      added,
      warnings,
      refusals,
      proof,
    }) as HookupOutput
  },
})
