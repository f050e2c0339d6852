import { EMPTY_JOB } from '@oak/core/job/document'
import { leadSheetById } from '@oak/core/motor/lead-sheets'
import { CATALOGUE, cellText, pastCalls } from './coverage-model'

it('says a cell in words', () => {
  expect(cellText({ compressor: 45, fan: 5, parts: 1, worstErrorPercent: 0, by: [] })).toBe('45/5: one capacitor, exact')
  expect(cellText({ compressor: 40, fan: 7.5, parts: 2, worstErrorPercent: 2.53, by: [] })).toBe('40/7.5: 2 capacitors, 2.5 % off at most')
  expect(cellText({ compressor: 80, fan: 15, parts: null, worstErrorPercent: null, by: [] })).toBe('80/15: cannot be met')
})
it('takes from jobs what they asked for, and leaves out those that say nothing', () => {
  expect(pastCalls([EMPTY_JOB, { ...EMPTY_JOB, compressorMicrofarads: 40 }, { ...EMPTY_JOB, motor: leadSheetById('rowan-33m')! }, { ...EMPTY_JOB, compressorMicrofarads: 35, removed: true }])).toEqual([{ compressor: 40, fan: null }, { compressor: null, fan: 10 }])
})
it('offers each part once', () => expect(new Set(CATALOGUE.map((p) => p.id)).size).toBe(CATALOGUE.length))
