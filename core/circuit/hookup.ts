// The whole way from recorded wires, a motor, a can and a wanted rotation to a hookup and its proof.
import { unknownsOf } from './unknowns'
import { DEFAULT_TOLERANCE_PERCENT } from '../capacitor/verdict'
import { planTaps, type TapPlan } from '../capacitor/tap-plan/plan'
import type { Preference } from '../capacitor/tap-plan/score'
import type { Can, Load } from '../capacitor/can'
import type { StartCan } from '../capacitor/start-can'
import type { HorsepowerChoice, LeadSheet, RotationChoice, SpeedChoice, SpeedName } from '../motor/lead-sheet'
import { machineOf, type Machine } from '../motor/machine/machine'
import { plugFor } from '../motor/plug'
import { selectSpeeds, setLeads } from '../motor/settings'
import { first } from '../quantity/at'
import { seenFrom, type Direction, type Rotation } from '../rotation/view'
import { capacitorSides, recordedCopper } from '../wiring/capacitor-sides'
import { findRoles, type WireFinding } from '../wiring/evidence'
import {
  COMPRESSOR_LOAD,
  FAN_LOAD,
  moveUnitWires,
  NO_CAN,
  type CanAsPut,
  type CanJumper,
  type FittedCan,
  type UnitWire,
} from '../wiring/new-can'
import { groupsAsPut, plannedJumpers } from '../wiring/can-as-put'
import { translateLeads, type LeadAdvice, type TranslationNote } from '../wiring/translate'
import { outputsInUse } from '../wiring/speed-outputs'
import { assignSpeeds, type SpeedPlan } from '../wiring/speeds'
import type { ModeId, PostId, UnitType } from '../wiring/unit-type'
import { type NamedWire } from '../wiring/wire'
import { leadPoint, START, type Hookup, type LandedLead } from './network'
import { compressorPosts } from '../wiring/compressor-posts'
import { USUAL_HERTZ } from '../supply/supply'
import { proveHookup, type Proof, type ProofOptions } from './proof'
import { buildCircuit, type BuiltCircuit } from './solution/build'

/** Everything a hookup is worked out from; what is absent is not stated. */
export interface HookupRequest {
  readonly unit: UnitType
  /** The old wires, the unit's own among them; already free of contradictions (see wireProblems). */
  readonly wires: readonly NamedWire[]
  readonly sheet: LeadSheet
  /** It is the unit's old motor: its leads are where its wires were recorded. */
  readonly motorStays?: boolean
  /** Which of the sheet's horsepowers; its first when not stated. */
  readonly horsepower?: string | null
  readonly wanted?: Rotation | null
  /** Where the technician set the plug instead of where the wanted rotation puts it. */
  readonly plug?: Direction | null
  /** null: none, where the motor has no capacitor and the old one served nothing else. */
  readonly can:
    | (Pick<Can, 'name' | 'volts' | 'tolerancePercent' | 'sections'> & { readonly protectedStart?: boolean })
    | null
  /** Of the speeds set by a select lead. */
  readonly speed?: SpeedName | null
  /** Of a blower: output to speed, where the technician chose otherwise than proposed. */
  readonly speedChoices?: Readonly<Record<PostId, SpeedName>>
  /** What the compressor asks for, µF; needed where it shares the can. */
  readonly compressorMicrofarads?: number | null
  /** V that the compressor's side asks for, by its label or plate; never taken from the fan's tag. */
  readonly compressorVolts?: number | null
  /** A new capacitor for the compressor, where it has one to itself: two wires, post for post; no circuit follows from it. */
  readonly compressorCan?: {
    readonly name: string
    readonly volts: number
    readonly microfarads: number
  } | null
  /** A new start capacitor of the compressor, with its resistor; no circuit follows from it. */
  readonly startCan?: StartCan | null
  /** Outputs of a blower that the technician said have no lead. */
  readonly unusedOutputs?: readonly PostId[]
  /** The motor has no ground lead, and the technician said that its frame is grounded otherwise. */
  readonly frameGrounded?: boolean
  /** Of the supply; 60 when not stated. */
  readonly hertz?: 50 | 60
  /** What is not settled of the supply, in whole sentences: until it is, the proof cannot tell. */
  readonly unsettled?: readonly string[]
  /** How far from the tag's µF a part may be, %; 6 when not stated. */
  readonly tolerancePercent?: number
  /** A hard-start kit on the compressor, and the post its far end is on. */
  readonly hardStart?: PostId | null
  readonly prefer?: Preference
  /** How the can was wired by hand; null: as planned. */
  readonly put?: CanAsPut | null
  /** Leads the technician put elsewhere than advised. */
  readonly placements?: readonly LandedLead[]
}

