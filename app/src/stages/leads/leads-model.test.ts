import { EMPTY_JOB } from '@oak/core/job/document'
import { findInput, leadNames, pairProbe, pairsOf, spotsOf } from './leads-model'

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
