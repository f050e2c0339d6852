import fc from 'fast-check'
import { toPicofarads } from '../../quantity/exact'
import { planTaps, type TapPlan, type TapPlanCore } from './plan'
import type { Preference } from './score'
import { exhaustiveBest } from './testing/exhaustive'
import { highsBest, startHighs } from './testing/highs'
import { tradeInstance, TRADE_MICROFARADS } from './testing/instances'

const plan = (sections: number[], loads: number[], tolerancePercent = 6, prefer?: Preference): TapPlan =>
  planTaps({
    sections: sections.map((microfarads, i) => ({ id: `s${i}`, microfarads })),
    loads: loads.map((microfarads, i) => ({ load: `L${i}`, microfarads })),
    tolerancePercent,
    prefer,
  })

const scoreOf = (core: TapPlanCore) => ({
  worst: (core.worstErrorPercent as number) / 100,
  jumpers: core.jumperCount,
  sum: core.groups.reduce((sum, g) => sum + Math.abs(g.errorPercent) / 100, 0),
})

/** The plan that counts: the one within tolerance, else the nearest. */
const chosen = (result: TapPlan): TapPlanCore => (result.feasible ? result : (result.nearest as TapPlanCore))

/** Whatever the plan, these hold: sections given once, lead on the largest, figures that add up. */
function expectSound(result: TapPlanCore, sections: readonly number[], loads: readonly number[]) {
  const value = (id: string) => sections[Number(id.slice(1))] as number
  const given = [...result.groups.flatMap((g) => g.sections), ...result.unused]
  expect(given.sort()).toEqual(sections.map((_, i) => `s${i}`).sort())
  result.groups.forEach((group, l) => {
    const values = group.sections.map(value)
    const total = values.reduce((a, b) => a + b, 0)
    expect(value(group.lead)).toBe(Math.max(...values))
    expect(group.microfarads).toBeCloseTo(total, 6)
    expect(group.errorPercent).toBeCloseTo(100 * (total / (loads[l] as number) - 1), 6)
    expect(group.jumpers.map((j) => j.to).sort()).toEqual(
      group.sections.filter((s) => s !== group.lead).sort(),
    )
    expect(group.jumpers.every((j) => j.from === group.lead && j.share <= 0.5 + 1e-12)).toBe(true)
    expect(group.jumperShare).toBeCloseTo(1 - value(group.lead) / total, 9)
  })
}

describe('a plan worked by hand', () => {
  // 26 + 9 + 5 = 40 and 4.5 + 3 = 7.5; no other way to either: 18 with all that is left of the small ones is 39.5.
  const result = plan([26, 18, 9, 5, 4.5, 3], [40, 7.5])

  it('serves 40 and 7.5 exactly', () => {
    expect(result).toMatchObject({
      feasible: true,
      worstErrorPercent: 0,
      jumperCount: 3,
      unused: ['s1'],
      proven: true,
    })
    expect(result.groups[1]).toMatchObject({
      sections: ['s4', 's5'],
      microfarads: 7.5,
    })
  })

  it('gives the jumper the small share: 3 of 7.5', () =>
    expect(result.groups[1]?.jumperShare).toBeCloseTo(0.4, 12))

  it('takes a sum exactly at the limit as inside, also where binary fractions do not', () => {
    expect(5 * 1.06 - 5.3).not.toBe(0)
    expect(plan([5.3], [5]).feasible).toBe(true)
    expect(plan([4.7], [5]).feasible).toBe(true)
    expect(plan([5.300001], [5]).feasible).toBe(false)
    expect(plan([4.699999], [5]).feasible).toBe(false)
  })

  it('prefers fewer jumpers to a better value only when asked', () => {
    // 7.5 from 5 + 2.5 is exact with a jumper; 7.3 alone is 2.7 % low without one.
    expect(plan([5, 2.5, 7.3], [7.5]).jumperCount).toBe(1)
    expect(plan([5, 2.5, 7.3], [7.5], 6, 'simple')).toMatchObject({
      feasible: true,
      jumperCount: 0,
      groups: [{ sections: ['s2'] }],
    })
  })

  it('names the load that nothing reaches, and the nearest', () => {
    const none = plan([10, 5], [80])
    expect(none).toMatchObject({
      feasible: false,
      groups: [],
      unused: ['s0', 's1'],
      nearest: { groups: [{ microfarads: 15 }] },
    })
    expect(none.problems).toEqual([
      {
        path: 'loads.0.microfarads',
        message:
          'No joining of these sections brings L0 within 6 % of 80 µF; the closest whole plan gives 15 µF (−81.3 %).',
      },
    ])
  })

  it('has no nearest when there are more loads than sections', () =>
    expect(plan([5, 10], [5, 5, 10])).toMatchObject({
      feasible: false,
      nearest: null,
      problems: [{ path: 'loads' }],
    }))
})

