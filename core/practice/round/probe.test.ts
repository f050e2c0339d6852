// Probes on the bench: each reading is the test of the app that asks for it there; where hands must not go the round ends.
import { drawsFrom } from '../../quantity/draws'
import { modelFor, SUBJECTS } from '../../diagnosis/model'
import { UNIT_TYPES } from '../../wiring/unit-types'
import type { Dial } from '../electricity/probe'
import type { Spot } from '../electricity/spot'
import { faultById } from '../faults/faults'
import { MAKE_SAFE } from '../testing/master'
import { healthyUnit } from '../unit/healthy'
import { makesOf } from '../unit/scenario'
import type { Pair } from '../unit/truth'
import type { Act } from './act'
import { benchView } from './bench-view'
import { gradeRound } from './grade'
import { isProbed, probedTests } from './probed-test'
import { playRound } from './round'

const SEED = 3
function unitWith(unitId: string, fault?: string): Pair {
  const unit = UNIT_TYPES.find((u) => u.id === unitId)!
  const make = makesOf(unit)[0]!
  const healthy = healthyUnit({ unit, ...make, compressorMicrofarads: 40 })
  return { healthy, truth: fault ? faultById(fault)!.applied(healthy, drawsFrom(SEED)) : healthy }
}
const SHARED = unitWith('cooling-1-pole-shared-capacitor')
const BLOWER = unitWith('gas-furnace-board')
const post = (id: string): Spot => ({ on: 'post', post: id })
const lead = (unit: Pair, i: number): Spot => ({ on: 'lead', lead: unit.healthy.sheet.leads[i]!.id })
const probe = (dial: Dial, a: Spot, b: Spot): Act => ({ do: 'probe', dial, probes: [a, b] })
const coils = SHARED.healthy.unit.posts.filter((p) => p.kind === 'coil').map((p) => p.id)

it.each([
  ['volts', post('L1'), post('L2'), ['supply']],
  ['volts', post(coils[0]!), post(coils[1]!), ['call']],
  ['microfarads', post('CAN-C'), post('CAN-FAN'), ['microfarads-fan']],
  ['microfarads', post('CAN-HERM'), post('CAN-C'), ['microfarads-compressor', 'comp-microfarads']],
  ['microfarads', post('CAN-HERM'), post('CAN-FAN'), []],
  ['ohms', post('CAN-C'), post('CAN-FAN'), ['can-ohms-fan']],
  ['ohms', lead(SHARED, 0), lead(SHARED, 1), ['ohms', 'cooled']],
  ['ohms', lead(SHARED, 0), { on: 'frame' }, ['ohms-frame']],
  ['ohms', lead(SHARED, 0), { on: 'chassis' }, ['ohms-frame']],
  ['amps', lead(SHARED, 0), lead(SHARED, 0), ['amps']],
] as const)('%s at %j and %j is %j', (dial, a, b, tests) => {
  expect(probedTests(SHARED, dial, [a, b])).toEqual(tests)
  // Which probe is where changes nothing.
  expect(probedTests(SHARED, dial, [b, a])).toEqual(tests)
})

it('every test that is read on the picture is found by some two places of it', () => {
  const missing = UNIT_TYPES.flatMap((type) => {
    const unit = unitWith(type.id)
    const view = benchView(playRound(unit, [], SEED).now, { likeForLike: true })
    const spots: Spot[] = [
      ...view.parts.flatMap((p) => p.posts.map(({ id }) => post(id))),
      ...view.leads.map(({ id }): Spot => ({ on: 'lead', lead: id })),
      { on: 'frame' },
      { on: 'chassis' },
    ]
    const found = new Set(
      (['volts', 'ohms', 'microfarads', 'amps'] as const).flatMap((dial) =>
        spots.flatMap((a) => spots.flatMap((b) => probedTests(unit, dial, [a, b]))),
      ),
    )
    const asked = SUBJECTS.flatMap((subject) => modelFor(type, subject).tests.map((t) => t.id))
    const needsCan = (id: string) => /microfarads|can-ohms/.test(id) && unit.healthy.can === null
    return asked
      .filter((id) => isProbed(unit, id) && !found.has(id) && !needsCan(id))
      .map((id) => `${type.id}: ${id}`)
  })
  expect(missing).toEqual([])
})

it('volts are read live; the figure is the supply’s, within the meter', () => {
  const { steps } = playRound(SHARED, [probe('volts', post('L1'), post('L2'))], SEED)
  expect(steps[0]!.danger).toBeNull()
  expect(Number(steps[0]!.value)).toBeGreaterThan(0.97 * SHARED.healthy.volts)
  expect(Number(steps[0]!.value)).toBeLessThan(1.03 * SHARED.healthy.volts)
})

