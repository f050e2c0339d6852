import { EMPTY_JOB, type JobDocument } from '@oak/core/job/document'
import type { VisitKind } from '@oak/core/job/visit/visit-state'
import type { JobEntry } from '../../platform/state/jobs'
import { momentText } from '../../ui/dates'
import { ASKED_NOTHING, homeJobs, isSearched, jobName, STATE_OPTIONS, type HomeAsked } from './home-model'

const entry = (id: string, more: Partial<JobDocument>, ...at: number[]): JobEntry => ({
  id,
  document: { ...EMPTY_JOB, ...more },
  changes: at.map((one, i) => ({
    id: `${id}${i}`,
    job: id,
    path: ['title'],
    value: '',
    at: one,
    device: 'd',
    technician: '',
  })),
})
const LINE = {
  a: { kind: 'part', text: 'Motor', hundredths: 100, cents: 1, taxed: true },
} as JobDocument['estimateLines']
const ACCEPTED = { name: 'A', at: 1, cents: 1, signature: null }
const JOBS = [
  entry('old', { title: 'Bakery fan', site: 'Harbour 2' }, 10, 20),
  entry('new', { title: 'Clinic', unitName: 'Roof 3', owner: 'Gull Ltd' }, 5, 40),
  entry('away', { title: 'Gone', removed: true }, 50),
  entry('out', { title: 'Hall', estimateLines: LINE }, 30),
  entry('taken', { title: 'Mill', estimateLines: LINE, acceptance: ACCEPTED }, 15),
  entry('later', { title: 'Pier' }, 14),
  entry('bad', { title: 'Yard' }, 13),
  entry('over', { title: 'Shed' }, 12),
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
const stateOf = (job: JobDocument) => ({ kind: KINDS[job.title] ?? ('open' as const) })
const ids = (more: Partial<HomeAsked> = {}) =>
  homeJobs(JOBS, { ...ASKED_NOTHING, ...more }, stateOf).map(({ id }) => id)

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
  const named = (count: number) => Array.from({ length: count }, (_, i) => entry(`${i}`, {}, 1))
  expect([
    isSearched(named(5)),
    isSearched(named(6)),
    isSearched([]),
    isSearched([entry('a', { removed: true }, 1)]),
  ]).toEqual([false, true, false, true])
})
it('a job that nobody named is called by when it was begun', () => {
  expect(jobName(entry('a', { title: 'Fan dead' }, 7))).toBe('Fan dead')
  expect(jobName(entry('a', {}, 9, 7))).toBe(`Unnamed, begun ${momentText(7)}`)
  expect(jobName(entry('a', {}))).toBe('Unnamed job')
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
