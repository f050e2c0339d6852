import { EMPTY_JOB } from '@oak/core/job/document'
import type { StockLine } from '@oak/core/van/stock-line'
import { aimsFrom, canOfPlan, chooseEdits, stockParts } from './stock-plan-model'

const line = (name: string, microfarads: number[], layout: 'single' | 'dual' | 'start'): StockLine => ({ kind: 'capacitor', name, quantity: 2, cents: 900, countedAt: 0, layout, microfarads, volts: 440, tolerancePercent: 6, protectedStart: false })
const VAN = { sheets: {}, stock: { 'c-dual': line('Dual 45/5', [45, 5], 'dual'), 'c-s7': line('Single 7.5', [7.5], 'single'), 'c-start': line('Start', [135, 162], 'start') } }
const plan = (parts: string[]) => ({ cans: parts.map((part) => ({ part, name: part })), groups: [], ties: [], worstErrorPercent: 0, jumperCount: 0, cents: 0, why: '' })

it('offers what is left and what this job holds, and no start capacitor', () => {
  expect(stockParts(VAN, { 'c-dual': 1, 'c-s7': 0 }, { 'c-s7': { quantity: 1 } }).map((p) => [p.id, p.quantity])).toEqual([['c-dual', 1], ['c-s7', 1]])
})
it('several capacitors become one can with sections of their own names', () => {
  expect(canOfPlan(plan(['c-dual', 'c-s7']), VAN)).toMatchObject({ name: 'Dual 45/5 + Single 7.5', sections: [{ id: '1-45' }, { id: '1-5' }, { id: '2-7.5' }] })
  expect(canOfPlan(plan(['c-dual']), VAN)?.id).toBe('c-dual')
  expect(canOfPlan(plan(['gone']), VAN)).toBeNull()
})
it('choosing takes the parts and gives back those of another plan', () => {
  const job = { ...EMPTY_JOB, taken: { 'c-s7': { quantity: 1 }, 'motor-x': { quantity: 1 } } }
  expect(chooseEdits(plan(['c-dual', 'c-dual']), VAN, job).slice(1)).toEqual([{ path: ['taken', 'c-s7'], value: null }, { path: ['taken', 'c-dual'], value: { quantity: 2 } }])
})
it('puts the chosen aim first', () => expect(aimsFrom('cost')).toEqual(['cost', 'parts', 'error', 'jumpers', 'versatile']))
