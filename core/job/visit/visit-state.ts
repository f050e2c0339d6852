// How a job stands, from what is on record: finished, stopped, waiting for a part, to come back, estimate out, or open.
import { dayWords } from '../../quantity/day'
import { capital, listed } from '../../quantity/display'
import type { JobDocument } from '../document'
import type { Ordered } from '../fields'
import { proofState, type ProofState } from '../standing-proof'
import type { VisitKind } from './visit-kinds'
import { workNames } from './works'

/** How a job stands, and in one line why; null: nothing to say beyond what comes next. */
export interface VisitState {
  readonly kind: VisitKind
  readonly words: string | null
  readonly proof: ProofState
}

/** Parts that have not come yet, the soonest first, those without a day last. */
export const waitingFor = ({ ordered }: Pick<JobDocument, 'ordered'>): Ordered[] =>
  Object.values(ordered)
    .filter((part) => !part.arrived)
    .sort((a, b) => (a.due ?? '9999').localeCompare(b.due ?? '9999'))

/** "Waiting for a 1/4 hp motor from the counter, for 14 Jul 2026, and one more" */
function waitingWords([first, ...more]: readonly Ordered[]): string | null {
  if (!first) return null
  const { what, from, due } = first
  return [
    `Waiting for ${what}${from ? ` from ${from}` : ''}`,
    ...(due ? [`for ${dayWords(due)}`] : []),
    ...(more.length > 0 ? [more.length === 1 ? 'and one more part' : `and ${more.length} more parts`] : []),
  ].join(', ')
}

/** "On 14 Jul 2026: fit the motor" */
export const comeBackWords = ({ on, why }: NonNullable<JobDocument['comeBack']>): string =>
  `${on === null ? 'No day set' : capital(`on ${dayWords(on)}`)}: ${why}`

/** What a visit without a proof came to, from what is on record; null: nothing is. */
export function endWords(job: JobDocument): string | null {
  const works = workNames(job)
  if (works.length > 0) return listed(works)
  const faults = faultsOf(job).map(({ name }) => name)
  if (Object.keys(job.estimateLines).length > 0)
    return faults.length > 0 ? `Estimate made: ${listed(faults)}` : 'Estimate made'
  return faults.length > 0 ? `Found: ${listed(faults)}` : null
}

/** Every fault that was taken, the first one first. */
export const faultsOf = ({ fault, alsoFound }: Pick<JobDocument, 'fault' | 'alsoFound'>) => [
  ...(fault ? [fault] : []),
  ...Object.values(alsoFound).filter(({ cause }) => cause !== fault?.cause),
]

const isEstimateOut = ({ estimateLines, acceptance }: JobDocument): boolean =>
  Object.keys(estimateLines).length > 0 && acceptance === null

/** What is dangerous is said first; what is still to come before what is done. */
export function visitState(job: JobDocument): VisitState {
  const proof = proofState(job)
  const state = (kind: VisitKind, words: string | null): VisitState => ({ kind, words, proof })
  if (job.removed) return state('away', 'Put away')
  if (proof.kind === 'stopped') return state('stopped', `Stopped at start-up: ${proof.sentence}`)
  if (proof.kind === 'ruled-out') return state('stopped', proof.sentence)
  const waiting = waitingWords(waitingFor(job))
  if (waiting !== null) return state('waiting', waiting)
  if (job.comeBack) return state('later', `To come back. ${comeBackWords(job.comeBack)}`)
  if (proof.kind === 'stands') return state('done', proof.proven.sentence)
  if (job.ended) return state('ended', `Ended: ${endWords(job) ?? 'nothing was put on record'}`)
  if (isEstimateOut(job)) return state('estimate', 'Estimate out')
  return state('open', null)
}

/** Why such a part cannot be ordered, beside its field; null: it can. */
export function orderProblem({ ordered }: Pick<JobDocument, 'ordered'>, what: string): string | null {
  const said = what.trim().toLowerCase()
  const twin = Object.values(ordered).find((part) => !part.arrived && part.what.toLowerCase() === said)
  if (!twin) return null
  return `“${twin.what}” is on order already${twin.from ? `, from ${twin.from}` : ''}. For a second one say what it is for.`
}

/** Why no further visit can begin; null: it can. */
export const visitProblem = ({ removed }: Pick<JobDocument, 'removed'>): string | null =>
  removed ? 'This job was put away: bring it back to the list first.' : null
