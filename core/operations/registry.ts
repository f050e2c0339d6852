// The spine: every computation a user can ask for, once. Worker, API, command line and schemas are made from this list.
import { cutText } from '../quantity/whole-text'
import * as v from 'valibot'
import { problemsOf, type Problem } from '../quantity/problem'
import { assignSpeeds } from './assign-speeds'
import { chargeGlance } from './charge-glance'
import { startupVerdict } from './startup-verdict'
import { bladePosition } from './blade-position'
import { capacitorPlan } from './capacitor-plan'
import { carry } from './carry-list'
import { coverage, restockOperation } from './coverage'
import { benchCapacitor } from './bench-capacitor'
import { diagnose } from './diagnose'
import { discharge } from './discharge'
import { estimatePlate } from './estimate-plate'
import { findLeadsOperation, nextPair } from './find-leads'
import { hookup } from './hookup'
import { hookupCard } from './hookup-card'
import { identifyTerminals } from './identify-terminals'
import { makeSafe } from './make-safe'
import { matchBlade } from './match-blade'
import { matchMotor } from './match-motor'
import { motorCurveOperation } from './motor-curve'
import { netlist } from './netlist'
import { practiceReading, practiceUnit } from './practice'
import { practiceCourse, practiceRound, practiceScenario } from './practice-round'
import { prove } from './prove'
import { microfarads } from './microfarads'
import { fitStepsOperation } from './fit-steps'
import { oldCan } from './old-can'
import type { Operation, Tools } from './operation'
import { readCard } from './read-card'
import { readLabel } from './read-label'
import { readPlateOperation } from './read-plate'
import { readTagOperation } from './read-tag'
import { wireColour } from './wire-colour'
import { readWires } from './read-wires'
import { readStock } from './read-stock'
import { report } from './report'
import { rotation } from './rotation'
import { tapPlan } from './tap-plan'
import { wanted } from './wanted-microfarads'

export const OPERATIONS: readonly Operation[] = [
  makeSafe,
  discharge,
  diagnose,
  readLabel,
  readPlateOperation,
  readTagOperation,
  wireColour,
  estimatePlate,
  benchCapacitor,
  identifyTerminals,
  matchMotor,
  matchBlade,
  assignSpeeds,
  microfarads,
  wanted,
  oldCan,
  tapPlan,
  capacitorPlan,
  fitStepsOperation,
  coverage,
  restockOperation,
  readWires,
  findLeadsOperation,
  nextPair,
  hookup,
  prove,
  netlist,
  motorCurveOperation,
  rotation,
  hookupCard,
  readCard,
  readStock,
  carry,
  bladePosition,
  startupVerdict,
  chargeGlance,
  report,
  practiceUnit,
  practiceReading,
  practiceRound,
  practiceCourse,
  practiceScenario,
]

/** Why an operation gave no answer. */
export interface OperationError {
  readonly code: 'unknown-operation' | 'bad-input'
  /** Dotted path of the first field that is wrong; empty for the whole input. */
  readonly path: string
  readonly message: string
  /** All that is wrong, the first included. */
  readonly problems: readonly Problem[]
}

/** An operation's answer, or its error. */
export type OperationResult =
  { readonly ok: true; readonly output: unknown } | { readonly ok: false; readonly error: OperationError }

const operationNamed = (name: string): Operation | undefined =>
  OPERATIONS.find((operation) => operation.name === name)

function unknownName(name: string): OperationError {
  const message = `There is no operation called “${cutText(name, 60)}”. There are: ${OPERATIONS.map((o) => o.name).join(', ')}.`
  return { code: 'unknown-operation', path: '', message, problems: [{ path: '', message }] }
}

/** The error of a name that no operation has; null where one has it. */
export const unknownOperation = (name: string): OperationError | null =>
  operationNamed(name) ? null : unknownName(name)

/** Runs an operation on unchecked input. Bad input is a result, never a throw. */
export function runOperation(name: string, input: unknown, tools: Tools = {}): OperationResult {
  const found = operationNamed(name)
  if (!found) return { ok: false, error: unknownName(name) }
  if (typeof input !== 'object' || input === null || Array.isArray(input))
    return badInput([{ path: '', message: 'The input must be one JSON object.' }])
  const parsed = v.safeParse(found.input, input)
  if (!parsed.success) return badInput(problemsOf(parsed.issues))
  return { ok: true, output: found.run(parsed.output, tools) }
}

/** The error of an input with these problems, the first one leading. */
export function badInput(problems: readonly Problem[]): OperationResult {
  const first = problems[0] ?? { path: '', message: 'The input is wrong.' }
  return { ok: false, error: { code: 'bad-input', ...first, problems } }
}
