// What a wire of the old motor was for, on what evidence. The strongest evidence carries the role; what disagrees is shown.
// Order, strongest first: the terminal traced end to end; the unit's diagram; the motor's label; resistance; colour.
import { capital } from '../quantity/display'
import { first } from '../quantity/at'
import { COLOUR_NAMES, insulationName, sameInsulation } from '../motor/colour'
import { colourHint } from '../motor/colour-hint'
import { ROLE_NAMES, type WireRole } from '../motor/role'
import { capacitorSides, recordedCopper, type CapacitorSides } from './capacitor-sides'
import type { Conductors } from './conductors'
import { modesOfOutput, postName, postOf, type PostId, type PostKind, type UnitType } from './unit-type'
import { goesToMotor, type NamedWire, type StatedSource, type WireId } from './wire'

/** Where a role comes from, the terminal being the strongest. */
export type EvidenceSource = 'terminal' | StatedSource | 'colour'
const STRENGTH: readonly EvidenceSource[] = ['terminal', 'diagram', 'motor-label', 'resistance', 'colour']

/** One thing that tells what a wire does. */
export interface Evidence {
  readonly source: EvidenceSource
  /** The roles this evidence allows: one, or more where it cannot tell them apart. */
  readonly roles: readonly WireRole[]
  readonly text: string
}

/** What a wire does, by which evidence, and what speaks against it. */
export interface WireFinding {
  readonly wire: WireId
  /** null: cannot tell. */
  readonly role: WireRole | null
  readonly carriedBy: EvidenceSource | null
  /** Strongest first. */
  readonly evidence: readonly Evidence[]
  /** Evidence that disagrees with the role. */
  readonly conflicts: readonly Evidence[]
}

/** The role of every wire that goes to the old motor, in the order given. */
export function findRoles(unit: UnitType, wires: readonly NamedWire[]): WireFinding[] {
  const copper = recordedCopper(unit, wires)
  const sides = capacitorSides(unit, copper)
  const found = wires.filter(goesToMotor).map((wire) => {
    const evidence = [
      terminalEvidence(unit, wire, copper, sides),
      ...statedEvidence(wire),
      ...colourEvidence(unit, wire),
    ]
      .filter((e): e is Evidence => e !== null)
      .sort((a, b) => STRENGTH.indexOf(a.source) - STRENGTH.indexOf(b.source))
    return { wire: wire.id, ...weigh(evidence) }
  })
  // By its post, not by when it was recorded: the order of wires changes nothing.
  const place = ({ wire }: WireFinding) =>
    unit.posts.findIndex((p) => p.id === wires.find((w) => w.id === wire)?.from)
  return settleLines(found, place)
}

const LINE_ROLES: readonly WireRole[] = ['motor-common', 'run']

/**
 * Two wires that their terminals leave as "motor common or run": what one is, the other is not. When nothing tells them
 * apart, both poles switch and no capacitor is tied, either way round is the same circuit (derived), so the one on the first post is motor
 * common.
 */
function settleLines(found: readonly WireFinding[], place: (finding: WireFinding) => number): WireFinding[] {
  const open = (f: WireFinding) =>
    f.role === null &&
    f.evidence[0]?.source === 'terminal' &&
    LINE_ROLES.every((r) => f.evidence[0]?.roles.includes(r))
  const free = LINE_ROLES.filter((r) => !found.some((f) => f.role === r))
  const unsettled = found.filter(open).sort((a, b) => place(a) - place(b))
  if (unsettled.length > free.length) return [...found]
  const only = free.length === 1
  return found.map((f) => {
    const role = free[unsettled.indexOf(f)]
    if (!role) return f
    const text = only
      ? `The other line wire is ${ROLE_NAMES[role === 'run' ? 'motor-common' : 'run']}, so this one is ${ROLE_NAMES[role]}.`
      : 'Both poles switch and no capacitor is tied to a line: either line wire may be motor common.'
    return {
      ...f,
      role,
      carriedBy: 'terminal',
      evidence: [...f.evidence, { source: 'terminal', roles: [role], text }],
    }
  })
}

function weigh(evidence: readonly Evidence[]): Omit<WireFinding, 'wire'> {
  let allowed: readonly WireRole[] | null = null
  let carriedBy: EvidenceSource | null = null
  for (const item of evidence) {
    const narrowed: readonly WireRole[] = allowed
      ? allowed.filter((role) => item.roles.includes(role))
      : item.roles
    if (narrowed.length === 0 || narrowed.length === allowed?.length) continue
    allowed = narrowed
    // The evidence that settled it carries it: a terminal that allows two roles does not.
    carriedBy = item.source
    if (narrowed.length === 1) break
  }
  const role = allowed?.length === 1 ? first(allowed) : null
  const conflicts = role ? evidence.filter((item) => !item.roles.includes(role)) : []
  return { role, carriedBy: role ? carriedBy : null, evidence, conflicts }
}

