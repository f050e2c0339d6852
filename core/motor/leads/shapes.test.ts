// Windings of every shape a motor has, whatever the leads are called and in whatever order they are named and read.
import fc from 'fast-check'
import { findLeads, type FindInput } from './find'
import type { PairReading } from './reading'

const pair = (a: string, b: string, ohms: number | 'OL'): PairReading => ({ between: [a, b], ohms })
const METER = { resolutionOhms: 0.1, percent: 1, leadOhms: 0 }

/** All readings of a tree that is given by its windings; between two trees OL. */
function readingsOf(windings: readonly (readonly [string, string, number])[]): {
  leads: string[]
  pairs: PairReading[]
} {
  const leads = [...new Set(windings.flatMap(([a, b]) => [a, b]))]
  const way = (from: string, to: string, before: string | null): number => {
    if (from === to) return 0
    return Math.min(
      Infinity,
      ...windings.flatMap(([a, b, ohms]) => {
        const next = a === from ? b : b === from ? a : null
        return next === null || next === before ? [] : [ohms + way(next, to, from)]
      }),
    )
  }
  const pairs = leads.flatMap((a, i) =>
    leads.slice(i + 1).map((b) => {
      const ohms = way(a, b, null)
      return pair(a, b, Number.isFinite(ohms) ? Math.round(ohms * 10) / 10 : 'OL')
    }),
  )
  return { leads, pairs }
}
const rolesOf = (found: ReturnType<typeof findLeads>) =>
  Object.fromEntries(found.roles.map((r) => [r.lead, `${r.role} ${r.confidence}`]))

const permutations = (list: readonly string[]): string[][] =>
  list.length < 2
    ? [[...list]]
    : list.flatMap((one) => permutations(list.filter((x) => x !== one)).map((rest) => [one, ...rest]))

describe('a branch off the middle of an edge: a tapped motor with its joint at E', () => {
  // Test leads of 0.2 Ω. A is the auxiliary’s end (29.5), B the main winding’s (13.1), E the joint, C and D taps (3.7, 4.9 further).
  const letters = ['A', 'B', 'C', 'D', 'E']
  const read: readonly (readonly [string, string, number])[] = [
    ['A', 'B', 42.8],
    ['A', 'C', 33.5],
    ['A', 'D', 38.4],
    ['A', 'E', 29.7],
    ['B', 'C', 17.0],
    ['B', 'D', 22.0],
    ['B', 'E', 13.3],
    ['C', 'D', 5.1],
    ['C', 'E', 3.9],
    ['D', 'E', 8.9],
  ]
  const found = (leads: string[], nameOf: (letter: string) => string = (x) => x) =>
    findLeads({
      leads: leads.map(nameOf),
      pairs: read.map(([a, b, ohms]) => pair(nameOf(a), nameOf(b), ohms)),
      fan: 'blower',
      meter: { ...METER, leadOhms: 0.2 },
    })
  const ROLES = {
    A: 'capacitor likely',
    B: 'line likely',
    C: 'speed likely',
    D: 'speed likely',
    E: 'speed likely',
  }

  it('is sound in all 120 orders', () => {
    const answers = permutations(letters).map((leads) => found(leads))
    for (const answer of answers) {
      expect([answer.settled, answer.faults, rolesOf(answer)]).toEqual([true, [], ROLES])
      expect(answer).toEqual(answers[0])
    }
  })
  it('is sound under all 120 ways to name the leads', () => {
    for (const names of permutations(letters)) {
      const nameOf = (letter: string) => names[letters.indexOf(letter)] as string
      const answer = found(letters, nameOf)
      const back = Object.fromEntries(letters.map((l) => [l, rolesOf(answer)[nameOf(l)]]))
      expect([answer.settled, answer.faults, back]).toEqual([true, [], ROLES])
    }
  })
  it('its windings are those that were read, to a tenth', () => {
    const ohms = (a: string, b: string) =>
      found(letters).windings.find((w) => [w.a, w.b].sort().join('') === a + b)?.ohms
    expect(ohms('A', 'E')).toBeCloseTo(29.5, 0)
    expect(ohms('B', 'E')).toBeCloseTo(13.1, 0)
    expect(ohms('C', 'E')).toBeCloseTo(3.7, 0)
    expect(ohms('C', 'D')).toBeCloseTo(4.9, 0)
  })
  it('asked pair after pair it is found with fewer than all', () => {
    for (const names of permutations(letters)) {
      const truth = new Map(
        read.map(([a, b, ohms]) => [
          [a, b]
            .map((l) => names[letters.indexOf(l)])
            .sort()
            .join(''),
          ohms,
        ]),
      )
      const pairs: PairReading[] = []
      const input = (): FindInput => ({
        leads: letters,
        pairs,
        fan: 'blower',
        meter: { ...METER, leadOhms: 0.2 },
      })
      for (let n = 0; n < 12; n++) {
        const { next } = findLeads(input())
        if (!next) break
        pairs.push(pair(...next.between, truth.get([...next.between].sort().join('')) ?? NaN))
      }
      const answer = findLeads(input())
      expect([names.join(''), answer.settled, answer.faults]).toEqual([names.join(''), true, []])
      expect(pairs.length).toBeLessThanOrEqual(10)
    }
  })
})

