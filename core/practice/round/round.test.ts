// A master's round has full marks; each single mistake takes from the right mark, and says what would have been right.
import { drawsFrom } from '../../quantity/draws'
import { UNIT_TYPES } from '../../wiring/unit-types'
import { MAKE_SAFE, masterly } from '../testing/master'
import { faultById } from '../faults/faults'
import { healthyUnit } from '../unit/healthy'
import { makesOf } from '../unit/scenario'
import { hasPart, PART_NAMES, PARTS, wasBad } from '../unit/parts'
import type { Pair } from '../unit/truth'
import type { Act } from './act'
import { actProblems, causesOf } from './act-problems'
import { gradeRound, totalOf, type MarkId } from './grade'
import { playRound } from './round'

const SEED = 5
const unitWith = (unitId: string, fault: string): Pair => {
  const unit = UNIT_TYPES.find((u) => u.id === unitId)!
  const healthy = healthyUnit({ unit, ...makesOf(unit)[0]!, compressorMicrofarads: 40 })
  return { healthy, truth: faultById(fault)!.applied(healthy, drawsFrom(SEED)) }
}
const ROUNDS = (
  [
    ['cooling-1-pole-shared-capacitor', 'capacitor-open'],
    ['cooling-2-pole-own-capacitor', 'bearing-seized'],
    ['cooling-2-pole-shared-capacitor', 'auxiliary-open'],
    ['gas-furnace-board', 'wheel-loose'],
    ['heat-pump-1-pole-own-capacitor', 'hub-loose'],
    ['packaged-own-capacitor', 'contactor-coil'],
    ['fan-coil-three-speed', 'breaker-open'],
    ['air-handler-board', 'bearing-dry'],
  ] as const
).map(([unitId, fault]) => {
  const unit = unitWith(unitId, fault)
  return { name: `${fault} in ${unitId}`, unit, fault, acts: masterly(unit, fault, SEED) }
})
const marksOf = (unit: Pair, acts: readonly Act[], fault: string) =>
  gradeRound(unit, playRound(unit, acts, SEED), [fault])

it.each(ROUNDS)('$name: a master has full marks', ({ unit, acts, fault }) => {
  const round = playRound(unit, acts, SEED)
  expect([round.state, round.isCured]).toEqual(['handed-over', true])
  const marks = gradeRound(unit, round, [fault])
  expect(marks.flatMap((m) => m.remarks)).toEqual([])
  expect(totalOf(marks)).toBe(100)
})

it.each(ROUNDS)(
  '$name: played again it is the same, and any part of it is its beginning',
  ({ unit, acts }) => {
    const whole = playRound(unit, acts, SEED)
    expect(playRound(unit, acts, SEED)).toEqual(whole)
    const half = playRound(unit, acts.slice(0, 3), SEED)
    expect(half.state).toBe('open')
    expect(half.steps).toEqual(whole.steps.slice(0, 3))
  },
)

interface Mistake {
  readonly name: string
  readonly mark: MarkId
  readonly text: RegExp
  readonly wrong: (acts: readonly Act[]) => Act[]
}
const without = (acts: readonly Act[], is: (act: Act) => boolean) => acts.filter((act) => !is(act))
const before = (acts: readonly Act[], act: Act['do'], more: readonly Act[]): Act[] =>
  acts.flatMap((one) => (one.do === act ? [...more, one] : [one]))
/** What was tried last; where nothing but the complaint was, a look at the capacitor's top. */
const lastTried = (acts: readonly Act[]): Act =>
  acts.findLast((act) => act.do === 'try' && act.test !== 'fan-does') ?? { do: 'try', test: 'shaft' }
const MISTAKES: readonly Mistake[] = [
  {
    name: 'hands in a live unit',
    mark: 'safety',
    text: /^The unit is live\./,
    wrong: (acts) =>
      without(acts, (a) => a.do === 'disconnect' || a.do === 'prove-dead' || a.do === 'discharge'),
  },
  {
    name: 'open and not locked',
    mark: 'safety',
    text: /^It is open, and not locked/,
    wrong: (acts) => acts.map((a) => (a.do === 'disconnect' ? { ...a, locked: false } : a)),
  },
  {
    name: 'not proven dead',
    mark: 'safety',
    text: /^It was not proven dead/,
    wrong: (acts) => without(acts, (a) => a.do === 'prove-dead'),
  },
  {
    name: 'not discharged',
    mark: 'safety',
    text: /^The capacitor still holds its charge/,
    wrong: (acts) => without(acts, (a) => a.do === 'discharge'),
  },
  {
    name: 'a test twice',
    mark: 'tests',
    text: /^This was tried already, and tells nothing new\.$/,
    wrong: (acts) => before(acts, 'name', [lastTried(acts), lastTried(acts)]),
  },
  {
    name: 'no cause named',
    mark: 'cause',
    text: /^No cause was named\. It was this: /,
    wrong: (acts) => without(acts, (a) => a.do === 'name'),
  },
  {
    name: 'another cause named',
    mark: 'cause',
    text: /^That was not it\. It was this: /,
    wrong: (acts) => acts.map((a) => (a.do === 'name' ? { do: 'name', cause: 'defrost-relay' } : a)),
  },
  {
    name: 'a good part changed',
    mark: 'parts',
    text: /^Nothing was wrong with the 24 V control\. Measure before a part is changed\.$/,
    wrong: (acts) => before(acts, 'hand-over', [{ do: 'change', part: 'control' }]),
  },
  {
    name: 'handed over as it was',
    mark: 'cure',
    text: /^It does not run as it should\./,
    wrong: (acts) => without(acts, (a) => a.do === 'change'),
  },
]

