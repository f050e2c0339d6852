import { EMPTY_JOB } from '@oak/core/job/document'
import { leadSheetById } from '@oak/core/motor/lead-sheets'
import { lineFor, tickEdits } from './carry-model'

const common = { quantity: 1, cents: null, countedAt: 0 }
const VAN = {
  sheets: {},
  units: {},
  settings: {},
  stock: {
    'motor-rowan': { kind: 'motor' as const, name: 'Rowan', sheet: 'rowan-25r', ...common },
    'capacitor-x': {
      kind: 'capacitor' as const,
      name: 'x',
      layout: 'single' as const,
      microfarads: [5],
      volts: 440,
      tolerancePercent: 6,
      protectedStart: false,
      ...common,
    },
  },
}
const job = {
  ...EMPTY_JOB,
  motor: leadSheetById('rowan-25r')!,
  can: { id: 'capacitor-x', name: 'x', volts: 440, tolerancePercent: 6, sections: [], protectedStart: false },
}

it('knows the line of the motor and the can, and of nothing else', () => {
  expect([
    lineFor('motor', job, VAN),
    lineFor('can', job, VAN),
    lineFor('meter', job, VAN),
    lineFor('motor', EMPTY_JOB, VAN),
  ]).toEqual(['motor-rowan', 'capacitor-x', null, null])
})
it('a tick takes one of the stock, once, and its undoing gives it back', () => {
  expect(tickEdits('motor', true, 'motor-rowan', job)).toEqual([
    { path: ['carried', 'motor'], value: true },
    { path: ['taken', 'motor-rowan'], value: { quantity: 1 } },
  ])
  const held = { ...job, taken: { 'motor-rowan': { quantity: 1 } } }
  expect(tickEdits('motor', true, 'motor-rowan', held)).toHaveLength(1)
  expect(tickEdits('motor', false, 'motor-rowan', held)).toEqual([
    { path: ['carried', 'motor'], value: null },
    { path: ['taken', 'motor-rowan'], value: null },
  ])
  expect(tickEdits('meter', false, null, held)).toEqual([{ path: ['carried', 'meter'], value: null }])
})
it('the compressor’s own of the same line stays taken, whether the fan’s is ticked or not', () => {
  const compressorCan = {
    id: 'capacitor-x',
    name: 'X',
    volts: 440,
    tolerancePercent: 6,
    protectedStart: false,
    sections: [],
  }
  const holding = (quantity: number) => ({ ...job, compressorCan, taken: { 'capacitor-x': { quantity } } })
  expect(tickEdits('can', true, 'capacitor-x', holding(1))[1]).toEqual({
    path: ['taken', 'capacitor-x'],
    value: { quantity: 2 },
  })
  expect(tickEdits('can', false, 'capacitor-x', holding(2))[1]).toEqual({
    path: ['taken', 'capacitor-x'],
    value: { quantity: 1 },
  })
})
