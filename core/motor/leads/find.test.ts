import fc from 'fast-check'
import { findLeads, type FindInput } from './find'
import type { PairReading } from './reading'

const pair = (a: string, b: string, ohms: number | 'OL'): PairReading => ({ between: [a, b], ohms })
const find = (leads: string[], pairs: PairReading[], more: Partial<FindInput> = {}) =>
  findLeads({ leads, pairs, fan: 'outdoor', ...more })
const roles = (found: ReturnType<typeof find>) => Object.fromEntries(found.roles.map((r) => [r.lead, r.role]))

describe('three leads (common + run = run-start; the auxiliary has more ohms: textbook)', () => {
  const pairs = [pair('black', 'white', 18.7), pair('black', 'brown', 23.6), pair('white', 'brown', 42.3)]
  it('are told by the pair that adds up', () => {
    const found = find(['black', 'white', 'brown'], pairs)
    expect(roles(found)).toEqual({ black: 'motor-common', white: 'run', brown: 'start' })
    expect([found.settled, found.faults, found.next]).toEqual([true, [], null])
  })
  it('whatever the order of leads and readings', () => {
    for (const leads of [
      ['brown', 'white', 'black'],
      ['white', 'black', 'brown'],
    ])
      expect(roles(find(leads, [...pairs].reverse()))).toEqual({
        black: 'motor-common',
        white: 'run',
        brown: 'start',
      })
  })
  it('need all three readings: two leave more than one tree', () => {
    const found = find(['black', 'white', 'brown'], pairs.slice(0, 2))
    expect([found.settled, found.next?.between, found.roles]).toEqual([false, ['brown', 'white'], []])
  })
  it('whose ends read alike are not told apart', () => {
    const found = find(['a', 'b', 'c'], [pair('a', 'b', 20), pair('a', 'c', 20.5), pair('b', 'c', 40.5)])
    expect(roles(found)).toEqual({ a: 'motor-common', b: null, c: null })
  })
  it('the test leads are taken off first: 0.4 Ω of them would move every winding', () => {
    const found = find(
      ['black', 'white', 'brown'],
      [pair('black', 'white', 3.4), pair('black', 'brown', 8.4), pair('white', 'brown', 11.4)],
      { meter: { resolutionOhms: 0.1, percent: 1, leadOhms: 0.4 } },
    )
    expect(roles(found)).toEqual({ black: 'motor-common', white: 'run', brown: 'start' })
    expect(found.windings.map((w) => Number(w.ohms.toFixed(1))).sort((a, b) => a - b)).toEqual([3, 8])
  })
})

describe('faults', () => {
  const leads = ['black', 'white', 'brown']
  const codes = (pairs: PairReading[], more: Partial<FindInput> = {}) =>
    find(leads, pairs, more).faults.map((f) => f.code)
  it('one finite pair of three has three causes, and picks none', () => {
    const found = find(leads, [
      pair('black', 'white', 'OL'),
      pair('black', 'brown', 'OL'),
      pair('white', 'brown', 42.3),
    ])
    expect(found.faults.map((f) => f.code)).toEqual(['one-pair-of-three'])
    expect(found.faults[0]?.message).toMatch(/open; .*internal overload.*; or/)
  })
  it('all OL is the cut-out or motor common', () =>
    expect(
      codes([pair('black', 'white', 'OL'), pair('black', 'brown', 'OL'), pair('white', 'brown', 'OL')]),
    ).toEqual(['all-open']))
  it('ground in kilohms, suspect below a megohm, good above', () => {
    const pairs = [pair('black', 'white', 18.7), pair('black', 'brown', 23.6), pair('white', 'brown', 42.3)]
    expect(
      codes(pairs, {
        frame: [
          { lead: 'white', ohms: 900_000 },
          { lead: 'black', ohms: 5e6 },
          { lead: 'brown', ohms: 'OL' },
        ],
      }),
    ).toEqual(['insulation-suspect'])
    expect(codes(pairs, { frame: [{ lead: 'white', ohms: 99_000 }] })).toEqual(['grounded'])
    // A lead to ground changes no pair reading: the roles still stand.
    expect(roles(find(leads, pairs, { frame: [{ lead: 'white', ohms: 12 }] }))).toMatchObject({
      black: 'motor-common',
    })
  })
  it('about 0 Ω between two of three leads is a short, and no fault where a fourth is run-return', () => {
    expect(
      codes([pair('black', 'white', 0.1), pair('black', 'brown', 23.6), pair('white', 'brown', 23.6)]),
    ).toEqual(['shorted'])
  })
  it('equal readings all round are no tree', () =>
    expect(codes([pair('black', 'white', 6), pair('black', 'brown', 6), pair('white', 'brown', 6)])).toEqual([
      'alike-all-round',
    ]))
  it('a reading that does not add up is named to be read again', () => {
    const four = ['a', 'b', 'c', 'd']
    // Tree a-b 10, b-c 5, c-d 7; the pair a-d was misread.
    const found = find(four, [
      pair('a', 'b', 10),
      pair('b', 'c', 5),
      pair('a', 'c', 15),
      pair('c', 'd', 7),
      pair('b', 'd', 12),
      pair('a', 'd', 32),
    ])
    expect(found.settled).toBe(false)
    expect(found.readAgain).toContainEqual(['a', 'd'])
  })
  it('OL between two leads of one winding contradicts it', () => {
    const found = find(['a', 'b', 'c'], [pair('a', 'b', 10), pair('a', 'c', 'OL'), pair('b', 'c', 5)])
    expect(found.settled).toBe(false)
    expect(found.faults.map((f) => f.code)).toEqual(['contradiction'])
  })
})

