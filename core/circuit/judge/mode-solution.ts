// What the solved circuit says of one mode, in the figures people read: volts, amps, torque, direction, speed.
import type { SectionId } from '../../capacitor/can'
import type { LeadId } from '../../motor/lead-id'
import { first, known, last } from '../../quantity/at'
import { magnitude, minus, ZERO } from '../../quantity/complex'
import { JOINT_POINT, RUN_POINT, type Machine } from '../../motor/machine/machine'
import { FAN_LOAD, groupFor, sectionPost } from '../../wiring/new-can'
import { hookupPosts } from '../../wiring/hookup-posts'
import type { ModeId, PostId } from '../../wiring/unit-type'
import {
  buildCircuit,
  jumperElement,
  leadElement,
  sectionElement,
  windingNode,
  type BuiltCircuit,
  type CircuitInput,
} from '../solution/build'
import { runCircuit, type Run } from '../solution/run'
import { ampsThrough } from '../solution/solve'
import { sweepCapacitor, type SweepPoint } from '../solution/sweep'

/** What the solved circuit says of one mode: volts and amps RMS, torque against the rated one. */
export interface ModeSolution {
  readonly mode: ModeId
  readonly name: string
  readonly fanRuns: boolean
  readonly motor: {
    /** 1 the way the plug is set, -1 the other way, 0 it does not start. */
    readonly direction: 1 | -1 | 0
    /** Against the rated torque. */
    readonly startTorque: number
    readonly rpm: number
    readonly windings: readonly {
      readonly id: string
      readonly name: string
      readonly volts: number
      readonly amps: number
    }[]
    /** Between the end that is fed (motor common, or the live tap) and run; null where there is no two-winding motor. */
    readonly volts: number | null
    /** The motor's line current, what its plate's amps are: that of `line`. Of a motor without a winding model the largest of its leads. */
    readonly amps: number
    /** The lead that carries the line current alone; null: there is none that is landed. */
    readonly line: LeadId | null
    /** Across the fan's section; null: the fan has none. */
    readonly capacitorVolts: number | null
  }
  /** What start torque and capacitor volts become at the ends of the capacitor's tolerance; null where the fan has no section or stands. */
  readonly tolerance: {
    readonly startTorque: readonly [number, number]
    readonly capacitorVolts: readonly [number, number]
  } | null
  /** Posts and leads in parts that have no path to earth; the 24 V side and leads joined in the plug are not told. */
  readonly floating: readonly string[]
  readonly sections: readonly { readonly id: SectionId; readonly volts: number; readonly amps: number }[]
  /** `share` of its group's current. */
  readonly jumpers: readonly {
    readonly from: SectionId
    readonly to: SectionId
    readonly amps: number
    readonly share: number
  }[]
  readonly supplyAmps: readonly number[]
  /** Volts against earth; null where the part floats. */
  readonly posts: Readonly<Record<PostId, number | null>>
  readonly leads: Readonly<Record<LeadId, { readonly volts: number | null; readonly amps: number }>>
}

/** A mode's circuit, how the motor runs in it, and what is told of it. */
export interface SolvedMode {
  readonly built: BuiltCircuit
  readonly run: Run
  readonly solution: ModeSolution
}

/** Every mode of the unit, solved. `motor.volts` is null where nothing stands across the windings. */
export function solveModes(input: CircuitInput): SolvedMode[] {
  return input.hookup.unit.modes.map(({ id, name, fanRuns }) => {
    const built = buildCircuit(input, id)
    const run = runCircuit(built.circuit, input.machine)
    return { built, run, solution: describe(input, built, run, { mode: id, name, fanRuns }) }
  })
}