function terminalEvidence(
  unit: UnitType,
  wire: NamedWire,
  copper: Conductors,
  sides: CapacitorSides,
): Evidence | null {
  const post = postOf(unit, wire.from)
  if (!post || !wire.traced) return null
  const roles = rolesAt(unit, wire.from, copper, sides)
  if (roles.length === 0) return null
  const modes = modesOfOutput(unit, wire.from)
  const use = roles.includes('speed')
    ? modes.length > 0
      ? `, live in ${modes.join(' and ')}`
      : ', parked'
    : ''
  return {
    source: 'terminal',
    roles,
    text: `Traced to ${postName(unit, wire.from)}: ${roles.map((r) => ROLE_NAMES[r]).join(' or ')}${use}.`,
  }
}

const BLOWER_ROLES: Partial<Readonly<Record<PostKind, WireRole>>> = {
  neutral: 'line',
  output: 'speed',
  park: 'speed',
  'cap-c': 'capacitor',
  'cap-fan': 'capacitor',
  earth: 'ground',
}

/** Of a motor on three phases the wires are alike: each is one of the three. */
const PHASE_ROLES: Partial<Readonly<Record<PostKind, readonly WireRole[]>>> = {
  supply: ['phase'],
  load: ['phase'],
  splice: ['phase'],
  relay: ['phase'],
  earth: ['ground'],
}

/** What a motor wire on this terminal can be. Cap C's line is run's line; the other line is motor common's. */
function rolesAt(unit: UnitType, id: PostId, copper: Conductors, sides: CapacitorSides): readonly WireRole[] {
  const kind = postOf(unit, id)?.kind
  if (unit.traits.fan === 'blower') return blowerRolesAt(unit, id, copper)
  if (unit.traits.phases === 3) return PHASE_ROLES[kind ?? 'park'] ?? []
  if (id === sides.fanSide) return ['start']
  if (id === sides.cSide) return rolesAtC(unit, sides)
  switch (kind) {
    case 'earth':
      return ['ground']
    case 'relay':
      return ['motor-common']
    default:
      return kind && LINE_KINDS.includes(kind) ? rolesAtLine(unit, id, copper, sides) : []
  }
}

/** Where an outdoor motor's line leads can be. */
const LINE_KINDS: readonly PostKind[] = ['supply', 'neutral', 'splice', 'load']

/** In a box of its own the neutral is the neutral all the same. */
function blowerRolesAt(unit: UnitType, id: PostId, copper: Conductors): readonly WireRole[] {
  const kind = postOf(unit, id)?.kind
  if (kind === 'splice') return copper.joined(id, unit.supply.line2) ? ['line'] : []
  const role = kind && BLOWER_ROLES[kind]
  return role ? [role] : []
}

function rolesAtC(unit: UnitType, { tied }: CapacitorSides): WireRole[] {
  if (tied) return ['run']
  return unit.traits.capacitor === 'own' ? ['run-return'] : []
}

function rolesAtLine(
  unit: UnitType,
  id: PostId,
  copper: Conductors,
  { cSide, tied }: CapacitorSides,
): WireRole[] {
  if (tied) return cSide !== null && copper.joined(id, cSide) ? ['run'] : ['motor-common']
  // Nothing ties a capacitor to either line, so only the switching tells the two lines apart.
  const told = unit.traits.contactorPoles === 1 || unit.traits.defrostRelay
  if (!told) return ['motor-common', 'run']
  return [copper.joined(id, unit.supply.line2) ? 'run' : 'motor-common']
}

const SOURCE_TEXT: Readonly<Record<StatedSource, string>> = {
  diagram: 'The unit’s wiring diagram says',
  'motor-label': 'The motor’s own label says',
  resistance: 'Resistance readings say',
}

const statedEvidence = (wire: NamedWire): Evidence[] =>
  wire.stated.map(({ source, role }) => ({
    source,
    roles: [role],
    text: `${SOURCE_TEXT[source]} ${ROLE_NAMES[role]}.`,
  }))

/** What a wire's colour tells of a motor on three phases: only that it is the ground. */
const isMute = (unit: UnitType, roles: readonly WireRole[]): boolean =>
  unit.traits.phases === 3 && !roles.includes('ground')

/** The colour at the motor counts; a colour that changed at a splice says so. */
function colourEvidence(unit: UnitType, wire: NamedWire): Evidence[] {
  const last = wire.segments.at(-1)
  if (!last) return []
  const hint = colourHint(unit.traits.fan, last)
  if (!hint || isMute(unit, hint.roles)) return []
  const { roles } = hint
  const changed = wire.segments.some((segment) => !sameInsulation(segment, last))
  const names = hint.word ?? roles.map((r) => ROLE_NAMES[r]).join(' or ')
  const splice = changed
    ? ` It is ${COLOUR_NAMES[first(wire.segments).colour]} at the terminal: the colour changes on the way.`
    : ''
  return [
    {
      source: 'colour',
      roles,
      text: `${capital(insulationName(last))} is often ${names} (a hint only).${splice}`,
    },
  ]
}
