// Modified nodal analysis of one mode at one slip: node voltages and coil currents as RMS phasors.
// Parts without a path to earth get a reference of their own and are named; nothing comes out as NaN.
import { complex, minus, over, plus, times, ZERO, type Complex } from '../../quantity/complex'
import { coilImpedances, fieldAt, torqueOf } from '../../motor/machine/field'
import { Conductors } from '../../wiring/conductors'
import { EARTH, type Circuit } from './elements'
import { emptySystem, solveSystem, type ComplexSystem } from './linear'

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

/** What stays the same at every slip: nodes and their numbers, and which float. */
export interface Prepared {
  readonly circuit: Circuit
  readonly index: ReadonlyMap<string, number>
  readonly floating: ReadonlySet<string>
  /** One node of each floating part, tied to the reference. */
  readonly tied: readonly string[]
}

export function prepare(circuit: Circuit): Prepared {
  const parts = new Conductors()
  const nodes = new Set<string>([EARTH, ...circuit.named])
  for (const { a, b } of [...circuit.sources, ...circuit.resistors, ...circuit.capacitors, ...circuit.coils]) {
    parts.join(a, b)
    nodes.add(a).add(b)
  }
  const floating = new Set([...nodes].filter((node) => !parts.joined(node, EARTH)))
  const seen = new Set<string>()
  const tied = [...floating].filter((node) => !seen.has(parts.find(node)) && seen.add(parts.find(node)))
  nodes.delete(EARTH)
  return { circuit, index: new Map([...nodes].map((node, i) => [node, i])), floating, tied }
}

export function solveAt({ circuit, index, floating, tied }: Prepared, slip: number, sense: 1 | -1 = circuit.machine?.sense ?? 1): Solution {
  const { coils, machine } = circuit
  const nodes = index.size
  const system = emptySystem(nodes + coils.length)
  const at = (node: string) => index.get(node) ?? -1
  circuit.sources.forEach(({ a, b, volts, ohms }) => {
    stamp(system, at(a), at(b), complex(1 / ohms))
    inject(system, at(a), at(b), { re: volts.re / ohms, im: volts.im / ohms })
  })
  circuit.resistors.forEach(({ a, b, ohms, reactanceOhms }) => stamp(system, at(a), at(b), over(complex(1), complex(ohms, reactanceOhms))))
  circuit.capacitors.forEach(({ a, b, microfarads }) => stamp(system, at(a), at(b), complex(0, 2 * Math.PI * circuit.hertz * microfarads * 1e-6)))
  tied.forEach((node) => stamp(system, at(node), -1, complex(1)))
  const field = machine ? fieldAt(machine.constants, slip, circuit.hertz / machine.ratedHertz) : null
  if (machine && field) stampCoils(system, nodes, circuit, coilImpedances(coils, field, sense, circuit.hertz / machine.ratedHertz), at)
  solveSystem(system)
  const value = (i: number): Complex => complex(system.rightRe[i] ?? 0, system.rightIm[i] ?? 0)
  const coilAmps = coils.map((_, k) => value(nodes + k))
  return {
    slip, floating, coilAmps,
    volts: new Map([[EARTH, ZERO], ...[...index].map(([node, i]): [string, Complex] => [node, value(i)])]),
    torque: field ? torqueOf(coils, coilAmps, field, sense) : 0,
  }
}

function add({ size, re, im }: ComplexSystem, row: number, column: number, y: Complex): void {
  if (row < 0 || column < 0) return
  re[row * size + column] = (re[row * size + column] as number) + y.re
  im[row * size + column] = (im[row * size + column] as number) + y.im
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
    rightRe[into] = (rightRe[into] as number) + amps.re
    rightIm[into] = (rightIm[into] as number) + amps.im
  }
  if (outOf >= 0) {
    rightRe[outOf] = (rightRe[outOf] as number) - amps.re
    rightIm[outOf] = (rightIm[outOf] as number) - amps.im
  }
}

/** Each coil's current is an unknown of its own; its row says that the voltage along it is what all coils' currents make. */
function stampCoils(system: ComplexSystem, nodes: number, { coils }: Circuit, impedances: readonly (readonly Complex[])[], at: (node: string) => number): void {
  coils.forEach(({ a, b }, k) => {
    const row = nodes + k
    for (const [node, sign] of [[at(a), 1], [at(b), -1]] as const) {
      add(system, node, row, complex(sign))
      add(system, row, node, complex(sign))
    }
    coils.forEach((_, j) => {
      const z = (impedances[k] as readonly Complex[])[j] as Complex
      add(system, row, nodes + j, complex(-z.re, -z.im))
    })
  })
}

const between = ({ volts }: Solution, a: string, b: string): Complex => minus(volts.get(a) ?? ZERO, volts.get(b) ?? ZERO)

/** Current from a to b through the element of this id; null when there is none. */
export function ampsThrough(circuit: Circuit, solution: Solution, id: string): Complex | null {
  const resistor = circuit.resistors.find((r) => r.id === id)
  if (resistor) return over(between(solution, resistor.a, resistor.b), complex(resistor.ohms, resistor.reactanceOhms))
  const capacitor = circuit.capacitors.find((c) => c.id === id)
  if (capacitor) return times(between(solution, capacitor.a, capacitor.b), complex(0, 2 * Math.PI * circuit.hertz * capacitor.microfarads * 1e-6))
  const source = circuit.sources.find((s) => s.id === id)
  if (source) return over(minus(source.volts, between(solution, source.a, source.b)), complex(source.ohms))
  const coil = circuit.coils.findIndex((c) => c.id === id)
  return coil >= 0 ? (solution.coilAmps[coil] as Complex) : null
}

export const voltsBetween = between
export const sumOf = (list: readonly Complex[]): Complex => list.reduce(plus, ZERO)
