// From the hookup to its circuit in one mode: the unit's copper merged into nodes, leads and jumpers as small resistances.
import { nominalVolts } from '../../supply/supply'
import type { SectionId } from '../../capacitor/can'
import { complex } from '../../quantity/complex'
import type { LeadSheet } from '../../motor/lead-sheet'
import type { LeadId } from '../../motor/lead-id'
import type { Machine } from '../../motor/machine/machine'
import { Conductors } from '../../wiring/conductors'
import { NEW_C, sectionPost } from '../../wiring/new-can'
import type { ModeId, PostId, UnitType } from '../../wiring/unit-type'
import { STAR, type Hookup } from '../network'
import { compressorPhases, compressorPosts } from '../../wiring/compressor-posts'
import { EARTH, type Capacitor, type Circuit, type MotorCoil, type Resistor, type Source } from './elements'

/** A branch circuit's wire and transformer, ohms: a short draws some thousand amperes. Our judgement. */
const SOURCE_OHMS = 0.04
/** A motor lead and a can's jumper, ohms: a few feet of 18 AWG, a few inches of 14 AWG (textbook). */
const LEAD_OHMS = 0.02
const JUMPER_OHMS = 0.002
/** A contactor's or relay's 24 V coil, ohms. Our judgement. */
const COIL_OHMS = 12
/** The compressor's windings while it runs, ohms and reactance. Our judgement: it is there to be fed, not to be judged. */
const COMPRESSOR = { run: [13, 7], start: [25, 30] } as const
/** Of a capacitor that stays in the unit, where its value is not recorded, µF. Our judgement. */
const KEPT_MICROFARADS = 40
const DEFAULT_AMPS = 1

/** What a circuit is built from. `machine` null: a motor without a winding model, taken as what its plate draws. */
export interface CircuitInput {
  readonly hookup: Hookup
  readonly sheet: LeadSheet
  readonly machine: Machine | null
  readonly hertz: number
  readonly compressorMicrofarads: number | null
  /** Supply volts between the lines; the unit's nominal ones when left out. */
  readonly volts?: number
}

/** A circuit with the names of its nodes. */
export interface BuiltCircuit {
  readonly circuit: Circuit
  /** The node a post is part of in this mode. */
  readonly nodeOf: (post: PostId) => string
  /** The node inside the motor that a lead comes from. */
  readonly leadNode: (lead: LeadId) => string
}

/** The node of a point inside the motor. */
export const windingNode = (point: string): string => `W:${point}`
/** The element of a lead: its current is the lead's. */
export const leadElement = (lead: LeadId): string => `lead:${lead}`
/** The element of a jumper between two posts of the can. */
export const jumperElement = (from: PostId, to: PostId): string => `jumper:${from}-${to}`
/** The element of a capacitor's section. */
export const sectionElement = (section: SectionId): string => `section:${section}`

/** Two lines with earth between them from 200 V up; below, and at 277 V, a line against a neutral that is bonded to earth. */
export const isSplit = ({ volts }: Pick<UnitType, 'volts'>): boolean =>
  volts >= 200 && nominalVolts(volts) !== LINE_TO_NEUTRAL_VOLTS
/** One line of a 480 V three-phase supply against its neutral, V. */
const LINE_TO_NEUTRAL_VOLTS = 277

/** The circuit of a hookup in one mode. Copper of the unit is one node; leads and jumpers keep a small resistance, so that their currents are answers. */
export function buildCircuit(input: CircuitInput, mode: ModeId): BuiltCircuit {
  const { hookup, machine } = input
  const copper = copperOf(hookup, mode)
  const nodeOf = (post: PostId): string => (copper.joined(post, EARTH) ? EARTH : copper.find(post))
  const leadNode = (lead: LeadId): string => windingNode(pointOfLead(input, lead))
  const leads = hookup.placements.flatMap(({ lead, goes }): Resistor[] =>
    goes.kind === 'post' ? [wire(leadElement(lead), leadNode(lead), nodeOf(goes.post), LEAD_OHMS)] : [],
  )
  const jumpers = hookup.can.jumpers.map(({ from, to }) =>
    wire(jumperElement(from, to), nodeOf(from), nodeOf(to), JUMPER_OHMS),
  )
  const { sources, bonds } = supplyOf(hookup.unit, nodeOf, input.volts ?? hookup.unit.volts)
  return {
    nodeOf,
    leadNode,
    circuit: {
      hertz: input.hertz,
      sources,
      resistors: [...bonds, ...leads, ...jumpers, ...loadsOf(input, nodeOf)],
      capacitors: capacitorsOf(input, nodeOf),
      coils: machine ? coilsOf(input, machine) : [],
      machine: machine && { constants: machine.constants, ratedHertz: machine.ratedHertz, sense: 1 },
      named: [
        ...new Set([
          ...hookup.unit.posts.map((p) => nodeOf(p.id)),
          ...hookup.leads.map((l) => leadNode(l.lead.id)),
        ]),
      ],
    },
  }
}

const wire = (id: string, a: string, b: string, ohms: number, reactanceOhms = 0): Resistor => ({
  id,
  a,
  b,
  ohms,
  reactanceOhms,
})

function copperOf({ unit, unitWires }: Hookup, mode: ModeId): Conductors {
  const copper = new Conductors()
  unit.posts.filter((p) => p.kind === 'earth').forEach((p) => copper.join(p.id, EARTH))
  unit.links.forEach(({ from, to }) => copper.join(from, to))
  unitWires.forEach(({ from, to }) => copper.join(from, to))
  unit.switches.filter((s) => s.closedIn.includes(mode)).forEach((s) => copper.join(s.from, s.to))
  return copper
}

