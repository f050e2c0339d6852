// What each reading answers, with a meter that is exact, so that each limit is tried on both of its sides. Limits are common practice, no
// source, or NEMA's ±10 % (from memory): 208 V less a tenth is 187.2, 230 V and a tenth 253.
import type { Quantity } from '../meter/measurement'
import { answersFrom, tooHigh, type Probe, type ReadingContext } from './answers'

const EXACT = { percent: 0, counts: 0, resolution: 0 }
const CONTEXT: ReadingContext = { volts: 230, marking: null, plateAmps: 1.6 }
const read = (value: number | 'OL', quantity: Quantity) => ({ value, quantity, accuracy: EXACT })
const of = (probe: Probe) => probe.split('-')[0] as Quantity
const answers = (values: Partial<Record<Probe, number | 'OL'>>, more: Partial<ReadingContext> = {}) =>
  answersFrom(
    Object.fromEntries(
      Object.entries(values).map(([probe, value]) => [probe, read(value, of(probe as Probe))]),
    ),
    { ...CONTEXT, ...more },
  )
const one = (probe: Probe, value: number | 'OL', more: Partial<ReadingContext> = {}) => {
  const [found] = answers({ [probe]: value }, more)
  return [found?.test, found?.answer, found?.words]
}

describe('volts', () => {
  it.each([
    [19.9, 'none', '19.9 V; right is 187 to 253 V.'],
    [20, 'low', '20 V; right is 187 to 253 V.'],
    [187, 'low', '187 V; right is 187 to 253 V.'],
    [187.5, 'right', '187.5 V; right is 187 to 253 V.'],
    [253, 'right', '253 V; right is 187 to 253 V.'],
    [254, 'high', '254 V; right is 253 V at most.'],
  ])('of the supply, %s V', (volts, answer, words) =>
    expect(one('volts-supply', volts)).toEqual(['supply', answer, words]),
  )
  it('at the motor, at an output, at the compressor, each for its own test; a low output answers nothing', () => {
    expect(one('volts-motor', 230).slice(0, 2)).toEqual(['motor-volts', 'right'])
    expect(one('volts-compressor', 5).slice(0, 2)).toEqual(['comp-volts', 'none'])
    expect([one('volts-output', 230)[1], one('volts-output', 100)[1], one('volts-output', 0)[1]]).toEqual([
      'right',
      null,
      'none',
    ])
  })
  it('on 120 V: 115 less a tenth is 103.5, 120 and a tenth 132; on other volts a tenth of themselves', () => {
    expect(one('volts-supply', 104, { volts: 120 })).toEqual([
      'supply',
      'right',
      '104 V; right is 104 to 132 V.',
    ])
    expect(one('volts-supply', 103, { volts: 120 })[1]).toBe('low')
    expect(one('volts-supply', 414, { volts: 460 })[1]).toBe('right')
    expect(one('volts-supply', 413, { volts: 460 })[1]).toBe('low')
  })
  it('of the 24 V call: there from 18 V, none below 6', () => {
    const said = (volts: number) => one('volts-call', volts)[1]
    expect([said(5.9), said(6), said(17.9), said(18), said(24)]).toEqual([
      'none',
      null,
      null,
      'there',
      'there',
    ])
    expect(one('volts-call', 24)[2]).toBe('24 V; a 24 V call reads 18 V at least.')
  })
})

describe('too much is told by itself, whatever the fault', () => {
  const told = (values: Partial<Record<Probe, number>>) =>
    tooHigh(
      Object.fromEntries(Object.entries(values).map(([probe, value]) => [probe, read(value, 'volts')])),
      230,
    )
  it('by where it was read', () => {
    expect(told({ 'volts-supply': 253, 'volts-motor': 230 })).toEqual([])
    expect(
      told({
        'volts-supply': 277,
        'volts-motor': 277,
        'volts-output': 277,
        'volts-compressor': 277,
      }).map((line) => line.split(':')[0]),
    ).toEqual(['At the supply', 'At the motor', 'At the output that is called', 'At the compressor'])
  })
  it('a line on the 24 V side', () =>
    expect(told({ 'volts-call': 120 })).toEqual([
      expect.stringMatching(
        /^On the 24 V call: 120 V, 32 V is the most\. A line touches the 24 V side: switch off before it burns the transformer, the board or the thermostat\.$/,
      ),
    ]))
})

