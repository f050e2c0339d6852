// Which jobs home shows: found by words, by how far they are, and those that were put away only where they are asked for.
import type { JobSummary } from '@oak/core/job/summary/summary'
import type { VisitKind } from '@oak/core/job/visit/visit-kinds'
import { momentText } from '../../ui/dates'

export type HomeState = 'all' | 'open' | 'waiting' | 'later' | 'estimate' | 'done' | 'away'
export const STATE_OPTIONS: readonly { readonly value: HomeState; readonly text: string }[] = [
  { value: 'all', text: 'all' },
  { value: 'open', text: 'open' },
  { value: 'waiting', text: 'waiting' },
  { value: 'later', text: 'come back' },
  { value: 'estimate', text: 'estimate out' },
  { value: 'done', text: 'done' },
  { value: 'away', text: 'put away' },
]

export interface HomeAsked {
  readonly text: string
  readonly state: HomeState
}
export const ASKED_NOTHING: HomeAsked = { text: '', state: 'all' }

/** Fewer are seen at a glance. */
const SEARCHED_FROM = 6
export const isSearched = (summaries: ReadonlyMap<string, JobSummary>): boolean =>
  summaries.size >= SEARCHED_FROM || [...summaries.values()].some(({ removed }) => removed)

/** What each state asks for; a job that was stopped is open, for somebody has to go on with it. */
const KINDS: Readonly<Record<Exclude<HomeState, 'all' | 'away'>, readonly VisitKind[]>> = {
  open: ['open', 'stopped'],
  waiting: ['waiting'],
  later: ['later'],
  estimate: ['estimate'],
  done: ['done', 'ended'],
}

/** One that nobody can judge is open: somebody has to look at it. */
function isInState({ removed, standing }: JobSummary, state: HomeState): boolean {
  if (state === 'away') return removed
  if (removed) return false
  return state === 'all' || KINDS[state].includes(standing?.kind ?? 'open')
}

/** The latest first. `stillToJudge` comes before it. */
export function homeJobs(summaries: Iterable<JobSummary>, { text, state }: HomeAsked): JobSummary[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  return [...summaries]
    .filter((job) => {
      if (!isInState(job, state)) return false
      const said =
        words.length === 0 ? '' : `${job.title} ${job.site} ${job.unitName} ${job.owner}`.toLowerCase()
      return words.every((word) => said.includes(word))
    })
    .sort((a, b) => b.at - a.at)
}

/** Jobs whose state is to be worked out before it can be asked for; `tried`: those that could not be, as they are now. */
export const stillToJudge = (
  summaries: Iterable<JobSummary>,
  { state }: HomeAsked,
  tried: ReadonlySet<JobSummary>,
): JobSummary[] =>
  state === 'all' || state === 'away'
    ? []
    : [...summaries].filter((one) => !one.removed && one.standing === null && !tried.has(one))

/** A job that nobody named is told from another one by when it was begun. */
export const jobName = ({ title, begun }: Pick<JobSummary, 'title' | 'begun'>): string =>
  title || (Number.isFinite(begun) ? `Unnamed, begun ${momentText(begun)}` : 'Unnamed job')
