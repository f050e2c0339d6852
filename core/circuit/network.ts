// The hookup as a network: points, copper between them, switches, capacitor sections and windings.
// The judge of today walks it by conduction; anything that solves it as a circuit starts from the same network.
import type { LeadId } from '../motor/lead-id'
import type { SetLead } from '../motor/settings'
import { sectionPost, NEW_C, type FittedCan, type UnitWire } from '../wiring/new-can'
import type { Placement } from '../wiring/placement'
import { compressorPhases, compressorPosts } from '../wiring/compressor-posts'
import type { ModeId, UnitType } from '../wiring/unit-type'

/** A point of the network: a post's id, or a winding end of the motor such as "MOTOR:run". */
export type Point = string

export const COMMON: Point = 'MOTOR:motor-common'
export const RUN: Point = 'MOTOR:run'
export const START: Point = 'MOTOR:start'
/** Where the windings of three phases meet inside the motor, and inside the compressor. */
export const STAR: Point = 'MOTOR:star'
const COMPRESSOR_STAR: Point = 'COMPRESSOR:star'

/** Where one lead ends. */
export interface LandedLead {
  readonly lead: LeadId
  readonly goes: Placement
}

/** A hookup as copper: the unit, the can, its wires, and where every lead is. */
export interface Hookup {
  readonly unit: UnitType
  readonly can: FittedCan
  readonly unitWires: readonly UnitWire[]
  readonly leads: readonly SetLead[]
  /** One entry a lead; more than one for a lead is a mistake the proof names. */
  readonly placements: readonly LandedLead[]
  /** Where the app would put each lead: a fault is first sought in those that are elsewhere. */
  readonly advised?: readonly LandedLead[]
}

/** A piece of copper between two points. */
export interface Conductor {
  readonly a: Point
  readonly b: Point
  /** Set when the copper is a lead of the motor. */
  readonly lead?: LeadId
}

/** The copper of a hookup, with what a mode opens and closes. */
export interface Network {
  readonly conductors: readonly Conductor[]
  readonly switches: readonly { readonly a: Point; readonly b: Point; readonly closedIn: readonly ModeId[] }[]
  /** `microfarads` null: a capacitor that stays in the unit and whose value is not recorded. */
  readonly capacitors: readonly {
    readonly a: Point
    readonly b: Point
    readonly microfarads: number | null
    /** The value was read, not taken from the marking. */
    readonly read: boolean
  }[]
  readonly windings: readonly { readonly a: Point; readonly b: Point }[]
}

/** The motor's inner point of a lead. Run-return is run, brought out again; idle taps and plug leads are points of their own. */
export function leadPoint({ lead, use }: SetLead): Point {
  // Three phase leads are three ends, whichever comes first.
  if (use.kind === 'land' && use.as === 'phase') return `MOTOR:phase:${lead.id}`
  if (use.kind === 'land') return use.as === 'line' ? RUN : `MOTOR:${use.as}`
  if (use.kind === 'return') return RUN
  if (use.kind === 'capacitor') return use.side === 'start' ? START : RUN
  // A lead that is joined outside, and a tap, is a point of its own: whether it is joined is for the proof to see.
  return `MOTOR:${lead.role}:${lead.id}`
}

/** The network of a hookup; a lead that is nowhere hangs on its own point. */
export function buildNetwork({ unit, can, unitWires, leads, placements }: Hookup): Network {
  const landed = placements.flatMap(({ lead, goes }): Conductor[] => {
    const set = leads.find((l) => l.lead.id === lead)
    return set && goes.kind === 'post' ? [{ a: leadPoint(set), b: goes.post, lead }] : []
  })
  const kept = unit.posts.filter((post) => post.kind === 'kept-cap').map((post) => post.id)
  const compressor = compressorPosts(unit)
  const hasStart = leads.some((set) => leadPoint(set) === START)
  const phases = leads
    .filter((set) => set.lead.role === 'phase')
    .map((set) => ({ a: STAR, b: leadPoint(set) }))
  const idle = leads
    .filter(
      (l) =>
        l.use.kind === 'insulate' || l.use.kind === 'plug' || l.use.kind === 'with' || l.use.kind === 'tap',
    )
    .map((l) => ({ a: COMMON, b: leadPoint(l) }))
  return {
    conductors: [
      ...unit.links.map(({ from, to }) => ({ a: from, b: to })),
      ...unitWires.map(({ from, to }) => ({ a: from, b: to })),
      ...can.jumpers.map(({ from, to }) => ({ a: from, b: to })),
      ...landed,
    ],
    switches: unit.switches.map(({ from, to, closedIn }) => ({ a: from, b: to, closedIn })),
    capacitors: [
      ...can.sections.map(({ id, microfarads, marked }) => ({
        a: sectionPost(id),
        b: NEW_C,
        microfarads,
        read: marked !== undefined,
      })),
      ...(kept.length === 2 ? [{ a: kept[0]!, b: kept[1]!, microfarads: null, read: false }] : []),
    ],
    windings: [
      ...phases,
      { a: COMMON, b: RUN },
      ...(hasStart ? [{ a: COMMON, b: START }] : []),
      ...idle,
      ...compressorPhases(unit).map((post) => ({ a: COMPRESSOR_STAR, b: post })),
      ...(compressor
        ? [
            { a: compressor.C, b: compressor.R },
            { a: compressor.C, b: compressor.S },
          ]
        : []),
    ],
  }
}
