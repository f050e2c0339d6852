// What is said of leads found by ohms: roles with their reasons, faults, and which pair to read next. Sums and differences are by hand.
import { findLeads, type FindInput } from './find'
import type { PairReading } from './reading'

const pair = (a: string, b: string, ohms: number | 'OL'): PairReading => ({ between: [a, b], ohms })
const find = (leads: string[], pairs: PairReading[], more: Partial<FindInput> = {}) =>
  findLeads({ leads, pairs, fan: 'outdoor', ...more })
const reasons = (found: ReturnType<typeof find>) =>
  Object.fromEntries(found.roles.map((r) => [r.lead, `${r.role ?? '?'}, ${r.confidence}: ${r.why}`]))
const faults = (found: ReturnType<typeof find>) => found.faults.map((f) => f.message)
const THREE = ['black', 'white', 'brown']
const GOOD = [pair('black', 'white', 18.7), pair('black', 'brown', 23.6), pair('white', 'brown', 42.3)]
const ENDS = '18.7 Ω to one end, 23.6 Ω to the other'

describe('roles', () => {
  it('of three leads, outdoors and in a blower', () => {
    expect(reasons(find(THREE, GOOD))).toEqual({
      black: 'motor-common, certain: The other two add up through it: 18.7 + 23.6 = 42.3 Ω.',
      white: `run, certain: The end of fewer ohms (${ENDS}).`,
      brown: `start, certain: The end of more ohms (${ENDS}).`,
    })
    expect(reasons(find(THREE, GOOD, { fan: 'blower' }))).toEqual({
      black: 'speed, certain: The other two add up through it: 18.7 + 23.6 = 42.3 Ω.',
      white: `line, certain: The end of fewer ohms (${ENDS}).`,
      brown: `capacitor, certain: The end of more ohms (${ENDS}).`,
    })
  })
  it('of two leads that are one point', () => {
    const found = find(
      [...THREE, 'brown/white'],
      [...GOOD, pair('black', 'brown/white', 18.7), pair('white', 'brown/white', 0.1)],
    )
    const TWIN = `The end of fewer ohms (${ENDS}). Two leads are this one point: run and run-return, either way round.`
    expect(reasons(found)).toMatchObject({
      white: `run, certain: ${TWIN}`,
      'brown/white': `run-return, certain: ${TWIN}`,
      brown: `start, certain: The end of more ohms (${ENDS}).`,
    })
  })
  it('of two leads of a blower that are one point: its line, and its capacitor’s', () => {
    const found = find(
      ['black', 'white', 'brown', 'brown/white'],
      [...GOOD, pair('black', 'brown/white', 18.7), pair('white', 'brown/white', 0.1)],
      { fan: 'blower' },
    )
    const TWIN = `The end of fewer ohms (${ENDS}). Two leads are this one point: line and a capacitor lead, either way round.`
    expect(reasons(found)).toMatchObject({
      white: `line, certain: ${TWIN}`,
      'brown/white': `capacitor, certain: ${TWIN}`,
      brown: `capacitor, certain: The end of more ohms (${ENDS}).`,
    })
  })
  it('of ends that read alike: within 8 %', () => {
    const ends = (high: number) =>
      reasons(
        find(THREE, [
          pair('black', 'white', 20),
          pair('black', 'brown', high),
          pair('white', 'brown', 20 + high),
        ]),
      )
    expect(ends(21.7).white).toBe(
      '?, cannotTell: Both ends read alike (20 Ω to one end, 21.7 Ω to the other): which is start cannot be told. The capacitor’s lead is start.',
    )
    expect(ends(21.8).white).toBe(
      'run, certain: The end of fewer ohms (20 Ω to one end, 21.8 Ω to the other).',
    )
  })
  it('of a lone lead beside windings', () =>
    expect(
      reasons(find([...THREE, 'green'], [...GOOD, ...THREE.map((lead) => pair(lead, 'green', 'OL'))])).green,
    ).toBe('?, cannotTell: Resistance alone does not say what it is.'))
  it('of two windings that stand by themselves', () => {
    const apart = (second: number) =>
      reasons(
        find(
          ['a', 'b', 'c', 'd'],
          [pair('a', 'b', 10), pair('a', 'c', 'OL'), pair('a', 'd', 'OL'), pair('c', 'd', second)],
        ),
      )
    const END = (which: string, ohms: number) =>
      `?, cannotTell: An end of ${which} (${ohms} Ω), which stands by itself: the windings meet in the plug.`
    expect(apart(30)).toEqual({
      a: END('the main winding', 10),
      b: END('the main winding', 10),
      c: END('the auxiliary winding', 30),
      d: END('the auxiliary winding', 30),
    })
    expect(apart(7).a).toBe(END('the auxiliary winding', 10))
    expect(apart(10.1).a).toBe(
      `${END('a winding', 10)} Both read alike: which is the main one cannot be told.`,
    )
  })
})

