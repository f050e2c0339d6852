import { impossiblePlate, type PlateFigures } from './plausible'

const said = (figures: Partial<PlateFigures>) =>
  impossiblePlate({
    horsepower: null,
    volts: null,
    amps: null,
    rpm: null,
    poles: null,
    hertz: 60,
    phase: null,
    ...figures,
  })

describe('speed and poles (120 × hertz / poles, textbook)', () => {
  it('that go together are not remarked', () => {
    for (const [rpm, poles, hertz] of [
      [1075, 6, 60],
      [825, 8, 60],
      [1725, 4, 60],
      [3450, 2, 60],
      [1425, 4, 50],
    ] as const)
      expect(said({ rpm, poles, hertz })).toBeNull()
  })
  it('that do not', () => {
    expect(said({ rpm: 1075, poles: 4 })).toBe(
      '1075 rpm does not go with 4 poles at 60 Hz: those run a little below 1800 rpm, and 1075 rpm has 6.',
    )
    expect(said({ rpm: 3700, poles: 2 })).toBe(
      '3700 rpm does not go with 2 poles at 60 Hz: those run a little below 3600 rpm.',
    )
  })
  it('odd poles are no figure of such a motor, and say nothing', () =>
    expect(said({ rpm: 1075, poles: 5 })).toBeNull())
})

describe('power out and in (745.7 W a horsepower)', () => {
  it('an ampere at 230 V brings 230 W: 0.308 hp', () => {
    expect(said({ horsepower: 0.308, volts: 230, amps: 1 })).toBeNull()
    expect(said({ horsepower: 0.31, volts: 230, amps: 1 })).toBe(
      '0.31 hp is 231 W of work, and 1 A at 230 V bring 230 W at most.',
    )
  })
  it('on three phases √3 of that: 398 W, 0.534 hp', () => {
    expect(said({ horsepower: 0.53, volts: 230, amps: 1, phase: 3 })).toBeNull()
    expect(said({ horsepower: 0.54, volts: 230, amps: 1, phase: 3 })).toBe(
      '0.54 hp is 403 W of work, and 1 A at 230 V bring 398 W at most.',
    )
    expect(said({ horsepower: 0.53, volts: 230, amps: 1, phase: 1 })).not.toBeNull()
  })
  it('a blank contradicts nothing', () => {
    const all = { horsepower: 5, volts: 230, amps: 1 }
    for (const key of ['horsepower', 'volts', 'amps'] as const)
      expect(said({ ...all, [key]: null })).toBeNull()
  })
})
