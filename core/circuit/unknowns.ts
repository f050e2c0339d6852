// What keeps a proof back because it is not known, each thing by its own name: a wire by its post and colour, an output by its label.
import { insulationName } from '../motor/colour'
import type { LeadSheet } from '../motor/lead-sheet'
import { ROLE_NAMES } from '../motor/role'
import { figure, listed } from '../quantity/display'
import type { Rotation } from '../rotation/view'
import type { WireFinding } from '../wiring/evidence'
import { outputsInUse } from '../wiring/speed-outputs'
import { modesOfOutput, postName, type PostId, type UnitType } from '../wiring/unit-type'
import { MOTOR_END, type NamedWire } from '../wiring/wire'

/** What is asked before a hookup can be called proven. */
export interface UnknownsInput {
  readonly unit: UnitType
  readonly wires: readonly NamedWire[]
  readonly findings: readonly WireFinding[]
  readonly sheet: LeadSheet
  readonly wanted: Rotation | null
  readonly can: { readonly volts: number } | null
  readonly compressorVolts: number | null
  /** Outputs that the technician said have no lead. */
  readonly unusedOutputs: readonly PostId[]
  /** The motor's frame is grounded without a lead of its own, as the technician said. */
  readonly frameGrounded: boolean
  /** The old capacitor's C side is tied to a line. */
  readonly tied: boolean
}

/** Run capacitors of compressors are made for this at most, V: a can of as much serves any. Common practice, no source. */
export const HIGHEST_CAN_VOLTS = 440

/** In whole sentences that follow "Cannot tell yet:"; empty: everything is known. */
export const unknownsOf = (input: UnknownsInput): string[] => [
  ...untraced(input),
  ...rolesUnknown(input),
  ...silentOutputs(input),
  ...tiedBlower(input),
  ...compressorVolts(input),
  ...shaftEnds(input),
  ...frameGround(input),
  ...(input.wanted ? [] : ['the wanted rotation is not stated.']),
]

/** "the brown wire on T1 on the contactor" */
function wireName(unit: UnitType, { from, to, segments }: NamedWire): string {
  const colour = segments.at(-1)
  const ends = to === MOTOR_END ? postName(unit, from) : `${postName(unit, from)} to ${postName(unit, to)}`
  return `the ${colour ? `${insulationName(colour)} ` : ''}wire ${to === MOTOR_END ? 'on' : 'from'} ${ends}`
}

/** More than this are counted first, so that the sentence stays short; each is named all the same. */
const MOST_AT_ONCE = 3

function untraced({ unit, wires }: UnknownsInput): string[] {
  const open = wires.filter((wire) => !wire.traced)
  if (open.length === 0) return []
  const names = open.map((wire) => wireName(unit, wire))
  return open.length <= MOST_AT_ONCE
    ? [`${listed(names)} ${open.length === 1 ? 'is' : 'are'} not traced.`]
    : [`${open.length} wires are not traced.`, ...names.map((name) => `${name} is not traced.`)]
}

/** A wire whose role nothing tells, and a role that two wires come out with. */
function rolesUnknown({ unit, wires, findings }: UnknownsInput): string[] {
  const nameOf = (id: string) => {
    const wire = wires.find((w) => w.id === id)
    return wire ? wireName(unit, wire) : 'one wire'
  }
  const blank = findings.filter((f) => f.role === null).map((f) => nameOf(f.wire))
  const twice = (['motor-common', 'run', 'start'] as const).flatMap((role) => {
    const same = findings.filter((f) => f.role === role)
    return same.length > 1
      ? [`${listed(same.map((f) => nameOf(f.wire)))} both come out as ${ROLE_NAMES[role]}: trace both again.`]
      : []
  })
  return [...(blank.length > 0 ? [`what ${listed(blank)} does is not known.`] : []), ...twice]
}

/** A metal motor is grounded by a lead, or by a wire or strap at its frame: which it is cannot be seen on its tag. */
export const lacksGroundLead = ({ leads }: Pick<LeadSheet, 'leads'>): boolean =>
  !leads.some(({ role }) => role === 'ground')

const frameGround = ({ sheet, frameGrounded }: UnknownsInput): string[] =>
  lacksGroundLead(sheet) && !frameGrounded
    ? ['the motor’s tag names no ground lead: is its frame grounded by a wire or strap of its own?']
    : []

/** An output that the unit calls, and that no lead of the old motor is recorded on. */
const silentOutputs = ({ unit, wires, unusedOutputs }: UnknownsInput): string[] =>
  silentOnes(unit, wires)
    .filter((post) => !unusedOutputs.includes(post.id))
    .map(
      ({ label, modes }) =>
        `${label} has no lead on record, so the blower would not run in ${listed(modes)}: is that so?`,
    )

/** The outputs without a lead, each with the modes that no other output serves; one without such a mode is none. */
export function silentOnes(
  unit: UnitType,
  wires: readonly NamedWire[],
): { readonly id: PostId; readonly label: string; readonly modes: readonly string[] }[] {
  if (unit.traits.fan !== 'blower') return []
  const used = new Set(outputsInUse(unit, wires).flatMap((output) => output.modes))
  return unit.posts
    .filter((post) => post.kind === 'output')
    .map(({ id, label }) => ({
      id,
      label,
      modes: modesOfOutput(unit, id).filter((mode) => !used.has(mode)),
    }))
    .filter(({ modes }) => modes.length > 0)
}

/** A blower's capacitor stands by itself; one that was tied to a line belongs to another hookup than is worked out here. */
const tiedBlower = ({ unit, tied, sheet }: UnknownsInput): string[] =>
  tied && unit.traits.fan === 'blower' && sheet.kind === 'psc-blower'
    ? [
        'a wire ties the old blower capacitor to a line, and the motor’s two capacitor leads may touch nothing else: trace that wire, and take it off or find what it feeds.',
      ]
    : []

const compressorVolts = ({ unit, can, compressorVolts: stated }: UnknownsInput): string[] =>
  unit.traits.capacitor === 'shared' && can && can.volts < HIGHEST_CAN_VOLTS && !stated
    ? [
        `the can is rated ${figure(can.volts)} V, and which volts the compressor’s side asks for is not stated: read them on the old capacitor’s label.`,
      ]
    : []

const shaftEnds = ({ unit, sheet }: UnknownsInput): string[] =>
  unit.traits.throughShaft && (sheet.mechanical?.throughShaft ?? null) === null
    ? ['whether the motor has two shaft ends is not on its sheet: look at it.']
    : []
