// Cases of a supply that is missing, as a practitioner tells them: nothing is closed again before the windings behind it are read to ground.
// Common practice, no source.
import type { Case } from './cases'
import { FURNACE, ohms, uf, volts } from './readings'

const dead = { 'fan-does': 'dead', compressor: 'silent' }
const read = { 'volts-supply': volts(0.4) }

export const SUPPLY_CASES: Readonly<Record<string, Case>> = {
  'nothing runs, no volts at the unit': {
    seen: dead,
    read,
    found: ['no-power'],
    first: 'no-power',
    next: 'ohms-frame',
  },
  'nothing runs, no volts at the unit, the fan’s windings are good to ground': {
    seen: { ...dead, 'ohms-frame': 'megohms' },
    read,
    found: ['no-power'],
    first: 'no-power',
    next: 'comp-shell',
  },
  'nothing runs, no volts at the unit, all windings are good to ground': {
    seen: { ...dead, 'ohms-frame': 'megohms', 'comp-shell': 'megohms' },
    read,
    found: ['no-power'],
    first: 'no-power',
    next: 'settled',
  },
  'nothing runs, and the compressor has gone to ground: it took the supply': {
    seen: { ...dead, 'ohms-frame': 'megohms', 'comp-shell': 'low' },
    read,
    found: ['comp-grounded'],
    first: 'no-power',
    next: 'settled',
  },
  'nothing runs, and the fan’s winding has gone to ground: it took the supply': {
    seen: { ...dead, 'ohms-frame': 'low' },
    read,
    found: ['winding-grounded'],
    first: 'winding-grounded',
    next: 'settled',
  },
  'no volts at the unit, one post of the compressor reads OL to the shell and two are not read': {
    seen: { ...dead, 'ohms-frame': 'megohms' },
    read: { ...read, 'ohms-shell-C': ohms('OL') },
    found: ['no-power'],
    first: 'no-power',
    next: 'comp-shell',
  },
  'the compressor hums, its capacitor is good, and 172 V are at its posts and at the unit': {
    about: 'compressor',
    seen: { 'comp-does': 'hums', 'comp-fan': 'runs' },
    read: { 'microfarads-HERM': uf(40), 'volts-compressor': volts(172), 'volts-supply': volts(172) },
    found: ['supply-volts'],
    first: 'comp-supply-volts',
    next: 'settled',
  },
  'the same, and nobody has read the supply: a running fan does not say that it is high enough': {
    about: 'compressor',
    seen: { 'comp-does': 'hums', 'comp-fan': 'runs' },
    read: { 'microfarads-HERM': uf(40), 'volts-compressor': volts(172) },
    found: [],
    first: 'comp-supply-volts',
    next: 'supply',
  },
  'the blower is dead, no volts at its board: it has no compressor': {
    unit: FURNACE,
    seen: { 'fan-does': 'dead', 'ohms-frame': 'megohms' },
    read: { 'volts-supply': volts(0) },
    found: ['no-power'],
    first: 'no-power',
    next: 'settled',
  },
  'the compressor is silent, no volts at the unit, and its shell is not read': {
    about: 'compressor',
    seen: { 'comp-does': 'silent', 'ohms-frame': 'megohms' },
    read,
    found: ['no-power'],
    first: 'comp-no-power',
    next: 'comp-shell',
  },
}
