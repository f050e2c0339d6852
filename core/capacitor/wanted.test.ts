import fc from 'fast-check'
import { TRADE_MICROFARADS } from './marking'
import { tradeGuesses, wantedMicrofarads, type WantedInput } from './wanted'

const wanted = (more: Partial<WantedInput>) =>
  wantedMicrofarads({ load: 'FAN', newMotor: true, tolerancePercent: 6, ...more })

it('a new motor asks for what its own tag says, and the old can’s other value is shown, not used', () => {
  expect(wanted({ tag: 7.5, label: 5 })).toMatchObject({
    microfarads: 7.5,
    from: 'tag',
    conflicts: [
      'The motor’s tag says 7.5 µF, the old can’s label 5 µF: another motor, another value; the tag counts.',
    ],
  })
})
it('without a tag the old can never stands for a new motor', () => {
  expect(wanted({ label: 5, reading: { low: 4.9, high: 5.1 } })).toMatchObject({
    microfarads: null,
    from: null,
    why: 'What FAN asks for stands on the new motor’s tag; the old can served the old motor, and does not say.',
  })
})
it('the compressor is asked by its plate, then by the old label; disagreement is shown', () => {
  expect(wanted({ load: 'HERM', newMotor: false, plate: 45, label: 40 })).toMatchObject({
    microfarads: 45,
    from: 'plate',
    conflicts: ['The compressor’s plate says 45 µF, the old can’s label 40 µF.'],
  })
  expect(wanted({ load: 'HERM', newMotor: false, label: 40 })).toMatchObject({
    microfarads: 40,
    from: 'label',
  })
})
it('a reading alone gives trade values with how likely each is, and no value', () => {
  const found = wanted({ load: 'HERM', newMotor: false, reading: { low: 43, high: 45.5 } })
  expect(found).toMatchObject({ microfarads: null, from: null })
  expect(found.guesses[0]?.microfarads).toBe(45)
  expect(found.why).toContain('reads most like 45 µF')
})
it('a reading outside the old label’s tolerance says so, and one that may be inside does not', () => {
  expect(wanted({ tag: 7.5, label: 7.5, reading: { low: 5.8, high: 6.2 } }).conflicts[0]).toContain(
    'it has failed, or that is not its value',
  )
  expect(wanted({ tag: 7.5, label: 7.5, reading: { low: 6.9, high: 7.3 } }).conflicts).toEqual([])
})
it('nothing known is said', () =>
  expect(wanted({ load: 'HERM', newMotor: false })).toMatchObject({
    microfarads: null,
    why: 'What HERM asks for is not known: read the plate or the diagram.',
  }))
it('guesses are chances, the nearest trade value first for a sharp reading', () => {
  fc.assert(
    fc.property(fc.constantFrom(...TRADE_MICROFARADS), (value) => {
      const guesses = tradeGuesses({ low: value * 0.975, high: value * 0.985 }, 6)
      expect(guesses[0]?.microfarads).toBe(value)
      expect(guesses.reduce((sum, g) => sum + g.likelihood, 0)).toBeLessThanOrEqual(1 + 1e-9)
    }),
  )
})
