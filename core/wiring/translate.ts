// From where the old leads were to where the new ones go, lead by lead, each with its reason and evidence.
import { capital } from '../quantity/display'
import { known } from '../quantity/at'
import { insulationName, sameInsulation } from '../motor/colour'
import type { Lead, LeadSheet } from '../motor/lead-sheet'
import type { LeadId } from '../motor/lead-id'
import { ROLE_NAMES, type WireRole } from '../motor/role'
import type { SetLead } from '../motor/settings'
import type { CapacitorSides } from './capacitor-sides'
import type { Evidence, WireFinding } from './evidence'
import { FAN_LOAD, groupFor, NEW_C, sectionPost, type FittedCan, type UnitWire } from './new-can'
import { phasePlaces } from './phase-places'
import type { Placement } from './placement'
import type { SpeedPlan } from './speeds'
import { postName, postOf, type PostId, type UnitType } from './unit-type'
import type { NamedWire } from './wire'

/** Where one lead goes, and why. */
export interface LeadAdvice {
  readonly lead: LeadId
  readonly goes: Placement
  /** The old wire whose place it takes; null where it takes none. */
  readonly like: WireRole | null
  readonly why: string
  readonly evidence: readonly Evidence[]
}

/** A warning or a refusal, with its stable code. */
export interface TranslationNote {
  readonly code: string
  readonly message: string
}

/** Every lead with its place, and what stands in the way. */
export interface Translation {
  readonly leads: readonly LeadAdvice[]
  /** Wires to add that the old hookup did not have. */
  readonly added: readonly UnitWire[]
  readonly warnings: readonly TranslationNote[]
  readonly refusals: readonly TranslationNote[]
}

/** What the translation works on. */
export interface TranslationInput {
  readonly unit: UnitType
  readonly wires: readonly NamedWire[]
  readonly findings: readonly WireFinding[]
  readonly sides: CapacitorSides
  readonly sheet: LeadSheet
  readonly leads: readonly SetLead[]
  readonly can: FittedCan
  /** Of a blower: which tap serves which output. */
  readonly speeds: SpeedPlan | null
}

/**
 * Shared hookup (C already tied to a line): run-return is cut back and insulated. Own hookup (C tied to nothing):
 * run-return closes the circuit of the capacitor, and nothing else lands on that post.
 * Why: on a tied C it adds nothing and carries other load current if the tie ever opens; on the opposite line it is a
 * dead short (derived from run and run-return being one point).
 */
export function translateLeads(input: TranslationInput): Translation {
  const refusals: TranslationNote[] = []
  const leads = input.leads.map((set) => advise(input, set, refusals))
  const added: UnitWire[] = []
  const hasReturn = input.leads.some((set) => set.use.kind === 'return')
  const run = homeOf(input, 'run')
  const hasCan = input.can.sections.length > 0
  if (hasCan && !input.sides.tied && input.unit.traits.capacitor === 'own' && !hasReturn && run)
    added.push({ id: 'added tie', from: NEW_C, to: run.post })
  input.speeds?.jumpers.forEach(({ from, to }) => added.push({ id: `jumper ${to}`, from, to }))
  return { leads, added, warnings: findingWarnings(input), refusals }
}

function advise(input: TranslationInput, { lead, use }: SetLead, refusals: TranslationNote[]): LeadAdvice {
  const answer = (goes: Placement, why: string, evidence: readonly Evidence[] = []): LeadAdvice => ({
    lead: lead.id,
    goes,
    like: null,
    why,
    evidence,
  })
  switch (use.kind) {
    case 'plug':
      return answer({ kind: 'plug' }, `In the reversing plug, joined to ${use.joinedTo}.`)
    case 'tap':
      return adviseTap(input, lead)
    case 'capacitor':
      return use.side === 'start'
        ? { ...adviseStart(input, lead, refusals), like: 'capacitor' }
        : {
            lead: lead.id,
            goes: input.can.sections.length > 0 ? { kind: 'post', post: NEW_C } : { kind: 'loose' },
            like: 'capacitor',
            why: 'The other side of the blower’s own capacitor: nothing else lands there.',
            evidence: [],
          }
    case 'with':
      return adviseWith(input, lead, use, refusals)
    case 'unplaced':
      return answer({ kind: 'loose' }, `No place is worked out: ${use.why}.`)
    case 'insulate':
      return answer({ kind: 'insulated' }, `Insulated by itself: ${use.why}.`)
    case 'return':
      return adviseReturn(input, lead)
    case 'land':
      if (use.as === 'phase') return advisePhase(input, lead, refusals)
      return {
        ...(use.as === 'start'
          ? adviseStart(input, lead, refusals)
          : adviseLike(input, lead, use.as, refusals)),
        like: use.as,
      }
  }
}

