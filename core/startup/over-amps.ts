// A fan that draws too much: what may be the cause, in the order that the readings and the record speak for.
import { figure, rangeFigure } from '../quantity/display'
import { judgeVolts } from '../supply/judge'
import type { Interval } from '../quantity/interval'
import type { ToleranceVerdict } from '../capacitor/verdict'

/** What is known when a fan draws too much. */
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

/** What may be the cause, and whether what is known speaks for it. */
export interface OverAmpsCause {
  readonly id: 'voltage' | 'speed-class' | 'capacitor' | 'windings' | 'blade'
  readonly text: string
  /** What speaks for it, or against it. */
  readonly because: string
  readonly weight: 'speaks for it' | 'open' | 'speaks against it'
}

const ORDER = { 'speaks for it': 0, open: 1, 'speaks against it': 2 } as const

/** Causes of too many amps, those that something speaks for first. Common practice, no source. */
export function overAmpsCauses(evidence: OverAmpsEvidence): OverAmpsCause[] {
  return [
    ofVoltage(evidence),
    ofSpeedClass(evidence),
    ofCapacitor(evidence),
    ofWindings(evidence),
    ofBlade(evidence),
  ]
    .map((cause, i) => ({ cause, i }))
    .sort((a, b) => ORDER[a.cause.weight] - ORDER[b.cause.weight] || a.i - b.i)
    .map(({ cause }) => cause)
}

const weigh = (speaks: boolean): OverAmpsCause['weight'] => (speaks ? 'speaks for it' : 'speaks against it')

function ofVoltage({ volts, ratedVolts }: OverAmpsEvidence): OverAmpsCause {
  const cause = { id: 'voltage', text: 'The supply is too high or too low.' } as const
  if (volts === null) return { ...cause, weight: 'open', because: 'Volts under load are not read.' }
  const { verdict } = judgeVolts(volts, ratedVolts, 'the motor’s plate')
  return {
    ...cause,
    weight: weigh(verdict === 'high' || verdict === 'low'),
    because: `${figure(volts.low, 0)} to ${figure(volts.high, 0)} V, made for ${rangeFigure(ratedVolts)} V ± 10 %.`,
  }
}

/** Beyond this ratio of synchronous speeds it is another class. Derived: the nearest two classes are 1200 and 900 rpm, 1.33 times. */
const SAME_CLASS = 1.15

function ofSpeedClass({ oldRpm, newRpm }: OverAmpsEvidence): OverAmpsCause {
  const cause = {
    id: 'speed-class',
    text: 'The motor is of a faster class than the blade was made for.',
  } as const
  if (oldRpm === null) return { ...cause, weight: 'open', because: 'The old motor’s rpm is not known.' }
  const ratio = newRpm / oldRpm
  const faster = ratio > SAME_CLASS
  const both = `${figure(oldRpm, 0)} rpm before, ${figure(newRpm, 0)} now`
  const because = faster ? `${both}: power rises with the cube, ${figure(ratio ** 3, 1)} times.` : `${both}.`
  return { ...cause, weight: weigh(faster), because }
}

const CAPACITOR_SAYS: Readonly<
  Record<NonNullable<OverAmpsEvidence['capacitor']>, Pick<OverAmpsCause, 'weight' | 'because'>>
> = {
  in: { weight: 'speaks against it', because: 'It reads inside the tag’s value.' },
  uncertain: { weight: 'open', because: 'This meter cannot tell.' },
  out: { weight: 'speaks for it', because: 'It reads outside the tag’s value.' },
  open: { weight: 'speaks for it', because: 'It reads outside the tag’s value.' },
  'over-range': { weight: 'speaks for it', because: 'It reads outside the tag’s value.' },
}

const ofCapacitor = ({ capacitor }: OverAmpsEvidence): OverAmpsCause => ({
  id: 'capacitor',
  text: 'The capacitor is not what the tag asks for.',
  ...(capacitor === null
    ? ({ weight: 'open', because: 'It was not read under load.' } as const)
    : CAPACITOR_SAYS[capacitor]),
})

const ofWindings = ({ proven }: OverAmpsEvidence): OverAmpsCause => ({
  id: 'windings',
  text: 'Run and start exchanged, or two leads of the windings.',
  weight: proven ? 'open' : 'speaks for it',
  because: proven
    ? 'The board is proven as recorded: compare it with the unit, lead by lead.'
    : 'The hookup is not proven as it stands.',
})

function ofBlade({ sameBlade }: OverAmpsEvidence): OverAmpsCause {
  const cause = {
    id: 'blade',
    text: 'The blade or wheel asks for more: larger, steeper, or too deep in the shroud.',
  } as const
  if (sameBlade === null)
    return { ...cause, weight: 'open', because: 'Whether it is the old one is not recorded.' }
  const because = sameBlade ? 'It is the old one, where it was.' : 'It is another one.'
  return { ...cause, weight: weigh(!sameBlade), because }
}
