import { LEAD_SHEETS } from '@oak/core/motor/lead-sheets'
import { lineIdOf, type StockLine } from '@oak/core/van/stock-line'
import { CANS } from '@oak/core/capacitor/cans'
import type { CapacitorLine } from '@oak/core/van/stock-line'
import {
  canOf,
  importEdits,
  KIND_WORDS,
  leftText,
  linesOf,
  offeredCans,
  openSections,
  priceText,
  readable,
  readingEdits,
  sectionNames,
  vanMotors,
  whatOf,
} from './van-model'

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
  const motors = vanMotors(
    { stock: STOCK, sheets: {}, units: {}, settings: {} },
    { 'motor-teal': 0, 'motor-rowan': 1 },
  )
  expect(motors.slice(0, 2).map((m) => [m.sheet.id, m.stock?.left])).toEqual([
    ['rowan-25r', 1],
    ['teal-33e', 0],
  ])
  const last = vanMotors(
    { stock: STOCK, sheets: {}, units: {}, settings: {} },
    { 'motor-rowan': 0, 'motor-teal': 1 },
  )
  expect(last.slice(0, 2).map((m) => m.sheet.id)).toEqual(['teal-33e', 'rowan-25r'])
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

const dual = (more: Partial<CapacitorLine> = {}): CapacitorLine => ({
  kind: 'capacitor',
  name: 'Dual 45/5',
  layout: 'dual',
  microfarads: [45, 5],
  volts: 440,
  tolerancePercent: 6,
  protectedStart: false,
  ...common,
  ...more,
})

it('kinds are named in the plural', () =>
  expect(KIND_WORDS).toEqual({ motor: 'Motors', capacitor: 'Capacitors', blade: 'Blades', part: 'Parts' }))
it('a line not counted by jobs has what its list says', () =>
  expect(linesOf(STOCK, {}, 'motor').map((l) => [l.id, l.left])).toEqual([
    ['motor-rowan', 1],
    ['motor-teal', 1],
  ]))
it('a motor is described by its tag where that is known, else by its own line', () => {
  const motor = STOCK['motor-rowan'] as StockLine
  const sheets = LEAD_SHEETS.filter((s) => s.id === 'rowan-25r')
  const [sheet] = sheets
  if (!sheet) throw new Error('no sheet')
  // By the tag itself: its one horsepower, its speed, its volts.
  expect(whatOf(motor, sheets)).toBe(
    `${sheet.settings.horsepower[0]?.horsepower} hp · ${sheet.nameplate.rpm} rpm · 208–230 V`,
  )
  const several = LEAD_SHEETS.find((s) => s.settings.horsepower.some((h) => h.coversFrom !== null))
  if (several)
    expect(whatOf({ ...motor, sheet: several.id } as StockLine, LEAD_SHEETS)).toMatch(
      /^1\/\d+ to 1\/\d+.* hp · /,
    )
  expect(whatOf(motor, [])).not.toContain('rpm')
  expect(whatOf(dual(), LEAD_SHEETS)).toContain('45')
})
it('a list taken over sets every line of it, and no other', () =>
  expect(importEdits({ a: STOCK['part-a'] as StockLine })).toEqual([
    { path: ['stock', 'a'], value: STOCK['part-a'] },
  ]))
it('a can has its line’s figures, its readings, its face; an open section keeps its marking', () => {
  expect(
    canOf('c', dual({ measured: [44.6, 0.1], protectedStart: true, face: { shape: 'arc', c: 'top' } })),
  ).toEqual({
    id: 'c',
    name: 'Dual 45/5',
    volts: 440,
    tolerancePercent: 6,
    protectedStart: true,
    face: { shape: 'arc', c: 'top' },
    sections: [
      { id: '45', microfarads: 44.6, marked: 45 },
      { id: '5', microfarads: 5 },
    ],
  })
  expect(openSections(dual({ measured: [44.6, 0.1] }))).toEqual([false, true])
  expect(openSections(dual({ measured: [null, 5] }))).toEqual([false, false])
  expect(openSections(dual())).toEqual([false, false])
  expect(canOf('c', dual())).not.toHaveProperty('face')
})
it('cans to pick from: what is left first, more sections before fewer; the app’s own while the van has none', () => {
  const van = {
    sheets: {},
    units: {},
    settings: {},
    stock: {
      gone: dual({ name: 'A gone', microfarads: [1, 2, 3, 4], layout: 'multi-tap' }),
      single: dual({ name: 'B single', microfarads: [5], layout: 'single' }),
      dual: dual({ name: 'C dual' }),
      start: dual({ name: 'D start', layout: 'start', microfarads: [135, 162] }),
    },
  }
  expect(offeredCans(van, { gone: 0, single: 1, dual: 2, start: 1 }).map(({ id }) => id)).toEqual([
    'dual',
    'single',
    'gone',
  ])
  expect(offeredCans({ ...van, stock: { start: van.stock.start } }, {})).toEqual([...CANS])
})
it('what can be read of a start capacitor is its one range', () => {
  expect(readable(dual())).toEqual(['45', '5'])
  expect(readable(dual({ layout: 'start', microfarads: [135, 162] }))).toEqual(['135–162'])
})
describe('a reading', () => {
  it('of the only one stays on its line, beside what was read before, counted now', () => {
    expect(readingEdits('c', dual({ measured: [44.6, null] }), 1, 1, 4.9, {}, 77)).toEqual({
      line: 'c',
      edits: [
        { path: ['stock', 'c'], value: { ...dual(), measured: [44.6, 4.9], quantity: 1, countedAt: 77 } },
      ],
    })
  })
  it('taken away leaves a line as if nothing was read', () =>
    expect(readingEdits('c', dual({ measured: [44.6, null] }), 1, 0, null, {}, 77).edits[0]?.value).toEqual({
      ...dual(),
      quantity: 1,
      countedAt: 77,
    }))
  it('of one that is used up, or taken too often, leaves none', () => {
    for (const left of [0, -2])
      expect(readingEdits('c', dual(), left, 0, 44, {}, 77).edits[0]?.value).toMatchObject({ quantity: 0 })
  })
  it('of one of several gives it a line of its own, whose name is not taken', () => {
    const stock = { [lineIdOf('capacitor', 'Dual 45/5, read')]: dual(), c: dual({ quantity: 3 }) }
    const { line, edits } = readingEdits('c', dual({ quantity: 3 }), 3, 0, 44.6, stock, 77)
    expect(edits).toEqual([
      { path: ['stock', 'c'], value: { ...dual(), quantity: 2, countedAt: 77 } },
      {
        path: ['stock', line],
        value: {
          ...dual({ name: 'Dual 45/5, read (2)' }),
          measured: [44.6, null],
          quantity: 1,
          countedAt: 77,
        },
      },
    ])
    expect(line).toBe(lineIdOf('capacitor', 'Dual 45/5, read (2)'))
    expect(readingEdits('c', dual({ quantity: 2 }), 2, 0, 44.6, {}, 77).edits).toHaveLength(2)
  })
})
