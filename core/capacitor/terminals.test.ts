import fc from 'fast-check'
import { identifyTerminals, type TerminalProblem } from './terminals'
import type { PostRole } from './terminal-finding'
import type { MeterReading } from './bench'

/** Posts 1, 2, 3 read pair by pair: 1-2, 1-3, 2-3. */
const can = (
  readings: readonly [MeterReading, MeterReading, MeterReading],
  more: Partial<TerminalProblem> = {},
): TerminalProblem => ({
  posts: ['1', '2', '3'],
  pairs: (
    [
      ['1', '2'],
      ['1', '3'],
      ['2', '3'],
    ] as const
  ).map((between, i) => ({ between, microfarads: readings[i] as MeterReading })),
  ...more,
})
const told = (problem: TerminalProblem) =>
  Object.fromEntries(identifyTerminals(problem).posts.map((p) => [p.post, p.is]))
const METER = { percent: 2, counts: 3, resolution: 0.01 }

describe('three live pairs', () => {
  // 45 and 5 in series: 45·5/50 = 4.5.
  it('a healthy 45/5: C is opposite the smallest reading', () => {
    const answer = identifyTerminals(can([45, 5, 4.5]))
    expect(answer).toMatchObject({ state: 'identified', settledBy: [expect.any(String)] })
    expect(told(can([45, 5, 4.5]))).toEqual({ 1: 'C', 2: 'HERM', 3: 'FAN' })
    expect(answer.posts.map((p) => p.certainty)).toEqual(['certain', 'likely', 'likely'])
  })
  it('is certain of HERM where the marking is known', () => {
    const answer = identifyTerminals(
      can([44.2, 4.9, 4.41], { rated: { herm: 45, fan: 5, tolerancePercent: 6 }, meter: METER }),
    )
    expect(answer.posts.map((p) => p.certainty)).toEqual(['certain', 'certain', 'certain'])
    expect(answer.sections.map((s) => s.verdict)).toEqual(['in', 'in'])
  })
  it('does not name the larger section HERM when HERM has lost its value', () => {
    // Marked 35/10; HERM down to 6: 6·10/16 = 3.75. Post 3 is FAN, and now the larger.
    const answer = identifyTerminals(
      can([6, 10, 3.75], { rated: { herm: 35, fan: 10, tolerancePercent: 6 } }),
    )
    expect(answer.posts.map((p) => p.is)).toEqual(['C', null, null])
    expect(answer.state).toBe('partly')
  })
  it('equal sections are not told apart', () => {
    const answer = identifyTerminals(can([10, 10, 5], { meter: METER }))
    expect(answer).toMatchObject({
      state: 'equal',
      posts: [{ post: '1', is: 'C' }, { is: null }, { is: null }],
    })
  })
  it('with very unequal sections C and HERM change places, FAN stays', () => {
    // 80 and 2 in series: 1.951. Within 2 % + 3 counts (±0.07) it could be the 2 itself, and the other way round.
    const answer = identifyTerminals(can([80, 2, 1.95], { meter: METER }))
    expect(answer).toMatchObject({
      state: 'partly',
      posts: [{ post: '3', is: 'FAN' }, { is: null }, { is: null }],
    })
  })
  it('readings of no can say what the third should be', () => {
    const answer = identifyTerminals(can([45, 5, 9]))
    expect(answer.state).toBe('inconsistent')
    // The two larger are 1-2 = 45 and 2-3 = 9: with 2 as C the third would be 45·9/54 = 7.5.
    expect(answer.findings[0]).toContain('With 2 as C, 1–3 should read 7.5 µF, and it reads 5 µF')
  })
})

describe('failed parts', () => {
  it('one live pair fits three faults, and none is chosen', () => {
    const answer = identifyTerminals(
      can([0.01, 4.55, 0], { rated: { herm: 50, fan: 5, tolerancePercent: 6 } }),
    )
    expect(answer.state).toBe('failed')
    expect(answer.posts.every((p) => p.is === null)).toBe(true)
    // The series value of 50 and 5 is 250/55 = 4.545.
    expect(answer.findings.join(' ')).toContain(
      'HERM with FAN in series (marked 4.55, read 4.55), and 2 is C',
    )
  })
  it('two live pairs are a misreading: two in series cannot read nothing', () =>
    expect(identifyTerminals(can([45, 5, 0])).state).toBe('inconsistent'))
  it('nothing live at all', () =>
    expect(identifyTerminals(can([0, 0, 0])).findings[0]).toContain('No pair reads anything'))
  it('OL is taken as such and concluded from by nothing but an ohm reading', () =>
    expect(identifyTerminals(can(['OL', 5, 5]))).toMatchObject({
      state: 'failed',
      settledBy: [expect.stringContaining('read ohms')],
    }))
})

describe('blade counts', () => {
  it('agree, disagree, or say nothing', () => {
    expect(identifyTerminals(can([45, 5, 4.5], { blades: { 1: 4, 2: 3, 3: 2 } })).blades).toMatchObject({
      agrees: true,
    })
    expect(identifyTerminals(can([45, 5, 4.5], { blades: { 1: 2, 2: 3, 3: 4 } })).blades).toMatchObject({
      agrees: false,
      words: expect.stringContaining('The readings count'),
    })
    expect(identifyTerminals(can([45, 5, 4.5], { blades: { 1: 3, 2: 3, 3: 3 } })).blades).toMatchObject({
      agrees: null,
    })
  })
})

