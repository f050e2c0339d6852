// A practice unit as a circuit: the one that the proof solves, with what is wrong in it and as it stands. A fault is an edit of its elements.
import { complex } from '../../quantity/complex'
import {
  EARTH,
  type Capacitor,
  type Circuit,
  type Resistor,
  type Source,
} from '../../circuit/solution/elements'
import { buildCircuit, sectionElement, windingNode, type BuiltCircuit } from '../../circuit/solution/build'
import { JOINT_POINT, machineOf, RUN_POINT, type Machine } from '../../motor/machine/machine'
import { setLeads, type SetLead } from '../../motor/settings'
import { first, known } from '../../quantity/at'
import { rememberedFor, rememberedOnce } from '../../quantity/remembered'
import type { Hookup } from '../../circuit/network'
import { compressorPhases, compressorPosts } from '../../wiring/compressor-posts'
import { NO_CAN } from '../../wiring/new-can'
import type { Spot } from './spot'
import { isCalled, leadEnd, modeOf, wireEnd, type Stand } from './stand'
import type { TrueSection, Truth } from '../unit/truth'

/** Volts of the control transformer, and what it has behind it, ohms. Common practice, no source. */
const CALL = { volts: 26, ohms: 0.6 }
/** A shorted section, and a bearing's or bracket's way from the frame to the chassis, ohms. Our judgement. */
const [SHORT_OHMS, FRAME_OHMS] = [0.3, 0.1]
/** Turns that are shorted together are one loop of this resistance, ohms. Our judgement. */
const LOOP_OHMS = 0.02

/** The unit's circuit as it stands, and what its motor is. */
export interface UnitCircuit extends BuiltCircuit {
  readonly machine: Machine | null
}

/** What each lead of the motor in the unit is for, as its tag has it. */
export function leadsOf({ sheet, horsepower, plug, speed }: Truth): SetLead[] {
  const { settings } = sheet
  return setLeads(sheet, {
    horsepower: known(
      settings.horsepower.find((c) => c.horsepower === horsepower),
      'The horsepower',
    ),
    rotation: settings.rotation.find((c) => c.direction === plug) ?? first(settings.rotation),
    speed: settings.speed.find((c) => c.speed === speed) ?? null,
  })
}

const machineOfSheet = rememberedOnce(machineOf)
/** The motor as a machine; worked out once for each tag. */
export const machineIn = ({ sheet }: Pick<Truth, 'sheet'>): Machine | null => machineOfSheet(sheet)

/** The hookup that is really there, without what is lifted. */
function hookupOf(truth: Truth, { lifted, bridged }: Pick<Stand, 'lifted' | 'bridged'>): Hookup {
  const { unit, can, placements, unitWires } = truth
  const relay = unit.traits.defrostRelay ? unit.switches.find((s) => s.id === 'fan relay') : undefined
  const bridge = bridged && relay ? [{ id: 'bridge', from: relay.from, to: relay.to }] : []
  return {
    unit,
    can: { ...(can ?? NO_CAN), groups: [], jumpers: can?.jumpers ?? [] },
    unitWires: [...unitWires.filter((w) => !lifted.includes(wireEnd(w.id))), ...bridge],
    leads: leadsOf(truth),
    placements: placements.map((place) =>
      lifted.includes(leadEnd(place.lead)) ? { ...place, goes: { kind: 'insulated' } } : place,
    ),
  }
}

/** The circuit of a unit as it stands; what a meter sees is solved from it. Built once for each way to stand. */
export const builtAt = rememberedFor(build)

function build(truth: Truth, stand: Stand): UnitCircuit {
  const machine = machineIn(truth)
  const hookup = hookupOf(truth, stand)
  const kept = truth.compressor?.can
  const built = buildCircuit(
    {
      hookup,
      sheet: truth.sheet,
      machine,
      hertz: truth.hertz,
      compressorMicrofarads: kept?.microfarads ?? null,
      volts: truth.volts,
    },
    modeOf(truth, stand),
  )
  const circuit = [ofSupply, ofWindings, ofCapacitors, ofCompressor, ofCall].reduce<Circuit>(
    (before, edit) => edit(before, { truth, stand, built }),
    built.circuit,
  )
  return { ...built, circuit, machine }
}

interface Standing {
  readonly truth: Truth
  readonly stand: Stand
  readonly built: BuiltCircuit
}
type EditOf = (circuit: Circuit, standing: Standing) => Circuit

/** Opened, nothing of the supply is left; a line that is lost does not arrive. */
const ofSupply: EditOf = (circuit, { truth, stand }) => {
  const arrives = (id: string): boolean => {
    const line = id === 'neutral' ? 1 : Number(id.slice(4)) - 1
    return stand.disconnect === 'closed' && (truth.lines[line] ?? true)
  }
  return {
    ...circuit,
    sources: circuit.sources.filter(({ id }) => arrives(id)),
    resistors: circuit.resistors.filter(({ id }) => id !== 'neutral' || arrives(id)),
  }
}

const wire = (id: string, a: string, b: string, ohms: number): Resistor => ({
  id,
  a,
  b,
  ohms,
  reactanceOhms: 0,
})
const INSIDE = windingNode('inside the joint')