it('a tapped main winding beside an auxiliary of its own: by the largest step, as custom has it', () => {
  // a-b 12, b-c 3, c-d 2 in a row; x-y 30 by itself.
  const row = [
    pair('a', 'b', 12),
    pair('b', 'c', 3),
    pair('a', 'c', 15),
    pair('c', 'd', 2),
    pair('b', 'd', 5),
    pair('a', 'd', 17),
  ]
  const apart = ['a', 'b', 'c', 'd'].flatMap((lead) => [pair(lead, 'x', 'OL'), pair(lead, 'y', 'OL')])
  const found = find(['a', 'b', 'c', 'd', 'x', 'y'], [...row, ...apart, pair('x', 'y', 30)], {
    fan: 'blower',
  })
  const END = 'An end of the auxiliary winding (30 Ω), which stands by itself: the windings meet in the plug.'
  expect(reasons(found)).toEqual({
    a: 'line, likely: The main winding’s end: the largest step (12 Ω), by custom.',
    b: 'speed, likely: The main winding’s other end: by custom the highest speed or horsepower.',
    c: 'speed, likely: Further along the taps: more turns, a lower speed or horsepower.',
    d: 'speed, likely: Further along the taps: more turns, a lower speed or horsepower.',
    x: `?, cannotTell: ${END}`,
    y: `?, cannotTell: ${END}`,
  })
})
it('a tapped motor with its auxiliary at the joint, outdoors: each end with its ohms', () => {
  // Joint j: run 10, start 25, taps 3 and 2 further.
  const readings: [string, string, number][] = [
    ['j', 'r', 10],
    ['j', 's', 25],
    ['j', 't', 3],
    ['t', 'u', 2],
    ['r', 's', 35],
    ['r', 't', 13],
    ['r', 'u', 15],
    ['s', 't', 28],
    ['s', 'u', 30],
    ['j', 'u', 5],
  ]
  expect(
    reasons(
      find(
        ['j', 'r', 's', 't', 'u'],
        readings.map((r) => pair(...r)),
      ),
    ),
  ).toEqual({
    j: 'motor-common, likely: Where both windings and the taps meet: the highest speed or horsepower.',
    t: 'motor-common, likely: Further along the taps: more turns, a lower speed or horsepower.',
    u: 'motor-common, likely: Further along the taps: more turns, a lower speed or horsepower.',
    r: 'run, likely: The main winding’s end: 10 Ω from the joint.',
    s: 'start, likely: The auxiliary winding’s end: 25 Ω from the joint, the most.',
  })
})
it('ohms to the frame are said in ohms, kilohms and megohms', () => {
  const framed = (ohms: number) => faults(find(THREE, GOOD, { frame: [{ lead: 'white', ohms }] }))[0]
  expect(framed(999)).toContain('white (999 Ω)')
  expect(framed(1_000)).toContain('white (1 kΩ)')
  expect(framed(999_940)).toContain('white (999.94 kΩ)')
})

describe('to the frame', () => {
  const framed = (frame: NonNullable<FindInput['frame']>) => faults(find(THREE, GOOD, { frame }))
  it('the nearest of several that are grounded is named, where the meter tells them apart', () => {
    expect(
      framed([
        { lead: 'white', ohms: 1_250 },
        { lead: 'black', ohms: 12 },
      ]),
    ).toEqual([
      'To the frame: black (12 Ω) and white (1.25 kΩ). A good winding reads megohms; this one has gone to ground, nearest to black. Replace the motor.',
    ])
    // 1 % and a digit: 100 ± 1.1 and 102 ± 1.12 overlap.
    expect(
      framed([
        { lead: 'white', ohms: 102 },
        { lead: 'black', ohms: 100 },
      ]),
    ).toEqual([
      'To the frame: black (100 Ω) and white (102 Ω). A good winding reads megohms; this one has gone to ground. Replace the motor.',
    ])
    expect(framed([{ lead: 'white', ohms: 99_900 }])).toEqual([
      'To the frame: white (99.9 kΩ). A good winding reads megohms; this one has gone to ground. Replace the motor.',
    ])
  })
  it('damp or failing below a megohm', () => {
    expect(framed([{ lead: 'white', ohms: 100_000 }])).toEqual([
      'To the frame: white (100 kΩ). A good winding reads a megohm at least; this one is damp or failing. Dry it out and read again with an insulation tester.',
    ])
    expect(framed([{ lead: 'white', ohms: 1_000_000 }])).toEqual([])
  })
})

