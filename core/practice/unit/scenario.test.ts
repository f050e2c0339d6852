// What is written in a practice unit's file, and what is refused of it.
import * as v from 'valibot'
import { UNIT_TYPES } from '../../wiring/unit-types'
import { drawScenario } from './draw-scenario'
import { FAULTS } from '../faults/faults'
import { makesOf, ScenarioSchema, unitOf } from './scenario'
import { PRACTICE } from '../../operations/testing/inputs'

const said = (more: Record<string, unknown>): string[] => {
  const read = v.safeParse(ScenarioSchema, { ...PRACTICE.scenario, ...more })
  return read.success ? [] : read.issues.map((issue) => issue.message)
}

it('is read whole, and makes the same unit each time', () => {
  const scenario = v.parse(ScenarioSchema, PRACTICE.scenario)
  // Under another name it is worked out anew.
  expect(unitOf({ ...scenario, name: 'Another' })).toEqual(unitOf(scenario))
  expect(unitOf({ ...scenario, name: 'Another' })).not.toBe(unitOf(scenario))
  expect(unitOf(scenario).truth.placements).not.toEqual(unitOf(scenario).healthy.placements)
})

it.each([
  [
    'a fault that there is not',
    { faults: ['gremlins'] },
    /^There is no fault called “gremlins”\. There are: /,
  ],
  [
    'a fault that this unit cannot have',
    { faults: ['taps-crossed'] },
    /^This unit cannot have that fault: The speed taps are crossed\.$/,
  ],
  ['four faults', { faults: Array(4).fill('start-off') }, /three faults at most/],
  [
    'a unit type that is gone',
    { unit: 'cooling-9-pole' },
    /^The unit type must be one of: cooling-1-pole-shared-capacitor, /,
  ],
  ['a seed of text', { seed: 'lucky' }, /^The seed is a whole number\.$/],
  ['a seed below nothing', { seed: -1 }, /from 0 up/],
  ['a motor that does not go in', { motor: 'marsh-33' }, /^This motor cannot be in .* on 230 V\.$/],
  ['another version', { version: 2 }, /another version/],
  ['another file', { format: 'oak-switch/lead-sheet' }, /not a practice unit/],
  ['volts of a battery', { volts: 9 }, /Below 100 V/],
])('%s is refused in words', (_, more, message) => expect(said(more)[0]).toMatch(message))

const BESIDE = UNIT_TYPES.flatMap((unit) =>
  makesOf(unit)
    .slice(0, 1)
    .flatMap(({ volts, sheet }) =>
      FAULTS.map(({ id }) => ({
        ...PRACTICE.scenario,
        unit: unit.id,
        volts,
        motor: sheet.id,
        faults: [id, 'motor-wrong'],
      })),
    ),
).filter((scenario) => scenario.faults[0] !== 'motor-wrong' && said(scenario).length === 0)

it('another motor was there before anything failed, in whatever order a file tells it', () => {
  expect(BESIDE.length).toBeGreaterThan(100)
  for (const scenario of BESIDE) {
    const read = v.parse(ScenarioSchema, scenario)
    const other = { ...read, faults: [...read.faults].reverse() }
    expect(unitOf(read).truth).toEqual(unitOf(other).truth)
  }
})

it('is drawn from seed and level: the same for the same, of every kind, and each can be read again', () => {
  const kinds = new Set<unknown>()
  for (let seed = 0; seed < 45; seed++) {
    const level = ([1, 2, 3] as const)[seed % 3]!
    const scenario = drawScenario(seed, level)
    kinds.add(scenario.unit)
    expect(said({ ...scenario })).toEqual([])
    expect(scenario.faults.length).toBeGreaterThanOrEqual(1)
    expect(scenario.faults.length).toBeLessThanOrEqual(level === 1 ? 1 : 3)
    if (seed < 6) expect(drawScenario(seed, level)).toEqual(scenario)
  }
  expect(kinds.size).toBeGreaterThan(UNIT_TYPES.length / 2)
})
