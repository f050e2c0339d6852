// Every cause of too many amps in the words it is told in, on both sides of its limit.
import { overAmpsCauses, type OverAmpsCause, type OverAmpsEvidence } from './over-amps'

const EVIDENCE: OverAmpsEvidence = {
  volts: { low: 229, high: 231 },
  ratedVolts: { low: 208, high: 230 },
  oldRpm: 1075,
  newRpm: 1075,
  capacitor: 'in',
  proven: true,
  sameBlade: true,
}
const cause = (id: OverAmpsCause['id'], more: Partial<OverAmpsEvidence> = {}) => {
  const { weight, because } = overAmpsCauses({ ...EVIDENCE, ...more }).find((c) => c.id === id)!
  return [weight, because]
}

describe('volts: ± 10 % at both ends, by what the meter leaves open', () => {
  it('inside, and at the very ends', () => {
    expect(cause('voltage')).toEqual(['speaks against it', '229 to 231 V, made for 208–230 V ± 10 %.'])
    // 187.2 and 253.
    expect(cause('voltage', { volts: { low: 180, high: 187.3 } })[0]).toBe('speaks against it')
    expect(cause('voltage', { volts: { low: 252.9, high: 260 } })[0]).toBe('speaks against it')
  })
  it('outside, below and above', () => {
    expect(cause('voltage', { volts: { low: 180, high: 187 } })).toEqual([
      'speaks for it',
      '180 to 187 V, made for 208–230 V ± 10 %.',
    ])
    expect(cause('voltage', { volts: { low: 253.1, high: 255 } })[0]).toBe('speaks for it')
    expect(cause('voltage', { volts: { low: 119, high: 121 }, ratedVolts: { low: 115, high: 115 } })[1]).toBe(
      '119 to 121 V, made for 115 V ± 10 %.',
    )
  })
  it('not read', () =>
    expect(cause('voltage', { volts: null })).toEqual(['open', 'Volts under load are not read.']))
})

describe('speed class: 1.15 times is the same, the nearest classes are 1.33 apart', () => {
  it('faster, with the cube of the ratio', () =>
    // (1075 / 825)³ = 2.21
    expect(cause('speed-class', { oldRpm: 825 })).toEqual([
      'speaks for it',
      '825 rpm before, 1075 now: power rises with the cube, 2.2 times.',
    ]))
  it('the same, or slower', () => {
    expect(cause('speed-class')).toEqual(['speaks against it', '1075 rpm before, 1075 now.'])
    expect(cause('speed-class', { oldRpm: 1000, newRpm: 1150 })[0]).toBe('speaks against it')
    expect(cause('speed-class', { oldRpm: 1000, newRpm: 1151 })[0]).toBe('speaks for it')
    expect(cause('speed-class', { newRpm: 825 })[0]).toBe('speaks against it')
  })
  it('not known', () =>
    expect(cause('speed-class', { oldRpm: null })).toEqual(['open', 'The old motor’s rpm is not known.']))
})

it('the capacitor by its reading', () => {
  const of = (capacitor: OverAmpsEvidence['capacitor']) => cause('capacitor', { capacitor })
  expect(of('in')).toEqual(['speaks against it', 'It reads inside the tag’s value.'])
  expect(of('uncertain')).toEqual(['open', 'This meter cannot tell.'])
  for (const bad of ['out', 'open', 'over-range'] as const)
    expect(of(bad)).toEqual(['speaks for it', 'It reads outside the tag’s value.'])
  expect(of(null)).toEqual(['open', 'It was not read under load.'])
})

it('the windings by the proof', () => {
  expect(cause('windings')).toEqual([
    'open',
    'The board is proven as recorded: compare it with the unit, lead by lead.',
  ])
  expect(cause('windings', { proven: false })).toEqual([
    'speaks for it',
    'The hookup is not proven as it stands.',
  ])
})

it('the blade by the record', () => {
  expect(cause('blade')).toEqual(['speaks against it', 'It is the old one, where it was.'])
  expect(cause('blade', { sameBlade: false })).toEqual(['speaks for it', 'It is another one.'])
  expect(cause('blade', { sameBlade: null })).toEqual(['open', 'Whether it is the old one is not recorded.'])
})

it('what speaks for a cause puts it first, what speaks against it last', () => {
  const causes = overAmpsCauses({ ...EVIDENCE, capacitor: 'out', volts: null })
  const place = (weight: string) => causes.map((c) => c.weight).lastIndexOf(weight as never)
  expect(causes[0]?.id).toBe('capacitor')
  expect(place('speaks for it')).toBeLessThan(causes.findIndex((c) => c.weight === 'open'))
  expect(place('open')).toBeLessThan(causes.findIndex((c) => c.weight === 'speaks against it'))
})
