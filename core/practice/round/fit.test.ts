// What is fitted by hand is powered as it was put: right it runs, wrong it does what the copper makes of it, and the mark says what a master
// would have done. Expectations are derived from the trade, not from what the app says of a hookup.
import { drawsFrom } from '../../quantity/draws'
import { UNIT_TYPES } from '../../wiring/unit-types'
import { NEW_C, sectionPost } from '../../wiring/new-can'
import { compressorPosts } from '../../wiring/compressor-posts'
import { faultById } from '../faults/faults'
import { MAKE_SAFE } from '../testing/master'
import { masterlyFitting, vanMotor } from '../testing/fitter'
import type { Fitting } from '../unit/fitting'
import { healthyUnit } from '../unit/healthy'
import { makesOf } from '../unit/scenario'
import type { Pair } from '../unit/truth'
import type { Act } from './act'
import { actProblems } from './act-problems'
import { gradeRound } from './grade'
import { playRound } from './round'

const SEED = 9
function unitWith(unitId: string, fault: string, old?: string): Pair {
  const unit = UNIT_TYPES.find((u) => u.id === unitId)!
  const make = makesOf(unit).find(({ sheet }) => old === undefined || sheet.id === old)!
  const healthy = healthyUnit({ unit, ...make, compressorMicrofarads: 40 })
  return { healthy, truth: faultById(fault)!.applied(healthy, drawsFrom(SEED)) }
}
const SHARED = unitWith('cooling-1-pole-shared-capacitor', 'bearing-seized', 'heron-16')
const OWN = unitWith('cooling-2-pole-own-capacitor', 'bearing-seized', 'heron-16')
const MOTOR = vanMotor('rowan-25r')

const ON: readonly Act[] = [{ do: 'disconnect', to: 'closed', locked: false }]
const actsWith = (fitting: Fitting, papers = { readings: true, card: true }): Act[] => [
  { do: 'thermostat', to: 'off' },
  ...MAKE_SAFE.slice(1),
  { do: 'fit', fitting },
  ...ON,
  { do: 'thermostat', to: 'cooling' },
  { do: 'hand-over', ...papers },
]
function fitting(unit: Pair, wrong: (right: Fitting) => Fitting = (right) => right) {
  const acts = actsWith(wrong(masterlyFitting(unit, MOTOR)))
  expect(actProblems(unit, acts)).toEqual([])
  const round = playRound(unit, acts, SEED)
  const mark = gradeRound(unit, round, ['bearing-seized']).find(({ id }) => id === 'hookup')!
  const { power } = round.steps.find((step) => step.power !== null)!
  return { round, power: power!, points: mark.points, said: mark.remarks.map((r) => r.text) }
}
const lead = (role: string): string => MOTOR.leads.find((l) => l.role === role)!.id
const put = (right: Fitting, id: string, post: string): Fitting => ({
  ...right,
  placements: right.placements.map((p) => (p.lead === id ? { ...p, goes: { kind: 'post', post } } : p)),
})
const at = (right: Fitting, id: string): string => {
  const place = right.placements.find((p) => p.lead === id)!.goes
  if (place.kind !== 'post') throw new Error(`${id} is on no post`)
  return place.post
}

it.each([
  ['shared', SHARED],
  ['own', OWN],
] as const)('a master’s hookup on a %s capacitor runs at once, and is marked in full', (_, unit) => {
  const { round, power, points, said } = fitting(unit)
  expect(power.modes.map((m) => m.does)).toEqual(power.modes.map(() => 'right'))
  expect([points, said, round.isCured]).toEqual([100, [], true])
})