it('a joint that no lead comes from is no motor: the readings are taken again', () => {
  // 10, 12 and 14 Ω to a joint inside.
  const found = findLeads({
    leads: ['a', 'b', 'c'],
    pairs: [pair('a', 'b', 22), pair('a', 'c', 24), pair('b', 'c', 26)],
    fan: 'outdoor',
  })
  expect([found.settled, found.roles, found.faults.map((f) => f.code)]).toEqual([
    false,
    [],
    ['contradiction'],
  ])
})

it('names change nothing: 300 trees of up to seven leads, each under another naming', () => {
  const tree = fc.integer({ min: 3, max: 7 }).chain((n) =>
    fc.record({
      parents: fc.tuple(...Array.from({ length: n - 1 }, (_, i) => fc.integer({ min: 0, max: i }))),
      // Steps that the meter tells apart, each another.
      steps: fc.shuffledSubarray([4, 7, 11, 16, 22, 29, 37], { minLength: n - 1, maxLength: n - 1 }),
      names: fc.shuffledSubarray(['a', 'b', 'c', 'd', 'e', 'f', 'g'], { minLength: n, maxLength: n }),
    }),
  )
  fc.assert(
    fc.property(tree, ({ parents, steps, names }) => {
      const windings = parents.map((p, i) => [`L${p}`, `L${i + 1}`, steps[i] as number] as const)
      const { leads, pairs } = readingsOf(windings)
      const nameOf = (lead: string) => names[Number(lead.slice(1))] as string
      const exact = { resolutionOhms: 0.1, percent: 0.2, leadOhms: 0 }
      const plain = findLeads({ leads, pairs, fan: 'outdoor', meter: exact })
      const renamed = findLeads({
        leads: leads.map(nameOf),
        pairs: pairs.map(({ between: [a, b], ohms }) => pair(nameOf(b), nameOf(a), ohms)).reverse(),
        fan: 'outdoor',
        meter: exact,
      })
      const keys = (found: typeof plain, as: (x: string) => string) =>
        found.windings.map((w) => `${[as(w.a), as(w.b)].sort().join('-')} ${Math.round(w.ohms)}`).sort()
      expect(plain.settled).toBe(true)
      expect(keys(plain, (x) => x)).toEqual(
        windings.map(([a, b, ohms]) => `${[a, b].sort().join('-')} ${ohms}`).sort(),
      )
      expect(keys(renamed, (x) => x)).toEqual(keys(plain, nameOf))
      expect(Object.entries(rolesOf(renamed)).sort()).toEqual(
        Object.entries(rolesOf(plain))
          .map(([lead, role]) => [nameOf(lead), role])
          .sort(),
      )
    }),
    { numRuns: 300, seed: 17 },
  )
})

describe('windings in a row', () => {
  it('a tapped motor with its auxiliary at the line end: the largest step, the next, then the taps', () => {
    const { leads, pairs } = readingsOf([
      ['brown', 'white', 24],
      ['white', 'black', 11],
      ['black', 'blue', 2],
      ['blue', 'red', 3],
    ])
    const found = findLeads({ leads, pairs, fan: 'blower', meter: METER })
    expect(rolesOf(found)).toEqual({
      brown: 'capacitor likely',
      white: 'line likely',
      black: 'speed likely',
      blue: 'speed likely',
      red: 'speed likely',
    })
    const why = (lead: string) => found.roles.find((r) => r.lead === lead)?.why
    expect(why('brown')).toBe('The end of the largest step (24 Ω), by custom the auxiliary winding.')
    expect(why('white')).toBe('Between the largest step and the next (11 Ω), by custom the main winding.')
    expect(why('black')).toBe('The main winding’s other end: by custom the highest speed or horsepower.')
    expect(why('red')).toBe('Further along the taps: more turns, a lower speed or horsepower.')
    const outdoor = findLeads({ leads, pairs, fan: 'outdoor', meter: METER })
    expect(rolesOf(outdoor)).toMatchObject({
      brown: 'start likely',
      white: 'run likely',
      red: 'motor-common likely',
    })
  })
  it('whose largest step is in the middle, or as large as the next, are not told', () => {
    for (const steps of [
      [11, 24, 2],
      [24, 23.9, 2],
      [24, 2, 11],
    ]) {
      const [a, b, c] = steps as [number, number, number]
      const { leads, pairs } = readingsOf([
        ['p', 'q', a],
        ['q', 'r', b],
        ['r', 's', c],
      ])
      const found = findLeads({ leads, pairs, fan: 'blower', meter: METER })
      expect(found.settled).toBe(true)
      expect(new Set(Object.values(rolesOf(found)))).toEqual(new Set(['null cannotTell']))
    }
  })
  it('a tapped main winding beside an auxiliary of its own: line and taps are likely, the auxiliary’s ends are not told', () => {
    const { leads, pairs } = readingsOf([
      ['white', 'black', 11],
      ['black', 'red', 3],
      ['brown', 'purple', 24],
    ])
    const found = findLeads({ leads, pairs, fan: 'blower', meter: METER })
    expect(rolesOf(found)).toEqual({
      white: 'line likely',
      black: 'speed likely',
      red: 'speed likely',
      brown: 'null cannotTell',
      purple: 'null cannotTell',
    })
    expect(found.roles.find((r) => r.lead === 'brown')?.why).toContain(
      'An end of the auxiliary winding (24 Ω)',
    )
  })
})