function supplyOf(
  unit: UnitType,
  nodeOf: (post: PostId) => string,
  volts: number,
): { readonly sources: Source[]; readonly bonds: Resistor[] } {
  const source = (id: string, post: PostId, v: number): Source => ({
    id,
    a: nodeOf(post),
    b: EARTH,
    volts: complex(v),
    ohms: SOURCE_OHMS,
  })
  const { line1, line2, line3 } = unit.supply
  if (line3 !== undefined) {
    // Three lines, each a third of a turn behind the last, about a grounded star point (textbook).
    const height = volts / Math.sqrt(3)
    const phase = (id: string, post: PostId, turn: number): Source => ({
      ...source(id, post, 0),
      volts: complex(height * Math.cos(turn), height * Math.sin(turn)),
    })
    return {
      sources: [
        phase('line1', line1, 0),
        phase('line2', line2, (-2 * Math.PI) / 3),
        phase('line3', line3, (2 * Math.PI) / 3),
      ],
      bonds: [],
    }
  }
  if (isSplit(unit))
    return { sources: [source('line1', line1, volts / 2), source('line2', line2, -volts / 2)], bonds: [] }
  return {
    sources: [source('line1', line1, volts)],
    bonds: [wire('neutral', nodeOf(line2), EARTH, SOURCE_OHMS)],
  }
}

/** Where a lead comes from inside: a winding point, or a point of its own. */
function pointOfLead({ sheet, machine, hookup }: CircuitInput, id: string): string {
  const point = machine?.points[id]
  if (point) return point
  const set = hookup.leads.find((l) => l.lead.id === id)
  if (set?.lead.role === 'ground') return 'frame'
  if (sheet.kind === 'ecm-outdoor' && set?.use.kind === 'land') return `line:${set.use.as}`
  return `lead:${id}`
}

function coilsOf({ hookup }: CircuitInput, machine: Machine): MotorCoil[] {
  // A plug lead that is out of the plug opens the auxiliary winding.
  const open = hookup.leads.some(
    ({ lead, use }) =>
      use.kind === 'plug' && hookup.placements.some((p) => p.lead === lead.id && p.goes.kind !== 'plug'),
  )
  return machine.coils.map(({ id, from, to, axis, turns, ohms, reactanceOhms }) => ({
    id,
    axis,
    turns,
    ohms,
    reactanceOhms,
    a: windingNode(from),
    b: open && id === 'auxiliary' ? windingNode('open plug') : windingNode(to),
  }))
}

/** A motor without a winding model, as what it draws at its rated volts; empty: it has a model. */
function drawnBy(sheet: LeadSheet): Resistor[] {
  const amps = Math.max(...sheet.settings.horsepower.map((c) => c.amps), 0) || DEFAULT_AMPS
  const volts = sheet.nameplate.volts.high
  if (sheet.kind === 'ecm-outdoor')
    return [wire('motor', windingNode('line:motor-common'), windingNode('line:run'), volts / amps)]
  // A star of three: its phase takes the line's volts over the root of three, and the line's amps (textbook).
  return sheet.kind === 'three-phase'
    ? sheet.leads
        .filter(({ role }) => role === 'phase')
        .map(({ id }) =>
          wire(`phase ${id}`, windingNode(`lead:${id}`), windingNode(STAR), volts / Math.sqrt(3) / amps),
        )
    : []
}

/** What is no motor winding: the compressor, 24 V coils, a motor without a winding model. */
function loadsOf({ hookup, sheet }: CircuitInput, nodeOf: (post: PostId) => string): Resistor[] {
  const { unit } = hookup
  const compressor = compressorPosts(unit)
  const coils = unit.posts.filter((p) => p.kind === 'coil')
  const pairs = coils.flatMap((post, i) => (i % 2 === 1 ? [[coils[i - 1]!.id, post.id] as const] : []))
  return [
    ...compressorPhases(unit).map((post) =>
      wire(`compressor ${post}`, nodeOf(post), windingNode('compressor star'), ...COMPRESSOR.run),
    ),
    ...(compressor
      ? [
          wire('compressor run', nodeOf(compressor.C), nodeOf(compressor.R), ...COMPRESSOR.run),
          wire('compressor start', nodeOf(compressor.C), nodeOf(compressor.S), ...COMPRESSOR.start),
        ]
      : []),
    ...pairs.map(([a, b]) => wire(`coil ${a}`, nodeOf(a), nodeOf(b), COIL_OHMS)),
    ...drawnBy(sheet),
  ]
}

function capacitorsOf(
  { hookup, compressorMicrofarads }: CircuitInput,
  nodeOf: (post: PostId) => string,
): Capacitor[] {
  const kept = hookup.unit.posts.filter((p) => p.kind === 'kept-cap').map((p) => nodeOf(p.id))
  return [
    ...hookup.can.sections.map(({ id, microfarads }) => ({
      id: sectionElement(id),
      a: nodeOf(sectionPost(id)),
      b: nodeOf(NEW_C),
      microfarads,
    })),
    ...(kept.length === 2
      ? [
          {
            id: 'kept capacitor',
            a: kept[0]!,
            b: kept[1]!,
            microfarads: compressorMicrofarads ?? KEPT_MICROFARADS,
          },
        ]
      : []),
  ]
}
