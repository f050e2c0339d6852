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

describe('in words', () => {
  const HERM = { load: 'HERM', newMotor: false } as const
  it('by each source, and by none', () => {
    expect(wanted({ tag: 7.5 }).why).toBe('FAN asks for 7.5 µF, by the motor’s tag.')
    expect(wanted({ ...HERM, plate: 45 }).why).toBe('HERM asks for 45 µF, by the compressor’s plate.')
    expect(wanted({ ...HERM, label: 40 }).why).toBe('HERM asks for 40 µF, by the old can’s label.')
    expect(wanted(HERM).why).toBe('What HERM asks for is not known: read the plate or the diagram.')
    expect(wanted({}).why).toBe('What FAN asks for stands on the new motor’s tag.')
    expect(wanted({ reading: { low: 4.9, high: 5.1 } }).why).toBe(
      'What FAN asks for stands on the new motor’s tag; the old can served the old motor, and does not say.',
    )
  })
  it('the tag before the plate before the label, of what stays', () => {
    expect(wanted({ newMotor: false, tag: 7.5, plate: 6, label: 5 })).toMatchObject({
      microfarads: 7.5,
      from: 'tag',
      conflicts: [
        'The motor’s tag says 7.5 µF, the compressor’s plate 6 µF.',
        'The motor’s tag says 7.5 µF, the old can’s label 5 µF.',
      ],
    })
    expect(wanted({ newMotor: false, tag: 7.5, label: 7.5 }).conflicts).toEqual([])
  })
  it('a reading that does not go with the label, or with the plate where there is no label, of what stays', () => {
    const reading = { low: 34, high: 36 }
    expect(wanted({ ...HERM, plate: 45, label: 40, reading }).conflicts).toEqual([
      'The compressor’s plate says 45 µF, the old can’s label 40 µF.',
      'The old can reads 34 to 36 µF; the old can’s label says 40 µF: it has failed, or that is not its value.',
    ])
    expect(wanted({ ...HERM, plate: 45, reading }).conflicts).toEqual([
      'The old can reads 34 to 36 µF; the compressor’s plate says 45 µF: it has failed, or that is not its value.',
    ])
    // The old can was never meant for the new motor.
    expect(wanted({ tag: 45, reading }).conflicts).toEqual([])
    // 40 - 6 % is 37.6, 34 + 6 % is 36.04: at the limits it may be inside.
    expect(wanted({ ...HERM, label: 40, reading: { low: 36, high: 37.6 } }).conflicts).toEqual([])
    expect(wanted({ ...HERM, label: 40, reading: { low: 36, high: 37.5 } }).conflicts).toHaveLength(1)
    expect(wanted({ ...HERM, label: 34, reading: { low: 36.04, high: 37 } }).conflicts).toEqual([])
    expect(wanted({ ...HERM, label: 34, reading: { low: 36.1, high: 37 } }).conflicts).toHaveLength(1)
  })
})

describe('how likely each trade value is', () => {
  /** A normal density at the reading of what a can of that marking has on average (2 % less), worked out by itself. */
  const density = (value: number, middle: number, tolerance: number, doubt: number): number => {
    const variance = ((value * tolerance) / 200) ** 2 + doubt ** 2
    return Math.exp(-((middle - 0.98 * value) ** 2) / (2 * variance)) / Math.sqrt(variance)
  }
  it.each([
    [43, 45.5, 6],
    [6.9, 7.3, 6],
    [36, 36, 10],
    // Below 1 % a marking is not believed.
    [19.6, 19.7, 0],
  ])('a reading of %s to %s µF, cans of ± %s %%', (low, high, tolerance) => {
    const doubt = (high - low) / Math.sqrt(12)
    const weights = TRADE_MICROFARADS.map((value) =>
      density(value, (low + high) / 2, Math.max(1, tolerance), doubt),
    )
    const total = weights.reduce((a, b) => a + b, 0)
    const expected = TRADE_MICROFARADS.map((microfarads, i) => ({
      microfarads,
      likelihood: (weights[i] as number) / total,
    }))
      .filter((g) => g.likelihood >= 0.02)
      .sort((a, b) => b.likelihood - a.likelihood)
    const found = tradeGuesses({ low, high }, tolerance)
    expect(found.map((g) => g.microfarads)).toEqual(expected.map((g) => g.microfarads))
    found.forEach((g, i) => expect(g.likelihood).toBeCloseTo(expected[i]?.likelihood as number, 9))
  })
  it('says how likely the likeliest is, in percent', () => {
    const reading = { low: 43, high: 45.5 }
    const [best] = tradeGuesses(reading, 6)
    expect(wanted({ load: 'HERM', newMotor: false, reading }).why).toBe(
      `Not stated. The old can reads most like 45 µF (${Math.round(100 * (best?.likelihood ?? 0))} % likely): read the plate or the diagram before ordering.`,
    )
  })
  it('of a reading that is nothing like any of them, none', () =>
    expect(tradeGuesses({ low: 100_000, high: 100_000 }, 6)).toEqual([]))
})
