import { PROBES } from '../../diagnosis/answers'
import { probeName } from './probe-names'

it('every place that is read while the fault is looked for has words of its own, not its key', () => {
  const names = PROBES.map(probeName)
  expect(new Set(names).size).toBe(PROBES.length)
  expect(names.filter((name) => PROBES.some((p) => name === p || name === p.replace(/-/g, ' ')))).toEqual([])
  expect(names.filter((name) => !/^[A-Z]/.test(name))).toEqual([])
})
it.each([
  ['amps-motor', 'Old motor'],
  ['ohms-shell-R', 'Compressor, R to the shell'],
  ['ohms-can-HERM', 'Old capacitor, compressor side, ohms across'],
  ['amps-low', 'Old motor, low speed'],
  ['volts-dead L1 to GND', 'Proven dead, L1 to GND'],
  ['ohms-pair black white', 'Ohms, pair black white'],
  ['what is this', 'what is this'],
])('%s: %s', (probe, name) => expect(probeName(probe)).toBe(name))
