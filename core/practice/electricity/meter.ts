// What a meter shows between two spots of a practice unit: volts, ohms, µF; amps round a lead; with its own resistance, ranges, OL.
import { magnitude, minus, ZERO } from '../../quantity/complex'
import type { Quantity } from '../../meter/measurement'
import { USUAL_ACCURACY } from '../../meter/measurement'
import { leadElement } from '../../circuit/solution/build'
import type { Circuit, Resistor } from '../../circuit/solution/elements'
import { ampsThrough, prepare, solveAt } from '../../circuit/solution/solve'
import { complex } from '../../quantity/complex'
import type { Running } from './running'
import { withMeter } from './running'

/** A meter's own resistance on volts, ohms. Common practice, no source. */
const METER_OHMS = 10e6
/** Beyond these it shows OL. Common practice, no source. */
const METER_RANGE = { ohms: 40e6, microfarads: 1000, volts: 1000, amps: 400 } as const
/** With less than this beside it, a capacitor is not charged by the meter's little current: no figure, ohms. Common practice, no source. */
const LEAST_BESIDE_OHMS = 5000
/** Behind the meter's own source on ohms; any value gives the same answer (derived). */
const TEST_OHMS = 1000

/** Direct-current ohms of what the circuit has as a running load: a compressor's windings; a share of a three-phase motor's. Our judgement. */
const COMPRESSOR_OHMS: Readonly<Record<string, number>> = { 'compressor run': 1.1, 'compressor start': 3.2 }
const THREE_PHASE_SHARE = 0.08
const COMPRESSOR_PHASE_OHMS = 0.7
/** Into the rectifier of a motor with electronics. Our judgement. */
const RECTIFIER_OHMS = 1.2e6

/** A figure, or OL. */
export type Shown = number | 'OL'

/** AC volts between two nodes, at the speed it runs. */
export function voltsBetween(running: Running, a: string, b: string): number {
  if (a === b) return 0
  const { volts } = withMeter(running, a, b, METER_OHMS)
  return magnitude(minus(volts.get(a) ?? ZERO, volts.get(b) ?? ZERO))
}

/** Amps in a lead that is landed; 0 in one that hangs. */
export const ampsIn = ({ built, solution }: Running, lead: string): number =>
  magnitude(ampsThrough(built.circuit, solution, leadElement(lead)) ?? ZERO)

/** What direct current meets: no coil's reactance, no capacitor, no supply. */
function directOhms({ id, ohms }: Resistor, shortedCompressor: boolean): number {
  if (id === 'compressor run' && shortedCompressor) return 0.2
  if (COMPRESSOR_OHMS[id] !== undefined) return COMPRESSOR_OHMS[id]
  if (id.startsWith('compressor ')) return COMPRESSOR_PHASE_OHMS
  if (id.startsWith('phase ')) return ohms * THREE_PHASE_SHARE
  return id === 'motor' ? RECTIFIER_OHMS : ohms
}

const plain = (resistors: readonly Resistor[], hertz: number): Circuit => ({
  hertz,
  sources: [],
  resistors,
  capacitors: [],
  coils: [],
  machine: null,
  named: [],
})

/** Ohms between two nodes of a circuit of resistors; Infinity: nothing joins them. */
function ohmsOf(circuit: Circuit, a: string, b: string): number {
  if (a === b) return 0
  const test = { id: 'test', a, b, volts: complex(1), ohms: TEST_OHMS }
  const { volts } = solveAt(prepare({ ...circuit, sources: [test] }), 1)
  const across = magnitude(minus(volts.get(a) ?? ZERO, volts.get(b) ?? ZERO))
  const rest = 1 - across
  return rest <= 1e-11 ? Infinity : (across * TEST_OHMS) / rest
}

/** Ohms that a meter finds between two nodes of a unit without power, by every path that is there. */
export function ohmsBetween({ built }: Pick<Running, 'built'>, a: string, b: string): number {
  const { circuit } = built
  const shorted = circuit.resistors.some((r) => r.id === 'compressor run' && r.ohms < 5)
  const resistors = [
    ...circuit.resistors.map((r) => ({ ...r, ohms: directOhms(r, shorted), reactanceOhms: 0 })),
    ...circuit.coils.map(({ id, a: from, b: to, ohms }) => ({ id, a: from, b: to, ohms, reactanceOhms: 0 })),
  ]
  return ohmsOf(plain(resistors, circuit.hertz), a, b)
}

/** µF between two nodes, discharged; null: what stands beside it leaves no figure. */
export function microfaradsBetween(running: Pick<Running, 'built'>, a: string, b: string): number | null {
  if (ohmsBetween(running, a, b) < LEAST_BESIDE_OHMS) return null
  const { circuit } = running.built
  // Capacitors in series and parallel go as conductances do (derived), and what is joined by ohms is one piece beside them.
  const bonded = [...circuit.resistors, ...circuit.coils]
    .filter((r) => r.ohms < LEAST_BESIDE_OHMS)
    .map(({ id, a: from, b: to }) => ({ id, a: from, b: to, ohms: 1e-6, reactanceOhms: 0 }))
  const capacitors = circuit.capacitors.map(({ id, a: from, b: to, microfarads }) => ({
    id,
    a: from,
    b: to,
    ohms: 1000 / microfarads,
    reactanceOhms: 0,
  }))
  return 1000 / ohmsOf(plain([...bonded, ...capacitors], circuit.hertz), a, b)
}

/** The figure as a usual meter shows it: off by a part of what it may be off, in its own steps. `draw` 0 to 1. */
export function shown(quantity: Quantity, value: number, draw: number): Shown {
  const { percent, counts, resolution } = USUAL_ACCURACY[quantity]
  const most = quantity === 'celsius' ? Infinity : METER_RANGE[quantity]
  if (!(value <= most)) return 'OL'
  const off = (0.6 * (2 * draw - 1) * percent) / 100
  const steps = Math.round((0.6 * (2 * draw - 1) * counts) / 2)
  const fine = value >= 1000 ? resolution * 10 ** Math.floor(Math.log10(value) - 2) : resolution
  const figure = Math.max(0, Math.round((value * (1 + off)) / fine + (value > 0 ? steps : 0)) * fine)
  return Number(figure.toPrecision(6))
}
