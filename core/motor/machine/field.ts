// The two-winding motor at one slip, by double revolving fields (textbook, from memory): every coil on the main or the auxiliary
// axis sees the forward and the backward field; the rotor's part of each depends on the slip.
import {
  complex,
  magnitude,
  parallel,
  plus,
  scaled,
  timesJ,
  minus,
  type Complex,
} from '../../quantity/complex'
import type { MachineConstants } from './constants'

/** A coil on one of the machine's two axes. */
export interface Coil {
  readonly axis: 'main' | 'auxiliary'
  /** Effective turns against the main winding's. */
  readonly turns: number
  readonly ohms: number
  /** Leakage reactance at the rated frequency, ohms. */
  readonly reactanceOhms: number
}

/** What a coil sees of the rotor at one slip, ohms. */
export interface Field {
  /** Half the rotor's impedance seen by the forward field, with the magnetizing reactance; and by the backward field. */
  readonly forward: Complex
  readonly backward: Complex
}

/** `frequency` is the supply's over the rated one: reactances go with it. Slip 1 is standstill, 0 synchronous, both exclusive of none: at 0 the forward field is not loaded. */
export function fieldAt(
  { rotorOhms, rotorReactanceOhms, magnetizingOhms }: MachineConstants,
  slip: number,
  frequency = 1,
): Field {
  const magnetizing = complex(0, magnetizingOhms * frequency)
  const half = (s: number): Complex =>
    scaled(
      s <= 0 ? magnetizing : parallel(magnetizing, complex(rotorOhms / s, rotorReactanceOhms * frequency)),
      0.5,
    )
  return { forward: half(slip), backward: half(2 - slip) }
}

/**
 * Impedances between coils, ohms: row k, column j is the voltage along coil k that one ampere in coil j makes. `sense` 1: the auxiliary
 * axis lies so that a leading auxiliary current drives forward; -1: the reversing plug the other way.
 */
export function coilImpedances(
  coils: readonly Coil[],
  { forward, backward }: Field,
  sense: 1 | -1,
  frequency = 1,
): Complex[][] {
  const same = plus(forward, backward)
  const cross = timesJ(scaled(minus(forward, backward), sense))
  return coils.map((k, row) =>
    coils.map((j, column) => {
      const linked = scaled(
        k.axis === j.axis ? same : k.axis === 'auxiliary' ? cross : scaled(cross, -1),
        k.turns * j.turns,
      )
      return row === column ? plus(linked, complex(k.ohms, k.reactanceOhms * frequency)) : linked
    }),
  )
}

/**
 * Torque in synchronous watts (power of the forward field less that of the backward field); divided by the synchronous angular speed it
 * is newton metres. Positive drives forward.
 */
export function torqueOf(
  coils: readonly Coil[],
  currents: readonly Complex[],
  { forward, backward }: Field,
  sense: 1 | -1,
): number {
  const sum = (axis: Coil['axis']) =>
    coils.reduce(
      (total, coil, i) => (coil.axis === axis ? plus(total, scaled(currents[i]!, coil.turns)) : total),
      complex(0),
    )
  const main = sum('main')
  const auxiliary = timesJ(scaled(sum('auxiliary'), sense))
  return (
    magnitude(minus(main, auxiliary)) ** 2 * forward.re - magnitude(plus(main, auxiliary)) ** 2 * backward.re
  )
}
