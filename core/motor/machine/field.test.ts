import fc from 'fast-check'
import { complex, magnitude, minus, over, plus, times, type Complex } from '../../quantity/complex'
import type { MachineConstants } from './constants'
import { coilImpedances, fieldAt, torqueOf, type Coil } from './field'

const C: MachineConstants = {
  mainOhms: 20,
  mainReactanceOhms: 24,
  auxiliaryOhms: 45,
  auxiliaryReactanceOhms: 40,
  rotorOhms: 30,
  rotorReactanceOhms: 20,
  magnetizingOhms: 150,
  turnsRatio: 1.4,
}
const COILS: Coil[] = [
  { axis: 'main', turns: 1, ohms: C.mainOhms, reactanceOhms: C.mainReactanceOhms },
  { axis: 'auxiliary', turns: C.turnsRatio, ohms: C.auxiliaryOhms, reactanceOhms: C.auxiliaryReactanceOhms },
]

/** Currents with these volts along main and auxiliary, by Cramer's rule. */
function currents(slip: number, vm: Complex, va: Complex, sense: 1 | -1 = 1): [Complex, Complex] {
  const [[a, b], [c, d]] = coilImpedances(COILS, fieldAt(C, slip), sense) as [
    [Complex, Complex],
    [Complex, Complex],
  ]
  const det = minus(times(a, d), times(b, c))
  return [over(minus(times(vm, d), times(va, b)), det), over(minus(times(va, a), times(vm, c)), det)]
}
const torque = (slip: number, vm: Complex, va: Complex, sense: 1 | -1 = 1) =>
  torqueOf(COILS, currents(slip, vm, va, sense), fieldAt(C, slip), sense)

it('power is kept: what goes in is copper of stator and rotor and the shaft (textbook)', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.01, max: 1, noNaN: true }),
      fc.double({ min: -300, max: 300, noNaN: true }),
      fc.double({ min: -300, max: 300, noNaN: true }),
      (slip, re, im) => {
        const [vm, va] = [complex(230), complex(re, im)]
        const [i, j] = currents(slip, vm, va)
        const power = (u: Complex, x: Complex) => u.re * x.re + u.im * x.im
        const copper = magnitude(i) ** 2 * C.mainOhms + magnitude(j) ** 2 * C.auxiliaryOhms
        const field = fieldAt(C, slip)
        const auxiliary = times(complex(0, C.turnsRatio), j)
        const gap =
          magnitude(minus(i, auxiliary)) ** 2 * field.forward.re +
          magnitude(plus(i, auxiliary)) ** 2 * field.backward.re
        // Rotor copper: slip times the forward gap power, two less slip times the backward one; the rest turns the shaft.
        expect(power(vm, i) + power(va, j)).toBeCloseTo(copper + gap, 6)
      },
    ),
  )
})
it('with one winding alone there is no torque at standstill, and it keeps what direction it has', () => {
  expect(torqueOf(COILS, [complex(3, -1), complex(0)], fieldAt(C, 1), 1)).toBeCloseTo(0, 9)
  expect(torqueOf(COILS, [complex(3, -1), complex(0)], fieldAt(C, 0.1), 1)).toBeGreaterThan(0)
})
it('a leading auxiliary current drives forward, a lagging one backward, and the plug the other way turns it round', () => {
  const [lead, lag] = [complex(0, 200), complex(0, -200)]
  expect(torque(1, complex(230), lead)).toBeGreaterThan(0)
  expect(torque(1, complex(230), lag)).toBeCloseTo(-torque(1, complex(230), lead), 6)
  expect(torque(1, complex(230), lead, -1)).toBeCloseTo(-torque(1, complex(230), lead), 6)
})
it('exchanging both windings’ ends together changes nothing of the direction', () => {
  expect(torque(1, complex(-230), complex(0, -200))).toBeCloseTo(torque(1, complex(230), complex(0, 200)), 6)
})
it('a balanced pair of currents has no backward field', () => {
  // a·Ia = j·Im: the backward gap power is nothing.
  const i = complex(2, 1)
  const j = times(complex(0, 1 / C.turnsRatio), i)
  const { forward } = fieldAt(C, 0.2)
  expect(torqueOf(COILS, [i, j], fieldAt(C, 0.2), 1)).toBeCloseTo(4 * magnitude(i) ** 2 * forward.re, 6)
})
it('at synchronous speed the rotor takes nothing forward', () =>
  expect(fieldAt(C, 0).forward).toEqual(complex(0, C.magnetizingOhms / 2)))