it.each([
  [
    'ohms',
    'The meter is on ohms, and the circuit is live: its fuse goes, and the flash is at your hands. Open, lock out, prove dead.',
  ],
  [
    'microfarads',
    'The meter is on ohms, and the circuit is live: its fuse goes, and the flash is at your hands. Open, lock out, prove dead.',
  ],
] as const)('%s on what is live ends the round', (dial, words) => {
  const round = playRound(SHARED, [probe(dial, post('L1'), post('L2')), { do: 'wait' }], SEED)
  expect([round.state, round.steps.length, round.steps[0]!.danger]).toEqual(['hurt', 1, words])
})

it.each([
  [MAKE_SAFE.slice(0, 2), /^It was not proven dead/],
  [
    [
      { do: 'thermostat', to: 'off' },
      { do: 'disconnect', to: 'open', locked: false },
    ],
    /^It is open, and not locked/,
  ],
  [MAKE_SAFE.slice(0, 3), /^The capacitor still holds its charge/],
] as const)('µF before it is safe: %#', (acts, text) => {
  const round = playRound(
    SHARED,
    [...(acts as Act[]), probe('microfarads', post('CAN-C'), post('CAN-FAN'))],
    SEED,
  )
  expect(round.steps.at(-1)!.danger).toMatch(text)
})

it('ohms of a motor on its posts have more ways than one; lifted it is the motor alone', () => {
  const unit = unitWith('cooling-2-pole-own-capacitor', 'auxiliary-open')
  const { leads } = unit.healthy.sheet
  const of = (role: string): Spot => ({ on: 'lead', lead: leads.find((l) => l.role === role)!.id })
  const ends = leads.map(({ id }) => `lead:${id}`)
  const round = playRound(
    unit,
    [
      ...MAKE_SAFE,
      { do: 'lift', ends },
      probe('ohms', of('motor-common'), of('run')),
      probe('ohms', of('motor-common'), of('start')),
      { do: 'put-back', ends },
    ],
    SEED,
  )
  const [run, start] = round.steps.slice(-3).map(({ value }) => value)
  expect(Number(run)).toBeGreaterThan(1)
  expect(Number(run)).toBeLessThan(200)
  expect(start).toBe('OL')
  expect(round.now.lifted).toEqual([])
})

it.each([
  ['the disconnect closed', [], 'live', false],
  [
    'opened, and the thermostat still asking',
    [{ do: 'disconnect', to: 'open', locked: true }],
    'call',
    false,
  ],
  ['opened, and the thermostat off', MAKE_SAFE.slice(0, 2), 'dead', true],
] as const)('proving dead reads what is there: %s', (_, acts, read, isProven) => {
  const round = playRound(SHARED, [...(acts as readonly Act[]), { do: 'prove-dead' }], SEED)
  expect([round.steps.at(-1)!.answer?.observation, round.now.safety.isProven]).toEqual([read, isProven])
})

it('ends come off only where hands may go in', () =>
  expect(playRound(SHARED, [{ do: 'lift', ends: ['lead:x'] }], SEED).state).toBe('hurt'))

it('touching the same test’s other pairs costs no points; what tells little does', () => {
  const unit = unitWith('cooling-2-pole-own-capacitor', 'breaker-open')
  const marks = (acts: Act[]) =>
    gradeRound(unit, playRound(unit, [...acts, { do: 'hand-over', readings: false, card: false }], SEED), [
      'breaker-open',
    ]).find(({ id }) => id === 'tests')!
  const first: Act[] = [
    { do: 'try', test: 'fan-does' },
    { do: 'try', test: 'compressor' },
  ]
  const lines = probe('volts', post('L1'), post('L2'))
  expect(marks([...first, lines, lines]).remarks).toEqual([])
  const heat = marks([...first, ...MAKE_SAFE, { do: 'try', test: 'wiring-check' }])
  expect(heat.remarks.map((r) => r.text)).toEqual([expect.stringMatching(/was the better test here\./)])
})

it('one act more is that act alone: what was played before is not played again', () => {
  const acts: Act[] = [probe('volts', post('L1'), post('L2'))]
  const [before] = playRound(BLOWER, acts, SEED).steps
  expect(playRound(BLOWER, [...acts, { do: 'wait' }], SEED).steps[0]).toBe(before)
  expect(playRound(BLOWER, [...acts, { do: 'wait' }], SEED + 1).steps[0]).not.toBe(before)
})