it('a capacitor with many sections is measured where each load is, with its jumpers: fan and compressor each have what they want', () => {
  const right = masterlyFitting(SHARED, MOTOR)
  const reads = (test: string, probe: string): unknown => {
    const acts = [...actsWith(right).slice(0, 5), { do: 'try', test } as const]
    return playRound(SHARED, acts, SEED).steps.at(-1)?.answer?.readings?.[probe as never]
  }
  // The tag of the motor that was fitted, and the 40 µF that this unit's compressor was made with; ±6 % of the can, and the meter's.
  const wanted = MOTOR.capacitor!.microfarads
  for (const [test, probe, microfarads] of [
    ['microfarads-fan', 'microfarads-FAN', wanted],
    ['microfarads-compressor', 'microfarads-HERM', 40],
  ] as const) {
    const { value } = reads(test, probe) as { value: number }
    expect(Math.abs(value / microfarads - 1)).toBeLessThan(0.1)
  }
})

it('first power is at the act that brings power and call together, and only once', () => {
  const acts = actsWith(masterlyFitting(OWN, MOTOR))
  const round = playRound(OWN, [...acts.slice(0, -1), { do: 'thermostat', to: 'cooling' }], SEED)
  const powered = round.steps.flatMap(({ power, act }) => (power ? [act] : []))
  expect(powered).toEqual([{ do: 'thermostat', to: 'cooling' }])
})

it('the plug set the other way: it turns backwards, and the way that the air asks for is named', () => {
  const { power, points, said, round } = fitting(OWN, (right) => ({
    ...right,
    plug: right.plug === 'CW' ? 'CCW' : 'CW',
  }))
  expect(power.modes.map((m) => m.does)).toEqual(power.modes.map(() => 'backwards'))
  expect(points).toBe(50)
  const { direction } = OWN.healthy.wanted
  expect(said[0]).toMatch(
    new RegExp(
      `^In cooling it turned the wrong way\\. The air asks for ${direction} seen from the (lead|shaft) end; the plug was set to C?CW\\.$`,
    ),
  )
  expect(round.isCured).toBe(false)
})

it('run and start exchanged: it does not run right, and both leads are named with where they belong', () => {
  const { points, said, round } = fitting(OWN, (right) => {
    const [run, start] = [lead('run'), lead('start')]
    return put(put(right, run, at(right, start)), start, at(right, run))
  })
  expect(points).toBeLessThan(100)
  expect(said[0]).toMatch(/belongs on .*, and .* belongs on /)
  expect(round.isCured).toBe(false)
})

it('the start lead hangs: it hums, and no capacitor is in its circuit', () => {
  const { power, said } = fitting(OWN, (right) => ({
    ...right,
    placements: right.placements.map((p) =>
      p.lead === lead('start') ? { ...p, goes: { kind: 'loose' } } : p,
    ),
  }))
  expect(['hums', 'push']).toContain(power.modes[0]!.does)
  expect(said).toContainEqual(
    expect.stringMatching(/^The motor’s tag asks for [\d.]+ µF, and no capacitor is in its circuit\.$/),
  )
})

it('a section too much: the tag’s µF and those that were given', () => {
  const wanted = MOTOR.capacitor!.microfarads
  const { said } = fitting(OWN, (right) => {
    const start = at(right, lead('start'))
    const free = right.can!.sections.find(
      (s) =>
        sectionPost(s.id) !== start &&
        !right.can!.jumpers.some((j) => [j.from, j.to].includes(sectionPost(s.id))),
    )!
    return {
      ...right,
      can: { ...right.can!, jumpers: [...right.can!.jumpers, { from: start, to: sectionPost(free.id) }] },
    }
  })
  // Parallel sections add: what was given is the tag's and the section's.
  const given = Number(/it was given ([\d.]+) µF/.exec(said.at(-1) ?? '')?.[1])
  expect(given).toBeGreaterThan(wanted * 1.06)
  expect(said.at(-1)).toMatch(
    new RegExp(`^The motor’s tag asks for ${wanted} µF; it was given [\\d.]+ µF\\.$`),
  )
})

it('the compressor’s wire on another section: the compressor’s µF are marked too', () => {
  const posts = compressorPosts(SHARED.healthy.unit)!
  const { said } = fitting(SHARED, (right) => {
    const small = right.can!.sections.find((s) => s.microfarads === 2.5)!
    return {
      ...right,
      unitWires: right.unitWires.map((w) =>
        w.from === posts.S
          ? { ...w, to: sectionPost(small.id) }
          : w.to === posts.S
            ? { ...w, from: sectionPost(small.id) }
            : w,
      ),
    }
  })
  expect(said).toContainEqual(
    expect.stringMatching(new RegExp(`^The compressor asks for 40 µF; it was given [\\d.]+ µF\\.$`)),
  )
})

