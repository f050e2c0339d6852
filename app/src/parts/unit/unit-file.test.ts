// A unit type from a file: taken whole, or refused in words.
import { unitTypeFor } from '@oak/core/wiring/unit-types'
import type { UnitType } from '@oak/core/wiring/unit-type'
import { readUnitFile, unitFileText } from './unit-file'

const OWN: UnitType = { ...unitTypeFor('cooling-1-pole-shared-capacitor')!, id: 'own-1', name: 'Shop unit' }
const said = (value: unknown) => {
  const read = readUnitFile(typeof value === 'string' ? value : JSON.stringify(value))
  return read.ok ? null : read.message
}

it('what is written is read again', () =>
  expect(readUnitFile(unitFileText(OWN))).toEqual({ ok: true, unit: OWN }))
it.each([
  ['{', 'The file is cut short or damaged'],
  ['null', 'This is not a unit type of Oak Switch.'],
  [{ format: 'oak-switch/lead-sheet' }, 'This is not a unit type of Oak Switch.'],
  [{ ...OWN, id: 'gas-furnace-board' }, '“gas-furnace-board” is a unit that ships with the app.'],
  [
    { ...OWN, typicalWires: [...OWN.typicalWires, { id: 'odd', from: 'L1', to: 'T2' }] },
    'In off L1 on the contactor and L2 on the contactor are joined: a dead short.',
  ],
  [{ ...OWN, switches: [] }, 'In cooling nothing runs the fan: it gets 1 of the 2 lines it needs.'],
  [
    { ...OWN, links: [...OWN.links, { from: 'T2', to: 'T2', what: 'odd' }] },
    'What leaves T2 on the contactor comes back to it.',
  ],
])('%#', (value, message) => expect(said(value)).toContain(message))