describe('amps', () => {
  it.each([
    [0.07, 'zero', '0.07 A: none.'],
    [0.08, 'under', '0.08 A, plate 1.6 A.'],
    [1.6, 'under', '1.6 A, plate 1.6 A.'],
    [1.7, null, '1.7 A, plate 1.6 A. Slightly over, or too near to tell: watch it.'],
    [1.77, 'over', '1.77 A, plate 1.6 A.'],
  ])('of the motor, %s A: over from a tenth above its plate', (amps, answer, words) =>
    expect(one('amps-motor', amps)).toEqual(['amps', answer, words]),
  )
  it('without a plate they answer nothing', () =>
    expect(one('amps-motor', 1.2, { plateAmps: null })).toEqual([
      'amps',
      null,
      '1.2 A; the plate’s amps are not known.',
    ]))
  it('by speed: they rise, fall, or are alike', () => {
    const said = (low: number, medium: number | null, high: number) => {
      const [found] = answers({
        'amps-low': low,
        ...(medium === null ? {} : { 'amps-medium': medium }),
        'amps-high': high,
      })
      return [found?.answer, found?.words]
    }
    expect(said(0.5, 0.8, 1.2)).toEqual([
      'rise',
      '0.5 A, 0.8 A, 1.2 A from low to high. They rise with the selection.',
    ])
    expect(said(0.5, 0.5, 0.5)).toEqual(['alike', '0.5 A, 0.5 A, 0.5 A from low to high. They are alike.'])
    expect(said(0.5, 0.5, 0.9)).toEqual([
      null,
      '0.5 A, 0.5 A, 0.9 A from low to high. Two are too near to tell apart.',
    ])
    expect(said(0.9, null, 0.5)).toEqual([
      'crossed',
      '0.9 A, 0.5 A from low to high. They fall where they should rise: the taps are crossed.',
    ])
    expect(answers({ 'amps-low': 0.5 })).toEqual([])
  })
})

describe('ohms', () => {
  const windings = (a: number | 'OL', b: number | 'OL', c: number | 'OL') => {
    const [found] = answers({ 'ohms-common-run': a, 'ohms-common-start': b, 'ohms-run-start': c })
    return [found?.answer, found?.words]
  }
  it.each([
    [18, 24, 42, 'adds-up', '18 Ω, 24 Ω, 42 Ω. The first two add to the third.'],
    [
      18,
      24,
      50,
      null,
      '18 Ω, 24 Ω, 50 Ω. The first two do not add to the third: find which lead is which, and read again.',
    ],
    ['OL', 'OL', 'OL', 'all-open', 'OL, OL, OL. All OL: the thermal cut-out or a broken motor common.'],
    [
      'OL',
      'OL',
      42,
      'common-open',
      'OL, OL, 42 Ω. Only run to start reads: motor common is open, which the thermal cut-out does too.',
    ],
    ['OL', 24, 'OL', 'one-open', 'OL, 24 Ω, OL. One winding is open.'],
    [18, 24, 'OL', null, '18 Ω, 24 Ω, OL. One pair OL and two that read cannot be: read it again.'],
    [0.7, 24, 24.7, 'low', '0.7 Ω, 24 Ω, 24.7 Ω. A winding reads near nothing.'],
    [0.8, 24, 24.8, 'adds-up', '0.8 Ω, 24 Ω, 24.8 Ω. The first two add to the third.'],
  ] as const)('of the windings, %s, %s, %s', (a, b, c, answer, words) =>
    expect(windings(a, b, c)).toEqual([answer, words]),
  )
  it('of the compressor’s windings: all open may be the meter’s leads, and answers nothing', () => {
    const said = (value: number | 'OL') =>
      answers({
        'ohms-compressor-CR': value,
        'ohms-compressor-CS': value,
        'ohms-compressor-RS': value === 'OL' ? 'OL' : 2 * value,
      })[0]
    expect([said('OL')?.test, said('OL')?.answer, said(2)?.answer]).toEqual(['comp-ohms', null, 'adds-up'])
  })
  it.each([
    [99_999, 'low'],
    [100_000, null],
    [999_999, null],
    [1_000_000, 'megohms'],
    ['OL', 'megohms'],
  ] as const)('to the frame, %s Ω', (ohms, answer) => {
    const [test, found, words] = one('ohms-frame', ohms)
    expect([test, found]).toEqual(['ohms-frame', answer])
    expect(words).toMatch(/; a good one reads a megohm at least\.$/)
  })
  it('of the compressor’s posts to its shell: one that is low condemns, three that are good clear', () => {
    const shell = (c: number | 'OL', r?: number | 'OL', s?: number | 'OL') => {
      const [found] = answers({
        'ohms-shell-C': c,
        ...(r === undefined ? {} : { 'ohms-shell-R': r }),
        ...(s === undefined ? {} : { 'ohms-shell-S': s }),
      })
      return [found?.answer, found?.words]
    }
    expect(shell('OL', 'OL', 'OL')).toEqual([
      'megohms',
      'C OL, R OL, S OL; a good one reads a megohm at least.',
    ])
    expect(shell(500, 600, 'OL')).toEqual([
      'low',
      'C 500 Ω, R 600 Ω, S OL; a good one reads a megohm at least. C and R to the shell are low.',
    ])
    expect(shell('OL', 500_000, 'OL')).toEqual([
      null,
      'C OL, R 500 kΩ, S OL; a good one reads a megohm at least. Between good and low: read again with an insulation tester.',
    ])
  })
  it('two of the three posts alone clear nothing', () =>
    expect(answers({ 'ohms-shell-C': 'OL', 'ohms-shell-R': 2_000_000 })[0]).toEqual({
      test: 'comp-shell',
      answer: null,
      words: 'C OL, R 2 MΩ; a good one reads a megohm at least. Read all three.',
    }))
  it('across a capacitor: shorted below 5 Ω, else the kick tells', () => {
    expect(one('ohms-can-FAN', 4.9)).toEqual(['can-ohms-fan', 'near-nothing', '4.9 Ω: shorted. Replace it.'])
    expect(one('ohms-can-HERM', 5)).toEqual([
      'can-ohms-compressor',
      null,
      '5 Ω; shorted is below 5 Ω. Exchange the meter’s leads and watch: a good one kicks and climbs.',
    ])
    expect(one('ohms-can-FAN', 'OL')[1]).toBeNull()
  })
})