function describe(
  { hookup, machine }: CircuitInput,
  { circuit, nodeOf, leadNode }: BuiltCircuit,
  run: Run,
  mode: Pick<ModeSolution, 'mode' | 'name' | 'fanRuns'>,
): ModeSolution {
  const { running } = run
  const volts = (node: string): number | null =>
    running.floating.has(node) ? null : magnitude(running.volts.get(node) ?? ZERO)
  const between = (a: string, b: string) =>
    magnitude(minus(running.volts.get(a) ?? ZERO, running.volts.get(b) ?? ZERO))
  const amps = (id: string) => magnitude(ampsThrough(circuit, running, id) ?? ZERO)
  const leads = Object.fromEntries(
    hookup.leads.map(({ lead }) => [
      lead.id,
      { volts: volts(leadNode(lead.id)), amps: amps(leadElement(lead.id)) },
    ]),
  )
  const sections = hookup.can.sections.map(({ id }) => {
    const c = circuit.capacitors.find((x) => x.id === sectionElement(id))
    return { id, volts: c ? between(c.a, c.b) : 0, amps: amps(sectionElement(id)) }
  })
  const line = lineLead(hookup)
  const posts = hookupPosts(hookup.unit, hookup.can)
  return {
    ...mode,
    motor: {
      direction: run.direction,
      startTorque: run.startTorque,
      rpm: run.rpm,
      windings: windingsOf(machine, circuit, run),
      volts: machine ? voltsAcross(machine, running, leads) : null,
      amps:
        line && machine ? (leads[line]?.amps ?? 0) : Math.max(0, ...Object.values(leads).map((l) => l.amps)),
      line,
      capacitorVolts: fanVolts(hookup, sections),
    },
    tolerance: toleranceOf(hookup, run),
    floating: [
      ...posts.filter((p) => p.kind !== 'coil' && running.floating.has(nodeOf(p.id))).map((p) => p.label),
      ...hookup.leads
        .filter(({ lead, use }) => use.kind !== 'plug' && running.floating.has(leadNode(lead.id)))
        .map(({ lead }) => lead.id),
    ],
    sections,
    jumpers: hookup.can.groups.flatMap((group) => {
      const total = group.sections.reduce((sum, s) => sum + amps(sectionElement(s)), 0)
      return group.jumpers.map(({ from, to }) => {
        // Named outward here, and as it was put on in the circuit.
        const ends = [sectionPost(from), sectionPost(to)] as const
        const through = Math.max(amps(jumperElement(...ends)), amps(jumperElement(ends[1], ends[0])))
        return { from, to, amps: through, share: total > 0 ? through / total : 0 }
      })
    }),
    supplyAmps: circuit.sources.map((s) => amps(s.id)),
    posts: Object.fromEntries(posts.map((post) => [post.id, volts(nodeOf(post.id))])),
    leads,
  }
}

/** Motor common of an outdoor motor, the line lead of a blower: all current of both windings passes through it (Kirchhoff). Of three phases any: the first. */
const lineLead = ({ leads, placements }: CircuitInput['hookup']): LeadId | null =>
  leads.find(
    ({ lead, use }) =>
      use.kind === 'land' &&
      (use.as === 'motor-common' || use.as === 'line' || use.as === 'phase') &&
      placements.some((p) => p.lead === lead.id && p.goes.kind === 'post'),
  )?.lead.id ?? null

/** Of the sections that serve the fan. */
function fanVolts({ can }: CircuitInput['hookup'], sections: ModeSolution['sections']): number | null {
  const own = groupFor(can, FAN_LOAD)?.sections ?? []
  const volts = sections.filter((s) => own.includes(s.id)).map((s) => s.volts)
  return volts.length > 0 ? Math.max(...volts) : null
}

/** From run to the point of the lead that carries most, of those that feed: with two taps live, the one that is hotter. */
function voltsAcross({ points }: Machine, { volts }: Run['running'], leads: ModeSolution['leads']): number {
  const feeding = Object.entries(points)
    .filter(([, point]) => point === JOINT_POINT || point.startsWith('tap:'))
    .sort(([a], [b]) => (leads[b]?.amps ?? 0) - (leads[a]?.amps ?? 0))
  const at = (point: string) => volts.get(windingNode(point)) ?? ZERO
  return magnitude(minus(at(feeding[0]?.[1] ?? JOINT_POINT), at(RUN_POINT)))
}

/** The fan's group at both ends of its tolerance: the change is put on its largest section. */
function toleranceOf(
  { can }: CircuitInput['hookup'],
  { prepared, running, direction }: Run,
): ModeSolution['tolerance'] {
  const group = groupFor(can, FAN_LOAD)
  const section = can.sections.find((s) => s.id === group?.lead)
  if (!group || !section || direction === 0) return null
  const change = (group.microfarads * can.tolerancePercent) / 100
  const ends = [section.microfarads - change, section.microfarads + change]
  const at = (slip: number, sense: 1 | -1, of: (point: SweepPoint) => number): readonly [number, number] => {
    const points = known(
      sweepCapacitor(prepared, slip, sectionElement(section.id), ends, sense),
      'The section',
    )
    return [of(first(points)), of(last(points))]
  }
  return {
    startTorque: at(1, 1, ({ torque }) => torque),
    capacitorVolts: at(running.slip, direction, ({ capacitorVolts }) => capacitorVolts),
  }
}

function windingsOf(
  machine: Machine | null,
  circuit: BuiltCircuit['circuit'],
  { running }: Run,
): ModeSolution['motor']['windings'] {
  if (!machine) return []
  return machine.coils.map(({ id, name, from }, k) => {
    const coil = circuit.coils[k] as (typeof circuit.coils)[number]
    const a = running.volts.get(windingNode(from)) ?? ZERO
    return {
      id,
      name,
      volts: magnitude(minus(a, running.volts.get(coil.b) ?? ZERO)),
      amps: magnitude(running.coilAmps[k] ?? ZERO),
    }
  })
}