describe('more leads', () => {
  it('run and run-return are one point: no fault', () => {
    const found = find(
      ['black', 'white', 'brown', 'brown/white'],
      [
        pair('black', 'white', 18.7),
        pair('black', 'brown', 23.6),
        pair('white', 'brown', 42.3),
        pair('black', 'brown/white', 18.7),
        pair('white', 'brown/white', 0.1),
      ],
    )
    expect(roles(found)).toEqual({
      black: 'motor-common',
      white: 'run',
      brown: 'start',
      'brown/white': 'run-return',
    })
    expect(found.faults).toEqual([])
  })
  it('two isolated windings are no fault; one isolated lead beside windings is', () => {
    const two = find(
      ['a', 'b', 'c', 'd'],
      [pair('a', 'b', 10), pair('a', 'c', 'OL'), pair('a', 'd', 'OL'), pair('c', 'd', 30)],
    )
    expect([two.settled, two.parts, two.faults]).toEqual([true, 2, []])
    expect(two.roles.find((r) => r.lead === 'c')?.why).toContain('auxiliary winding')
    const lone = find(
      ['a', 'b', 'c', 'x'],
      [pair('a', 'b', 10), pair('a', 'c', 15), pair('b', 'c', 5), pair('a', 'x', 'OL')],
    )
    expect(lone.faults.map((f) => [f.code, f.leads])).toEqual([['lead-open', ['x']]])
  })
  it('a three-speed blower: the line end, the capacitor’s end, and the taps along the chain', () => {
    // joint 0: line 3, auxiliary 20, taps 1.5 and 3.1 further.
    const at: Record<string, [string, number]> = {
      black: ['j', 0],
      white: ['l', 3],
      brown: ['a', 20],
      blue: ['t', 1.5],
      red: ['t', 3.1],
    }
    const ohms = (p: string, q: string) =>
      at[p]![0] === at[q]![0] ? Math.abs(at[p]![1] - at[q]![1]) : at[p]![1] + at[q]![1]
    const leads = Object.keys(at)
    const pairs = leads.flatMap((p, i) =>
      leads.slice(i + 1).map((q) => pair(p, q, Math.round(10 * ohms(p, q)) / 10)),
    )
    expect(roles(find(leads, pairs, { fan: 'blower' }))).toEqual({
      black: 'speed',
      white: 'line',
      brown: 'capacitor',
      blue: 'speed',
      red: 'speed',
    })
  })
})

