// Plates that no motor has: figures that contradict one another are a misreading, not a motor.
import { figure } from '../quantity/display'
import { POLES, polesOf, synchronousRpm, type Poles } from './speed'
import { WATTS_PER_HORSEPOWER } from './horsepower'

/** Figures of a plate that must agree with each other; null: not readable. */
export interface PlateFigures {
  readonly horsepower: number | null
  readonly volts: number | null
  readonly amps: number | null
  readonly rpm: number | null
  readonly poles: number | null
  readonly hertz: number
  readonly phase: 1 | 3 | null
}

/** What cannot be: no motor gives out more than volts times amps bring in (textbook). In words; null when the figures may belong together. Blanks contradict nothing. */
export function impossiblePlate({
  horsepower,
  volts,
  amps,
  rpm,
  poles,
  hertz,
  phase,
}: PlateFigures): string | null {
  if (rpm !== null && poles !== null && POLES.includes(poles as Poles)) {
    const found = polesOf(rpm, hertz)
    const own = synchronousRpm(poles as Poles, hertz)
    if (found !== poles)
      return `${figure(rpm, 0)} rpm does not go with ${poles} poles at ${hertz} Hz: those run a little below ${figure(own, 0)} rpm${found ? `, and ${figure(rpm, 0)} rpm has ${found}` : ''}.`
  }
  if (horsepower !== null && volts !== null && amps !== null) {
    const phases = phase === 3 ? Math.sqrt(3) : 1
    const most = (volts * amps * phases) / WATTS_PER_HORSEPOWER
    if (horsepower > most)
      return `${figure(horsepower, 3)} hp is ${figure(horsepower * WATTS_PER_HORSEPOWER, 0)} W of work, and ${figure(amps)} A at ${figure(volts)} V bring ${figure(volts * amps * phases, 0)} W at most.`
  }
  return null
}
