// A permanent split capacitor motor on its rated hookup: main across the line, auxiliary in series with the capacitor across the same line.
import { complex, magnitude, minus, over, plus, times, type Complex } from '../../quantity/complex'
import type { MachineConstants } from './constants'
import { coilImpedances, fieldAt, torqueOf, type Coil } from './field'

export interface Supply {
  readonly volts: number
  readonly hertz: number
  readonly ratedHertz: number
  readonly microfarads: number
}

export interface Performance {
  readonly lineAmps: number
  readonly mainAmps: number
  readonly auxiliaryAmps: number
  readonly auxiliaryVolts: number
  readonly capacitorVolts: number
  /** Synchronous watts; positive drives the way the plug is set. */
  readonly torque: number
}

export const windingCoils = (c: MachineConstants): readonly [Coil, Coil] => [
  { axis: 'main', turns: 1, ohms: c.mainOhms, reactanceOhms: c.mainReactanceOhms },
  { axis: 'auxiliary', turns: c.turnsRatio, ohms: c.auxiliaryOhms, reactanceOhms: c.auxiliaryReactanceOhms },
]

export function performanceAt(constants: MachineConstants, { volts, hertz, ratedHertz, microfarads }: Supply, slip: number): Performance {
  const coils = windingCoils(constants)
  const frequency = hertz / ratedHertz
  const field = fieldAt(constants, slip, frequency)
  const [[mm, ma], [am, aa]] = coilImpedances(coils, field, 1, frequency) as [[Complex, Complex], [Complex, Complex]]
  const reactance = complex(0, -1e6 / (2 * Math.PI * hertz * microfarads))
  const line = complex(volts)
  const own = plus(aa, reactance)
  const det = minus(times(mm, own), times(ma, am))
  const main = over(minus(times(line, own), times(line, ma)), det)
  const auxiliary = over(minus(times(line, mm), times(line, am)), det)
  return {
    lineAmps: magnitude(plus(main, auxiliary)),
    mainAmps: magnitude(main),
    auxiliaryAmps: magnitude(auxiliary),
    auxiliaryVolts: magnitude(minus(line, times(reactance, auxiliary))),
    capacitorVolts: magnitude(times(reactance, auxiliary)),
    torque: torqueOf(coils, [main, auxiliary], field, 1),
  }
}
