import { EMPTY_JOB } from '@oak/core/job/document'
import type { StockLine } from '@oak/core/van/stock-line'
import {
  AIM_WORDS,
  canOfPlan,
  chooseEdits,
  pickEdits,
  startCanEdits,
  startParts,
  stockParts,
  withFirst,
} from './stock-plan-model'

const line = (name: string, microfarads: number[], layout: 'single' | 'dual' | 'start'): StockLine => ({
  kind: 'capacitor',
  name,
  quantity: 2,
  cents: 900,
  countedAt: 0,
  layout,
  microfarads,
  volts: 440,
  tolerancePercent: 6,
  protectedStart: false,
})
const VAN = {
  sheets: {},
  units: {},
  settings: {},
  stock: {
    'c-dual': line('Dual 45/5', [45, 5], 'dual'),
    'c-s7': line('Single 7.5', [7.5], 'single'),
    'c-start': line('Start', [135, 162], 'start'),
  },
}
const plan = (parts: string[]) => ({
  cans: parts.map((part) => ({ part, name: part, keptFor: part === 'old-can' ? 'HERM' : null })),
  groups: [],
  ties: [],
  worstErrorPercent: 0,
  jumperCount: 0,
  cents: 0,
  why: '',
})

it('offers what is left and what this job holds, and no start capacitor', () => {
  expect(
    stockParts(VAN, { 'c-dual': 1, 'c-s7': 0 }, { 'c-s7': { quantity: 1 } }).map((p) => [p.id, p.quantity]),
  ).toEqual([
    ['c-dual', 1],
    ['c-s7', 1],
  ])
})
it('several capacitors become one can with sections of their own names', () => {
  expect(canOfPlan(plan(['c-dual', 'c-s7']), VAN, null)).toMatchObject({
    name: 'Dual 45/5 + Single 7.5',
    sections: [
      { id: '1-45', of: 'Dual 45/5' },
      { id: '1-5', of: 'Dual 45/5' },
      { id: '2-7.5', of: 'Single 7.5' },
    ],
  })
  expect(canOfPlan(plan(['c-dual']), VAN, null)?.id).toBe('c-dual')
  expect(canOfPlan(plan(['gone']), VAN, null)).toBeNull()
})
it('choosing takes the parts and gives back those of another plan', () => {
  const job = { ...EMPTY_JOB, taken: { 'c-s7': { quantity: 1 }, 'motor-x': { quantity: 1 } } }
  expect(chooseEdits(plan(['c-dual', 'c-dual']), VAN, job, null).slice(1)).toEqual([
    { path: ['taken', 'c-s7'], value: null },
    { path: ['taken', 'c-dual'], value: { quantity: 2 } },
  ])
})
it('choosing leaves the compressor’s own taken, beside the plan’s of the same line', () => {
  const own = { id: 'c-s7', name: 'S', volts: 440, tolerancePercent: 6, protectedStart: false, sections: [] }
  const job = { ...EMPTY_JOB, compressorCan: own, taken: { 'c-s7': { quantity: 1 } } }
  expect(chooseEdits(plan(['c-dual']), VAN, job, null).slice(1)).toEqual([
    { path: ['taken', 'c-dual'], value: { quantity: 1 } },
  ])
  expect(chooseEdits(plan(['c-s7']), VAN, job, null).slice(1)).toEqual([
    { path: ['taken', 'c-s7'], value: { quantity: 2 } },
  ])
})
it('a can picked by hand takes one of its line and gives back another plan’s; the old one that stays takes none', () => {
  const can = (id: string) => ({
    id,
    name: id,
    volts: 440,
    tolerancePercent: 6,
    protectedStart: false,
    sections: [],
  })
  const job = { ...EMPTY_JOB, can: can('c-s7'), taken: { 'c-s7': { quantity: 1 } } }
  expect(pickEdits(can('c-dual'), VAN, job).slice(1)).toEqual([
    { path: ['taken', 'c-s7'], value: null },
    { path: ['taken', 'c-dual'], value: { quantity: 1 } },
  ])
  expect(pickEdits(can('old-can-whole'), VAN, job).slice(1)).toEqual([
    { path: ['taken', 'c-s7'], value: null },
  ])
  // Other values of the one in hand: the same part, and of a joined one the same parts.
  expect(pickEdits(can('c-s7'), VAN, job)).toHaveLength(1)
  const joined = { ...job, can: can('c-s7+c-dual') }
  expect(pickEdits(can('c-s7+c-dual'), VAN, joined)).toHaveLength(1)
})
it('two of a kind keep names of their own', () => {
  expect(canOfPlan(plan(['c-s7', 'c-s7']), VAN, null)?.sections.map((s) => s.of)).toEqual([
    'Single 7.5',
    'Single 7.5, the second',
  ])
})
it('what was read stands for what is marked; an open section is dead and no part of the can', () => {
  const stock = { a: { ...line('Read dual', [45, 5], 'dual'), quantity: 1, measured: [44.6, 0.1] } }
  expect(stockParts({ sheets: {}, units: {}, settings: {}, stock }, { a: 1 }, {})[0]?.sections).toEqual([
    { id: '45', microfarads: 45, measured: 44.6, dead: false },
    { id: '5', microfarads: 5, measured: null, dead: true },
  ])
  expect(canOfPlan(plan(['a']), { sheets: {}, units: {}, settings: {}, stock }, null)?.sections).toEqual([
    { id: '45', microfarads: 44.6, marked: 45 },
  ])
})
it('an old can that stays is the side it serves, with its reading, and nothing is taken for it', () => {
  const stays = {
    load: 'HERM',
    name: 'The old can',
    volts: 440,
    microfarads: 45,
    tolerancePercent: 6,
    reading: { low: 44, high: 45 },
  }
  const edits = chooseEdits(plan(['c-s7', 'old-can']), VAN, EMPTY_JOB, stays)
  expect(edits[0]?.value).toMatchObject({
    sections: [
      { id: '1-HERM', microfarads: 44.5, marked: 45, stays: 'HERM', of: 'The old can' },
      { id: '2-7.5', of: 'Single 7.5' },
    ],
  })
  expect(edits.slice(1)).toEqual([{ path: ['taken', 'c-s7'], value: { quantity: 1 } }])
})
it('a start capacitor that the job holds is not given back with the run capacitors', () => {
  const job = { ...EMPTY_JOB, taken: { 'c-start': { quantity: 1 } } }
  expect(chooseEdits(plan(['c-dual']), VAN, job, null).map((e) => e.path)).toEqual([
    ['can'],
    ['taken', 'c-dual'],
  ])
  expect(startParts(VAN, { 'c-start': 0 }, job.taken)).toEqual([
    {
      id: 'c-start',
      name: 'Start',
      low: 135,
      high: 162,
      volts: 440,
      quantity: 1,
      cents: 900,
      measured: null,
    },
  ])
})
it('puts the chosen aim first, the others in their order', () => {
  expect(withFirst(['parts', 'error', 'jumpers', 'opened', 'versatile', 'cost'], 'cost')).toEqual([
    'cost',
    'parts',
    'error',
    'jumpers',
    'opened',
    'versatile',
  ])
})
it('what was taken before the count leaves none, and never fewer', () => {
  expect(stockParts(VAN, { 'c-dual': -1 }, {}).map((p) => p.quantity)).toEqual([0, 0])
  expect(startParts(VAN, {}, {}).map((p) => p.quantity)).toEqual([0])
})
it('a part has its line’s volts, tolerance and price', () =>
  expect(stockParts(VAN, { 'c-dual': 1 }, {})[0]).toMatchObject({
    name: 'Dual 45/5',
    volts: 440,
    tolerancePercent: 6,
    cents: 900,
  }))