it('a jumper to C shorts a section: nobody calls that right', () => {
  const { points } = fitting(OWN, (right) => ({
    ...right,
    can: {
      ...right.can!,
      jumpers: [...right.can!.jumpers, { from: NEW_C, to: at(right, lead('start')) }],
    },
  }))
  expect(points).toBeLessThan(100)
})

it('four times the tag’s µF: the windings burn, nothing is left of the mark, and the motor is dead from then on', () => {
  const { power, points, said, round } = fitting(OWN, (right) => {
    const large = right.can!.sections.find((s) => s.microfarads === 30)!
    return put(right, lead('start'), sectionPost(large.id))
  })
  expect([power.isBurnt, points]).toEqual([true, 0])
  expect(said[0]).toMatch(/^The windings turned so much into heat that they burnt/)
  expect(round.now.pair.truth.motor.shaft).toBe('burnt')
  expect(round.isCured).toBe(false)
})

it('hands in a live unit to fit are stopped as any', () => {
  const round = playRound(OWN, [{ do: 'fit', fitting: masterlyFitting(OWN, MOTOR) }], SEED)
  expect([round.state, round.steps[0]!.danger]).toEqual([
    'hurt',
    'The unit is live. Hands that reach in now meet the line: open the disconnect first.',
  ])
})

it('handed over without power, nobody saw it run', () => {
  const acts = actsWith(masterlyFitting(OWN, MOTOR)).filter(
    (act) => act.do !== 'disconnect' || act.to === 'open',
  )
  const mark = gradeRound(OWN, playRound(OWN, acts, SEED), []).find(({ id }) => id === 'hookup')!
  expect([mark.points, mark.remarks.map((r) => r.text)]).toEqual([
    0,
    ['What was fitted had no power: nobody saw it run.'],
  ])
})

it.each([
  [{ readings: false, card: true }, 50, /^Amps and turning at start-up were not written down/],
  [{ readings: true, card: false }, 50, /^The hookup is not proven on the board/],
] as const)('papers %j', (papers, points, text) => {
  const acts = actsWith(masterlyFitting(OWN, MOTOR), papers)
  const mark = gradeRound(OWN, playRound(OWN, acts, SEED), []).find(({ id }) => id === 'papers')!
  expect(mark.points).toBe(points)
  expect(mark.remarks.map((r) => r.text)).toEqual([expect.stringMatching(text)])
})

it('what makes no sense on this unit is named: a lead, a terminal, a horsepower, a wire’s end', () => {
  const right = masterlyFitting(OWN, MOTOR)
  const said = (wrong: Fitting) => actProblems(OWN, [{ do: 'fit', fitting: wrong }]).map((p) => p.message)
  expect(said({ ...right, horsepower: '9' })).toEqual(['This motor has no setting for 9 hp.'])
  expect(said(put({ ...right, sheet: vanMotor('rowan-16f') }, 'black', 'T9'))[0]).toMatch(
    /^This motor has no/,
  )
  expect(said(put(right, lead('run'), 'T9'))).toEqual(['There is no terminal called “T9” on this unit.'])
  expect(said({ ...right, unitWires: [{ id: 'w', from: 'T1', to: 'moon' }] })).toEqual([
    'There is no terminal called “moon” on this unit.',
  ])
})

it('where the van has nothing like it, motor and capacitor are not changed for their like', () =>
  expect(
    actProblems(
      OWN,
      [
        { do: 'change', part: 'motor' },
        { do: 'change', part: 'contactor' },
      ],
      {
        likeForLike: false,
      },
    ),
  ).toEqual([
    { index: 0, message: 'The van has no part like it for the motor: fit what it holds, by the board.' },
  ]))
