// What the start-up of a job says, from the record alone: the same judge as on its screen, for the papers and the list of jobs.
import { requestOnSupply } from '../circuit/request'
import { startUpOf, type StartUpAnswer } from '../startup/start-up'
import { knownUnitType } from '../wiring/unit-types'
import { wireProblems } from '../wiring/wire-problems'
import type { JobDocument } from './document'
import { startupInput } from './inputs/startup-input'

/** Something was read or seen at the first power. */
export const wasStarted = ({ startup, measurements }: JobDocument): boolean =>
  startup.turned !== undefined ||
  Object.keys(measurements).some((probe) => /^(amps|volts)-start /.test(probe))

/** Each job's answer is worked out once: a document never changes, a changed job is another one. */
const answers = new WeakMap<JobDocument, StartUpAnswer>()

/** The start-up's verdict; null: nothing was started, or the hookup is not whole enough to be worked out. */
export function jobStartUp(job: JobDocument): StartUpAnswer | null {
  if (!wasStarted(job)) return null
  const held = answers.get(job)
  if (held) return held
  const input = startupInput(job)
  if (!input) return null
  const { hookup, ...facts } = input
  const { unit, supply: known, ...rest } = hookup
  const type = knownUnitType(unit)
  // A record that contradicts itself has no circuit to hold a reading against.
  if (wireProblems(type, rest.wires).length > 0) return null
  const { request, supply } = requestOnSupply(type, known, rest)
  const answer = startUpOf(request, supply, facts)
  answers.set(job, answer)
  return answer
}

/** Why what was proven does not hold since the unit was powered, in one sentence; null: nothing speaks against it. */
export function startUpStop(job: JobDocument): string | null {
  const answer = jobStartUp(job)
  return answer?.stopped ? answer.sentence : null
}
