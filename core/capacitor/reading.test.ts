import fc from 'fast-check'
import { microfaradFactor, microfaradsFromReading } from './reading'

const METER = {
  amps: { percent: 2, counts: 5, resolution: 0.01 },
  volts: { percent: 1, counts: 3, resolution: 0.1 },
}

describe('the factor 10^6 / (2 pi f)', () => {
  // Derived from the angular frequency itself: 60 Hz is 376.991 rad/s, 50 Hz is 314.159 rad/s.
  it('is 2652.58 at 60 Hz', () => {
    expect(microfaradFactor(60)).toBeCloseTo(1e6 / 376.99111843, 4)
    expect(microfaradFactor(60).toFixed(2)).toBe('2652.58')
  })
  it('is 3183.10 at 50 Hz', () => {
    expect(microfaradFactor(50)).toBeCloseTo(1e6 / 314.15926536, 4)
    expect(microfaradFactor(50).toFixed(2)).toBe('3183.10')
  })
})

it('returns the value that the reactance of a known capacitor would show', () => {
  // 7.5 µF at 60 Hz: X = 353.678 ohm, so 370 V drive 1.046150 A (Ohm's law on the reactance).
  expect(microfaradsFromReading({ amps: 370 / 353.6776513, volts: 370, hertz: 60 }).microfarads).toBeCloseTo(
    7.5,
    6,
  )
})

it('gives the interval that trying every corner of both readings gives', () => {
  const amps = fc.double({ min: 0.1, max: 20, noNaN: true })
  const volts = fc.double({ min: 50, max: 500, noNaN: true })
  fc.assert(
    fc.property(amps, volts, fc.constantFrom(50, 60), (a, u, hertz) => {
      const half = (x: number, m: { percent: number; counts: number; resolution: number }) =>
        x * (m.percent / 100) + m.counts * m.resolution
      const corners = [-1, 1].flatMap((sa) =>
        [-1, 1].map(
          (su) =>
            (1e6 * Math.max(0, a + sa * half(a, METER.amps))) /
            (2 * Math.PI * hertz * (u + su * half(u, METER.volts))),
        ),
      )
      const result = microfaradsFromReading({ amps: a, volts: u, hertz, meter: METER })
      expect(result.low).toBeCloseTo(Math.min(...corners), 8)
      expect(result.high).toBeCloseTo(Math.max(...corners), 8)
    }),
    { numRuns: 500, seed: 11 },
  )
})

it('sets no upper limit when the volts may be zero', () => {
  const poor = { percent: 0, counts: 2, resolution: 100 }
  expect(
    microfaradsFromReading({
      amps: 1,
      volts: 120,
      hertz: 60,
      rating: { microfarads: 7.5, tolerancePercent: 6 },
      meter: { ...METER, volts: poor },
    }),
  ).toMatchObject({ high: null, verdict: 'uncertain' })
})

describe('the verdict', () => {
  const read = (microfarads: number, tolerancePercent = 6, meter?: typeof METER) =>
    microfaradsFromReading({
      amps: (microfarads * 370) / microfaradFactor(60),
      volts: 370,
      hertz: 60,
      rating: { microfarads: 5, tolerancePercent },
      meter,
    })

  it('is in at the limit, out beyond it', () => {
    expect(read(5.3).verdict).toBe('in')
    expect(read(4.7).verdict).toBe('in')
    expect(read(5.31).verdict).toBe('out')
    expect(read(4.69).verdict).toBe('out')
  })
  it('is uncertain when the meter leaves both sides of a limit open, and only then', () => {
    expect(read(4.69, 6, METER).verdict).toBe('uncertain')
    expect(read(5, 20, METER).verdict).toBe('in')
    expect(read(2.5, 6, METER).verdict).toBe('out')
  })
  it('is null without a rating', () =>
    expect(microfaradsFromReading({ amps: 1, volts: 370, hertz: 60 })).toMatchObject({
      verdict: null,
      deviationPercent: null,
    }))
})

it('the deviation is signed, of the rating: 4.5 on 5 is −10 %, 5.2 is +4 %', () => {
  const off = (microfarads: number) =>
    microfaradsFromReading({
      amps: (microfarads * 370) / microfaradFactor(60),
      volts: 370,
      hertz: 60,
      rating: { microfarads: 5, tolerancePercent: 6 },
    }).deviationPercent
  expect(off(4.5)).toBeCloseTo(-10, 9)
  expect(off(5.2)).toBeCloseTo(4, 9)
})
