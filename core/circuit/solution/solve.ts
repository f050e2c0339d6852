// Modified nodal analysis of one mode at one slip: node voltages and coil currents as RMS phasors.
// Parts without a path to earth get a reference of their own and are named; nothing comes out as NaN.
import { at } from '../../quantity/at'
import { complex, minus, over, times, ZERO, type Complex } from '../../quantity/complex'
import { coilImpedances, fieldAt, torqueOf } from '../../motor/machine/field'
import { Conductors } from '../../wiring/conductors'
import { EARTH, type Capacitor, type Circuit } from './elements'
import { copySystem, emptySystem, solveSystem, type ComplexSystem } from './linear'

/** The circuit at one slip: volts and amps as RMS phasors. */
export interface Solution {
  readonly slip: number
  /** Against earth; of a floating node against its part's own reference, which says nothing of its height above earth. */
  readonly volts: ReadonlyMap<string, Complex>
  /** Nodes without a path to earth. */
  readonly floating: ReadonlySet<string>
  /** Along each coil, in its order. */
  readonly coilAmps: readonly Complex[]
  /** Synchronous watts, positive the way the plug is set; 0 where there is no machine. */
  readonly torque: number
}

/** What stays the same at every slip: nodes and their numbers, which float, and all of the equations but the coils' own. */
export interface Prepared {
  readonly circuit: Circuit
  readonly index: ReadonlyMap<string, number>
  readonly floating: ReadonlySet<string>
  /** One node of each floating part, tied to the reference. */
  readonly tied: readonly string[]
  readonly base: ComplexSystem
}

/** What does not depend on the slip, worked out once. A part without a way to earth gets a reference of its own. */
export function prepare(circuit: Circuit): Prepared {
  const parts = new Conductors()
  const nodes = new Set<string>([EARTH])
  for (const list of [circuit.sources, circuit.resistors, circuit.capacitors, circuit.coils])
    for (const { a, b } of list) {
      parts.join(a, b)
      nodes.add(a).add(b)
    }
  const connected = [...nodes].filter((node) => !parts.joined(node, EARTH))
  const seen = new Set<string>()
  const tied = connected.filter((node) => !seen.has(parts.find(node)) && seen.add(parts.find(node)))
  // A node with nothing on it floats and needs no equation.
  const floating = new Set([...connected, ...circuit.named.filter((node) => !nodes.has(node))])
  nodes.delete(EARTH)
  const index = new Map([...nodes].map((node, i): [string, number] => [node, i]))
  return { circuit, index, floating, tied, base: baseSystem(circuit, index, tied) }
}

/** The admittance of a capacitor, siemens. */
export const admittance = ({ microfarads }: Pick<Capacitor, 'microfarads'>, hertz: number): Complex =>
  complex(0, 2 * Math.PI * hertz * microfarads * 1e-6)

function baseSystem(
  circuit: Circuit,
  index: ReadonlyMap<string, number>,
  tied: readonly string[],
): ComplexSystem {
  const nodes = index.size
  const system = emptySystem(nodes + circuit.coils.length)
  const at = (node: string) => index.get(node) ?? -1
  circuit.sources.forEach(({ a, b, volts, ohms }) => {
    stamp(system, at(a), at(b), complex(1 / ohms))
    inject(system, at(a), at(b), { re: volts.re / ohms, im: volts.im / ohms })
  })
  circuit.resistors.forEach(({ a, b, ohms, reactanceOhms }) =>
    stamp(system, at(a), at(b), over(complex(1), complex(ohms, reactanceOhms))),
  )
  circuit.capacitors.forEach((c) => stamp(system, at(c.a), at(c.b), admittance(c, circuit.hertz)))
  tied.forEach((node) => stamp(system, at(node), -1, complex(1)))
  // Each coil's current is an unknown of its own; its row says that the voltage along it is what all coils' currents make.
  circuit.coils.forEach(({ a, b }, k) => {
    const row = nodes + k
    for (const [node, sign] of [
      [at(a), 1],
      [at(b), -1],
    ] as const) {
      add(system, node, row, complex(sign))
      add(system, row, node, complex(sign))
    }
  })
  return system
}

