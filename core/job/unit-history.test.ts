import { EMPTY_JOB, type JobDocument } from './document'
import { sameUnit, unitHistory, type UnitJob } from './unit-history'

const doc = (more: Partial<JobDocument>): JobDocument => ({
  ...EMPTY_JOB,
  site: 'Gull Street 4',
  unit: 'x',
  ...more,
})
const job = (id: string, more: Partial<JobDocument>, at = 1): UnitJob => ({
  id,
  document: doc(more),
  changes: [{ id, job: id, path: ['readings', 'FAN'], value: null, at, device: 'd', technician: '' }],
})
const reading = (amps: number) => ({
  FAN: { of: 'FAN' as const, amps, volts: 370, hertz: 60 as const, ratedMicrofarads: 5, tolerancePercent: 6 },
})

it('is the same unit by place and name; by type where a name is missing; never without a place', () => {
  expect(sameUnit(doc({ unitName: 'North' }), doc({ unitName: ' north ' }))).toBe(true)
  expect(sameUnit(doc({ unitName: 'North' }), doc({ unitName: 'South' }))).toBe(false)
  expect(sameUnit(doc({ unitName: 'North' }), doc({}))).toBe(true)
  expect(sameUnit(doc({}), doc({ unit: 'y' }))).toBe(false)
  expect(sameUnit(doc({ site: '' }), doc({ site: '' }))).toBe(false)
})
it('puts readings in order of time, whichever job they are of, and leaves out other units', () => {
  const { points, visits } = unitHistory(
    [
      job('b', { readings: reading(0.6) }, 200),
      job('a', { readings: reading(0.7) }, 100),
      job('c', { site: 'Elsewhere', readings: reading(0.1) }, 50),
    ],
    'b',
  )
  // 2652.58 x I / V
  expect(points.map((p) => [p.at, p.job, Number(p.microfarads.toFixed(2)), p.rated])).toEqual([
    [100, 'a', 5.02, 5],
    [200, 'b', 4.3, 5],
  ])
  expect(visits.map((v) => v.job)).toEqual(['b', 'a'])
})
it('promises stay with what was declined; nothing is called fitted that is not proven', () => {
  const [visit] = unitHistory(
    [
      job('a', {
        recommended: { r: { text: 'New contactor', declined: true } },
        can: { id: 'c', name: 'Can', volts: 440, tolerancePercent: 6, protectedStart: false, sections: [] },
      }),
    ],
    'a',
  ).visits
  expect(visit).toMatchObject({ promised: ['New contactor (declined)'], fitted: [] })
})
it('a job that is not there has none', () => expect(unitHistory([], 'x')).toEqual({ visits: [], points: [] }))

it('a reading of the new capacitor under load is of the later of its two figures; bench readings stand beside it', () => {
  const at = (quantity: 'amps' | 'volts' | 'microfarads', value: number, when: number) => ({
    quantity,
    value,
    accuracy: null,
    range: null,
    meter: 'typed',
    at: when,
  })
  const measurements = (amps: number, ampsAt: number, voltsAt: number) => ({
    'amps-start can': at('amps', amps, ampsAt),
    'volts-start can': at('volts', 400, voltsAt),
    'microfarads-FAN': at('microfarads', 4.2, 5),
  })
  const points = (amps: number, ampsAt: number, voltsAt: number) =>
    unitHistory([job('a', { measurements: measurements(amps, ampsAt, voltsAt) })], 'a').points.map((p) => [
      p.at,
      p.side,
      Number(p.microfarads.toFixed(2)),
    ])
  // 2652.58 × 0.754 / 400 = 5.
  expect(points(0.754, 20, 30)).toEqual([
    [5, 'FAN', 4.2],
    [30, 'FAN', 5],
  ])
  expect(points(0.754, 40, 30).at(-1)).toEqual([40, 'FAN', 5])
  expect(points(0, 40, 30)).toEqual([[5, 'FAN', 4.2]])
  const dead = { ...measurements(0.754, 20, 30), 'volts-start can': at('volts', 0, 30) }
  expect(unitHistory([job('a', { measurements: dead })], 'a').points).toHaveLength(1)
})