const microfarads = fc.oneof(
  fc.constantFrom(...TRADE_MICROFARADS),
  fc.integer({ min: 1, max: 4000 }).map((n) => n / 100),
)
const instance = fc.integer({ min: 1, max: 3 }).chain((k) =>
  fc.record({
    sections: fc.array(microfarads, { minLength: Math.max(2, k), maxLength: k === 3 ? 7 : 8 }),
    loads: fc.array(microfarads, { minLength: k, maxLength: k }),
    tolerance: fc.constantFrom(0, 3, 6, 10),
    prefer: fc.constantFrom<Preference>('exact', 'simple'),
  }),
)

it('is the optimum that exhaustive enumeration finds, on 600 seeded cans', () => {
  fc.assert(
    fc.property(instance, ({ sections, loads, tolerance, prefer }) => {
      const result = plan(sections, loads, tolerance, prefer)
      const values = sections.map(toPicofarads)
      const targets = loads.map(toPicofarads)
      const within = exhaustiveBest(values, targets, tolerance, 'simple')
      expect(result.feasible).toBe(within !== null)
      const oracle = result.feasible
        ? exhaustiveBest(values, targets, tolerance, prefer)
        : exhaustiveBest(values, targets, tolerance, 'exact')
      const best = chosen(result)
      expect(best.proven).toBe(true)
      expect(scoreOf(best).jumpers).toBe(oracle?.jumpers)
      expect(scoreOf(best).worst).toBeCloseTo(oracle?.worst as number, 10)
      expect(scoreOf(best).sum).toBeCloseTo(oracle?.sum as number, 10)
      expectSound(best, sections, loads)
    }),
    { numRuns: 600, seed: 20261124 },
  )
}, 120_000)

it('is the optimum that HiGHS finds, on 120 seeded cans of trade values in both orders', async () => {
  const highs = await startHighs()
  for (let seed = 1; seed <= 120; seed++) {
    const { sections, loads } = tradeInstance(seed, 3 + (seed % 8), 1 + (seed % 3))
    const prefer: Preference = seed % 2 ? 'exact' : 'simple'
    const result = plan(sections, loads, 6, prefer)
    const rival = highsBest(highs, sections, loads, 6, prefer)
    if (prefer === 'simple') expect([seed, rival !== null]).toEqual([seed, result.feasible])
    if (!rival) continue
    const ours = scoreOf(chosen(result))
    expect([seed, ours.jumpers]).toEqual([seed, rival.jumpers])
    expect(Math.abs(ours.worst - rival.worst)).toBeLessThan(1e-5)
    expect(Math.abs(ours.sum - rival.sum)).toBeLessThan(1e-5)
  }
}, 120_000)

it('answers for 24 sections of trade values and says that the answer is proven best', () => {
  const { sections, loads } = tradeInstance(7, 24, 2)
  const result = plan(sections, loads)
  expect(result.proven).toBe(true)
  expectSound(chosen(result), sections, loads)
})

it('admits that it is not proven best when the steps run out', () => {
  const hard = Array.from({ length: 24 }, (_, i) => 7 + 1.234567 * i + ((i * i * 0.137) % 1))
  const result = plan(hard, [31.41, 27.18, 57.72, 14.14, 16.18, 26.85, 43.21, 38.9])
  expectSound(chosen(result), hard, [31.41, 27.18, 57.72, 14.14, 16.18, 26.85, 43.21, 38.9])
  expect(chosen(result).proven).toBe(false)
}, 60_000)

describe('a section of the old can that stays', () => {
  const section = (id: string, microfarads: number, stays?: string) => ({
    id,
    microfarads,
    ...(stays ? { stays } : {}),
  })
  it('serves its own load by itself, though another section would come closer, and never another load of the same value', () => {
    const sections = [section('new', 15), section('old', 14.8, 'HERM')]
    const loads = [
      { load: 'HERM', microfarads: 15 },
      { load: 'FAN', microfarads: 15 },
    ]
    expect(planTaps({ sections, loads, tolerancePercent: 6 }).groups.map((g) => [g.load, g.lead])).toEqual([
      ['HERM', 'old'],
      ['FAN', 'new'],
    ])
    expect(
      planTaps({ sections, loads: [...loads].reverse(), tolerancePercent: 6 }).groups.map((g) => [
        g.load,
        g.lead,
      ]),
    ).toEqual([
      ['FAN', 'new'],
      ['HERM', 'old'],
    ])
  })
  it('serves nothing once its load asks for another value', () => {
    const plan = planTaps({
      sections: [section('new', 30), section('old', 14.8, 'HERM')],
      loads: [{ load: 'HERM', microfarads: 30 }],
      tolerancePercent: 6,
    })
    expect([plan.feasible, plan.groups[0]?.lead, plan.unused]).toEqual([true, 'new', ['old']])
  })
  it('a problem names the load by its place among all', () => {
    const plan = planTaps({
      sections: [section('new', 30), section('old', 14.8, 'HERM')],
      loads: [
        { load: 'HERM', microfarads: 15 },
        { load: 'FAN', microfarads: 5 },
      ],
      tolerancePercent: 6,
    })
    expect([plan.feasible, plan.problems.map((p) => p.path)]).toEqual([false, ['loads.1.microfarads']])
  })
})

