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
  ['ohms-pair-black-white', 'Ohms, pair black white'],
  ['what is this', 'what is this'],
])('%s: %s', (probe, name) => expect(probeName(probe)).toBe(name))

it('of the fault, each by its own words', () =>
  expect(
    Object.fromEntries(
      [
        'volts-supply',
        'volts-call',
        'volts-motor',
        'volts-output',
        'volts-capacitor',
        'amps-medium',
        'amps-high',
        'microfarads-FAN',
        'microfarads-HERM',
        'ohms-common-run',
        'ohms-common-start',
        'ohms-run-start',
        'ohms-frame',
        'celsius-motor',
        'ohms-can-FAN',
        'volts-compressor',
        'ohms-compressor-CR',
        'ohms-compressor-CS',
        'ohms-compressor-RS',
        'ohms-shell-C',
        'ohms-shell-S',
        'volts-spare',
        'amps-spare',
        'microfarads-spare',
        'celsius-spare',
      ].map((probe) => [probe, probeName(probe)]),
    ),
  ).toEqual({
    'volts-supply': 'Supply, at the unit',
    'volts-call': 'The 24 V call',
    'volts-motor': 'Motor common to run',
    'volts-output': 'The output that is called',
    'volts-capacitor': 'Left on the capacitor',
    'amps-medium': 'Old motor, medium speed',
    'amps-high': 'Old motor, high speed',
    'microfarads-FAN': 'Old capacitor, fan side',
    'microfarads-HERM': 'Old capacitor, compressor side',
    'ohms-common-run': 'Old motor, common to run',
    'ohms-common-start': 'Old motor, common to start',
    'ohms-run-start': 'Old motor, run to start',
    'ohms-frame': 'Old motor, windings to frame',
    'celsius-motor': 'Shell of the old motor',
    'ohms-can-FAN': 'Old capacitor, fan side, ohms across',
    'volts-compressor': 'Compressor, line to line',
    'ohms-compressor-CR': 'Compressor, C to R',
    'ohms-compressor-CS': 'Compressor, C to S',
    'ohms-compressor-RS': 'Compressor, R to S',
    'ohms-shell-C': 'Compressor, C to the shell',
    'ohms-shell-S': 'Compressor, S to the shell',
    'volts-spare': 'Volts, spare',
    'amps-spare': 'Amps, spare',
    'microfarads-spare': 'Microfarads, spare',
    'celsius-spare': 'Temperature, spare',
  }))