/** A tap lands on the output it serves; of outputs that share, on the first. An idle one is parked by itself, or insulated. */
function adviseTap({ speeds, unit, findings, wires }: TranslationInput, lead: Lead): LeadAdvice {
  const served = speeds?.assignments.filter((a) => a.tap === lead.id) ?? []
  const first = served[0]
  if (first) {
    const old = wires.find((w) => w.from === first.output && findings.some((f) => f.wire === w.id))
    const shared =
      served.length > 1
        ? ` A jumper takes it on to ${served
            .slice(1)
            .map((a) => a.name)
            .join(' and ')}.`
        : ''
    return {
      lead: lead.id,
      goes: { kind: 'post', post: first.output },
      like: 'speed',
      why: `${first.why}${shared}`,
      evidence: findings.find((f) => f.wire === old?.id)?.evidence ?? [],
    }
  }
  const park = speeds?.idle.find((idle) => idle.tap === lead.id)?.park
  if (park)
    return {
      lead: lead.id,
      goes: { kind: 'post', post: park },
      like: null,
      why: `Idle: parked by itself on ${postName(unit, park)}.`,
      evidence: [],
    }
  return {
    lead: lead.id,
    goes: { kind: 'insulated' },
    like: null,
    why: 'Idle: insulated by itself. Idle taps float above line voltage.',
    evidence: [],
  }
}

/** A lead joined to another lands with it: one post, or a splice, is the same copper. */
function adviseWith(
  input: TranslationInput,
  lead: Lead,
  use: { readonly lead: LeadId; readonly sets: string },
  refusals: TranslationNote[],
): LeadAdvice {
  const other = input.leads.find((set) => set.lead.id === use.lead)
  const place = other?.use.kind === 'land' ? advise(input, other, refusals) : null
  return {
    lead: lead.id,
    goes: place?.goes ?? { kind: 'loose' },
    like: null,
    why: `Joined to the ${other ? insulationName(other.lead) : use.lead} lead: that sets the ${use.sets}.`,
    evidence: [],
  }
}

function adviseReturn({ sides }: TranslationInput, lead: Lead): LeadAdvice {
  const like = 'run-return'
  if (sides.tied)
    return {
      lead: lead.id,
      goes: { kind: 'insulated' },
      like,
      why: 'Cut back and insulated by itself: cap C is tied to run’s line already, and this lead is the same point as run inside the motor.',
      evidence: [],
    }
  return {
    lead: lead.id,
    goes: { kind: 'post', post: NEW_C },
    like,
    why: 'The other side of the fan’s own capacitor: nothing else lands there.',
    evidence: [],
  }
}

function adviseStart(
  { can, findings }: TranslationInput,
  lead: Lead,
  refusals: TranslationNote[],
): Omit<LeadAdvice, 'like'> {
  const group = groupFor(can, FAN_LOAD)
  if (!group) {
    refusals.push({
      code: 'no-fan-section',
      message: 'The start lead has no post: this can has no section plan for the fan.',
    })
    return {
      lead: lead.id,
      goes: { kind: 'loose' },
      why: 'No section of the can is planned for the fan.',
      evidence: [],
    }
  }
  const jumpered = group.jumpers.length > 0 ? ', the largest section of its group' : ''
  const evidence = findings.find((f) => f.role === 'start')?.evidence ?? []
  return {
    lead: lead.id,
    goes: { kind: 'post', post: sectionPost(group.lead) },
    why: `Start goes to the fan’s section${jumpered}.`,
    evidence,
  }
}

function adviseLike(
  input: TranslationInput,
  lead: Lead,
  role: WireRole,
  refusals: TranslationNote[],
): Omit<LeadAdvice, 'like'> {
  const home = homeOf(input, role)
  const name = insulationName(lead)
  if (!home && role === 'ground') return adviseGround(input.unit, lead)
  if (!home) {
    refusals.push({
      code: `no-old-${role}`,
      message: `Which old wire was ${ROLE_NAMES[role]} is not known, so the ${name} lead has no place yet. Trace the wires to the motor.`,
    })
    return {
      lead: lead.id,
      goes: { kind: 'loose' },
      why: `The old ${ROLE_NAMES[role]} wire is not known.`,
      evidence: [],
    }
  }
  if (postOf(input.unit, home.post)?.kind.startsWith('cap-')) {
    refusals.push({
      code: 'post-goes-away',
      message: `The old ${ROLE_NAMES[role]} is recorded on ${postName(input.unit, home.post)}, which leaves with the old capacitor and is no place for it. Trace that wire again.`,
    })
    return {
      lead: lead.id,
      goes: { kind: 'loose' },
      why: `The old ${ROLE_NAMES[role]} is recorded on a post that cannot be right.`,
      evidence: home.evidence,
    }
  }
  const place = home.post === NEW_C ? 'C on the new can' : postName(input.unit, home.post)
  return {
    lead: lead.id,
    goes: { kind: 'post', post: home.post },
    why: `${capital(ROLE_NAMES[role])} goes where the old ${ROLE_NAMES[role]} was: ${place}.`,
    evidence: home.evidence,
  }
}