describe('with a section that stays, whole', () => {
  const OLD = { id: 'old', microfarads: 14.8, stays: 'HERM' }
  const HERM = { load: 'HERM', microfarads: 15 }
  it('as the only load: nothing is joined, and what it is off is told (0.2 of 15)', () =>
    expect(
      planTaps({ sections: [OLD, { id: 'new', microfarads: 5 }], loads: [HERM], tolerancePercent: 6 }),
    ).toEqual({
      feasible: true,
      groups: [
        {
          load: 'HERM',
          sections: ['old'],
          lead: 'old',
          jumpers: [],
          microfarads: 14.8,
          errorPercent: expect.closeTo(-20 / 15, 9),
          jumperShare: 0,
        },
      ],
      worstErrorPercent: expect.closeTo(20 / 15, 9),
      jumperCount: 0,
      unused: ['new'],
      proven: true,
      nearest: null,
      problems: [],
    }))
  it('beside others: the worst of all is told, and the jumpers are theirs', () => {
    const fan = (microfarads: number) =>
      planTaps({
        sections: [OLD, { id: 'a', microfarads: 5 }, { id: 'b', microfarads: 2.5 }],
        loads: [HERM, { load: 'FAN', microfarads }],
        tolerancePercent: 6,
      })
    expect(fan(7.5)).toMatchObject({
      worstErrorPercent: expect.closeTo(20 / 15, 9),
      jumperCount: 1,
      unused: [],
    })
    // 7.5 for 7.75 is 3.2 % low.
    expect(fan(7.75).worstErrorPercent).toBeCloseTo(25 / 7.75, 9)
  })
  it('where the rest cannot be served: the nearest counts it in, a load before it keeps its place in the list', () => {
    const plan = planTaps({
      sections: [{ id: 'a', microfarads: 5 }, OLD],
      loads: [{ load: 'FAN', microfarads: 50 }, HERM, { load: 'AUX', microfarads: 3 }],
      tolerancePercent: 6,
    })
    expect([plan.feasible, plan.problems]).toEqual([
      false,
      [
        {
          path: 'loads',
          message: '2 loads need 2 sections, and the can has 1: no section may serve two loads.',
        },
      ],
    ])
    expect(plan.unused).toEqual(['a', 'old'])
    const near = planTaps({
      sections: [{ id: 'a', microfarads: 5 }, { id: 'b', microfarads: 3 }, OLD],
      loads: [{ load: 'FAN', microfarads: 50 }, HERM, { load: 'AUX', microfarads: 6 }],
      tolerancePercent: 6,
    })
    expect(near.problems.map((p) => p.path)).toEqual(['loads.0.microfarads', 'loads.2.microfarads'])
    expect(near.nearest?.groups.map((g) => [g.load, g.lead])).toEqual([
      ['FAN', 'a'],
      ['HERM', 'old'],
      ['AUX', 'b'],
    ])
    expect([near.groups, near.unused]).toEqual([[], ['a', 'b', 'old']])
  })
  it('the load of another value is served by others, and the old section is left', () => {
    const { groups, unused } = planTaps({
      sections: [OLD, { id: 'new', microfarads: 30 }, { id: 'left', microfarads: 4 }],
      loads: [{ load: 'HERM', microfarads: 30 }],
      tolerancePercent: 6,
    })
    expect([groups[0]?.lead, unused]).toEqual(['new', ['left', 'old']])
  })
})

it('what is unused is told in the order of the can, not of size', () =>
  expect(plan([3, 40, 5, 7.5], [40]).unused).toEqual(['s0', 's2', 's3']))
it('of two alike sections the first of the can is taken', () =>
  expect(plan([5, 40, 40], [40]).groups[0]?.lead).toBe('s1'))
it('more loads than sections is told in figures', () =>
  expect(plan([5, 10], [5, 5, 10]).problems).toEqual([
    {
      path: 'loads',
      message: '3 loads need 3 sections, and the can has 2: no section may serve two loads.',
    },
  ]))
it('each jumper carries its section’s share of the group: of 26 + 9 + 5', () => {
  const [group] = plan([26, 9, 5], [40]).groups
  expect(group?.jumpers).toEqual([
    { from: 's0', to: 's1', share: 9 / 40 },
    { from: 's0', to: 's2', share: 5 / 40 },
  ])
  expect(group?.jumperShare).toBeCloseTo(14 / 40, 12)
})
it('exact by default; the simple order falls back to the nearest by error where nothing is within tolerance', () => {
  // 7.3 alone is 2.7 % low, within 6 %; 5 + 2.5 is exact.
  expect(plan([5, 2.5, 7.3], [7.5]).groups[0]?.microfarads).toBe(7.5)
  const none = plan([5, 2.5, 7.3], [20], 6, 'simple')
  expect([none.feasible, none.proven, none.nearest?.groups[0]?.microfarads]).toEqual([false, true, 14.8])
})