/** The advised hookup, where the leads are now, and the proof of that. */
export interface HookupAnswer {
  readonly findings: readonly WireFinding[]
  readonly plan: TapPlan
  /** With its jumpers as they are now, and what serves which load by them: as planned, unless put otherwise. */
  readonly can: FittedCan
  readonly horsepower: HorsepowerChoice
  /** The speed set by a select lead; null where there is none such. */
  readonly speed: SpeedChoice | null
  /** The plug position in force, and the one the wanted rotation asks for (null: not stated, or not to be had). */
  readonly plug: { readonly set: RotationChoice; readonly advised: RotationChoice | null }
  readonly leads: readonly LeadAdvice[]
  /** Where every lead is: as advised, unless moved. */
  readonly placements: readonly LandedLead[]
  readonly unitWires: readonly UnitWire[]
  /** Wires to add that the old hookup did not have. */
  readonly added: readonly UnitWire[]
  readonly warnings: readonly TranslationNote[]
  readonly refusals: readonly TranslationNote[]
  readonly proof: Proof
}

/** From the record to a hookup and its proof. Never throws for a bad hookup: that is a refusal or a hazard of the answer. */
export function workOutHookup(request: HookupRequest, options: ProofOptions = {}): HookupAnswer {
  const { unit, wires, sheet } = request
  const wanted = request.wanted ?? null
  const findings = findRoles(unit, wires)
  const sides = capacitorSides(unit, recordedCopper(unit, wires))
  const { plan, can: planned, refusals: canRefusals } = planCan(request)
  const { set, advised, refusals: plugRefusals } = choosePlug(sheet, wanted, request.plug ?? null)
  const { horsepower, speed, speedOpen } = chooseSettings(request)
  const leads = setLeads(sheet, { horsepower, rotation: set, speed })
  const outputs = planSpeeds(request)
  const translation = translateLeads({
    ...{ unit, wires, findings, sides, sheet, leads },
    can: planned,
    speeds: outputs,
  })
  const unitWires = moveUnitWires(unit, wires, sides, planned, request.put?.wires)
  const placements = mergePlacements(translation.leads, request.placements ?? [])
  const can = asPut(planned, { leads, placements, unit, unitWires, jumpers: request.put?.jumpers })
  const refusals = [
    ...refuseKind(unit, sheet),
    ...canRefusals,
    ...plugRefusals,
    ...(outputs?.problems ?? []).map((message) => ({ code: 'speeds', message })),
    ...translation.refusals,
  ]
  const proof = proveHookup(
    {
      unit: asUsed(unit, wires),
      sheet,
      can,
      leads,
      placements,
      wanted,
      unitWires: [...unitWires, ...translation.added],
      plug: set.direction,
      compressorMicrofarads: request.compressorMicrofarads ?? null,
      compressorVolts: request.compressorVolts ?? null,
      tolerancePercent: request.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT,
      hertz: request.hertz ?? USUAL_HERTZ,
      hardStart: request.hardStart ?? null,
      refusals: refusals.map((r) => r.message),
      unknowns: [...openQuestions(request, findings, sides.tied), ...speedOpen],
      doubts: translation.warnings.filter((w) => w.code === 'evidence-conflict').map((w) => w.message),
      advised: translation.leads,
    },
    options,
  )
  return {
    findings,
    plan,
    can,
    horsepower,
    speed,
    plug: { set, advised },
    leads: translation.leads,
    placements,
    unitWires,
    added: translation.added,
    warnings: translation.warnings,
    refusals,
    proof,
  }
}

