// What the robot knows of the app: the answers of its operations, by name, and nothing else.
import { runOperation } from '../../core/operations/registry'
import type { DiagnoseOutput } from '../../core/operations/diagnose'
import type { HookupOutput } from '../../core/operations/hookup-output'
import type { MatchMotorOutput } from '../../core/operations/match-motor'
import type { CapacitorPlanOutput } from '../../core/operations/capacitor-plan'
import type { WantedOutput } from '../../core/operations/wanted-microfarads'
import type { StartupOutput } from '../../core/operations/startup-verdict'
import type { FitStepsOutput } from '../../core/operations/fit-steps'
import type { Rotation } from '../../core/rotation/view'

interface Answers {
  'make-safe': {
    readonly prove: readonly { readonly between: readonly [string, string] }[]
    readonly open: readonly string[]
  }
  diagnose: DiagnoseOutput
  hookup: HookupOutput
  'match-motor': MatchMotorOutput
  'capacitor-plan': CapacitorPlanOutput
  'wanted-microfarads': WantedOutput
  'startup-verdict': StartupOutput
  'fit-steps': FitStepsOutput
  'assign-speeds': {
    readonly assignments: readonly { readonly output: string; readonly speed: string | null }[]
  }
  rotation: {
    readonly wanted: Rotation | null
    readonly leadEnd: 'CW' | 'CCW' | null
    readonly refusal: string | null
  }
}

/** Asks an operation. What it refuses is thrown: a robot that is told "bad input" is stuck. */
export function ask<N extends keyof Answers>(name: N, input: unknown): Answers[N] {
  const result = runOperation(name, input)
  if (!result.ok) throw new Error(`${name}: ${result.error.path}: ${result.error.message}`)
  return result.output as Answers[N]
}