/** Where an old phase wire was: which of the three follows from its colour, or from the order of the posts. */
function advisePhase(input: TranslationInput, lead: Lead, refusals: TranslationNote[]): LeadAdvice {
  const { unit, wires, findings } = input
  const leads = input.leads.map((set) => set.lead)
  const wire = phasePlaces(unit, leads, wires, findings).get(lead.id)
  const name = insulationName(lead)
  if (!wire) {
    refusals.push({
      code: 'no-old-phase',
      message: `Three wires of the old motor carry its three phases, and no place is left for the ${name} lead. Trace the wires to the motor.`,
    })
    return {
      lead: lead.id,
      goes: { kind: 'loose' },
      like: 'phase',
      why: 'No old phase wire is left for it.',
      evidence: [],
    }
  }
  const end = wire.segments.at(-1)
  const why = end && sameInsulation(end, lead) ? `the old ${name} wire was` : 'an old phase wire was'
  return {
    lead: lead.id,
    goes: { kind: 'post', post: wire.from },
    like: 'phase',
    why: `One of three like leads, where ${why}: ${postName(unit, wire.from)}.`,
    evidence: findings.find((f) => f.wire === wire.id)?.evidence ?? [],
  }
}

function adviseGround(unit: UnitType, lead: Lead): Omit<LeadAdvice, 'like'> {
  const earth = unit.posts.find((post) => post.kind === 'earth')
  return {
    lead: lead.id,
    goes: earth ? { kind: 'post', post: earth.id } : { kind: 'loose' },
    why: 'Equipment ground is landed, also when everything is metal.',
    evidence: [],
  }
}

/** Where the old wire of this role was, on the unit as it is with the new can. */
function homeOf(
  { wires, findings, sides }: TranslationInput,
  role: WireRole,
): { post: PostId; evidence: readonly Evidence[] } | null {
  const finding = findings.find((f) => f.role === role)
  const wire = wires.find((w) => w.id === finding?.wire)
  if (!finding || !wire) return null
  return { post: wire.from === sides.cSide ? NEW_C : wire.from, evidence: finding.evidence }
}

function findingWarnings({ findings, wires, sides, unit }: TranslationInput): TranslationNote[] {
  const notes: TranslationNote[] = []
  for (const finding of findings) {
    const wire = wires.find((w) => w.id === finding.wire)
    if (!wire) continue
    const from = postName(unit, wire.from)
    if (!wire.traced) notes.push({ code: 'not-traced', message: `The wire on ${from} is not traced yet.` })
    if (finding.role === null)
      notes.push({
        code: 'role-unknown',
        message: `What the wire on ${from} does cannot be told from what is recorded.`,
      })
    for (const conflict of finding.conflicts)
      notes.push({
        code: 'evidence-conflict',
        message: `The wire on ${from} is ${ROLE_NAMES[known(finding.role, 'The role')]} by ${SOURCE_NAMES[known(finding.carriedBy, 'What carries the role')]}, against this: ${conflict.text}`,
      })
  }
  for (const role of ['motor-common', 'run', 'start'] as const)
    if (findings.filter((f) => f.role === role).length > 1)
      notes.push({
        code: 'role-twice',
        message: `Two old wires come out as ${ROLE_NAMES[role]}. Trace both again.`,
      })
  if (!sides.tied && unit.traits.capacitor === 'shared')
    notes.push({
      code: 'c-not-tied',
      message: 'No wire from cap C to a line is recorded. On a dual can there is one: trace it.',
    })
  return notes
}

const SOURCE_NAMES: Readonly<Record<Evidence['source'], string>> = {
  terminal: 'its terminal',
  diagram: 'the unit’s diagram',
  'motor-label': 'the motor’s label',
  resistance: 'resistance',
  colour: 'its colour',
}
