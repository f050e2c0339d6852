// Which evidence carries a role, by hand: terminal, diagram, label, resistance, colour.
import { tracedWires, unitOf } from '../testing/fixtures'
import { findRoles } from './evidence'
import { moveUnitWires, NEW_C, type FittedCan } from './new-can'
import { runningMode } from './unit-type'
import { wireProblems } from './wire-problems'
import type { NamedWire } from './wire'

const OWN = unitOf('cooling-2-pole-own-capacitor')
const SHARED = unitOf('cooling-1-pole-shared-capacitor')
const fan = (id: string, from: string, more: Partial<NamedWire> = {}): NamedWire => ({
  id,
  from,
  to: 'motor',
  segments: [],
  traced: true,
  stated: [],
  ...more,
})

describe('two line wires that the terminals leave open', () => {
  it('either way round is the same circuit: the one on the first post is motor common', () => {
    expect(findRoles(OWN, [fan('a', 'T1'), fan('b', 'T2')]).map((f) => f.role)).toEqual([
      'motor-common',
      'run',
    ])
  })
  it('three of them are not told: two would get a role by chance', () => {
    expect(findRoles(OWN, [fan('a', 'T1'), fan('b', 'T2'), fan('c', 'L1')]).map((f) => f.role)).toEqual([
      null,
      null,
      null,
    ])
  })
  it('what one is, the other is not', () => {
    const told = fan('b', 'T2', { stated: [{ source: 'diagram', role: 'motor-common' }] })
    const [a, b] = findRoles(OWN, [fan('a', 'T1'), told])
    expect([a?.role, b?.role, b?.carriedBy]).toEqual(['run', 'motor-common', 'diagram'])
    expect(a?.evidence.at(-1)?.text).toBe('The other line wire is motor common, so this one is run.')
  })
})

it('evidence that rules everything out settles nothing and is shown as a conflict; the next one settles', () => {
  // The terminal leaves motor common or run; the diagram says start; white is often run.
  const [found] = findRoles(OWN, [
    fan('a', 'T1', {
      stated: [{ source: 'diagram', role: 'start' }],
      segments: [{ colour: 'WH', stripe: null }],
    }),
  ])
  expect([found?.role, found?.carriedBy, found?.conflicts.map((c) => c.source)]).toEqual([
    'run',
    'colour',
    ['diagram'],
  ])
})

it('two grounds on the chassis are no quarrel; two wires on one winding’s post are', () => {
  const said = (...wires: NamedWire[]) => wireProblems(SHARED, wires).map((p) => p.message)
  expect(said(fan('g', 'GND'), fan('h', 'GND'))).toEqual([])
  expect(said(fan('a', 'T1'), fan('b', 'T1'))).toHaveLength(1)
})

it('a can of one section takes the old can’s wires: C’s to C, the fan’s to the section', () => {
  const can = {
    name: 'single',
    volts: 440,
    tolerancePercent: 6,
    sections: [{ id: 's', microfarads: 5 }],
    groups: [
      {
        load: 'FAN',
        sections: ['s'],
        lead: 's',
        jumpers: [],
        microfarads: 5,
        errorPercent: 0,
        jumperShare: 0,
      },
    ],
    jumpers: [],
  } satisfies FittedCan
  const moved = moveUnitWires(SHARED, tracedWires(SHARED), { cSide: 'C', fanSide: 'FAN', tied: true }, can)
  expect(moved.find((w) => w.id === 'tie')).toMatchObject({ from: 'T2', to: NEW_C })
})

it('a unit in which the fan never runs is none', () => {
  const never = { ...SHARED, modes: SHARED.modes.map((m) => ({ ...m, fanRuns: false })) }
  expect(() => runningMode(never)).toThrow()
})
