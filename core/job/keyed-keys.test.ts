import { ALL_TESTS } from '../diagnosis/model'
import { parseChange } from './change'

const ID = '00000000-0000-4000-8000-000000000001'
const said = (path: string[], value: unknown) => {
  const parsed = parseChange({
    id: ID,
    job: ID,
    path,
    value,
    at: 1_800_000_000_000,
    device: ID,
    technician: '',
  })
  return parsed.ok ? 'kept' : parsed.problems[0]?.message
}
const noKey = (key: string) => `“${key}” is no key of this field with that value.`
const amps = { quantity: 'amps', value: 1.4, accuracy: null, range: null, meter: 'typed', at: 1 }

it('a field with keys takes those that mean something, and no other', () => {
  const wrong: [string[], unknown][] = [
    [['mountInches', 'nose'], 1],
    [['plateLines', 'van'], '230V'],
    [['startup', 'smell'], 'burnt'],
    [['observations', 'weather'], 'fine'],
    [['observations', 'constructor'], 'fine'],
    [['photos', 'one'], { caption: '', width: 1, height: 1, takenAt: 1, pins: [] }],
    [['taken', 'a line'], { quantity: 1 }],
  ]
  for (const [path, value] of wrong) expect(said(path, value)).toBe(noKey(path[1] ?? ''))
  expect(said(['mountInches', 'hubToEdge'], 1)).toBe('kept')
  expect(said(['plateLines', 'motor'], '230V')).toBe('kept')
})
it('a value stands under the key that it tells of', () => {
  expect(said(['measurements', 'amps-motor'], amps)).toBe('kept')
  for (const key of ['volts-supply', 'amps', 'amps-', 'ohms-frame'])
    expect(said(['measurements', key], amps)).toBe(noKey(key))
  const reading = { of: 'FAN', amps: 1, volts: 360, hertz: 60, ratedMicrofarads: 5, tolerancePercent: 6 }
  expect([said(['readings', 'FAN'], reading), said(['readings', 'HERM'], reading)]).toEqual([
    'kept',
    noKey('HERM'),
  ])
})
it('an answer is one of those that its question has', () => {
  for (const { id, answers } of ALL_TESTS) {
    for (const answer of answers) expect(said(['observations', id], answer.id)).toBe('kept')
    expect(said(['observations', id], 'perhaps')).toBe(noKey(id))
  }
  expect(said(['startup', 'turned'], 'right')).toBe('kept')
  expect(said(['startup', 'turned'], 'sideways')).toBe(noKey('turned'))
})
it('clearing is always allowed: it changes nothing where nothing was', () =>
  expect(said(['mountInches', 'nose'], null)).toBe('kept'))
it('half a character is refused in any text, and a whole one kept', () => {
  const half = 'A text in it is cut through the middle of a character.'
  expect([said(['title'], 'Roof \ud83d'), said(['title'], 'Roof \u{1F527}')]).toEqual([half, 'kept'])
  expect(said(['works', '\udd27'], { text: 'Belt' })).toBe(half)
})
