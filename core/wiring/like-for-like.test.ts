import { EMPTY_MOTOR_PLATE } from '../motor/nameplate'
import { sheetOf, tracedWires, unitOf } from '../testing/fixtures'
import { findRoles } from './evidence'
import { differences } from './like-for-like'

const UNIT = unitOf('cooling-1-pole-shared-capacitor')
const SHEET = sheetOf('rowan-25r')
const WIRES = tracedWires(UNIT)
const FOUND = findRoles(UNIT, WIRES)
const CODES = { 'motor-common': 'BK', run: 'WH', start: 'BN', ground: 'GN' } as const
const coloured = (over: Partial<Record<keyof typeof CODES, 'RD' | 'VT'>> = {}) =>
  WIRES.map((wire) => {
    const role = FOUND.find((f) => f.wire === wire.id)?.role as keyof typeof CODES | undefined
    const colour = role && { ...CODES, ...over }[role]
    return colour ? { ...wire, segments: [{ colour, stripe: null }] } : wire
  })
const plate = { ...EMPTY_MOTOR_PLATE, horsepower: ['1/4'], rpm: [1075], microfarads: 7.5 }
const of = (wires: typeof WIRES, more: object = {}) =>
  differences(SHEET, { wires, findings: FOUND, plate: { ...plate, ...more } })

it('none, where colours and figures agree; nothing is made of what is not on record', () => {
  expect(of(coloured())).toEqual([])
  expect(of(WIRES)).toEqual([])
  expect(differences(SHEET, { wires: coloured(), findings: FOUND, plate: null })).toEqual([])
  expect(of(coloured(), EMPTY_MOTOR_PLATE)).toEqual([])
})
it('a role in another colour is said, by role', () =>
  expect(of(coloured({ start: 'VT', run: 'RD' }))).toEqual([
    'Run was red, and is white on this motor.',
    'Start was purple, and is brown on this motor.',
  ]))
it('figures of the tag that are others are said with both', () =>
  expect(of(coloured(), { horsepower: ['1/3'], rpm: [825], microfarads: 5 })).toEqual([
    'Horsepower: 1/3 before, 1/4 now.',
    'Speed: 825 rpm before, 1075 rpm now.',
    'Capacitor: 5 µF before, 7.5 µF now.',
  ]))
it('two leads or wires of one role are not told apart here', () => {
  const twice = coloured({ start: 'VT' })
  const start = twice.find((w) => FOUND.find((f) => f.wire === w.id)?.role === 'start')!
  const findings = [...FOUND, { ...FOUND.find((f) => f.wire === start.id)!, wire: 'second' }]
  expect(
    differences(SHEET, { wires: [...twice, { ...start, id: 'second' }], findings, plate: null }),
  ).toEqual([])
})
