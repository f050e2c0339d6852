// What is said of three posts, sentence by sentence, and what the blades hint at.
import type { MeterReading } from './bench'
import { identifyTerminals, type TerminalProblem } from './terminals'

/** Posts 1, 2, 3 read pair by pair: 1-2, 1-3, 2-3. */
const can = (
  [a, b, c]: readonly [MeterReading, MeterReading, MeterReading],
  more: Partial<TerminalProblem> = {},
): TerminalProblem => ({
  posts: ['1', '2', '3'],
  pairs: [
    { between: ['1', '2'], microfarads: a },
    { between: ['1', '3'], microfarads: b },
    { between: ['2', '3'], microfarads: c },
  ],
  ...more,
})
const METER = { percent: 2, counts: 3, resolution: 0.01 }

describe('in words', () => {
  const said = (problem: TerminalProblem) => {
    const { state, findings, settledBy } = identifyTerminals(problem)
    return [state, findings, settledBy]
  }
  const RATED = { herm: 45, fan: 5, tolerancePercent: 6 }
  const FOLLOW =
    'The compressor’s start wire is on HERM, the fan’s start lead on FAN: following them makes it certain.'
  it('a healthy can, by custom and by its marking', () => {
    expect(said(can([45, 5, 4.5]))).toEqual([
      'identified',
      [
        '1 is C: 2–3 reads as the other two in series.',
        '2 is the larger section, so HERM by custom; 3 is FAN by custom.',
      ],
      [FOLLOW],
    ])
    expect(said(can([45, 5, 4.5], { rated: RATED }))).toEqual([
      'identified',
      [
        '1 is C: 2–3 reads as the other two in series.',
        '2 is HERM: the FAN section is never that large. So 3 is FAN.',
      ],
      [],
    ])
  })
  it('the sections of a healthy can, with posts, values and what the meter leaves open', () => {
    // 2 % + 3 counts: 45 ± 0.93, 5 ± 0.13. 1 is C.
    expect(identifyTerminals(can([45, 5, 4.5], { rated: RATED, meter: METER })).sections).toEqual([
      {
        load: 'HERM',
        posts: ['1', '2'],
        microfarads: 45,
        low: expect.closeTo(44.07, 9),
        high: expect.closeTo(45.93, 9),
        verdict: 'in',
      },
      {
        load: 'FAN',
        posts: ['1', '3'],
        microfarads: 5,
        low: expect.closeTo(4.87, 9),
        high: expect.closeTo(5.13, 9),
        verdict: 'in',
      },
    ])
    expect(identifyTerminals(can([45, 5, 4.5])).sections.map((s) => [s.load, s.verdict])).toEqual([
      ['HERM', null],
      ['FAN', null],
    ])
  })
  it('a HERM section that fell below what FAN is marked', () =>
    expect(said(can([6, 10, 3.75], { rated: { herm: 35, fan: 10, tolerancePercent: 6 } }))).toEqual([
      'partly',
      [
        '1 is C: 2–3 reads as the other two in series.',
        'Against the marking, HERM has lost value: 3 and 2 cannot be told apart by size any more. The can is done for.',
      ],
      [FOLLOW],
    ]))
  it('a larger section is HERM for certain only above what FAN may have: 10 + 6 % is 10.6', () => {
    const certainty = (large: number) =>
      identifyTerminals(
        can([large, 5, (large * 5) / (large + 5)], { rated: { herm: 35, fan: 10, tolerancePercent: 6 } }),
      ).posts[1]?.certainty
    expect([certainty(10.6), certainty(10.7)]).toEqual(['cannot-tell', 'certain'])
  })
  it('alike sections', () =>
    expect(said(can([10, 10, 5]))).toEqual([
      'equal',
      [
        '1 is C. The two sections read alike: which is HERM and which is FAN cannot be told by readings, and does not matter if both loads ask for that value.',
      ],
      ['Follow the wires: the compressor’s start wire is on HERM.'],
    ]))
  it('very unequal sections, without and with a marking', () => {
    const AFTER =
      '1 and 2 are C and HERM, but the series reading is so near the FAN value that this meter cannot tell which is which.'
    const TIE =
      'Follow the wires: the tie to a line and the compressor’s run wire are on C; the compressor’s start wire is on HERM.'
    expect(said(can([80, 2, 1.95], { meter: METER }))).toEqual([
      'partly',
      [`3 is FAN by custom: both its readings are small. ${AFTER}`],
      [TIE],
    ])
    const rated = { herm: 80, fan: 2, tolerancePercent: 6 }
    expect(said(can([80, 2, 1.95], { meter: METER, rated }))).toEqual([
      'partly',
      [`3 is FAN: both its readings are small. ${AFTER}`],
      [TIE],
    ])
  })
  it('a meter too coarse to tell any of them, or the larger two', () => {
    const coarse = (counts: number) => ({ percent: 0, counts, resolution: 1 })
    expect(said(can([10, 10, 5], { meter: coarse(20) }))).toEqual([
      'cannot-tell',
      ['With this meter’s accuracy any of the three posts could be C.'],
      ['Take a finer range, or follow the wires.'],
    ])
    // ±2.5: 14 and 9 are 11.5 to 16.5 and 6.5 to 11.5, in series 4.1 to 6.8, so that 9 may be that: 1 or 2 is C. 3 is FAN only if 1-2 is larger for certain.
    const half = { percent: 0, counts: 2.5, resolution: 1 }
    expect(said(can([14, 9, 9], { meter: half }))).toEqual([
      'cannot-tell',
      ['With this meter’s accuracy 1 or 2 could be C.'],
      ['Take a finer range, or follow the wires.'],
    ])
    const { state, posts } = identifyTerminals(can([14.1, 9, 9], { meter: half }))
    expect([state, posts]).toEqual([
      'partly',
      [
        { post: '3', is: 'FAN', certainty: 'likely' },
        { post: '1', is: null, certainty: 'cannot-tell' },
        { post: '2', is: null, certainty: 'cannot-tell' },
      ],
    ])
  })
  it('readings of no can', () =>
    expect(said(can([45, 5, 9]))).toEqual([
      'inconsistent',
      [
        'No can reads so: the smallest of the three should be the other two in series. With 2 as C, 1–3 should read 7.5 µF, and it reads 5 µF.',
      ],
      ['Discharge it, clean the posts and read all three again.'],
    ]))
  it('nothing reads; two read and one does not', () => {
    expect(said(can([0, 0.4, 0]))).toEqual([
      'failed',
      [
        'No pair reads anything: both sections, or one of them and the joint at C, are open. The can is done for.',
      ],
      [],
    ])
    expect(said(can([45, 0, 5]))).toEqual([
      'inconsistent',
      [
        'Two pairs read and the third reads nothing: no can does that, since the third would be the two in series.',
      ],
      ['Read 1–3 again, with clean posts.'],
    ])
  })
  it('half a microfarad is a reading, less is none', () => {
    expect(said(can([45, 0.5, 0.49]))[0]).toBe('inconsistent')
    // 45 and 0.51 in series: 0.504. So near the 0.51 that C and HERM are not told apart.
    expect(said(can([45, 0.51, 0.5], { meter: METER }))[0]).toBe('partly')
  })
  it('one that reads, with and without a marking (45 and 5 in series: 4.5)', () => {
    const SETTLED =
      'Follow the wires instead: the compressor’s start wire is on HERM, the fan’s start lead on FAN, the tie to a line on C.'
    const first =
      'Only 1–3 reads, 4.4 µF; 2 reads nothing. A part of the can is open, and the can is done for. Three faults look like this:'
    expect(said(can([0, 4.4, 0], { rated: RATED }))).toEqual([
      'failed',
      [
        first,
        'the HERM section is open: then 1–3 is C with FAN (marked 5, read 4.4), and 2 is HERM;',
        'the FAN section is open: then 1–3 is C with HERM (marked 45, read 4.4), and 2 is FAN;',
        'the joint at C is open: then 1–3 is HERM with FAN in series (marked 4.5, read 4.4), and 2 is C. It looks like a weak FAN section.',
      ],
      [SETTLED],
    ])
    expect(said(can([0, 4.4, 0]))).toEqual([
      'failed',
      [
        first,
        'the HERM section is open: then 1–3 is C with FAN, and 2 is HERM;',
        'the FAN section is open: then 1–3 is C with HERM, and 2 is FAN;',
        'the joint at C is open: then 1–3 is HERM with FAN in series, and 2 is C. It looks like a weak FAN section.',
      ],
      [SETTLED],
    ])
  })
  const OHMS =
    'Discharge it and read ohms between those posts: near 0 Ω is a shorted section, and the can is done for. Otherwise take a higher µF range.'
  it('two or three that show OL: no post is told', () => {
    expect(said(can(['OL', 'OL', 5]))).toEqual([
      'failed',
      [
        '1–2 and 1–3: the meter shows OL, so a section is shorted or beyond the meter’s range. No post can be told from that.',
      ],
      [OHMS],
    ])
    expect(said(can(['OL', 'OL', 'OL']))[1]).toEqual([
      '1–2 and 1–3 and 2–3: the meter shows OL, so a section is shorted or beyond the meter’s range. No post can be told from that.',
    ])
  })
  it('OL and two that overlap by the meter, are near, or far: 0.8 of the larger is the limit', () => {
    const state = (a: number, b: number, meter?: TerminalProblem['meter']) => {
      const found = identifyTerminals(can(['OL', a, b], { meter }))
      return [found.state, found.findings[0]?.includes('reads the same'), found.settledBy[0] === OHMS]
    }
    expect(state(5, 4.9)).toEqual(['failed', false, true])
    expect(state(5, 4.9, METER)).toEqual(['failed', true, true])
    expect(state(4.9, 5, METER)).toEqual(['failed', true, true])
    expect(state(5, 4)).toEqual(['failed', false, true])
    expect(state(5, 3.99)).toEqual(['inconsistent', false, false])
    expect(state(3.99, 5)).toEqual(['inconsistent', false, false])
    expect(identifyTerminals(can(['OL', 5, 3.99])).settledBy).toEqual([
      'Read all three pairs again, with clean posts.',
    ])
    expect(identifyTerminals(can([5, 'OL', 4])).findings).toEqual([
      '1–3: the meter shows OL: a section beyond the meter’s range, as 2 reads a little less to one of its posts than to the other. 2 is certainly not C.',
    ])
  })
})

