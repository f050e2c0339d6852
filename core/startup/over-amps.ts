// A fan that draws too much: what may be the cause, in the order that the readings and the record speak for.
import { figure } from '../quantity/display'
import type { Interval } from '../quantity/interval'
import type { ToleranceVerdict } from '../capacitor/verdict'

export interface OverAmpsEvidence {
  /** Supply under load, V, and what the motor is made for. */
  readonly volts: Interval | null
  readonly ratedVolts: Interval
  readonly capacitor: ToleranceVerdict | 'open' | 'over-range' | null
  /** Synchronous classes of the old and the new motor, rpm; null: not known. */
  readonly oldRpm: number | null
  readonly newRpm: number
  /** The hookup is proven as it stands. */
  readonly proven: boolean
  /** The blade is the old one; null: not said. */
  readonly sameBlade: boolean | null
}

export interface OverAmpsCause {
  readonly id: 'voltage' | 'speed-class' | 'capacitor' | 'windings' | 'blade'
  readonly text: string
  /** What speaks for it, or against it. */
  readonly because: string
  readonly weight: 'speaks for it' | 'open' | 'speaks against it'
}

const ORDER = { 'speaks for it': 0, open: 1, 'speaks against it': 2 } as const

export function overAmpsCauses({
  volts,
  ratedVolts,
  capacitor,
  oldRpm,
  newRpm,
  proven,
  sameBlade,
}: OverAmpsEvidence): OverAmpsCause[] {
  const ratio = oldRpm === null ? null : newRpm / oldRpm
  const faster = ratio !== null && ratio > 1.15
  const outside = volts !== null && (volts.high < ratedVolts.low * 0.9 || volts.low > ratedVolts.high * 1.1)
  const badCan = capacitor === 'out' || capacitor === 'open' || capacitor === 'over-range'
  const causes: OverAmpsCause[] = [
    {
      id: 'voltage',
      text: 'The supply is too high or too low.',
      weight: volts === null ? 'open' : outside ? 'speaks for it' : 'speaks against it',
      because:
        volts === null
          ? 'Volts under load are not read.'
          : `${figure(volts.low, 0)} to ${figure(volts.high, 0)} V, made for ${figure(ratedVolts.low)}${ratedVolts.high > ratedVolts.low ? `–${figure(ratedVolts.high)}` : ''} V ± 10 %.`,
    },
    {
      id: 'speed-class',
      text: 'The motor is of a faster class than the blade was made for.',
      weight: ratio === null ? 'open' : faster ? 'speaks for it' : 'speaks against it',
      because:
        ratio === null
          ? 'The old motor’s rpm is not known.'
          : faster
            ? `${figure(oldRpm as number, 0)} rpm before, ${figure(newRpm, 0)} now: power rises with the cube, ${figure(ratio ** 3, 1)} times.`
            : `${figure(oldRpm as number, 0)} rpm before, ${figure(newRpm, 0)} now.`,
    },
    {
      id: 'capacitor',
      text: 'The capacitor is not what the tag asks for.',
      weight:
        capacitor === null || capacitor === 'uncertain'
          ? 'open'
          : badCan
            ? 'speaks for it'
            : 'speaks against it',
      because:
        capacitor === null
          ? 'It was not read under load.'
          : badCan
            ? 'It reads outside the tag’s value.'
            : capacitor === 'uncertain'
              ? 'This meter cannot tell.'
              : 'It reads inside the tag’s value.',
    },
    {
      id: 'windings',
      text: 'Run and start exchanged, or two leads of the windings.',
      weight: proven ? 'open' : 'speaks for it',
      because: proven
        ? 'The board is proven as recorded: compare it with the unit, lead by lead.'
        : 'The hookup is not proven as it stands.',
    },
    {
      id: 'blade',
      text: 'The blade or wheel asks for more: larger, steeper, or too deep in the shroud.',
      weight: sameBlade === null ? 'open' : sameBlade ? 'speaks against it' : 'speaks for it',
      because:
        sameBlade === null
          ? 'Whether it is the old one is not recorded.'
          : sameBlade
            ? 'It is the old one, where it was.'
            : 'It is another one.',
    },
  ]
  return causes
    .map((cause, i) => ({ cause, i }))
    .sort((a, b) => ORDER[a.cause.weight] - ORDER[b.cause.weight] || a.i - b.i)
    .map(({ cause }) => cause)
}
