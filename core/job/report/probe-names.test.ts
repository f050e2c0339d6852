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

describe('a place is named from what its key says', () => {
  it('the old motor by its speeds and by its pairs of leads', () => {
    for (const speed of ['low', 'medium', 'high'])
      expect(probeName(`amps-${speed}`)).toBe(`Old motor, ${speed} speed`)
    for (const [a, b] of [
      ['common', 'run'],
      ['common', 'start'],
      ['run', 'start'],
    ])
      expect(probeName(`ohms-${a}-${b}`)).toBe(`Old motor, ${a} to ${b}`)
  })
  it('the compressor by its posts', () => {
    for (const [a, b] of ['CR', 'CS', 'RS'])
      expect(probeName(`ohms-compressor-${a}${b}`)).toBe(`Compressor, ${a} to ${b}`)
    for (const post of 'CRS') expect(probeName(`ohms-shell-${post}`)).toBe(`Compressor, ${post} to the shell`)
  })
  it('the old capacitor by its side', () => {
    for (const [load, side] of [
      ['FAN', 'fan'],
      ['HERM', 'compressor'],
    ]) {
      expect(probeName(`microfarads-${load}`)).toBe(`Old capacitor, ${side} side`)
      expect(probeName(`ohms-can-${load}`)).toBe(`Old capacitor, ${side} side, ohms across`)
    }
  })
  it('one without a name of its own by its quantity', () =>
    expect(
      ['volts', 'amps', 'ohms', 'microfarads', 'celsius'].map((quantity) => probeName(`${quantity}-spare`)),
    ).toEqual(['Volts', 'Amps', 'Ohms', 'Microfarads', 'Temperature'].map((name) => `${name}, spare`)))
})
