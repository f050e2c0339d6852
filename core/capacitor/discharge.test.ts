import fc from 'fast-check'
import { secondsTo, voltsAfter, workOutDischarge } from './discharge'
import { simulateDischarge } from './testing/spice'

const USUAL = { ohms: 20_000, watts: 5 }
const dual = (resistor = USUAL, volts = 370) =>
  workOutDischarge({
    sections: [
      { id: 'HERM', microfarads: 40 },
      { id: 'FAN', microfarads: 5 },
    ],
    volts,
    resistor,
  })

describe('the discharge of a capacitor through a resistor', () => {
  it('follows the closed form: 40 µF at 370 V through 20 kΩ', () => {
    // By hand: V0 = 523.26 V, RC = 0.8 s, ln(523.26/50) = 2.3481, ln(523.26/10) = 3.9575.
    const { startVolts, sections } = dual()
    expect(startVolts).toBeCloseTo(523.26, 2)
    expect(sections[0]?.secondsTo50).toBeCloseTo(0.8 * 2.3481, 3)
    expect(sections[0]?.secondsTo10).toBeCloseTo(0.8 * 3.9575, 3)
    // 523.26² / 20000 and ½ · 40 µF · 523.26².
    expect(sections[0]?.peakWatts).toBeCloseTo(13.69, 2)
    expect(sections[0]?.joules).toBeCloseTo(5.476, 3)
  })
  it('agrees with a transient of ngspice to a thousandth', () => {
    for (const [ohms, microfarads, seconds] of [
      [20_000, 40, 1.2],
      [15_000, 5, 0.2],
      [47_000, 80, 6],
    ] as const) {
      const volts = simulateDischarge(523.259, ohms, microfarads, seconds)
      expect(Math.abs(voltsAfter(seconds, 523.259, ohms, microfarads) - volts) / 523.259).toBeLessThan(1e-3)
    }
  }, 60_000)
  it('takes no time when already below', () => expect(secondsTo(50, 50, 20_000, 40)).toBe(0))
  it('ends at the volts it was asked for', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 11, max: 700, noNaN: true }),
        fc.integer({ min: 100, max: 1_000_000 }),
        fc.double({ min: 1, max: 200, noNaN: true }),
        (from, ohms, microfarads) => {
          expect(voltsAfter(secondsTo(10, from, ohms, microfarads), from, ohms, microfarads)).toBeCloseTo(
            10,
            6,
          )
        },
      ),
      { seed: 41 },
    ))
  it('puts the same energy into a small resistor and a large one', () => {
    expect(dual({ ohms: 2000, watts: 50 }).sections[0]?.joules).toBe(dual().sections[0]?.joules)
  })
})

describe('the resistor', () => {
  it('fits at 20 kΩ, 5 W', () => expect(dual().resistor.verdict).toBe('fits'))
  it('is too small to survive', () =>
    expect(dual({ ohms: 1000, watts: 0.25 }).resistor).toEqual({
      verdict: 'too-small',
      reason: expect.stringContaining('274 W at the first instant'),
    }))
  it('is too small for the posts, however strong', () =>
    expect(dual({ ohms: 100, watts: 1000 }).resistor.reason).toContain('arcs at the posts'))
  it('is too large to wait for', () =>
    expect(dual({ ohms: 1_000_000, watts: 1 }).resistor.reason).toContain('158 s to 10 V'))
})

describe('the resistor, in words', () => {
  // 2 x 370² = 273,800 V²; 523.26 V at the start.
  it.each([
    // 273,800 / 20,000 = 13.69 W; 0.8 s x 3.9575 = 3.17 s.
    [{ ohms: 20_000, watts: 5 }, '14 W at the first instant, down to 10 V in 4 s.'],
    // 273,800 / 5,000 = 54.76 W; 0.2 s x 3.9575 = 0.79 s.
    [{ ohms: 5_000, watts: 12 }, '55 W at the first instant, down to 10 V in under a second.'],
    [
      { ohms: 1000, watts: 0.25 },
      'It would take 274 W at the first instant; 0.25 W resistors stand about 1.25 W for so short a time. Take more ohms, or more watts.',
    ],
    [
      { ohms: 100, watts: 1000 },
      'It would let 5.23 A through at the first instant, which arcs at the posts. Take more ohms.',
    ],
    // 40 s x 3.9575.
    [
      { ohms: 1_000_000, watts: 1 },
      'It would take 158 s to 10 V: too long to hold it there. Take fewer ohms; 20 kΩ, 5 W is usual.',
    ],
  ])('%o', (resistor, reason) => expect(dual(resistor).resistor.reason).toBe(reason))
  it('fits up to five times its watts at the first instant, an ampere, and a minute', () => {
    const verdict = (ohms: number, watts: number) => dual({ ohms, watts }).resistor.verdict
    // 273,800 / 20,000 / 5 = 2.738 W.
    expect([verdict(20_000, 2.74), verdict(20_000, 2.73)]).toEqual(['fits', 'too-small'])
    // 523.26 V through 523.26 Ω is an ampere.
    expect([verdict(524, 1000), verdict(523, 1000)]).toEqual(['fits', 'too-small'])
    // 60 s / (40 µF x 3.95753) = 379,024 Ω.
    expect([verdict(379_000, 5), verdict(379_100, 5)]).toEqual(['fits', 'too-large'])
  })
  it('the longest wait is told, and what is left after some seconds: 523.26 V / e after one time constant', () => {
    const { sections, secondsTo50, secondsTo10 } = workOutDischarge({
      sections: [
        { id: 'FAN', microfarads: 5 },
        { id: 'HERM', microfarads: 40 },
      ],
      volts: 370,
      resistor: USUAL,
      elapsedSeconds: 0.8,
    })
    expect([secondsTo50, secondsTo10]).toEqual([sections[1]?.secondsTo50, sections[1]?.secondsTo10])
    expect(sections[1]?.voltsNow).toBeCloseTo(523.259 / Math.E, 2)
    expect(dual().sections[1]?.voltsNow).toBeCloseTo(523.259, 2)
  })
})
