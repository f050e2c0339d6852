import { join } from 'node:path'
import { askCounter, EMPTY_CATALOGUE, lookingMs, readCatalogue } from './simulated-counter'

const catalogue = readCatalogue(join(__dirname, '..', '..', 'demo', 'counter.json'))
const names = (kind: 'motor' | 'capacitor' | 'blade' | 'part', text: string) =>
  askCounter(catalogue, { kind, text }).parts.map((p) => p.name)

it('finds by every word, in name or description, whatever the case', () => {
  expect(names('motor', '1/2 HP steep')).toEqual(['Rowan 50S'])
  expect(names('capacitor', 'dual')).toEqual([
    'Dual 45/5',
    'Dual 55/7.5',
    'Dual 40/7.5',
    'Dual 30/5',
    'Dual 60/7.5',
  ])
  expect(names('blade', 'rowan')).toEqual([])
})
it('answers all of a kind when nothing is said', () => expect(names('part', '  ')).toHaveLength(2))
it('says out of stock by a stock of none, with the day where it is known', () => {
  expect(
    askCounter(catalogue, { kind: 'motor', text: '50' }).parts.map((p) => [p.name, p.stock, p.back]),
  ).toEqual([
    ['Rowan 50S', 0, 'Thursday'],
    ['Alder 50B', 0, null],
  ])
})
it('has nothing where none is connected', () =>
  expect(askCounter(EMPTY_CATALOGUE, { kind: 'motor', text: '' }).parts).toEqual([]))
it('looks for half a second at least, and for 1.6 s at the most', () =>
  expect([0, 0.5, 1].map(lookingMs)).toEqual([500, 1050, 1600]))
