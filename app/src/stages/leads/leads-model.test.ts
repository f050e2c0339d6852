import { EMPTY_JOB } from '@oak/core/job/document'
import { findInput, frameProbe, leadNames, pairProbe, pairsOf, spotsOf } from './leads-model'

it('names leads by colour, like ones by number', () =>
  expect(leadNames([{ colour: 'BN' }, { colour: 'BN', stripe: 'WH' }, { colour: 'BN' }])).toEqual([
    'brown',
    'brown/white',
    'brown 2',
  ]))
it('lists every pair once', () =>
  expect(pairsOf(4)).toEqual([
    [0, 1],
    [0, 2],
    [0, 3],
    [1, 2],
    [1, 3],
    [2, 3],
  ]))
it('asks nothing with fewer than two leads, and takes readings by the leads’ places', () => {
  expect(findInput({ ...EMPTY_JOB, ohmLeads: { leads: [{ colour: 'BK' }], leadOhms: 0 } })).toBeNull()
  const reading = {
    quantity: 'ohms' as const,
    value: 18.7,
    accuracy: { percent: 1, resolution: 0.1, counts: 2 },
    range: 200,
    meter: null,
    at: 0,
  }
  const job = {
    ...EMPTY_JOB,
    ohmLeads: { leads: [{ colour: 'BK' as const }, { colour: 'WH' as const }], leadOhms: 0.3 },
    measurements: { [pairProbe(1, 0)]: reading as never },
  }
  expect(findInput(job)).toMatchObject({
    leads: ['black', 'white'],
    pairs: [{ between: ['black', 'white'], ohms: 18.7 }],
    meter: { leadOhms: 0.3 },
  })
})
it('draws a chain along a line, a branch below it, and another winding in a row of its own', () => {
  const points = ['l', 'j', 't', 'a', 'x', 'y'].map((point) => ({ point, leads: [point] }))
  const windings = [
    ['l', 'j'],
    ['j', 't'],
    ['j', 'a'],
    ['x', 'y'],
  ].map(([a, b]) => ({ a: a!, b: b!, ohms: 5 }))
  const { spots, height } = spotsOf({ points, windings }, 366)
  const at = (p: string) => spots.find((s) => s.point === p)!
  expect(spots).toHaveLength(6)
  expect(new Set(spots.map((s) => `${s.x},${s.y}`)).size).toBe(6)
  expect(at('x').y).toBe(at('y').y)
  expect(at('x').y).toBeGreaterThan(at('j').y)
  expect(height).toBeGreaterThan(at('x').y)
})

it('a pair’s reading is kept under its two places, the smaller first; a lead’s to the frame under its own', () => {
  expect([pairProbe(2, 0), pairProbe(0, 2), frameProbe(3)]).toEqual([
    'ohms-pair 0-2',
    'ohms-pair 0-2',
    'ohms-frame 3',
  ])
})
it('a frame’s readings go along, the fan is the unit’s, and a usual meter’s doubt is taken', () => {
  const reading = {
    quantity: 'ohms' as const,
    value: 0.4,
    accuracy: null,
    range: null,
    meter: 'typed',
    at: 0,
  }
  const job = {
    ...EMPTY_JOB,
    ohmLeads: {
      leads: [{ colour: 'BK' as const }, { colour: 'WH' as const, stripe: 'RD' as const }],
      leadOhms: 0,
    },
    measurements: { [frameProbe(1)]: reading, [frameProbe(0)]: { ...reading, value: 0 } },
  }
  expect(findInput(job)).toEqual({
    leads: ['black', 'white/red'],
    pairs: [],
    frame: [
      { lead: 'black', ohms: 0 },
      { lead: 'white/red', ohms: 0.4 },
    ],
    fan: 'outdoor',
    meter: { resolutionOhms: 0.1, percent: 1, leadOhms: 0 },
  })
  expect(findInput({ ...job, unit: 'gas-furnace-board' })?.fan).toBe('blower')
  expect(findInput({ ...job, unit: 'of-another-day' })?.fan).toBe('outdoor')
  expect(findInput({ ...job, ohmLeads: null })).toBeNull()
})
describe('where points of a tree are drawn, 366 px wide', () => {
  const place = (windings: readonly (readonly [string, string, number?])[], ...alone: string[]) => {
    const names = [...new Set([...windings.flatMap(([a, b]) => [a, b]), ...alone])]
    const { spots, height } = spotsOf(
      {
        points: names.map((point) => ({ point, leads: [point] })),
        windings: windings.map(([a, b, ohms = 5]) => ({ a, b, ohms })),
      },
      366,
    )
    return { at: Object.fromEntries(spots.map(({ point, x, y }) => [point, [x, y]])), height }
  }
  it('a chain from edge to edge, 45 px in, at equal steps', () => {
    // (366 - 90) / 2 = 138 between three points.
    const { at, height } = place([
      ['a', 'b'],
      ['b', 'c'],
    ])
    expect(
      Object.values(at)
        .map(([x]) => x)
        .sort((m, n) => (m ?? 0) - (n ?? 0)),
    ).toEqual([45, 183, 321])
    expect(at.b).toEqual([183, 46])
    expect(height).toBe(46 + 110 - 20)
  })
  it('a point alone in the middle', () =>
    expect(place([], 'a')).toEqual({ at: { a: [183, 46] }, height: 136 }))
  it('a branch below its joint, a branch of two one below the other, and the next tree below all of it', () => {
    const { at, height } = place([
      ['a', 'm'],
      ['m', 'b'],
      ['a', 'a2'],
      ['b', 'b2'],
      ['m', 'x'],
      ['x', 'y'],
      ['p', 'q'],
    ])
    expect(at.m).toEqual([183, 46])
    expect([at.x, at.y]).toEqual([
      [183, 46 + 96],
      [183, 46 + 192],
    ])
    expect([at.p?.[1], at.q?.[1]]).toEqual([46 + 110 + 192, 46 + 110 + 192])
    expect(height).toBe(46 + 110 + 192 + 110 - 20)
  })
})