/** Broken coils, a joint that is open, turns that are shorted, a leak to the frame, electronics that are dead. */
const ofWindings: EditOf = (circuit, { truth, stand, built }) => {
  const { motor, sheet } = truth
  const isOpen = motor.joint === 'broken' || (motor.joint === 'cut-out' && !stand.cooled)
  const coils = circuit.coils.flatMap((coil) => {
    const a = isOpen && coil.a === windingNode(JOINT_POINT) ? INSIDE : coil.a
    const b = motor.open.includes(coil.id) ? windingNode(`open ${coil.id}`) : coil.b
    if (motor.shorted?.coil !== coil.id) return [{ ...coil, a, b }]
    const { share } = motor.shorted
    const part = (id: string, of: number, ends: { a: string; b: string }) => ({
      ...coil,
      ...ends,
      id,
      turns: coil.turns * of,
      ohms: coil.ohms * of,
      reactanceOhms: coil.reactanceOhms * of * of,
    })
    const middle = windingNode(`turns of ${coil.id}`)
    return [part(coil.id, 1 - share, { a, b: middle }), part(`${coil.id}, shorted`, share, { a: middle, b })]
  })
  const [loop] = coils.filter(({ id }) => id.endsWith(', shorted'))
  const isDead = (id: string) =>
    (id === 'motor' && motor.electronics === 'dead') ||
    (id.startsWith('phase ') && (isOpen || motor.open.includes(id)))
  const leaks = circuit.coils.length > 0 ? windingNode(RUN_POINT) : built.leadNode(first(sheet.leads).id)
  return {
    ...circuit,
    coils,
    resistors: [
      ...circuit.resistors.filter(({ id }) => !isDead(id)),
      ...(loop ? [wire('shorted turns', loop.a, loop.b, LOOP_OHMS)] : []),
      wire('insulation', leaks, windingNode('frame'), motor.frameOhms),
      wire('frame', windingNode('frame'), EARTH, FRAME_OHMS),
    ],
  }
}

function capacitorAs({ state, microfarads }: TrueSection, was: Capacitor) {
  return {
    capacitors: state === 'good' ? [{ ...was, microfarads }] : [],
    resistors: state === 'shorted' ? [wire(`${was.id}, shorted`, was.a, was.b, SHORT_OHMS)] : [],
  }
}

/** Each section as it is. */
const ofCapacitors: EditOf = (circuit, { truth }) => {
  const states = new Map<string, TrueSection>(
    (truth.can?.sections ?? []).map((section) => [sectionElement(section.id), section]),
  )
  const kept = truth.compressor?.can
  if (kept) states.set('kept capacitor', kept)
  const parts = circuit.capacitors.map((capacitor) => {
    const state = states.get(capacitor.id)
    return state ? capacitorAs(state, capacitor) : { capacitors: [capacitor], resistors: [] }
  })
  return {
    ...circuit,
    capacitors: parts.flatMap((p) => p.capacitors),
    resistors: [...circuit.resistors, ...parts.flatMap((p) => p.resistors)],
  }
}

/** Its open windings, its overload, a burnt lead, a leak to the shell. */
const ofCompressor: EditOf = (circuit, { truth, stand, built }) => {
  const { compressor, unit } = truth
  const posts = compressorPosts(unit)
  const phases = compressorPhases(unit)
  if (!compressor) return circuit
  const cut =
    compressor.leadOff || (compressor.overload === 'open' && !stand.cooled) || compressor.open === 'C'
  const gone = (id: string): boolean =>
    (cut && /^compressor (run|start)$/.test(id)) ||
    (compressor.open === 'R' && id === 'compressor run') ||
    (compressor.open === 'S' && id === 'compressor start') ||
    (id.startsWith('compressor ') &&
      phases.some(
        (post, i) => id === `compressor ${post}` && (cut ? true : compressor.open === 'R' && i === 0),
      ))
  const shell = posts ? posts.R : phases[0]
  return {
    ...circuit,
    resistors: [
      ...circuit.resistors
        .filter(({ id }) => !gone(id))
        .map((r) =>
          compressor.shorted && r.id === 'compressor run' ? { ...r, ohms: 3, reactanceOhms: 2 } : r,
        ),
      ...(shell ? [wire('shell', built.nodeOf(shell), EARTH, compressor.shellOhms)] : []),
    ],
  }
}

/** 24 V at the coil, or at the board's own post, while it is called. */
const ofCall: EditOf = (circuit, { truth, stand, built }) => {
  const coils = truth.unit.posts.filter((post) => post.kind === 'coil').map((post) => post.id)
  const resistors =
    truth.coil === 'open' ? circuit.resistors.filter(({ id }) => !id.startsWith('coil ')) : circuit.resistors
  const [a, b] = coils
  if (!isCalled(truth, stand) || a === undefined) return { ...circuit, resistors }
  const call: Source = {
    id: 'call',
    a: built.nodeOf(a),
    b: b === undefined ? EARTH : built.nodeOf(b),
    volts: complex(CALL.volts),
    ohms: CALL.ohms,
  }
  return { ...circuit, resistors, sources: [...circuit.sources, call] }
}

/** The node of a spot. */
export function nodeAt(built: Pick<BuiltCircuit, 'nodeOf' | 'leadNode'>, spot: Spot): string {
  if (spot.on === 'post') return built.nodeOf(spot.post)
  if (spot.on === 'lead') return built.leadNode(spot.lead)
  return spot.on === 'frame' ? windingNode('frame') : EARTH
}
