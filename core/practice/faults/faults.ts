// Every fault that a practice unit can have.
import { CAPACITOR_FAULTS } from './capacitor-faults'
import { COMPRESSOR_FAULTS } from './compressor-faults'
import { CONTROL_FAULTS } from './control-faults'
import type { Fault } from './fault'
import { MOTOR_FAULTS } from './motor-faults'
import { WIRING_FAULTS } from './wiring-faults'

export const FAULTS: readonly Fault[] = [
  ...CAPACITOR_FAULTS,
  ...MOTOR_FAULTS,
  ...WIRING_FAULTS,
  ...CONTROL_FAULTS,
  ...COMPRESSOR_FAULTS,
]

/** The fault of that id; undefined: there is none. */
export const faultById = (id: string): Fault | undefined => FAULTS.find((fault) => fault.id === id)
