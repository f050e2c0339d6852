import { leadSheetById } from '../../motor/lead-sheets'
import { EMPTY_JOB, type JobDocument } from '../document'
import type { Ordered } from '../fields'
import { FINISHED } from '../testing/finished'
import { endWords, faultsOf, orderProblem, visitProblem, visitState, waitingFor } from './visit-state'

const part = (what: string, more: Partial<Ordered> = {}): Ordered => ({
  what,
  from: '',
  due: null,
  arrived: false,
  ...more,
})
const fault = (cause: string, name: string) => ({ cause, name, strength: 'strong' as const, because: [] })
const LINES = { a: { kind: 'part', text: 'Motor', hundredths: 100, cents: 1, taxed: true } } as const
const job = (more: Partial<JobDocument> = {}): JobDocument => ({ ...EMPTY_JOB, ...more })
const state = (more: Partial<JobDocument>) => {
  const { kind, words } = visitState(job(more))
  return [kind, words]
}
const PROVEN = visitState(FINISHED).words

describe('how a job stands', () => {
  it('open, until something is there', () => expect(state({})).toEqual(['open', null]))
  it('done, by the sentence of its proof', () =>
    expect([visitState(FINISHED).kind, PROVEN]).toEqual(['done', FINISHED.proven?.sentence]))
  it('waiting, with what, from whom, for when, and how many more', () => {
    expect(state({ ordered: { a: part('a 1/4 hp motor') } })).toEqual([
      'waiting',
      'Waiting for a 1/4 hp motor',
    ])
    expect(
      state({
        ordered: { a: part('a motor', { from: 'Pier Parts', due: '2026-07-14' }), b: part('a blade') },
      }),
    ).toEqual(['waiting', 'Waiting for a motor from Pier Parts, for 14 Jul 2026, and one more part'])
    const three = { a: part('x'), b: part('y', { due: '2026-07-02' }), c: part('z', { due: '2026-07-01' }) }
    expect(state({ ordered: three })).toEqual(['waiting', 'Waiting for z, for 1 Jul 2026, and 2 more parts'])
    expect(waitingFor({ ordered: three }).map((p) => p.what)).toEqual(['z', 'y', 'x'])
  })
  it('a part that came is not waited for', () =>
    expect(state({ ordered: { a: part('a motor', { arrived: true }) } })).toEqual(['open', null]))
  it('to come back, with the day or without', () => {
    expect(state({ comeBack: { on: '2026-07-14', why: 'fit the motor' } })).toEqual([
      'later',
      'To come back. On 14 Jul 2026: fit the motor',
    ])
    expect(state({ comeBack: { on: null, why: 'fit the motor' } })).toEqual([
      'later',
      'To come back. No day set: fit the motor',
    ])
  })
  it('estimate out, until it is accepted', () => {
    expect(state({ estimateLines: LINES })).toEqual(['estimate', 'Estimate out'])
    const acceptance = { name: 'A', at: 1, cents: 1, signature: null }
    expect(state({ estimateLines: LINES, acceptance })).toEqual(['open', null])
  })
  it('ended without a proof, by what was done', () => {
    expect(state({ ended: { at: 1 }, works: { contactor: { text: 'Contactor replaced' } } })).toEqual([
      'ended',
      'Ended: Contactor replaced',
    ])
    expect(state({ ended: { at: 1 } })).toEqual(['ended', 'Ended: nothing was put on record'])
  })
  it('what is still to come before what is done; what is dangerous before either; put away before all', () => {
    const all: JobDocument = {
      ...FINISHED,
      ended: { at: 1 },
      comeBack: { on: null, why: 'look again' },
      ordered: { a: part('a motor') },
      estimateLines: LINES,
    }
    expect(visitState(all).kind).toBe('waiting')
    expect(visitState({ ...all, ordered: {} }).kind).toBe('later')
    expect(visitState({ ...all, ordered: {}, comeBack: null }).kind).toBe('done')
    expect(visitState({ ...all, startup: { turned: 'backwards' } }).kind).toBe('stopped')
    expect(visitState({ ...all, startup: { turned: 'backwards' } }).words).toMatch(/^Stopped at start-up: /)
    expect(visitState({ ...all, motorStays: true, fault: fault('winding-open', 'Open') })).toMatchObject({
      kind: 'stopped',
      words: 'The old motor cannot stay: a winding is open, by the fault on record.',
    })
    expect(visitState({ ...all, removed: true, startup: { turned: 'backwards' } })).toMatchObject({
      kind: 'away',
      words: 'Put away',
    })
    expect(state({ estimateLines: LINES, ended: { at: 1 } })[0]).toBe('ended')
  })
})
describe('what a visit without a proof came to', () => {
  it('its works, in the order of the list, own words last', () =>
    expect(
      endWords(
        job({
          works: { own: { text: 'Panel screw replaced' }, coil: { text: 'x' }, contactor: { text: 'x' } },
        }),
      ),
    ).toBe('Contactor replaced, Coil washed and Panel screw replaced'))
  it('else its estimate with what was found, else what was found, else nothing', () => {
    const found = fault('winding-grounded', 'A winding has gone to ground')
    expect(endWords(job({ estimateLines: LINES, fault: found }))).toBe(
      'Estimate made: A winding has gone to ground',
    )
    expect(endWords(job({ estimateLines: LINES }))).toBe('Estimate made')
    expect(endWords(job({ fault: found }))).toBe('Found: A winding has gone to ground')
    expect(endWords(job())).toBeNull()
    expect(endWords(job({ motor: leadSheetById('rowan-25r')! }))).toBeNull()
  })
  it('faults: the first one first, none of them twice', () => {
    const [a, b] = [fault('bearing', 'Bearing'), fault('capacitor-open', 'Can')]
    expect(
      faultsOf(job({ fault: a, alsoFound: { bearing: a, 'capacitor-open': b } })).map((f) => f.name),
    ).toEqual(['Bearing', 'Can'])
    expect(faultsOf(job({ alsoFound: { x: b } })).map((f) => f.name)).toEqual(['Can'])
  })
})
describe('bad input', () => {
  it('a part ordered twice is said, with where it comes from; one that came may be ordered again', () => {
    const ordered = { a: part('1/4 hp motor', { from: 'Pier Parts' }), b: part('Blade', { arrived: true }) }
    expect(orderProblem({ ordered }, '  1/4 HP Motor ')).toBe(
      '“1/4 hp motor” is on order already, from Pier Parts. For a second one say what it is for.',
    )
    expect(orderProblem({ ordered: { a: part('Blade') } }, 'blade')).toBe(
      '“Blade” is on order already. For a second one say what it is for.',
    )
    expect([orderProblem({ ordered }, 'blade'), orderProblem({ ordered }, 'another')]).toEqual([null, null])
  })
  it('no visit begins on a job that was put away', () =>
    expect([visitProblem({ removed: true }), visitProblem({ removed: false })]).toEqual([
      'This job was put away: bring it back to the list first.',
      null,
    ]))
})
