// Which jobs home shows: found by words, by how far they are, and those that were put away only where they are asked for.
import type { JobDocument } from '@oak/core/job/document'
import type { VisitKind } from '@oak/core/job/visit/visit-state'
import type { JobEntry } from '../../platform/state/jobs'
import { momentText } from '../../ui/dates'
import { lastEdit } from './last-edit'

export const HOME_STATES = ['all', 'open', 'waiting', 'later', 'estimate', 'done', 'away'] as const
export type HomeState = (typeof HOME_STATES)[number]
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
export const isSearched = (entries: readonly JobEntry[]): boolean =>
  entries.length >= SEARCHED_FROM || entries.some(({ document }) => document.removed)

/** What each state asks for; a job that was stopped is open, for somebody has to go on with it. */
const KINDS: Readonly<Record<Exclude<HomeState, 'all' | 'away'>, readonly VisitKind[]>> = {
  open: ['open', 'stopped'],
  waiting: ['waiting'],
  later: ['later'],
  estimate: ['estimate'],
  done: ['done', 'ended'],
}

type StateOf = (job: JobDocument) => { readonly kind: VisitKind }

function isInState(job: JobDocument, state: HomeState, stateOf: StateOf): boolean {
  if (state === 'away') return job.removed
  if (job.removed) return false
  return state === 'all' || KINDS[state].includes(stateOf(job).kind)
}

/** The latest first. `stateOf`: asked only where it matters. */
export function homeJobs(
  entries: readonly JobEntry[],
  { text, state }: HomeAsked,
  stateOf: StateOf,
): JobEntry[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  return entries
    .filter(({ document: job }) => {
      const said = `${job.title} ${job.site} ${job.unitName} ${job.owner}`.toLowerCase()
      return words.every((word) => said.includes(word)) && isInState(job, state, stateOf)
    })
    .sort((a, b) => lastEdit(b) - lastEdit(a))
}

/** A job that nobody named is told from another one by when it was begun. */
export function jobName({ document: { title }, changes }: JobEntry): string {
  const begun = changes.reduce((first, { at }) => Math.min(first, at), Infinity)
  return title || (Number.isFinite(begun) ? `Unnamed, begun ${momentText(begun)}` : 'Unnamed job')
}