/** What is not known of this hookup, in sentences that follow "Cannot tell yet:". */
const openQuestions = (request: HookupRequest, findings: readonly WireFinding[], tied: boolean): string[] => [
  ...(request.unsettled ?? []),
  ...unknownsOf({
    unit: request.unit,
    wires: request.wires,
    findings,
    sheet: request.sheet,
    wanted: request.wanted ?? null,
    can: request.can,
    compressorVolts: request.compressorVolts ?? null,
    unusedOutputs: request.unusedOutputs ?? [],
    frameGrounded: request.frameGrounded ?? false,
    tied,
  }),
]

/** The horsepower and the select speed that are set: the sheet's first where none is stated; a speed left open is said. */
function chooseSettings({ sheet, horsepower, speed }: HookupRequest) {
  const powers = sheet.settings.horsepower
  const speeds = selectSpeeds(sheet)
  return {
    horsepower: powers.find((c) => c.horsepower === horsepower) ?? first(powers),
    speed: speeds.find((choice) => choice.speed === speed) ?? speeds[0] ?? null,
    speedOpen:
      speeds.length > 1 && !speed ? ['which speed to set is not stated: read the old motor’s rpm.'] : [],
  }
}

/** Which tap serves which output; null where the motor or the unit is no blower. */
function planSpeeds({ unit, wires, sheet, speedChoices }: HookupRequest): SpeedPlan | null {
  if (sheet.kind !== 'psc-blower' || unit.traits.fan !== 'blower') return null
  return assignSpeeds({ unit, wires, sheet, choices: offeredChoices(sheet, speedChoices ?? {}) })
}

/** The circuit of a worked-out hookup in one mode, as the proof solves it. */
export function hookupCircuit(
  { unit, sheet, compressorMicrofarads, hertz }: HookupRequest,
  answer: HookupAnswer,
  mode: ModeId,
): { readonly built: BuiltCircuit; readonly machine: Machine | null } {
  const leads = setLeads(sheet, {
    horsepower: answer.horsepower,
    rotation: answer.plug.set,
    speed: answer.speed,
  })
  const machine = machineOf(sheet)
  const hookup = {
    unit,
    can: answer.can,
    leads,
    placements: answer.placements,
    unitWires: [...answer.unitWires, ...answer.added],
  }
  return {
    machine,
    built: buildCircuit(
      {
        hookup,
        sheet,
        machine,
        hertz: hertz ?? USUAL_HERTZ,
        compressorMicrofarads: compressorMicrofarads ?? null,
      },
      mode,
    ),
  }
}

/** Which kinds of motor go on which unit: by the phases of its fan, and by outdoor fan or blower. What is not worked out is said, never guessed. */
function refuseKind({ traits }: UnitType, { name, kind }: LeadSheet): TranslationNote[] {
  const refuse = (message: string): TranslationNote[] => [{ code: 'wrong-kind-of-motor', message }]
  if ((kind === 'three-phase') !== (traits.phases === 3))
    return refuse(
      traits.phases === 3
        ? `${name} has one phase, and this unit’s fan has three: they do not stand in for each other.`
        : `${name} is a three-phase motor: it and a single-phase one do not stand in for each other.`,
    )
  if (traits.fan === 'outdoor' && kind === 'psc-blower')
    return refuse(`${name} is a blower motor; this unit needs an outdoor fan motor.`)
  if (traits.fan === 'blower' && kind !== 'psc-blower')
    return refuse(
      `${name} is an outdoor fan motor; this unit needs a blower motor with a speed tap for each output in use.`,
    )
  return []
}

const NO_PLAN: TapPlan = {
  feasible: true,
  groups: [],
  worstErrorPercent: null,
  jumperCount: 0,
  unused: [],
  proven: true,
  nearest: null,
  problems: [],
}