describe('faults', () => {
  it('one pair of three, by the names of its leads', () =>
    expect(
      faults(
        find(THREE, [
          pair('black', 'white', 'OL'),
          pair('black', 'brown', 'OL'),
          pair('white', 'brown', 42.3),
        ]),
      ),
    ).toEqual([
      'Only brown–white reads. Three causes fit: the winding to black is open; black is motor common and its lead or its internal overload is open, so run and start still read through each other; or black is broken outside the windings. Let it cool and read again; then look at the lead.',
    ]))
  it('all open, all one point, a lone lead', () => {
    const every = (ohms: number | 'OL') =>
      faults(
        find(THREE, [
          pair('black', 'white', ohms),
          pair('black', 'brown', ohms),
          pair('white', 'brown', ohms),
        ]),
      )
    expect(every('OL')).toEqual([
      'Every pair reads OL: the thermal cut-out is open or motor common is broken. Let the motor cool, then read again.',
    ])
    expect(every(0.1)).toEqual([
      'black, brown and white read about 0 Ω to one another: they are one point, and no winding is between them. It is shorted, or the leads touch; part them and read again.',
    ])
    expect(every(6)).toEqual([
      'All three pairs read alike: these are no main and auxiliary winding. Three like windings are a three-phase motor.',
    ])
    expect(
      faults(find([...THREE, 'green'], [...GOOD, ...THREE.map((lead) => pair(lead, 'green', 'OL'))])),
    ).toEqual(['green reads OL to every other lead: it is open, unless it is ground.'])
  })
  it('alike all round is by the meter: 6 and 6.1 at 1 % and a digit, and half an ohm at least', () => {
    const codes = (a: number, b: number, c: number) =>
      find(THREE, [
        pair('black', 'white', a),
        pair('black', 'brown', b),
        pair('white', 'brown', c),
      ]).faults.map((f) => f.code)
    expect(codes(6, 6.1, 6)).toEqual(['alike-all-round'])
    expect(codes(6, 6.3, 6)).toEqual(['contradiction'])
    expect(codes(0.5, 0.5, 0.5)).toEqual(['alike-all-round'])
  })
  it('a short of three leads', () =>
    expect(
      faults(
        find(THREE, [
          pair('black', 'white', 0.1),
          pair('black', 'brown', 23.6),
          pair('white', 'brown', 23.6),
        ]),
      ),
    ).toEqual([
      'black and white read about 0 Ω to each other: on a motor of three leads a winding is shorted, or two leads touch.',
    ]))
  it('a reading that does not go with the others', () => {
    // a-b 10, b-c 5, c-d 7: a-d is 22.
    const four = [
      pair('a', 'b', 10),
      pair('b', 'c', 5),
      pair('a', 'c', 15),
      pair('c', 'd', 7),
      pair('b', 'd', 12),
      pair('a', 'd', 22),
    ]
    expect(find(['a', 'b', 'c', 'd'], four).faults).toEqual([])
    const wrong = find(['a', 'b', 'c', 'd'], [...four.slice(0, 5), pair('a', 'd', 32)])
    expect(faults(wrong)[0]).toMatch(
      /^(The reading a–d does not go with the others: read it again\.|These readings contradict one another\. Read again, in this order: .*a–d.*\.)$/,
    )
  })
})

it('the next pair and why it is the next', () => {
  const { next } = find(THREE, GOOD.slice(0, 1))
  expect(next?.why).toMatch(/^Nothing says yet whether (brown) belongs to the winding of (black|white)\.$/)
  const two = find(THREE, GOOD.slice(0, 2))
  expect(two.next).toEqual({
    between: ['brown', 'white'],
    why: expect.stringMatching(/^(brown|white) may sit in \d places; this pair tells most of them apart\.$/),
  })
})
