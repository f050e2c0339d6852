import type { Change } from '@oak/core/job/change'
import { EMPTY_JOB, type JobDocument } from '@oak/core/job/document'
import type { Measurement } from '@oak/core/meter/measurement'
import { paperMoment } from '../../ui/dates'
import { cardHeading } from './card-heading'

const change = (id: string, at: number, path: string[], value: unknown, technician: string): Change => ({
  id,
  job: 'j',
  path,
  value,
  at,
  device: 'd',
  technician,
})
const amps = (value: Measurement['value']): Measurement => ({
  quantity: 'amps',
  value,
  range: null,
  accuracy: null,
  meter: 'typed',
  at: 0,
})
const job: JobDocument = {
  ...EMPTY_JOB,
  title: 'Fan dead',
  site: 'Mill 3',
  unit: 'cooling-1-pole-shared-capacitor',
}

it('is signed with who proved it last and when, not with who wrote last', () => {
  const changes = [
    change('a', 10, ['proven'], { verdict: 'proven' }, 'Ines'),
    change('b', 30, ['proven'], { verdict: 'proven' }, 'Omar'),
    change('c', 20, ['proven'], { verdict: 'proven' }, 'Late'),
    change('d', 40, ['proven'], null, 'Cleared'),
    change('e', 50, ['title'], 'x', 'Writer'),
  ]
  expect(cardHeading('j', job, changes)).toEqual({
    job: 'j',
    title: 'Fan dead',
    site: 'Mill 3',
    date: paperMoment(30),
    technician: 'Omar',
    readings: [],
    // Its id is none that a code can carry.
    code: null,
  })
  expect(cardHeading('j', job, changes.slice(3))).toMatchObject({ date: '', technician: '' })
})
it('tells the amps of each mode, with the door off where it was, and no reading that is none', () => {
  const read = (more: Partial<JobDocument>) => cardHeading('j', { ...job, ...more }, []).readings
  expect(read({ measurements: { 'amps-start cooling': amps(1.42) } })).toEqual(['Running in cooling: 1.42 A'])
  expect(read({ measurements: { 'amps-start cooling': amps(1.42) }, startup: { door: 'open' } })).toEqual([
    'Running in cooling: 1.42 A, door off',
  ])
  expect(read({ measurements: { 'amps-start cooling': amps('OL') } })).toEqual([])
  expect(read({ unit: null, measurements: { 'amps-start cooling': amps(1.42) } })).toEqual([])
})
it('tells the old capacitor’s sides under load, with what they were rated', () => {
  // 4.4 A and 350 V at 60 Hz: 4.4 / (2π·60·350) F = 33.35 µF.
  const side = {
    of: 'HERM',
    amps: 4.4,
    volts: 350,
    hertz: 60,
    ratedMicrofarads: 40,
    tolerancePercent: 6,
  } as unknown as JobDocument['readings'][string]
  const readings = (one: object) =>
    cardHeading('j', { ...job, readings: { HERM: { ...side, ...one } } }, []).readings
  expect(readings({})).toEqual(['Old HERM side: 4.4 A, 350 V: 33.35 µF, rated 40 µF'])
  expect(readings({ ratedMicrofarads: null })).toEqual(['Old HERM side: 4.4 A, 350 V: 33.35 µF'])
})
it('gives the code the day of the proof, the place, and the amps of each mode as figures', () => {
  const id = '01950000-0000-7000-8000-0000000000a1'
  const at = new Date(2026, 10, 28, 9, 5).getTime()
  const proven = change('a', at, ['proven'], { verdict: 'proven' }, 'Ines')
  const running = { ...job, unitName: 'North', measurements: { 'amps-start cooling': amps(1.42) } }
  expect(cardHeading(id, running, [proven]).code).toEqual({
    job: id,
    date: '2026-11-28',
    site: 'Mill 3',
    unitName: 'North',
    readings: [{ mode: 'cooling', amps: 1.42 }],
  })
  expect(cardHeading(id, job, []).code).toMatchObject({ date: null, readings: [] })
})