/** A random winding tree whose points all have a lead, and the readings of a meter of 0.1 Ω. */
const anyTree = fc.integer({ min: 2, max: 8 }).chain((n) =>
  fc
    .record({
      parents: fc.tuple(...Array.from({ length: n - 1 }, (_, i) => fc.integer({ min: 0, max: i }))),
      ohms: fc.array(
        fc.integer({ min: 30, max: 400 }).map((x) => x / 10),
        { minLength: n - 1, maxLength: n - 1 },
      ),
    })
    .map(({ parents, ohms }) => {
      const leads = Array.from({ length: n }, (_, i) => `L${i}`)
      const up = (i: number): Map<number, number> => {
        const path = new Map<number, number>([[i, 0]])
        let [at, sum] = [i, 0]
        while (at > 0) {
          sum += ohms[at - 1] as number
          at = parents[at - 1] as number
          path.set(at, sum)
        }
        return path
      }
      const between = (i: number, j: number) => {
        const [a, b] = [up(i), up(j)]
        return Math.min(...[...a].filter(([k]) => b.has(k)).map(([k, d]) => d + (b.get(k) as number)))
      }
      return {
        leads,
        edges: parents.map((p, i) => [`L${p}`, `L${i + 1}`, ohms[i] as number] as const),
        read: (a: string, b: string) => Math.round(between(Number(a.slice(1)), Number(b.slice(1))) * 10) / 10,
      }
    }),
)
const same = (
  windings: readonly { a: string; b: string; ohms: number }[],
  edges: readonly (readonly [string, string, number])[],
) => {
  const key = (a: string, b: string) => [a, b].sort().join()
  return (
    windings.length === edges.length &&
    edges.every(([a, b, ohms]) =>
      windings.some((w) => key(w.a, w.b) === key(a, b) && Math.abs(w.ohms - ohms) < 1.2),
    )
  )
}

it('asking pair after pair, every tree is found, and no more pairs are asked than there are', () => {
  let asked = 0
  let all = 0
  fc.assert(
    fc.property(anyTree, ({ leads, edges, read }) => {
      const pairs: PairReading[] = []
      for (let i = 0; i < 60; i++) {
        const { next } = findLeads({ leads, pairs, fan: 'outdoor' })
        if (!next) break
        pairs.push(pair(...next.between, read(...next.between)))
      }
      const found = findLeads({ leads, pairs, fan: 'outdoor' })
      const total = (leads.length * (leads.length - 1)) / 2
      expect(pairs.length).toBeLessThanOrEqual(total)
      asked += pairs.length
      all += total
      // Branches that differ by less than the meter tells may be exchanged; trees with clear steps are found as they are.
      if (found.settled && new Set(edges.map(([, , o]) => Math.round(o))).size === edges.length)
        expect(pairs.length === total || same(found.windings, edges) || ambiguous(leads, read)).toBe(true)
    }),
    { numRuns: 400, seed: 5 },
  )
  expect(asked).toBeLessThan(all)
})

/** Two pairs read so nearly alike that a lead could sit in two places. */
function ambiguous(leads: readonly string[], read: (a: string, b: string) => number): boolean {
  const values = leads.flatMap((a, i) => leads.slice(i + 1).map((b) => read(a, b))).sort((x, y) => x - y)
  return values.some((value, i) => i > 0 && value - (values[i - 1] as number) < 3)
}

it('with every pair read, the tree is the one that was made (300 trees)', () => {
  let found = 0
  fc.assert(
    fc.property(anyTree, ({ leads, edges, read }) => {
      const pairs = leads.flatMap((a, i) => leads.slice(i + 1).map((b) => pair(a, b, read(a, b))))
      const result = findLeads({
        leads,
        pairs,
        fan: 'outdoor',
        meter: { resolutionOhms: 0.1, percent: 0, leadOhms: 0 },
      })
      if (same(result.windings, edges)) found += 1
      else expect(ambiguous(leads, read)).toBe(true)
    }),
    { numRuns: 300, seed: 9 },
  )
  expect(found).toBeGreaterThan(270)
})
it('any readings at all have an answer', () => {
  const value = fc.oneof(fc.constant('OL' as const), fc.double({ min: 0, max: 1e6, noNaN: true }))
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 7 }).chain((n) =>
        fc
          .array(
            fc.record({
              a: fc.integer({ min: 0, max: n - 1 }),
              b: fc.integer({ min: 0, max: n - 1 }),
              ohms: value,
            }),
            { maxLength: 30 },
          )
          .map((list) => ({ n, list })),
      ),
      ({ n, list }) => {
        const leads = Array.from({ length: n }, (_, i) => `L${i}`)
        const found = findLeads({
          leads,
          pairs: list.filter((p) => p.a !== p.b).map((p) => pair(`L${p.a}`, `L${p.b}`, p.ohms)),
          fan: 'blower',
        })
        expect(found.windings.every((w) => Number.isFinite(w.ohms))).toBe(true)
        expect(found.settled && found.next !== null).toBe(false)
      },
    ),
    { numRuns: 500 },
  )
})

