// Every fault is somewhere to be found: it changes what a test of the app gives. A unit without one gives no cause for anything.
import { diagnose } from '../../diagnosis/diagnose'
import { ALL_CAUSES, CONTRIBUTORY, modelFor, SUBJECTS, type Subject } from '../../diagnosis/model'
import { drawsFrom } from '../../quantity/draws'
import { UNIT_TYPES } from '../../wiring/unit-types'
import { PRACTICE_TESTS, tryTest } from '../looks/answer'
import { labelsOf } from '../looks/known'
import { makesOf } from '../unit/scenario'
import { healthyUnit } from '../unit/healthy'
import type { Pair, Truth } from '../unit/truth'
import { FAULTS } from './faults'

const MAKES = UNIT_TYPES.flatMap((unit) => {
  const makes = makesOf(unit)
  // The first and the last motor that it can hold: those with windings, and those without.
  return [...new Set([makes[0], makes.at(-1)])].flatMap((make) => (make ? [{ unit, ...make }] : []))
}).map(({ unit, volts, sheet }) => ({
  name: `${unit.id} with ${sheet.id}`,
  healthy: healthyUnit({ unit, volts, sheet, compressorMicrofarads: 40 }),
}))

const asked = (truth: Truth): string[] => [
  ...new Set([
    ...SUBJECTS.flatMap((subject) => modelFor(truth.unit, subject).tests.map((t) => t.id)),
    ...CONTRIBUTORY.map((c) => c.id),
  ]),
]
const answers = (pair: Pair) =>
  Object.fromEntries(asked(pair.healthy).map((id) => [id, tryTest(id, { pair, draw: () => 0.5 })]))

it('there are more than forty, each with a name of its own and causes that the app names', () => {
  expect(FAULTS.length).toBeGreaterThanOrEqual(40)
  expect(new Set(FAULTS.map((f) => f.id)).size).toBe(FAULTS.length)
  expect(new Set(FAULTS.map((f) => f.name)).size).toBe(FAULTS.length)
  const causes = [...ALL_CAUSES.map((c) => c.id), ...CONTRIBUTORY.map((c) => c.id), 'can-swollen']
  for (const fault of FAULTS) {
    expect([fault.id, fault.causes.length > 0]).toEqual([fault.id, true])
    expect([fault.id, fault.causes.filter((id) => !causes.includes(id))]).toEqual([fault.id, []])
    expect([fault.id, MAKES.some(({ healthy }) => fault.fits(healthy))]).toEqual([fault.id, true])
  }
})

it('the app asks for no test that a practice unit has no answer for', () => {
  const missing = MAKES.flatMap(({ healthy }) => asked(healthy)).filter((id) => !PRACTICE_TESTS.includes(id))
  expect([...new Set(missing)]).toEqual([])
})

it.each(MAKES)('$name: each fault changes an answer, and none of them is a fault', ({ healthy }) => {
  const good = answers({ truth: healthy, healthy })
  for (const fault of FAULTS.filter((f) => f.fits(healthy))) {
    const bad: Pair = { truth: fault.applied(healthy, drawsFrom(7)), healthy }
    const changed = Object.keys(good).find(
      (id) => JSON.stringify(tryTest(id, { pair: bad, draw: () => 0.5 })) !== JSON.stringify(good[id]),
    )
    expect([fault.id, changed !== undefined]).toEqual([fault.id, true])
  }
})

it.each(MAKES)('$name without a fault passes every test that is asked of it', ({ healthy }) => {
  const given = answers({ truth: healthy, healthy })
  const said = (subject: Subject, ids: readonly string[]) =>
    diagnose({
      unit: healthy.unit,
      subject,
      observations: Object.fromEntries(
        ids.flatMap((id) => {
          const observation = given[id]?.observation
          return observation === undefined ? [] : [[id, observation]]
        }),
      ),
      readings: Object.assign({}, ...ids.map((id) => given[id]?.readings ?? {})),
      ...labelsOf({ truth: healthy, healthy }),
    })
  for (const subject of SUBJECTS) {
    const symptom = subject === 'fan' ? 'fan-does' : 'comp-does'
    // What waits for another answer, such as bridging a relay while nothing runs, is not done on a unit that runs.
    const open = said(subject, [symptom])
      .questions.filter((q) => q.open)
      .map((q) => q.id)
    const { found, dangers, causes } = said(subject, [symptom, ...open])
    expect(found).toEqual([])
    expect(dangers).toEqual([])
    expect(causes.filter((c) => c.strength === 'strong').map((c) => c.id)).toEqual([])
  }
})

it('three phases that are alike are held against what the unit is made for: too low and too high are not right', () => {
  const make = MAKES.find(({ healthy }) => healthy.sheet.kind === 'three-phase')
  if (!make) throw new Error('No unit on three phases.')
  const { healthy } = make
  for (const test of ['motor-volts', 'comp-volts']) {
    const read = (truth: Truth) => tryTest(test, { pair: { truth, healthy }, draw: () => 0.5 }).observation
    expect(read(healthy)).toBe('right')
    for (const share of [0.6, 0.75, 0.88, 1.12])
      expect([test, share, read({ ...healthy, volts: healthy.volts * share })]).toEqual([test, share, 'off'])
    expect(read({ ...healthy, volts: healthy.volts * 1.05 })).toBe('right')
  }
})