it('the shell’s heat: cold below 38 °C, too hot to hold from 60', () => {
  expect(one('celsius-motor', 60)).toEqual(['heat', 'hot', '60 °C (140 °F).'])
  const said = (celsius: number) => one('celsius-motor', celsius)[1]
  expect([said(37.9), said(38), said(59.9), said(60)]).toEqual(['cold', 'warm', 'warm', 'hot'])
  expect(answers({ 'celsius-motor': 'OL' })).toEqual([])
})

describe('microfarads', () => {
  it('of a compressor’s own capacitor, which no marking on record is of: by what the compressor asks for', () => {
    const own = (value: number, asked: number | null, marking: ReadingContext['marking'] = null) =>
      answersFrom(
        { 'microfarads-HERM': { quantity: 'microfarads', value, accuracy: null } },
        { volts: 230, marking, plateAmps: null, compressorMicrofarads: asked },
      ).find(({ test }) => test === 'comp-microfarads')
    // 45 µF less 6 % is 42.3; the meter's own 3 % and its digits on 33 do not reach that.
    expect(own(33, 45)).toMatchObject({
      answer: 'out',
      words: '33 µF; the compressor asks for 45. Outside what the compressor asks for: replace it.',
    })
    expect(own(45, 45)).toMatchObject({
      answer: 'in',
      words: '45 µF; the compressor asks for 45. Inside what the compressor asks for.',
    })
    expect(own(33, null)).toMatchObject({ answer: null, words: '33 µF. No marking to hold it against.' })
    // One that reads its own marking is the wrong one all the same.
    const dual = { sections: [35, 5], range: null, volts: 440, tolerancePercent: 6 }
    expect(own(35, 45, dual)).toMatchObject({
      answer: 'out',
      words:
        '35 µF, marked 35; the compressor asks for 45. Outside what the compressor asks for: replace it.',
    })
  })
  const marking = (...sections: number[]) => ({ sections, range: null, volts: 440, tolerancePercent: 6 })
  it('of a dual the smaller is the fan’s, the larger the compressor’s; a single has no compressor’s side', () => {
    const dual = { marking: marking(5, 45) }
    expect(one('microfarads-FAN', 5, dual)).toEqual([
      'microfarads-fan',
      'in',
      '5 µF, marked 5. Inside its marking.',
    ])
    expect(one('microfarads-HERM', 45, dual)[2]).toBe('45 µF, marked 45. Inside its marking.')
    expect(one('microfarads-HERM', 45, { marking: marking(5) })[2]).toBe(
      '45 µF. No marking to hold it against.',
    )
  })
  it('held to its own tolerance, else to 6 %', () => {
    const said = (value: number, tolerancePercent: number | null) =>
      one('microfarads-FAN', value, { marking: { ...marking(5), tolerancePercent } })[1]
    // 5 µF ± 6 % is 4.7 to 5.3, ± 10 % 4.5 to 5.5.
    expect([said(4.7, null), said(4.69, null), said(4.5, 10), said(4.49, 10)]).toEqual([
      'in',
      'out',
      'in',
      'out',
    ])
  })
  it('over range answers nothing: ohms tell', () =>
    expect(one('microfarads-FAN', 'OL', { marking: marking(5) })[1]).toBeNull())
})
