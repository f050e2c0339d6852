import { LEAD_SHEETS } from '@oak/core/motor/lead-sheets'
import type { StockLine } from '@oak/core/van/stock-line'
import { canOf, leftText, linesOf, priceText, sectionNames, vanMotors } from './van-model'

const common = { quantity: 1, cents: null, countedAt: 0 }
const STOCK: Record<string, StockLine> = {
  'motor-teal': { kind: 'motor', name: 'Teal', sheet: 'teal-33e', ...common },
  'motor-rowan': { kind: 'motor', name: 'Rowan', sheet: 'rowan-25r', ...common },
  'part-b': { kind: 'part', name: 'b', ...common },
  'part-a': { kind: 'part', name: 'a', ...common },
}

it('lists a kind by name, with what is left', () =>
  expect(linesOf(STOCK, { 'part-a': 0 }, 'part').map((l) => [l.id, l.left])).toEqual([
    ['part-a', 0],
    ['part-b', 1],
  ]))
it('says what is left, also when too many were taken', () =>
  expect([leftText(2), leftText(0), leftText(-1)]).toEqual(['2 left', 'none left', '1 too many taken']))
it('puts what is on the van first, then what is used up, then known tags', () => {
  const motors = vanMotors({ stock: STOCK, sheets: {}, settings: {} }, { 'motor-teal': 0, 'motor-rowan': 1 })
  expect(motors.slice(0, 2).map((m) => [m.sheet.id, m.stock?.left])).toEqual([
    ['rowan-25r', 1],
    ['teal-33e', 0],
  ])
  expect(motors).toHaveLength(LEAD_SHEETS.length)
  expect(motors.slice(2).every((m) => m.stock === null)).toBe(true)
})
it('names sections by value, like ones with a letter', () =>
  expect(sectionNames([20, 10, 5, 5, 2.5])).toEqual(['20', '10', '5a', '5b', '2.5']))
it('makes a can of a capacitor, and none of a start capacitor', () => {
  const line = {
    kind: 'capacitor',
    name: 'Dual',
    volts: 440,
    tolerancePercent: 6,
    protectedStart: false,
    layout: 'dual',
    microfarads: [45, 5],
    ...common,
  } as const
  expect(canOf('c', { ...line, microfarads: [45, 5] })?.sections).toEqual([
    { id: '45', microfarads: 45 },
    { id: '5', microfarads: 5 },
  ])
  expect(canOf('c', { ...line, layout: 'start', microfarads: [135, 162] })).toBeNull()
})
it('writes prices in dollars and cents', () =>
  expect([priceText(14800), priceText(5), priceText(null)]).toEqual(['$148.00', '$0.05', null]))