it('two windings apart that read alike are not named by their order', () => {
  const whys = (first: number, second: number) => {
    const { leads, pairs } = readingsOf([
      ['a', 'b', first],
      ['c', 'd', second],
    ])
    const { roles } = findLeads({ leads, pairs, fan: 'outdoor', meter: METER })
    return ['a', 'c'].map((lead) => roles.find((r) => r.lead === lead)?.why)
  }
  expect(whys(10, 10)).toEqual([
    'An end of a winding (10 Ω), which stands by itself: the windings meet in the plug. Both read alike: which is the main one cannot be told.',
    'An end of a winding (10 Ω), which stands by itself: the windings meet in the plug. Both read alike: which is the main one cannot be told.',
  ])
  expect(whys(30, 10)[0]).toContain('An end of the auxiliary winding (30 Ω)')
  expect(whys(30, 10)[1]).toContain('An end of the main winding (10 Ω)')
})

describe('what is certain', () => {
  const three = (main: number, auxiliary: number) =>
    rolesOf(
      findLeads({
        ...readingsOf([
          ['c', 'r', main],
          ['c', 's', auxiliary],
        ]),
        fan: 'outdoor',
        meter: METER,
      }),
    )
  it('ends whose intervals do not overlap are; those that do are likely at most', () => {
    expect(three(18.7, 23.6)).toEqual({ c: 'motor-common certain', r: 'run certain', s: 'start certain' })
    // 1.0 ± 0.11 and 1.2 ± 0.112: a meter could show the one as the other.
    expect(three(1, 1.2)).toMatchObject({ r: 'run likely', s: 'start likely' })
  })
  it('nor is motor common where the sum could be the larger winding alone', () => {
    // 0.5 and 40: 40.5 ± 0.505 against 40 ± 0.5.
    expect(three(0.5, 40)).toEqual({ c: 'motor-common likely', r: 'run likely', s: 'start likely' })
  })
})

describe('to the frame, and near 0', () => {
  const pairs = [pair('black', 'white', 18.7), pair('black', 'brown', 23.6), pair('white', 'brown', 42.3)]
  const frame = (...list: [string, number][]) =>
    findLeads({
      leads: ['black', 'white', 'brown'],
      pairs,
      fan: 'outdoor',
      frame: list.map(([lead, ohms]) => ({ lead, ohms })),
    }).faults.map((f) => [f.code, f.leads, f.message])
  it('the least of several grounded leads is the nearest to the fault', () => {
    expect(frame(['black', 30], ['white', 12], ['brown', 53])).toEqual([
      [
        'grounded',
        ['white', 'black', 'brown'],
        'To the frame: white (12 Ω), black (30 Ω) and brown (53 Ω). A good winding reads megohms; this one has gone to ground, nearest to white. Replace the motor.',
      ],
    ])
    expect(frame(['black', 12.1], ['white', 12])[0]?.[2]).not.toContain('nearest')
  })
  it('between kilohms and a megohm it is suspect', () => {
    expect(frame(['white', 500_000])[0]?.[2]).toBe(
      'To the frame: white (500 kΩ). A good winding reads a megohm at least; this one is damp or failing. Dry it out and read again with an insulation tester.',
    )
    expect(frame(['white', 1_000_000])).toEqual([])
  })
  it('leads that all read about 0 are one point, not open', () => {
    const found = findLeads({
      leads: ['a', 'b', 'c'],
      pairs: [pair('a', 'b', 0.1), pair('b', 'c', 0), pair('a', 'c', 0.2)],
      fan: 'outdoor',
    })
    expect(found.faults.map((f) => [f.code, f.message])).toEqual([
      [
        'all-one-point',
        'a, b and c read about 0 Ω to one another: they are one point, and no winding is between them. It is shorted, or the leads touch; part them and read again.',
      ],
    ])
  })
})
