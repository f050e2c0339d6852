import { leadSheetById } from '../motor/lead-sheets'
import { EMPTY_JOB, type JobDocument } from './document'
import { voidedBy } from './voided'

const CLEARED = [{ path: ['startup', 'turned'], value: null }]
const started: JobDocument = { ...EMPTY_JOB, plug: 'CW', startup: { turned: 'backwards' } }

it('an answer on the direction falls with the plug, the wanted rotation, the motor or the unit', () => {
  expect(voidedBy(started, [{ path: ['plug'], value: 'CCW' }])).toEqual(CLEARED)
  expect(
    voidedBy(started, [{ path: ['wanted'], value: { direction: 'CW', seenFrom: 'shaft-end' } }]),
  ).toEqual(CLEARED)
  expect(voidedBy(started, [{ path: ['unit'], value: 'fan-coil-three-speed' }])).toEqual(CLEARED)
})
it('and stands while they stay, or where there is none, or where it is given with them', () => {
  expect(voidedBy(started, [{ path: ['plug'], value: 'CW' }])).toEqual([])
  expect(voidedBy(started, [{ path: ['title'], value: 'Roof' }])).toEqual([])
  expect(voidedBy({ ...started, startup: {} }, [{ path: ['plug'], value: 'CCW' }])).toEqual([])
  expect(
    voidedBy(started, [
      { path: ['plug'], value: 'CCW' },
      { path: ['startup', 'turned'], value: 'right' },
    ]),
  ).toEqual([])
})

const can = { id: 'six', name: 'Six', volts: 440, tolerancePercent: 6, protectedStart: false, sections: [] }
const put = { jumpers: [], wires: [] }
it('jumpers put by hand fall with the can they were on, and with a section of it', () => {
  const job: JobDocument = { ...EMPTY_JOB, can, canPut: put }
  const fallen = [{ path: ['canPut'], value: null }]
  expect(voidedBy(job, [{ path: ['can'], value: { ...can, id: 'dual' } }])).toEqual(fallen)
  expect(voidedBy(job, [{ path: ['deadSections', 'six 5'], value: true }])).toEqual(fallen)
  expect(voidedBy(job, [{ path: ['can'], value: can }])).toEqual([])
  expect(
    voidedBy(job, [
      { path: ['can'], value: null },
      { path: ['canPut'], value: put },
    ]),
  ).toEqual([])
  expect(voidedBy({ ...job, canPut: null }, [{ path: ['can'], value: null }])).toEqual([])
})
it('what was said of a motor’s frame falls with the motor', () => {
  const job: JobDocument = { ...EMPTY_JOB, frameGrounded: true }
  expect(voidedBy(job, [{ path: ['motor'], value: { id: 'another' } }])).toEqual([
    { path: ['frameGrounded'], value: null },
  ])
  expect(voidedBy(job, [{ path: ['motor'], value: null }])).toEqual([])
})

describe('a motor that stays, a visit at its end', () => {
  const sheet = leadSheetById('rowan-25r')!
  it('another motor is not the old one, unless the same edit says so', () => {
    const job: JobDocument = { ...EMPTY_JOB, motor: null, motorStays: true }
    const other = { path: ['motor'], value: sheet }
    expect(voidedBy(job, [other])).toEqual([{ path: ['motorStays'], value: null }])
    expect(voidedBy(job, [other, { path: ['motorStays'], value: true }])).toEqual([])
    expect(voidedBy({ ...job, motorStays: false }, [other])).toEqual([])
    expect(voidedBy({ ...job, motor: sheet }, [other])).toEqual([])
  })
  it('work that goes on is no end; its name, a note or other work leaves it', () => {
    const job: JobDocument = { ...EMPTY_JOB, ended: { at: 1 } }
    for (const path of [['motor'], ['wires', 'a'], ['observations', 'spin'], ['startup', 'door']])
      expect([path, voidedBy(job, [{ path, value: 'x' }])]).toEqual([
        path,
        [{ path: ['ended'], value: null }],
      ])
    for (const path of [['title'], ['notes'], ['works', 'coil'], ['removed'], ['photos', 'a']])
      expect([path, voidedBy(job, [{ path, value: 'x' }])]).toEqual([path, []])
    expect(
      voidedBy(job, [
        { path: ['fault'], value: 'x' },
        { path: ['ended'], value: { at: 2 } },
      ]),
    ).toEqual([])
    expect(voidedBy(EMPTY_JOB, [{ path: ['wires', 'a'], value: 'x' }])).toEqual([])
  })
})