function planCan({
  unit,
  sheet,
  can: given,
  compressorMicrofarads,
  prefer,
  tolerancePercent = DEFAULT_TOLERANCE_PERCENT,
}: HookupRequest) {
  const can = given ?? NO_CAN
  const shared = unit.traits.capacitor === 'shared'
  const loads: Load[] = sheet.capacitor ? [{ load: FAN_LOAD, microfarads: sheet.capacitor.microfarads }] : []
  const refusals: TranslationNote[] = []
  if (!given && (shared || sheet.capacitor))
    refusals.push({
      code: 'no-can',
      message: shared
        ? 'The compressor needs its capacitor: pick the can.'
        : 'This motor’s tag asks for a capacitor: pick one.',
    })
  if (shared && compressorMicrofarads)
    loads.unshift({ load: COMPRESSOR_LOAD, microfarads: compressorMicrofarads })
  if (shared && !compressorMicrofarads)
    refusals.push({
      code: 'compressor-value-missing',
      message:
        'What the compressor’s capacitor must be is not recorded: read it from the compressor’s plate or the unit’s diagram.',
    })
  if (loads.length === 0)
    return { plan: NO_PLAN, can: { ...can, groups: [], jumpers: [] } satisfies FittedCan, refusals }
  const plan = planTaps({ sections: can.sections, loads, tolerancePercent, prefer })
  plan.problems.forEach((p) => refusals.push({ code: 'no-section-plan', message: p.message }))
  const fitted: FittedCan = { ...can, groups: plan.groups, jumpers: plannedJumpers(plan.groups) }
  return { plan, can: fitted, refusals }
}

interface Landed extends Pick<Hookup, 'leads' | 'placements' | 'unit' | 'unitWires'> {
  readonly jumpers: readonly CanJumper[] | undefined
}

/** The can with its jumpers as they were put on, and what its loads have by them. */
function asPut(planned: FittedCan, { leads, placements, unit, unitWires, jumpers }: Landed): FittedCan {
  const can = { ...planned, jumpers: jumpers ?? planned.jumpers }
  const compressor = compressorPosts(unit)?.S
  const wireOn = (load: string): PostId[] =>
    load === FAN_LOAD
      ? placements.flatMap(({ lead, goes }) =>
          goes.kind === 'post' && leads.some((set) => set.lead.id === lead && leadPoint(set) === START)
            ? [goes.post]
            : [],
        )
      : unitWires.flatMap(({ from, to }) => (from === compressor ? [to] : to === compressor ? [from] : []))
  return { ...can, groups: groupsAsPut(can, planned.groups, wireOn) }
}

function choosePlug(sheet: LeadSheet, wanted: Rotation | null, plug: Direction | null) {
  const only = first(sheet.settings.rotation)
  // Three phases turn as their lines come, whatever a tag says: what is wanted is not set here, and not refused.
  if (sheet.kind === 'three-phase') {
    const direction = wanted ? seenFrom(wanted, sheet.rotationNamedFrom).direction : only.direction
    return { set: { ...only, direction }, advised: null, refusals: [] }
  }
  const answer = wanted && plugFor(sheet, seenFrom(wanted, sheet.rotationNamedFrom).direction)
  const advised = answer?.kind === 'set' ? answer.choice : null
  const refusals: TranslationNote[] =
    answer?.kind === 'refused' ? [{ code: 'not-reversible', message: answer.why }] : []
  const set = sheet.settings.rotation.find((c) => c.direction === plug) ?? advised ?? only
  return { set, advised, refusals }
}

/** The modes this unit uses: an output that had no lead is not called, so what the unit would do with it is not proven. */
function asUsed(unit: UnitType, wires: readonly NamedWire[]): UnitType {
  if (unit.traits.fan !== 'blower') return unit
  const used = new Set(outputsInUse(unit, wires).flatMap((output) => output.modes))
  return { ...unit, modes: unit.modes.filter((mode) => !mode.fanRuns || used.has(mode.name)) }
}

/** What was chosen for another motor, and this one lacks, does not hold. */
const offeredChoices = (
  sheet: LeadSheet,
  choices: Readonly<Record<PostId, SpeedName>>,
): Record<PostId, SpeedName> =>
  Object.fromEntries(
    Object.entries(choices).filter(([, speed]) => sheet.settings.speed.some((s) => s.speed === speed)),
  )

/** The advice with the technician's moves on top. A lead moved twice stays twice, so that the proof can say so. */
function mergePlacements(advice: readonly LeadAdvice[], moves: readonly LandedLead[]): LandedLead[] {
  return advice.flatMap(({ lead, goes }) => {
    const moved = moves.filter((move) => move.lead === lead)
    return moved.length > 0 ? moved.map((move) => ({ lead, goes: move.goes })) : [{ lead, goes }]
  })
}
