// A permanent split capacitor motor on its rated hookup: main across the line, auxiliary in series with the capacitor across the same
// line; with further turns of a tap in series with both.
import { complex, magnitude, minus, over, plus, times, type Complex } from '../../quantity/complex'
import type { MachineConstants } from './constants'
import { coilImpedances, fieldAt, torqueOf, type Coil } from './field'

/** What the motor is fed with. */
export interface Supply {
  readonly volts: number
  readonly hertz: number
  readonly ratedHertz: number
  readonly microfarads: number
}

/** The motor at one slip: A and V RMS, torque in synchronous watts. */
export interface Performance {
  readonly lineAmps: number
  readonly mainAmps: number
  readonly auxiliaryAmps: number
  readonly capacitorVolts: number
  /** Synchronous watts; positive drives the way the plug is set. */
  readonly torque: number
}

/** A coil's row of impedances: to main, auxiliary and tap. */
type Row = readonly [Complex, Complex, Complex]

const windingCoils = (c: MachineConstants): readonly [Coil, Coil] => [
  { axis: 'main', turns: 1, ohms: c.mainOhms, reactanceOhms: c.mainReactanceOhms },
  { axis: 'auxiliary', turns: c.turnsRatio, ohms: c.auxiliaryOhms, reactanceOhms: c.auxiliaryReactanceOhms },
]

/** A tap's further turns: copper and leakage go with them, so that several in series add up. Our judgement. */
export const tapCoil = (c: MachineConstants, turns: number): Coil => ({
  axis: 'main',
  turns,
  ohms: c.mainOhms * turns,
  reactanceOhms: c.mainReactanceOhms * turns,
})

/** `tapTurns` against the main winding's; 0 for the strongest tap, or a motor without taps. */
export function performanceAt(
  constants: MachineConstants,
  { volts, hertz, ratedHertz, microfarads }: Supply,
  slip: number,
  tapTurns = 0,
): Performance {
  const coils = [...windingCoils(constants), tapCoil(constants, tapTurns)]
  const frequency = hertz / ratedHertz
  const field = fieldAt(constants, slip, frequency)
  const [m, a, x] = coilImpedances(coils, field, 1, frequency) as unknown as readonly [Row, Row, Row]
  const reactance = complex(0, -1e6 / (2 * Math.PI * hertz * microfarads))
  const line = complex(volts)
  // The tap carries both windings' currents; around each winding and the tap stands the line.
  const around = (winding: Row, of: 0 | 1): Complex => plus(plus(winding[of], winding[2]), plus(x[of], x[2]))
  const [mm, ma, am, own] = [around(m, 0), around(m, 1), around(a, 0), plus(around(a, 1), reactance)]
  const det = minus(times(mm, own), times(ma, am))
  const main = over(minus(times(line, own), times(line, ma)), det)
  const auxiliary = over(minus(times(line, mm), times(line, am)), det)
  const both = plus(main, auxiliary)
  return {
    lineAmps: magnitude(both),
    mainAmps: magnitude(main),
    auxiliaryAmps: magnitude(auxiliary),
    capacitorVolts: magnitude(times(reactance, auxiliary)),
    torque: torqueOf(coils, [main, auxiliary, both], field, 1),
  }
}