/** A motor as it is read: main and auxiliary of their own ohms, perhaps a run-return, test leads of their own ohms, a meter of one decimal. */
const anyMotor = fc.record({
  main: fc.integer({ min: 20, max: 400 }).map((x) => x / 10),
  ratio: fc.double({ min: 1.02, max: 2.6, noNaN: true }),
  leadOhms: fc.integer({ min: 0, max: 6 }).map((x) => x / 10),
  runReturn: fc.boolean(),
})
type Motor = { main: number; ratio: number; leadOhms: number; runReturn: boolean }

function readMotor({ main, ratio, leadOhms, runReturn }: Motor): {
  leads: string[]
  pairs: PairReading[]
  meter: FindInput['meter']
} {
  const at: Record<string, [string, number]> = {
    common: ['c', 0],
    run: ['r', main],
    start: ['s', main * ratio],
    ...(runReturn ? { back: ['r', main] as [string, number] } : {}),
  }
  const leads = Object.keys(at)
  const ohms = (p: string, q: string) => (at[p]![0] === at[q]![0] ? 0 : at[p]![1] + at[q]![1])
  return {
    leads,
    meter: { resolutionOhms: 0.1, percent: 1, leadOhms },
    pairs: leads.flatMap((p, i) =>
      leads.slice(i + 1).map((q) => pair(p, q, Math.round(10 * (ohms(p, q) + leadOhms)) / 10)),
    ),
  }
}
const TRUE_ROLES: Record<string, string[]> = {
  common: ['motor-common'],
  run: ['run', 'run-return'],
  back: ['run', 'run-return'],
  start: ['start'],
}

it('of 1,200 generated motors, with rounding and test leads, no confident role is wrong', () => {
  let certain = 0
  fc.assert(
    fc.property(anyMotor, (motor) => {
      const found = findLeads({ ...readMotor(motor), fan: 'outdoor' })
      for (const { lead, role, confidence } of found.roles)
        if (confidence === 'certain' && role) {
          certain += 1
          expect(TRUE_ROLES[lead]).toContain(role)
        }
    }),
    { numRuns: 1200, seed: 3 },
  )
  expect(certain).toBeGreaterThan(2500)
})

it('a single wrong entry is located, or the readings are said to contradict each other, unless they still add up', () => {
  fc.assert(
    fc.property(
      anyMotor,
      fc.nat(5),
      fc.double({ min: 1.25, max: 3, noNaN: true }),
      fc.boolean(),
      (motor, which, factor, up) => {
        const read = readMotor(motor)
        const i = which % read.pairs.length
        const before = read.pairs[i]!.ohms as number
        const wrong = Math.round(10 * (up ? before * factor + 1 : before / factor)) / 10
        if (Math.abs(wrong - before) < 1.5 + 0.08 * Math.max(wrong, before)) return
        const pairs = read.pairs.map((p, k) => (k === i ? { ...p, ohms: wrong } : p))
        const found = findLeads({ ...read, pairs, fan: 'outdoor' })
        const located = found.readAgain.some(
          ([a, b]) => read.pairs[i]!.between.includes(a) && read.pairs[i]!.between.includes(b),
        )
        expect(located || found.faults.length > 0 || stillAddsUp(read.leads, pairs, motor.leadOhms)).toBe(
          true,
        )
      },
    ),
    { numRuns: 1000, seed: 21 },
  )
})

/** Readings of which in every three leads one is again the sum of the others are a motor too: nothing can show that one was wrong. */
function stillAddsUp(leads: readonly string[], pairs: readonly PairReading[], leadOhms: number): boolean {
  const read = (p: string, q: string) =>
    Math.max(
      0,
      (pairs.find(({ between }) => between.includes(p) && between.includes(q))!.ohms as number) - leadOhms,
    )
  return leads.every((a, i) =>
    leads.slice(i + 1).every((b, k) =>
      leads.slice(i + k + 2).every((c) => {
        const [low, middle, high] = [read(a, b), read(b, c), read(a, c)].sort((x, y) => x - y) as [
          number,
          number,
          number,
        ]
        return Math.abs(low + middle - high) < 0.7 + 0.06 * high
      }),
    ),
  )
}
