// The circuit as its coils see it. Only what couples the coils changes with the slip; the rest is eliminated once, and each slip then asks
// for as many unknowns as there are coils (Woodbury's identity, from memory). Exact, not an approximation.
import { complex, minus, plus, times, type Complex } from '../../quantity/complex'
import { coilImpedances, fieldAt } from '../../motor/machine/field'
import { emptySystem, solveSystem } from './linear'
import { systemAt, torqueAt, torqueFrom, type Prepared } from './solve'

/** The slip at which the rest is eliminated: standstill. */
const REFERENCE = 1

/** The torque at a slip, synchronous watts, positive with the forward field: what a search for the running speed asks for many times. */
export function torqueBySlip(prepared: Prepared, sense: 1 | -1): (slip: number) => number {
  const { circuit, index } = prepared
  const { coils, machine } = circuit
  if (!machine) return () => 0
  const impedances = (slip: number) => {
    const frequency = circuit.hertz / machine.ratedHertz
    return coilImpedances(coils, fieldAt(machine.constants, slip, frequency), sense, frequency)
  }
  /** The coils' currents: as the circuit drives them, or answering one volt along coil k. null: they are not all determined. */
  const answer = (k: number | null): Complex[] | null => {
    const system = systemAt(prepared, REFERENCE, sense)
    if (k !== null) {
      system.rightRe.fill(0)
      system.rightIm.fill(0)
      system.rightRe[index.size + k] = 1
    }
    if (solveSystem(system).length > 0) return null
    return coils.map((_, j) => complex(system.rightRe[index.size + j]!, system.rightIm[index.size + j]))
  }
  const held = answer(null)
  const responses = coils.map((_, k) => answer(k))
  if (!held || !responses.every((r) => r !== null)) return (slip) => torqueAt(prepared, slip, sense)
  const reference = impedances(REFERENCE)
  return (slip) => {
    const change = impedances(slip).map((row, k) => row.map((z, j) => minus(z, reference[k]![j]!)))
    return torqueFrom(prepared, withChange(held, responses, change), slip, sense)
  }
}

/** i = held + W·change·i, where column k of W is what one volt along coil k drives: solved for i. */
function withChange(
  held: readonly Complex[],
  responses: readonly (readonly Complex[])[],
  change: readonly (readonly Complex[])[],
): Complex[] {
  const n = held.length
  const system = emptySystem(n)
  for (let row = 0; row < n; row++) {
    system.rightRe[row] = held[row]!.re
    system.rightIm[row] = held[row]!.im
    for (let column = 0; column < n; column++) {
      let driven = complex(0)
      for (let k = 0; k < n; k++) driven = plus(driven, times(responses[k]![row]!, change[k]![column]!))
      system.re[row * n + column] = (row === column ? 1 : 0) - driven.re
      system.im[row * n + column] = -driven.im
    }
  }
  solveSystem(system)
  return held.map((_, k) => complex(system.rightRe[k]!, system.rightIm[k]))
}
