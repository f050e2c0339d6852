// Which jobs home shows: found by words, by how far they are, and those that were put away only where they are asked for.
import type { JobDocument } from '@oak/core/job/document'
import type { JobEntry } from '../../platform/state/jobs'
import { momentText } from '../../ui/dates'
import { lastEdit } from './last-edit'

export const HOME_STATES = ['all', 'open', 'done', 'estimate', 'away'] as const
export type HomeState = (typeof HOME_STATES)[number]
export const STATE_OPTIONS: readonly { readonly value: HomeState; readonly text: string }[] = [
  { value: 'all', text: 'all' },
  { value: 'open', text: 'open' },
  { value: 'done', text: 'done' },
  { value: 'estimate', text: 'estimate out' },
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

/** An estimate that the owner has not accepted yet. */
const isEstimateOut = ({ estimateLines, acceptance }: JobDocument): boolean =>
  Object.keys(estimateLines).length > 0 && acceptance === null

function isInState(job: JobDocument, state: HomeState, isDone: (job: JobDocument) => boolean): boolean {
  if (state === 'away') return job.removed
  if (job.removed) return false
  switch (state) {
    case 'all':
      return true
    case 'open':
      return !isDone(job)
    case 'done':
      return isDone(job)
    case 'estimate':
      return isEstimateOut(job)
  }
}

/** The latest first. `isDone`: its hookup stands proven; asked only where it matters. */
export function homeJobs(
  entries: readonly JobEntry[],
  { text, state }: HomeAsked,
  isDone: (job: JobDocument) => boolean,
): JobEntry[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean)
  return entries
    .filter(({ document: job }) => {
      const said = `${job.title} ${job.site} ${job.unitName} ${job.owner}`.toLowerCase()
      return words.every((word) => said.includes(word)) && isInState(job, state, isDone)
    })
    .sort((a, b) => lastEdit(b) - lastEdit(a))
}

/** A job that nobody named is told from another one by when it was begun. */
export function jobName({ document: { title }, changes }: JobEntry): string {
  const begun = changes.reduce((first, { at }) => Math.min(first, at), Infinity)
  return title || (Number.isFinite(begun) ? `Unnamed, begun ${momentText(begun)}` : 'Unnamed job')
}
