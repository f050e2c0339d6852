// Worked examples of Fitzgerald, Kingsley and Umans, Electric Machinery, the chapter on single-phase machines (from memory).
import { complex, magnitude, minus, over, plus, scaled } from '../../quantity/complex'
import { coilImpedances, fieldAt, torqueOf, type Coil } from '../../motor/machine/field'
import type { Circuit } from './elements'
import { EARTH } from './elements'
import { ampsThrough, prepare, solveAt } from './solve'
import { sweepCapacitor } from './sweep'

const degrees = (z: { re: number; im: number }) => (Math.atan2(z.im, z.re) * 180) / Math.PI

describe('capacitor for quadrature at standstill: main 4.5 + j3.7 Ω, auxiliary 9.5 + j3.5 Ω, 60 Hz', () => {
  const circuit = (microfarads: number): Circuit => ({
    hertz: 60,
    coils: [],
    machine: null,
    named: [],
    sources: [{ id: 's', a: 'line', b: EARTH, volts: complex(120), ohms: 1e-9 }],
    resistors: [
      { id: 'main', a: 'line', b: EARTH, ohms: 4.5, reactanceOhms: 3.7 },
      { id: 'auxiliary', a: 'line', b: 'x', ohms: 9.5, reactanceOhms: 3.5 },
    ],
    capacitors: [{ id: 'c', a: 'x', b: EARTH, microfarads }],
  })
  const lead = (microfarads: number) => {
    const c = circuit(microfarads)
    const s = solveAt(prepare(c), 1)
    return degrees(ampsThrough(c, s, 'auxiliary')!) - degrees(ampsThrough(c, s, 'main')!)
  }
  it('177 µF put the currents a quarter turn apart', () => {
    expect(lead(177)).toBeCloseTo(90, 0)
    // The value itself, by halving: where the lead is exactly 90 degrees.
    let [low, high] = [50, 400]
    for (let i = 0; i < 60; i++) {
      const middle = (low + high) / 2
      if (lead(middle) > 90) low = middle
      else high = middle
    }
    // The book rounds its angles: 176.2 here, 177 there.
    expect(Math.abs(low - 177)).toBeLessThan(1)
  })
  it('the sweep of one capacitor is exact: the same as solving anew for each value', () => {
    const values = [20, 100, 177, 300]
    const swept = sweepCapacitor(prepare(circuit(50)), 1, 'c', values)!
    values.forEach((microfarads, i) => {
      const c = circuit(microfarads)
      const s = solveAt(prepare(c), 1)
      expect(swept[i]!.capacitorVolts).toBeCloseTo(magnitude(s.volts.get('x')!), 9)
    })
    expect(sweepCapacitor(prepare(circuit(50)), 1, 'none', values)).toBeNull()
  })
  it('also where it is named from earth, or lies between two points of which neither is', () => {
    const ends: readonly (readonly [string, string])[] = [
      [EARTH, 'x'],
      ['x', 'y'],
      ['y', 'x'],
    ]
    for (const [a, b] of ends) {
      const other = (microfarads: number): Circuit => {
        const c = circuit(microfarads)
        return {
          ...c,
          resistors: [...c.resistors, { id: 'far', a: 'y', b: EARTH, ohms: 3, reactanceOhms: 1 }],
          capacitors: [{ id: 'c', a, b, microfarads }],
        }
      }
      const volts = (microfarads: number) => {
        const s = solveAt(prepare(other(microfarads)), 1)
        const at = (node: string) => s.volts.get(node)!
        return magnitude(minus(at(a), at(b)))
      }
      const swept = sweepCapacitor(prepare(other(50)), 1, 'c', [20, 177])!
      expect(swept.map((p) => p.microfarads)).toEqual([20, 177])
      expect(swept[0]!.capacitorVolts).toBeCloseTo(volts(20), 9)
      expect(swept[1]!.capacitorVolts).toBeCloseTo(volts(177), 9)
    }
  })
})

describe('a quarter-horsepower, 110 V, four-pole motor on its main winding alone at slip 0.05', () => {
  const constants = {
    mainOhms: 2.02,
    mainReactanceOhms: 2.79,
    auxiliaryOhms: 1,
    auxiliaryReactanceOhms: 1,
    rotorOhms: 4.12,
    rotorReactanceOhms: 2.12,
    magnetizingOhms: 66.8,
    turnsRatio: 1,
  }
  const main: Coil = { axis: 'main', turns: 1, ohms: 2.02, reactanceOhms: 2.79 }
  const field = fieldAt(constants, 0.05)
  const amps = over(complex(110), coilImpedances([main], field, 1)[0]![0]!)
  it('draws 3.59 A at a power factor of 0.62', () => {
    // 3.605 without the book's rounding on the way.
    expect(Math.abs(magnitude(amps) / 3.59 - 1)).toBeLessThan(0.005)
    expect(amps.re / magnitude(amps)).toBeCloseTo(0.62, 2)
  })
  it('turns at 1710 rpm and gives about 147 W: what the fields make at the shaft less 24 W core and 13 W friction', () => {
    expect(1800 * (1 - 0.05)).toBe(1710)
    const shaft = (1 - 0.05) * torqueOf([main], [amps], field, 1) - 24 - 13
    expect(Math.abs(shaft - 147)).toBeLessThan(3)
  })
  it('its fields’ impedances in series are what the winding sees', () => {
    const seen = plus(plus(field.forward, field.backward), complex(2.02, 2.79))
    expect(magnitude(over(scaled(complex(110), 1), seen))).toBeCloseTo(magnitude(amps), 12)
  })
})
