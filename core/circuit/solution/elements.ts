// The circuit of a hookup in one mode, as elements between named nodes. Whoever solves it or writes it as SPICE starts here.
import type { Complex } from '../../quantity/complex'
import type { MachineConstants } from '../../motor/machine/constants'
import type { Coil } from '../../motor/machine/field'

/** The reference: chassis and earth. */
export const EARTH = 'EARTH'

/** A voltage source with what lies behind it. */
export interface Source {
  readonly id: string
  readonly a: string
  readonly b: string
  /** RMS phasor of a against b. */
  readonly volts: Complex
  /** Of the branch circuit behind it; above 0. */
  readonly ohms: number
}

/** A resistor, with a reactance in series where it has one. */
export interface Resistor {
  readonly id: string
  readonly a: string
  readonly b: string
  readonly ohms: number
  /** In series; 0 for a plain resistor. */
  readonly reactanceOhms: number
}

/** A capacitor. */
export interface Capacitor {
  readonly id: string
  readonly a: string
  readonly b: string
  readonly microfarads: number
}

/** One coil of the motor between two nodes. */
export interface MotorCoil extends Coil {
  readonly id: string
  readonly a: string
  readonly b: string
}

/** Elements between named nodes, at one frequency. */
export interface Circuit {
  readonly hertz: number
  readonly sources: readonly Source[]
  readonly resistors: readonly Resistor[]
  readonly capacitors: readonly Capacitor[]
  /** Coils of one machine, coupled; empty where there is none. */
  readonly coils: readonly MotorCoil[]
  readonly machine: {
    readonly constants: MachineConstants
    readonly ratedHertz: number
    readonly sense: 1 | -1
  } | null
  /** Nodes that must have an answer though nothing is on them: posts and lead ends. */
  readonly named: readonly string[]
}
