// A part of the van is named as the job names it, wherever the job has it: as the fan's can, one of several cans, the compressor's own.
import { EMPTY_JOB } from '../document'
import { partName } from './part-names'

const can = (id: string, name: string) => ({
  id,
  name,
  volts: 440,
  tolerancePercent: 6,
  protectedStart: false,
  sections: [],
})

it('the fan’s can, each of several, and the compressor’s own have the names of the job', () => {
  const job = {
    ...EMPTY_JOB,
    can: can('capacitor-a+capacitor-b', 'Dual 45/5 + Single 7.5'),
    compressorCan: can('capacitor-single-40', 'Single 40'),
  }
  expect(partName(job, 'capacitor-a')).toBe('Dual 45/5')
  expect(partName(job, 'capacitor-b')).toBe('Single 7.5')
  expect(partName(job, 'capacitor-single-40')).toBe('Single 40')
})
it('what the job does not know is named by its kind', () => {
  expect(partName(EMPTY_JOB, 'capacitor-single-40')).toBe('capacitor “single 40”')
  expect(partName(EMPTY_JOB, 'blade-24')).toBe('blade “24”')
  expect(partName(EMPTY_JOB, 'drip-loop-clip')).toBe('drip loop clip')
})