describe.each(ROUNDS)('$name', ({ unit, acts, fault }) => {
  it.each(MISTAKES)('$name takes from $mark', ({ mark, text, wrong }) => {
    // Where no hand goes in, as with a breaker, there is nothing to prove dead for.
    const done = wrong(acts)
    const isInside = mark !== 'safety' || fault !== 'breaker-open'
    const marks = marksOf(unit, done, fault)
    const lost = marks.find((m) => m.id === mark)!
    if (!isInside) return expect(lost.remarks.every((r) => text.test(r.text))).toBe(true)
    expect(lost.points).toBeLessThan(100)
    expect(lost.remarks.map((r) => r.text).some((said) => text.test(said))).toBe(true)
    expect(totalOf(marks)).toBeLessThan(100)
  })
})

it('a round that hurt ends there, and is worth nothing', () => {
  const { unit, fault } = ROUNDS[0]!
  const acts: Act[] = [
    { do: 'change', part: 'capacitor' },
    ...MAKE_SAFE,
    { do: 'hand-over', readings: false, card: false },
  ]
  const round = playRound(unit, acts, SEED)
  expect([round.state, round.steps.length]).toEqual(['hurt', 1])
  expect(totalOf(gradeRound(unit, round, [fault]))).toBe(0)
})

it('a worse test than the best one there is told with what would have been better, and why', () => {
  const { unit, fault } = ROUNDS[0]!
  const marks = marksOf(
    unit,
    [
      { do: 'try', test: 'supply' },
      { do: 'hand-over', readings: false, card: false },
    ],
    fault,
  )
  expect(marks.find((m) => m.id === 'tests')?.remarks[0]?.text).toMatch(
    /^“[^”]+” was the better test here\. \S/,
  )
})

it('what the customer said and what is seen from afar costs no points, and need not be asked', () => {
  const { unit, fault, acts } = ROUNDS[0]!
  const silent = acts.filter((act) => act.do !== 'try' || act.test !== 'fan-does')
  for (const one of [silent, [{ do: 'try', test: 'fan-does' } as const, ...acts]])
    expect(marksOf(unit, one, fault).flatMap((m) => m.remarks)).toEqual([])
})

it('a test after it was settled was not needed', () => {
  const { unit, fault, acts } = ROUNDS[0]!
  const more = before(acts, 'name', [{ do: 'try', test: 'shaft' }])
  expect(
    marksOf(unit, more, fault)
      .find((m) => m.id === 'tests')
      ?.remarks.map((r) => r.text),
  ).toEqual(['It was settled: Found: the fan’s capacitor is open or shorted. No further test was needed.'])
})

it('a unit without a capacitor asks for no discharge', () => {
  const three = UNIT_TYPES.find((u) => u.id === 'packaged-three-phase')!
  const healthy = healthyUnit({ unit: three, ...makesOf(three)[0]!, compressorMicrofarads: 40 })
  const unit: Pair = { healthy, truth: faultById('bearing-seized')!.applied(healthy, drawsFrom(SEED)) }
  const acts = MAKE_SAFE.filter((act) => act.do !== 'discharge')
  const round = playRound(
    unit,
    [...acts, { do: 'change', part: 'motor' }, { do: 'hand-over', readings: false, card: false }],
    SEED,
  )
  expect([round.state, round.isCured]).toEqual(['handed-over', true])
})
it('acts that make no sense here are named in words, each by its place', () => {
  const { unit } = ROUNDS[0]!
  expect(
    actProblems(unit, [
      { do: 'try', test: 'fan-does' },
      { do: 'try', test: 'taste' },
      { do: 'name', cause: 'gremlins' },
      { do: 'change', part: 'wheel' },
      { do: 'thermostat', to: 'defrost' },
    ]),
  ).toEqual([
    { index: 1, message: 'There is no test called “taste” on this unit.' },
    { index: 2, message: 'There is no cause called “gremlins” on this unit.' },
    { index: 3, message: 'This unit has no such part: the wheel.' },
    { index: 4, message: 'This unit has no mode called defrost.' },
  ])
})

/** With those above and in `fit.test` and `probe.test` more than forty mistakes, each told by its own name. */
describe.each([ROUNDS[0]!, ROUNDS[4]!])(
  '$name: whatever is wrong is told by its name',
  ({ unit, fault, acts }) => {
    const right = faultById(fault)!.causes
    it.each(causesOf(unit).filter((cause) => !right.includes(cause)))('the cause is not %s', (cause) => {
      const wrong = acts.map((act) => (act.do === 'name' ? { ...act, cause } : act))
      const mark = marksOf(unit, wrong, fault).find((m) => m.id === 'cause')!
      expect([mark.points, mark.remarks[0]?.text]).toEqual([
        0,
        `That was not it. It was this: ${faultById(fault)!.name}.`,
      ])
    })
    it.each(PARTS.filter((part) => hasPart(unit, part) && !wasBad(unit, part)))('%s was good', (part) => {
      const mark = marksOf(unit, before(acts, 'hand-over', [{ do: 'change', part }]), fault).find(
        (m) => m.id === 'parts',
      )!
      expect([mark.points, mark.remarks.map((r) => r.text)]).toEqual([
        50,
        [`Nothing was wrong with ${PART_NAMES[part]}. Measure before a part is changed.`],
      ])
    })
  },
)