describe('the hint of the blades, in words', () => {
  const hint = (blades: Record<string, number>, readings: [number, number, number] = [45, 5, 4.5]) =>
    identifyTerminals(can(readings, { blades })).blades
  it('with the readings, against them, alike, and where the readings told nothing', () => {
    expect(hint({ 1: 4, 2: 3, 3: 2 })).toEqual({
      posts: [
        { post: '1', is: 'C' },
        { post: '2', is: 'HERM' },
        { post: '3', is: 'FAN' },
      ],
      agrees: true,
      words: 'The blades, by custom, make 1 C, 2 HERM, 3 FAN, as the readings do.',
    })
    expect(hint({ 1: 4, 2: 2, 3: 3 })).toMatchObject({
      agrees: false,
      words:
        'The blades would make 2 FAN, 3 HERM, against the readings. The readings count; blades are only custom.',
    })
    expect(hint({ 1: 3, 2: 3, 3: 3 })).toMatchObject({
      agrees: null,
      words: 'The blade counts are alike and say nothing.',
    })
    expect(hint({ 1: 4, 2: 3, 3: 2 }, [0, 0, 0])).toMatchObject({
      agrees: null,
      words: 'The blades, by custom, make 1 C, 2 HERM, 3 FAN.',
    })
  })
  it('two alike are left open, the third is not; a post nobody counted has none', () => {
    expect(hint({ 1: 4, 2: 3, 3: 3 })).toMatchObject({
      posts: [{ is: 'C' }, { is: null }, { is: null }],
      words: 'The blades, by custom, make 1 C, as the readings do.',
    })
    expect(hint({ 1: 4, 2: 3 })?.posts.map((p) => p.is)).toEqual(['C', 'HERM', 'FAN'])
  })
  it('no count, no hint', () => expect(identifyTerminals(can([45, 5, 4.5])).blades).toBeNull())
})