it('of several the lowest volts, the widest tolerance and any protected terminal count', () => {
  const stock = {
    low: { ...line('Low', [45, 5], 'dual'), volts: 370 },
    wide: { ...line('Wide', [7.5], 'single'), tolerancePercent: 10, protectedStart: true },
  }
  const van = { sheets: {}, units: {}, settings: {}, stock }
  expect(canOfPlan(plan(['low', 'wide']), van, null)).toMatchObject({
    id: 'low+wide',
    name: 'Low + Wide',
    volts: 370,
    tolerancePercent: 10,
    protectedStart: true,
  })
  expect(canOfPlan(plan(['low', 'low']), van, null)?.protectedStart).toBe(false)
  // The larger one’s C takes what was on the old C: it stands first, wherever the plan lists it.
  expect(canOfPlan(plan(['wide', 'low']), van, null)?.sections.map((s) => s.of)).toEqual([
    'Low',
    'Low',
    'Wide',
  ])
})
it('a long name and a long list of parts are cut to what the record takes', () => {
  const stock = {
    ['x'.repeat(50)]: line('n'.repeat(200), [45, 5], 'dual'),
    ['y'.repeat(50)]: line('m'.repeat(200), [5], 'single'),
  }
  const can = canOfPlan(plan(Object.keys(stock)), { sheets: {}, units: {}, settings: {}, stock }, null)
  expect([can?.id.length, can?.name.length]).toEqual([60, 300])
})
it('an old can that stays is alone the can where nothing else is fitted', () => {
  const stays = {
    load: 'FAN',
    name: 'The old can',
    volts: 370,
    microfarads: 5,
    tolerancePercent: 5,
    reading: { low: 4.9, high: 5.1 },
  }
  expect(canOfPlan(plan(['old-can']), VAN, stays)).toEqual({
    id: 'old-can',
    name: 'The old can',
    volts: 370,
    tolerancePercent: 5,
    protectedStart: false,
    sections: [{ id: 'FAN', microfarads: 5, marked: 5, stays: 'FAN' }],
  })
  // It stands first also beside a can of more sections.
  expect(canOfPlan(plan(['c-dual', 'old-can']), VAN, stays)?.sections[0]).toMatchObject({ of: 'The old can' })
  expect(canOfPlan(plan(['old-can']), VAN, null)).toBeNull()
})
it('every aim has a short name of its own', () => {
  const words = Object.values(AIM_WORDS)
  for (const word of words) expect(word).toMatch(/^[a-z][a-z -]{4,15}$/)
  expect(new Set(words).size).toBe(words.length)
})

it('a start capacitor that is chosen is taken, the one before given back', () => {
  const part = {
    id: 'b',
    name: 'Start 145',
    low: 145,
    high: 174,
    volts: 330,
    quantity: 1,
    cents: null,
    measured: null,
  }
  const can = { id: 'b', name: 'Start 145', low: 145, high: 174, volts: 330, bleed: null }
  expect(startCanEdits({ startCan: null, taken: {} }, part)).toEqual([
    { path: ['startCan'], value: can },
    { path: ['taken', 'b'], value: { quantity: 1 } },
  ])
  const held = { startCan: { ...can, id: 'a' }, taken: { a: { quantity: 1 } } }
  expect(startCanEdits(held, part).slice(1)).toEqual([
    { path: ['taken', 'a'], value: null },
    { path: ['taken', 'b'], value: { quantity: 1 } },
  ])
  expect(startCanEdits(held, null)).toEqual([
    { path: ['startCan'], value: null },
    { path: ['taken', 'a'], value: null },
  ])
})
