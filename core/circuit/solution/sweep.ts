// One capacitor through many values: a change of one element is a change of rank one, so the equations are eliminated once and each
// value costs a few multiplications (Sherman and Morrison, from memory). Exact, not an approximation.
import { complex, minus, over, plus, times, type Complex } from '../../quantity/complex'
import { solveSystem, type ComplexSystem } from './linear'
import { admittance, systemAt, torqueFrom, type Prepared } from './solve'

/** The circuit with one value of the swept capacitor. */
export interface SweepPoint {
  readonly microfarads: number
  /** Across that capacitor, V. */
  readonly capacitorVolts: number
  readonly coilAmps: readonly Complex[]
  readonly torque: number
}

/** null when the circuit has no capacitor of this id. */
export function sweepCapacitor(
  prepared: Prepared,
  slip: number,
  id: string,
  values: readonly number[],
  sense: 1 | -1 = prepared.circuit.machine?.sense ?? 1,
): SweepPoint[] | null {
  const { circuit, index } = prepared
  const capacitor = circuit.capacitors.find((c) => c.id === id)
  if (!capacitor) return null
  const [a, b] = [index.get(capacitor.a) ?? -1, index.get(capacitor.b) ?? -1]
  const solution = solved(prepared, slip, sense, null)
  const response = solved(prepared, slip, sense, [a, b])
  const across = (x: ComplexSystem): Complex => minus(at(x, a), at(x, b))
  const [held, own] = [across(solution), across(response)]
  const base = admittance(capacitor, circuit.hertz)
  return values.map((microfarads) => {
    const change = minus(admittance({ microfarads }, circuit.hertz), base)
    // V = V0 - z * y * (e.V0) / (1 + y e.z)
    const factor = over(times(change, held), plus(complex(1), times(change, own)))
    const moved = (i: number): Complex => minus(at(solution, i), times(factor, at(response, i)))
    const volts = minus(a < 0 ? complex(0) : moved(a), b < 0 ? complex(0) : moved(b))
    const coilAmps = circuit.coils.map((_, k) => moved(index.size + k))
    return {
      microfarads,
      capacitorVolts: Math.hypot(volts.re, volts.im),
      coilAmps,
      torque: torqueFrom(prepared, coilAmps, slip, sense),
    }
  })
}

const at = ({ rightRe, rightIm }: ComplexSystem, i: number): Complex =>
  i < 0 ? complex(0) : complex(rightRe[i]!, rightIm[i])

/** The circuit's own answer, or its response to one ampere into a and out of b. */
function solved(
  prepared: Prepared,
  slip: number,
  sense: 1 | -1,
  unit: readonly [number, number] | null,
): ComplexSystem {
  const system = systemAt(prepared, slip, sense)
  if (unit) {
    system.rightRe.fill(0)
    system.rightIm.fill(0)
    const [a, b] = unit
    if (a >= 0) system.rightRe[a] = 1
    if (b >= 0) system.rightRe[b] = (system.rightRe[b] ?? 0) - 1
  }
  solveSystem(system)
  return system
}
