// The supply's rows of a match: volts and hertz.
import { inRange } from '../../supply/supply'
import { figure } from '../../quantity/display'
import { voltsTaken } from '../volts-choice'
import { rangeText, row, type Candidate, type JudgedRow, type OldMotor } from './criterion'

/** Voltage classes, V: the least and the most that a nameplate of the class names. Common practice, no source. */
const CLASSES: readonly (readonly [number, number])[] = [
  [105, 127],
  [200, 245],
  [260, 290],
  [380, 500],
]
const classOf = (volts: number): number => CLASSES.findIndex(([low, high]) => volts >= low && volts <= high)

/** The unit's supply within the motor's volts, ± 10 %; else the same class as the old plate. Classes are common practice, no source. */
export function voltageRow({ plate, unitVolts, supplyConflict }: OldMotor, candidate: Candidate): JudgedRow {
  const ranges = voltsTaken(candidate)
  const here = `${ranges.map(rangeText).join(' or ')} here`
  if (supplyConflict !== null)
    return row('voltage', 'unknown', () => here, supplyConflict, 'Choose which volts the unit has.')
  if (unitVolts !== null) {
    const unlike = plate.volts.length > 0 && !plate.volts.some((r) => inRange(unitVolts, r))
    const figures = () => `the supply is ${figure(unitVolts, 0)} V, ${here}`
    const fitting = ranges.find((range) => inRange(unitVolts, range))
    if (!fitting) return row('voltage', 'fail', figures, 'Outside the ± 10 % of the motor’s plate.')
    return unlike
      ? row(
          'voltage',
          'unknown',
          () => `${figures()}, and the old motor’s plate says ${plate.volts.map(rangeText).join(' or ')}`,
          'Supply and old plate disagree.',
          'Read the volts at the disconnect.',
        )
      : row(
          'voltage',
          'pass',
          figures,
          ranges.length > 1
            ? `Within its volts once its leads are joined for ${rangeText(fitting)}.`
            : 'Within the motor’s volts.',
        )
  }
  if (plate.volts.length === 0)
    return row(
      'voltage',
      'unknown',
      () => `not known; ${here}`,
      'The voltage decides, and is not known.',
      'Read the plate, or the volts at the disconnect.',
    )
  // A motor that takes two voltages leaves open which of them the unit has.
  const classes = new Set(plate.volts.map((r) => classOf(r.high)))
  const wanted = `${plate.volts.map(rangeText).join(' or ')} wanted`
  if (!ranges.some((range) => classes.has(classOf(range.high))))
    return row('voltage', 'fail', () => `${wanted}, ${here}`, 'Another voltage class.')
  return classes.size > 1
    ? row(
        'voltage',
        'unknown',
        () => `${wanted}, ${here}`,
        'The old motor takes either: which the unit has is not known.',
        'Read the volts at the disconnect.',
      )
    : row('voltage', 'pass', () => `${wanted}, ${here}`, 'The same class.')
}

/** The supply's hertz: a motor for others draws more, or turns too fast, and is no match. */
export function hertzRow({ hertz }: OldMotor, { nameplate }: Candidate): JudgedRow {
  const fits = nameplate.hertz === hertz
  return row(
    'hertz',
    fits ? 'pass' : 'fail',
    () => `${hertz} Hz wanted, ${nameplate.hertz} Hz here`,
    fits
      ? 'The same.'
      : hertz < nameplate.hertz
        ? 'It would draw more, turn slower and get hot.'
        : 'It would turn faster than the fan is made for.',
  )
}
