// What the solved circuit says of a mode, as the figures beside the board tell it. No rendering here.
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { figure } from '@oak/core/quantity/display'
import type { Rotation } from '@oak/core/rotation/view'

export type Mode = HookupOutput['proof']['modes'][number]

export interface ModeWords {
  /** The way the shaft starts, else the way the plug is set; null: nothing tells it before power. */
  readonly turning: Rotation | null
  /** Stands before the direction: "Starts", "Stands; set to"; a whole sentence where none is known. */
  readonly does: string
  /** rpm, amps, capacitor volts, start torque; empty where the motor does not run. */
  readonly figures: readonly string[]
}

/** Below this a motor without a model takes no current worth the name, A. Our judgement. */
const RUNNING_AMPS = 0.1

/** `set`: as the plug is set, null of three phases; `solved`: the motor has a two-winding model, so that its start is known. */
export function describeMode(mode: Mode | undefined, set: Rotation | null, solved: boolean): ModeWords {
  const motor = mode?.solution.motor
  const runs = motor !== undefined && (solved ? motor.direction !== 0 : motor.amps > RUNNING_AMPS)
  if (set === null) return unknownTurn(mode, motor?.amps ?? 0)
  const turning = motor?.direction === -1 ? reversed(set) : set
  if (!runs)
    return { turning, does: mode?.fanRuns ? 'Does not start; set to' : 'Stands; set to', figures: [] }
  const amps = `${figure(motor.amps, 1)} A${motor.line === null ? '' : ` in ${motor.line}`}`
  return { turning, does: 'Starts', figures: solved ? solvedFigures(mode, amps) : [amps] }
}

/** Three phases: fed on all of them it runs, and which way is seen at first power. */
function unknownTurn(mode: Mode | undefined, amps: number): ModeWords {
  if (amps <= RUNNING_AMPS)
    return { turning: null, does: mode?.fanRuns ? 'Has no power.' : 'Stands.', figures: [] }
  return {
    turning: null,
    does: 'On power. Which way it turns, first power shows.',
    figures: [`${figure(amps, 1)} A in each of its three leads`],
  }
}

function solvedFigures(mode: Mode | undefined, amps: string): string[] {
  if (!mode) return [amps]
  const { motor } = mode.solution
  const capacitor = motor.capacitorVolts ?? 0
  return [
    `${figure(motor.rpm, 0)} rpm`,
    amps,
    ...(capacitor > 0 ? [`capacitor ${figure(capacitor, 0)} V`] : []),
    `start torque ${figure(100 * Math.abs(motor.startTorque), 0)} %`,
  ]
}

const reversed = (rotation: Rotation): Rotation => ({
  ...rotation,
  direction: rotation.direction === 'CW' ? 'CCW' : 'CW',
})