// Cans whose truth is known: sections aged, open, shorted or healthy, the joint open or not, posts shuffled, the meter noisy.
const state = fc.oneof(
  { weight: 6, arbitrary: fc.constant('good' as const) },
  { weight: 2, arbitrary: fc.constant('aged' as const) },
  { weight: 1, arbitrary: fc.constant('open' as const) },
  { weight: 1, arbitrary: fc.constant('short' as const) },
)
const generated = fc.record({
  herm: fc.constantFrom(10, 15, 20, 25, 30, 35, 40, 45, 50, 55, 60, 70, 80),
  fan: fc.constantFrom(2, 2.5, 3, 4, 5, 6, 7.5, 10, 12.5, 15),
  hermState: state,
  fanState: state,
  joint: fc.boolean(),
  jointOpen: fc.integer({ min: 0, max: 9 }),
  spread: fc.tuple(fc.double({ min: -1, max: 1, noNaN: true }), fc.double({ min: -1, max: 1, noNaN: true })),
  noise: fc.tuple(
    fc.double({ min: -1, max: 1, noNaN: true }),
    fc.double({ min: -1, max: 1, noNaN: true }),
    fc.double({ min: -1, max: 1, noNaN: true }),
  ),
  age: fc.tuple(
    fc.double({ min: 0.1, max: 0.9, noNaN: true }),
    fc.double({ min: 0.1, max: 0.9, noNaN: true }),
  ),
  order: fc.shuffledSubarray<PostRole>(['C', 'HERM', 'FAN'], { minLength: 3 }),
  marked: fc.boolean(),
})

it('on 3,000 generated cans no certain answer is wrong', () => {
  fc.assert(
    fc.property(generated, (g) => {
      const tolerancePercent = 6
      const value = (rated: number, s: typeof g.hermState, spread: number, age: number) => {
        if (s === 'open') return 0
        if (s === 'short') return Infinity
        return rated * (s === 'aged' ? age : 1 + (spread * tolerancePercent) / 100)
      }
      const a = value(g.herm, g.hermState, g.spread[0], g.age[0])
      const b = value(g.fan, g.fanState, g.spread[1], g.age[1])
      const open = g.jointOpen === 0
      const between = (x: PostRole, y: PostRole): number => {
        if (x !== 'C' && y !== 'C') {
          if (a === Infinity) return b
          if (b === Infinity) return a
          return a + b === 0 ? 0 : (a * b) / (a + b)
        }
        if (open) return 0
        return x === 'HERM' || y === 'HERM' ? a : b
      }
      const read = (x: PostRole, y: PostRole, noise: number): MeterReading => {
        const truth = between(x, y)
        if (truth === Infinity) return 'OL'
        // The reading is rounded to 0.01: the true value stays within 2 % + 3 counts of it.
        return Math.max(0, Math.round(100 * (truth + noise * (truth * 0.019 + 0.024))) / 100)
      }
      const [p, q, r] = g.order as [PostRole, PostRole, PostRole]
      const problem = can([read(p, q, g.noise[0]), read(p, r, g.noise[1]), read(q, r, g.noise[2])], {
        meter: METER,
        ...(g.marked ? { rated: { herm: g.herm, fan: g.fan, tolerancePercent } } : {}),
      })
      // A section below what counts as open is open, whatever is left of it.
      fc.pre(
        [a, b].every((x) => x === 0 || x === Infinity || x > 0.6) &&
          (a === 0 || b === 0 || a === Infinity || b === Infinity || (a * b) / (a + b) > 0.6),
      )
      const truth: Record<string, PostRole> = { 1: p, 2: q, 3: r }
      const answer = identifyTerminals(problem)
      for (const { post, is, certainty } of answer.posts)
        if (certainty === 'certain') expect([post, is]).toEqual([post, truth[post]])
      // By custom may only fail where the larger section is not HERM.
      for (const { post, is, certainty } of answer.posts)
        if (certainty === 'likely' && a > b) expect([post, is]).toEqual([post, truth[post]])
      if (answer.state === 'identified')
        expect([a, b].every((x) => x > 0 && Number.isFinite(x)) && !open).toBe(true)
    }),
    { numRuns: 3000, seed: 77 },
  )
})

describe('one pair that shows OL', () => {
  const read = (ab: number | 'OL', ac: number | 'OL', bc: number | 'OL') =>
    identifyTerminals({
      posts: ['1', '2', '3'],
      pairs: [
        { between: ['1', '2'], microfarads: ab },
        { between: ['1', '3'], microfarads: ac },
        { between: ['2', '3'], microfarads: bc },
      ],
    })
  it('and two alike: the post outside it is certainly not C (a shorted section makes its posts one)', () => {
    const { state, findings } = read('OL', 5, 5)
    expect([state, findings]).toEqual([
      'failed',
      [
        '1–2: the meter shows OL, and 3 reads the same to both: a section is shorted or beyond the meter’s range. 3 is certainly not C.',
      ],
    ])
  })
  it('and two unlike contradict each other', () => {
    const { state, findings } = read('OL', 5, 40)
    expect([state, findings]).toEqual([
      'inconsistent',
      [
        '1–2: the meter shows OL, and 3 reads 5 and 40 µF to them: no can does that, since a shorted section would make both alike.',
      ],
    ])
  })
  it('and one a little below the other: a large section beyond the range (5 in series with 60 is 4.62)', () =>
    expect(read('OL', 5, 4.6).findings[0]).toContain(
      'a section beyond the meter’s range, as 3 reads a little less',
    ))
})
