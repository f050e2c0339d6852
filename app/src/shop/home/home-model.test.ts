import { EMPTY_JOB, type JobDocument } from '@oak/core/job/document'
import type { JobId } from '@oak/core/job/job-id'
import type { Standing } from '@oak/core/job/summary/standing-words'
import { summaryOf, type JobSummary } from '@oak/core/job/summary/summary'
import type { VisitKind } from '@oak/core/job/visit/visit-kinds'
import { momentText } from '../../ui/dates'
import {
  ASKED_NOTHING,
  homeJobs,
  isSearched,
  jobName,
  STATE_OPTIONS,
  stillToJudge,
  type HomeAsked,
} from './home-model'

const at = (id: string, when: number) => ({
  id: `${id}${when}`,
  job: id as JobId,
  path: ['title'],
  value: '',
  at: when,
  device: 'd',
  technician: '',
})
const summary = (id: string, more: Partial<JobDocument>, ...when: number[]): JobSummary =>
  summaryOf(
    id,
    when.map((one) => at(id, one)),
    { ...EMPTY_JOB, ...more },
  )
const JOBS = [
  summary('old', { title: 'Bakery fan', site: 'Harbour 2' }, 10, 20),
  summary('new', { title: 'Clinic', unitName: 'Roof 3', owner: 'Gull Ltd' }, 5, 40),
  summary('away', { title: 'Gone', removed: true }, 50),
  summary('out', { title: 'Hall' }, 30),
  summary('taken', { title: 'Mill' }, 15),
  summary('later', { title: 'Pier' }, 14),
  summary('bad', { title: 'Yard' }, 13),
  summary('over', { title: 'Shed' }, 12),
]
const KINDS: Readonly<Record<string, VisitKind>> = {
  Clinic: 'done',
  Gone: 'away',
  Hall: 'estimate',
  'Bakery fan': 'waiting',
  Pier: 'later',
  Yard: 'stopped',
  Shed: 'ended',
}
const standing = (kind: VisitKind): Standing => ({
  kind,
  words: null,
  mark: null,
  proof: 'none',
  next: 'wires',
  stages: 'eeeeeeeeee',
})
const JUDGED = JOBS.map((job) => ({ ...job, standing: standing(KINDS[job.title] ?? 'open') }))
const ids = (more: Partial<HomeAsked> = {}, jobs: readonly JobSummary[] = JUDGED) =>
  homeJobs(jobs, { ...ASKED_NOTHING, ...more }).map(({ job }) => job)

it('where it is not known how a job stands, that is to be worked out before a state is asked for; put away and all are known at once', () => {
  const mixed = [...JUDGED.slice(1), JOBS[0]!]
  const due = (state: HomeAsked['state']) =>
    stillToJudge(mixed, { ...ASKED_NOTHING, state }, new Set()).map(({ job }) => job)
  expect([due('all'), due('away'), due('waiting')]).toEqual([[], [], ['old']])
  expect(
    stillToJudge(JOBS, { ...ASKED_NOTHING, state: 'done' }, new Set()).map(({ job }) => job),
  ).not.toContain('away')
  // What could not be worked out is not waited for, and is open: somebody has to look at it.
  expect(stillToJudge(mixed, { ...ASKED_NOTHING, state: 'waiting' }, new Set(mixed))).toEqual([])
  expect(ids({ state: 'open' }, mixed)).toContain('old')
  expect(ids({ state: 'waiting' }, mixed)).toEqual([])
  expect(ids({}, mixed)).toContain('old')
})
it('asked for nothing, shows what was not put away, the latest worked on first', () =>
  expect(ids()).toEqual(['new', 'out', 'old', 'taken', 'later', 'bad', 'over']))
it('by state: one that was stopped is open, one that ended without a proof is done', () => {
  expect(ids({ state: 'open' })).toEqual(['taken', 'bad'])
  expect(ids({ state: 'done' })).toEqual(['new', 'over'])
  expect(ids({ state: 'waiting' })).toEqual(['old'])
  expect(ids({ state: 'later' })).toEqual(['later'])
  expect(ids({ state: 'estimate' })).toEqual(['out'])
  expect(ids({ state: 'away' })).toEqual(['away'])
})
it('by words in name, place, unit and owner, in any order and case, all of them', () => {
  expect(ids({ text: '  HARBOUR bak ' })).toEqual(['old'])
  expect(ids({ text: 'gull' })).toEqual(['new'])
  expect(ids({ text: 'roof clinic' })).toEqual(['new'])
  expect(ids({ text: 'roof bakery' })).toEqual([])
  expect(ids({ text: 'gone' })).toEqual([])
  expect(ids({ text: 'gone', state: 'away' })).toEqual(['away'])
})
it('is searched from six jobs on, and where one was put away: else it could not be found again', () => {
  const named = (count: number) =>
    new Map(Array.from({ length: count }, (_, i) => [`${i}`, summary(`${i}`, {}, 1)] as const))
  expect([
    isSearched(named(5)),
    isSearched(named(6)),
    isSearched(named(0)),
    isSearched(new Map([['a', summary('a', { removed: true }, 1)]])),
  ]).toEqual([false, true, false, true])
})
it('a job that nobody named is called by when it was begun', () => {
  expect(jobName(summary('a', { title: 'Fan dead' }, 7))).toBe('Fan dead')
  expect(jobName(summary('a', {}, 9, 7))).toBe(`Unnamed, begun ${momentText(7)}`)
  expect(jobName(summary('a', {}))).toBe('Unnamed job')
})
it('every state has its word', () =>
  expect(STATE_OPTIONS.map(({ text }) => text)).toEqual([
    'all',
    'open',
    'waiting',
    'come back',
    'estimate out',
    'done',
    'put away',
  ]))