/** The equations at a slip, coils' couplings in place. */
export function systemAt({ circuit, index, base }: Prepared, slip: number, sense: 1 | -1): ComplexSystem {
  const system = copySystem(base)
  const { coils, machine } = circuit
  if (!machine) return system
  const frequency = circuit.hertz / machine.ratedHertz
  const z = coilImpedances(coils, fieldAt(machine.constants, slip, frequency), sense, frequency)
  const nodes = index.size
  z.forEach((row, k) => row.forEach((zkj, j) => add(system, nodes + k, nodes + j, complex(-zkj.re, -zkj.im))))
  return system
}

/** Torque at a slip, without describing the rest: what a search for the running speed asks for. */
export function torqueAt(prepared: Prepared, slip: number, sense: 1 | -1): number {
  const system = systemAt(prepared, slip, sense)
  solveSystem(system)
  return torqueFrom(prepared, coilAmpsOf(prepared, system), slip, sense)
}

const coilAmpsOf = ({ circuit, index }: Prepared, { rightRe, rightIm }: ComplexSystem): Complex[] =>
  circuit.coils.map((_, k) => complex(rightRe[index.size + k]!, rightIm[index.size + k]))

/** Torque, synchronous watts; positive with the forward field. Derived: double revolving fields (textbook, from memory). */
export function torqueFrom(
  { circuit: { coils, machine, hertz } }: Prepared,
  amps: readonly Complex[],
  slip: number,
  sense: 1 | -1,
): number {
  return machine
    ? torqueOf(coils, amps, fieldAt(machine.constants, slip, hertz / machine.ratedHertz), sense)
    : 0
}

/** The circuit at one slip, by nodal analysis. `sense` -1: the rotor turns against the plug's direction. */
export function solveAt(
  prepared: Prepared,
  slip: number,
  sense: 1 | -1 = prepared.circuit.machine?.sense ?? 1,
): Solution {
  const system = systemAt(prepared, slip, sense)
  solveSystem(system)
  const coilAmps = coilAmpsOf(prepared, system)
  const volts = new Map<string, Complex>([[EARTH, ZERO]])
  prepared.index.forEach((i, node) => volts.set(node, complex(system.rightRe[i]!, system.rightIm[i])))
  prepared.floating.forEach((node) => void (volts.has(node) || volts.set(node, ZERO)))
  return {
    slip,
    floating: prepared.floating,
    coilAmps,
    volts,
    torque: torqueFrom(prepared, coilAmps, slip, sense),
  }
}

function add({ size, re, im }: ComplexSystem, row: number, column: number, y: Complex): void {
  if (row < 0 || column < 0) return
  re[row * size + column] = at(re, row * size + column) + y.re
  im[row * size + column] = at(im, row * size + column) + y.im
}

function stamp(system: ComplexSystem, a: number, b: number, y: Complex): void {
  const opposite = complex(-y.re, -y.im)
  add(system, a, a, y)
  add(system, b, b, y)
  add(system, a, b, opposite)
  add(system, b, a, opposite)
}

function inject({ rightRe, rightIm }: ComplexSystem, into: number, outOf: number, amps: Complex): void {
  if (into >= 0) {
    rightRe[into] = at(rightRe, into) + amps.re
    rightIm[into] = at(rightIm, into) + amps.im
  }
  if (outOf >= 0) {
    rightRe[outOf] = at(rightRe, outOf) - amps.re
    rightIm[outOf] = at(rightIm, outOf) - amps.im
  }
}

const between = ({ volts }: Pick<Solution, 'volts'>, a: string, b: string): Complex =>
  minus(volts.get(a) ?? ZERO, volts.get(b) ?? ZERO)

/** Current from a to b through the element of this id; null when there is none. */
export function ampsThrough(circuit: Circuit, solution: Solution, id: string): Complex | null {
  const resistor = circuit.resistors.find((r) => r.id === id)
  if (resistor)
    return over(between(solution, resistor.a, resistor.b), complex(resistor.ohms, resistor.reactanceOhms))
  const capacitor = circuit.capacitors.find((c) => c.id === id)
  if (capacitor)
    return times(between(solution, capacitor.a, capacitor.b), admittance(capacitor, circuit.hertz))
  const source = circuit.sources.find((s) => s.id === id)
  if (source) return over(minus(source.volts, between(solution, source.a, source.b)), complex(source.ohms))
  const coil = circuit.coils.findIndex((c) => c.id === id)
  return coil >= 0 ? at(solution.coilAmps, coil) : null
}
