// A unit while it is put together: what a new part begins with follows from what is there.
import { planProblems } from '@oak/core/wiring/unit-blocks/plan-problems'
import type { BlockKind, UnitPlan } from '@oak/core/wiring/unit-blocks/plan'
import {
  addable,
  blockAt,
  drawnRoles,
  drawnWires,
  freshBlock,
  newUnitId,
  ownUnit,
  START_PLAN,
  SUPPLIES,
  supplyIdOf,
  toggled,
  withBlock,
  withFan,
} from './unit-model'
import { readPlan } from './use-plan-draft'

const plan = (fan: UnitPlan['fan'], supply: string, ...kinds: readonly BlockKind[]): UnitPlan => {
  const { feed, volts } = SUPPLIES.find((s) => s.id === supply)!
  return kinds.reduce(withBlock, { ...withFan(START_PLAN, fan), feed, volts, name: 'Shop unit' })
}

describe('part by part, as they stand when they are added', () => {
  it.each([
    ['an outdoor unit with a dual can', plan('outdoor', '230', 'contactor', 'dual-can', 'compressor')],
    ['the compressor first', plan('outdoor', '230', 'contactor', 'compressor', 'dual-can')],
    ['two cans', plan('outdoor', '230', 'contactor', 'fan-can', 'compressor')],
    ['three phases, the fan on all', plan('outdoor', '460-3', 'contactor', 'compressor')],
    ['three phases, the fan on two', plan('outdoor', '230-3', 'contactor', 'fan-can', 'compressor')],
    ['a blower with a board', plan('blower', '120', 'board', 'fan-can')],
    ['a blower with a relay and a splice', plan('blower', '230', 'relay', 'fan-can', 'splice')],
    ['a fan coil', plan('blower', '277', 'thermostat', 'fan-can')],
  ])('%s is sound at once', (_, made) => expect(planProblems(made)).toEqual([]))
  it('a compressor on a dual can has none of its own', () => {
    expect(freshBlock(plan('outdoor', '230', 'dual-can'), 'compressor')).toMatchObject({ ownCan: false })
    expect(freshBlock(plan('outdoor', '230', 'fan-can'), 'compressor')).toMatchObject({ ownCan: true })
  })
})

it('what can be added still: each once, three relays, a splice on either side outdoors', () => {
  expect(addable(plan('outdoor', '230'))).toEqual([
    'contactor',
    'dual-can',
    'fan-can',
    'compressor',
    'fan-relay',
    'splice',
  ])
  expect(addable(plan('outdoor', '230', 'contactor', 'dual-can', 'splice'))).toEqual([
    'compressor',
    'fan-relay',
    'splice',
  ])
  expect(plan('outdoor', '230', 'splice', 'splice').blocks).toEqual([
    { kind: 'splice', on: 'other' },
    { kind: 'splice', on: 'switched' },
  ])
  expect(addable(plan('outdoor', '230', 'splice', 'splice'))).not.toContain('splice')
  expect(addable(plan('blower', '120', 'relay', 'relay', 'relay', 'splice'))).toEqual([
    'board',
    'thermostat',
    'fan-can',
  ])
})

it('another kind of fan keeps what goes with it', () => {
  const three = plan('outdoor', '460-3', 'contactor', 'fan-can', 'splice')
  expect(withFan(three, 'blower')).toMatchObject({
    fan: 'blower',
    feed: 'pair',
    volts: 230,
    blocks: [{ kind: 'fan-can' }, { kind: 'splice' }],
  })
})

it('two shaft ends are asked of a blower only, and go with it', () => {
  const both = { ...plan('blower', '120', 'thermostat', 'fan-can'), throughShaft: true }
  expect(planProblems(both)).toEqual([])
  expect(ownUnit(both, 'own-7').type.traits.throughShaft).toBe(true)
  expect(withFan(both, 'blower').throughShaft).toBe(true)
  expect(withFan(both, 'outdoor').throughShaft).toBe(false)
})

it('a part is changed or taken out in its place', () => {
  const made = plan('outdoor', '230', 'contactor', 'fan-can')
  expect(blockAt(made, 0, null).blocks).toEqual([{ kind: 'fan-can' }])
  expect(blockAt(made, 0, { kind: 'contactor', poles: 2, modes: ['cooling'] }).blocks[0]).toMatchObject({
    poles: 2,
  })
  expect(toggled(['b'], 'a', ['a', 'b', 'c'])).toEqual(['a', 'b'])
  expect(toggled(['a', 'b'], 'a', ['a', 'b', 'c'])).toEqual(['b'])
})

it('what comes in is one of the usual, or another', () => {
  expect(supplyIdOf(START_PLAN)).toBe('230')
  expect(supplyIdOf({ ...START_PLAN, volts: 208 })).toBeNull()
})

it('its wires are drawn as if traced, and kept under an id of its own', () => {
  const { type, plan: kept } = ownUnit(plan('outdoor', '230', 'contactor', 'fan-can'), 'own-7')
  expect([type.id, type.name, kept?.blocks.length]).toEqual(['own-7', 'Shop unit', 2])
  expect(drawnWires(type).every(({ traced }) => traced)).toBe(true)
  expect(newUnitId()).toMatch(/^own-[0-9a-f-]{36}$/)
  expect(newUnitId()).not.toBe(newUnitId())
})

it('says what each wire would be for, and nothing of a unit that runs nothing yet', () => {
  const { type } = ownUnit(plan('outdoor', '230', 'contactor', 'dual-can', 'compressor', 'splice'), 'own-7')
  const roles = drawnRoles(type, drawnWires(type)).map(({ role }) => role)
  expect(roles).toEqual(['motor-common', 'run', 'start', 'ground'])
  const bare = ownUnit(plan('outdoor', '230'), 'own-8').type
  expect(drawnRoles(bare, drawnWires(bare))).toEqual([])
})

it('a draft as it was kept, and what is none', () => {
  const made = plan('outdoor', '230', 'contactor')
  expect(readPlan(JSON.stringify(made))).toEqual(made)
  for (const text of [null, '', '{', '[]', JSON.stringify({ ...made, blocks: [{ kind: 'attic' }] })])
    expect(readPlan(text)).toBeNull()
})

it('what comes in says its own volts and lines', () => {
  const LINES = { neutral: 'and neutral', pair: 'two lines', three: 'three lines' }
  for (const { text, feed, volts } of SUPPLIES)
    expect(text.replace(',', '')).toBe(`${volts} V ${LINES[feed]}`)
})
