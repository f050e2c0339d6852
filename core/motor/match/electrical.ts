// The rows that decide whether a motor can work there at all: kind, phase, speed class, horsepower, amps, rotation, speeds.
import { figure, percentText } from '../../quantity/display'
import { horsepowerOf, nextSizeAbove } from '../horsepower'
import { fanLaws, polesOf, synchronousRpm } from '../speed'
import { ampsFactor } from '../volts-choice'
import { row, type Candidate, type PowerChoice, type JudgedRow, type Told, type OldMotor } from './criterion'

/** Steep blades, such as of pool heaters and large units, ask for this. Common practice, no source. */
const STEEP_BLADE_HORSEPOWER = 0.5
/** Rated amps up to this share above the old ones are near enough. Common practice, no source. */
const NEAR_AMPS = 1.1
const EPSILON = 1e-9

const FANS = {
  outdoor: ['psc-outdoor', 'ecm-outdoor', 'three-phase'],
  blower: ['psc-blower', 'three-phase'],
} as const

/** Outdoor, blower or three-phase: of another kind is a fail. */
export function kindRow(old: OldMotor, candidate: Candidate): JudgedRow {
  const fits = FANS[old.fan].some((kind) => kind === candidate.kind)
  const here =
    candidate.kind === 'psc-blower'
      ? 'a blower motor'
      : candidate.kind === 'three-phase'
        ? 'a three-phase motor'
        : 'an outdoor fan motor'
  return row(
    'kind',
    fits ? 'pass' : 'fail',
    () => `${old.fan === 'blower' ? 'a blower' : 'an outdoor fan'} wanted, ${here}`,
    fits ? 'Made for such a fan.' : 'Made for another kind of fan: speeds, cooling and mounting differ.',
  )
}

/** One or three phases; where the plate does not say, unknown. */
export function phaseRow({ plate }: OldMotor, { kind }: Candidate): JudgedRow {
  const here = kind === 'three-phase' ? 3 : 1
  if (plate.phase === null)
    return here === 1
      ? row(
          'phase',
          'unknown',
          'the plate does not say; one phase here',
          'Two or three line leads at the old motor tell.',
          'Count the line leads of the old motor: three are three-phase.',
        )
      : row(
          'phase',
          'unknown',
          'the plate does not say; three phases here',
          'A three-phase motor replaces only a three-phase one.',
          'Count the line leads of the old motor: three are three-phase.',
        )
  return row(
    'phase',
    plate.phase === here ? 'pass' : 'fail',
    () => `${plate.phase} wanted, ${here} here`,
    plate.phase === here ? 'The same.' : 'One phase and three do not stand in for each other.',
  )
}

/** The same pole class, always: the fan laws say what another would ask for. */
export function speedClassRow(
  { plate, estimate, hertz }: OldMotor,
  { nameplate, settings }: Candidate,
): JudgedRow {
  const here = `${figure(nameplate.rpm, 0)} rpm here`
  const oldRpm = plate.rpm[0]
  const poles = plate.poles ?? (oldRpm === undefined ? null : polesOf(oldRpm, hertz))
  if (poles === null) {
    const { rpm } = estimate
    const guess = rpm ? `, estimated ${figure(rpm.low, 0)} to ${figure(rpm.high, 0)}` : ''
    const inside = rpm !== null && nameplate.rpm >= rpm.low * 0.9 && nameplate.rpm <= rpm.high * 1.1
    return row(
      'speed-class',
      inside ? 'watch' : 'unknown',
      () => `not known${guess}; ${here}`,
      inside ? 'It lies in the estimate, which is no plate.' : 'The speed class decides, and is not known.',
      'Read the rpm on the plate, or measure it while it still runs.',
    )
  }
  // A motor that sets its speed by a select lead has the class of each of its speeds; a tapped blower has its highest.
  const wanted = `${figure(oldRpm ?? synchronousRpm(poles, hertz), 0)} rpm (${poles} poles) wanted`
  const bySelect = settings.speed.some(
    (s) => s.tap === null && s.rpm !== null && polesOf(s.rpm, nameplate.hertz) === poles,
  )
  if (bySelect || polesOf(nameplate.rpm, nameplate.hertz) === poles)
    return row('speed-class', 'pass', () => `${wanted}, ${here}`, 'The same class.')
  // On other hertz than its plate's it turns in proportion; the fan laws speak of the speed that it would have there.
  const turns = (nameplate.rpm * hertz) / nameplate.hertz
  const there =
    hertz === nameplate.hertz ? '' : ` On ${hertz} Hz it would turn at about ${figure(turns, 0)} rpm.`
  const { power } = fanLaws(oldRpm ?? synchronousRpm(poles, hertz), turns)
  return row(
    'speed-class',
    'fail',
    () => `${wanted}, ${here}`,
    `Another class.${there} By the fan laws the fan would take ${figure(power, 2)} times the power (${percentText(100 * (power - 1))}), the cube of the speeds’ ratio.`,
  )
}

/** How the horsepower fits, and the setting to use. */
export interface HorsepowerFit {
  readonly row: JudgedRow
  /** The setting to use; null when none fits. */
  readonly setting: PowerChoice | null
  /** Sizes above the old one; 0: the same. null when not known or none fits. */
  readonly sizesAbove: number | null
}

/** Not below the old one; the same is best; one standard size above is the usual limit (common practice, no source). */
export function horsepowerFit(
  { plate, steepBlades, estimate }: OldMotor,
  { settings }: Candidate,
): HorsepowerFit {
  const choices = [...settings.horsepower].sort(
    (a, b) => horsepowerOf(a.horsepower) - horsepowerOf(b.horsepower),
  )
  const offered = choices.map((c) => c.horsepower).join(', ')
  const most = Math.max(...choices.map((c) => horsepowerOf(c.horsepower)))
  if (steepBlades && most < STEEP_BLADE_HORSEPOWER - EPSILON)
    return noFit(
      'fail',
      `1/2 hp wanted for steep blades, ${offered} hp here`,
      'Steep blades ask for 1/2 hp or more, whatever the rest fits.',
    )
  if (plate.horsepower.length === 0) return estimated(estimate.horsepower, choices, offered)
  const stated = Math.max(...plate.horsepower.map(horsepowerOf))
  const steeper = steepBlades && stated < STEEP_BLADE_HORSEPOWER
  const text = () =>
    `${steeper ? '1/2 (steep blades)' : plate.horsepower.join(' / ')} hp wanted, ${offered} hp here`
  return fitOf(steeper ? STEEP_BLADE_HORSEPOWER : stated, choices, text)
}

/** No setting of the motor is proposed. */
const noFit = (
  verdict: 'fail' | 'unknown' | 'watch',
  figures: Told,
  reason: Told,
  ask: string | null = null,
): HorsepowerFit => ({
  row: row('horsepower', verdict, figures, reason, ask),
  setting: null,
  sizesAbove: null,
})

/** The setting for a wanted horsepower, of choices in rising order: the one that covers it, else the next above. */
function fitOf(wanted: number, choices: readonly PowerChoice[], text: Told): HorsepowerFit {
  const setTo = ({ horsepower }: PowerChoice) => (choices.length > 1 ? `: set it to ${horsepower} hp` : '')
  const exact = choices.find((c) => coversExactly(c, wanted))
  if (exact) {
    const covers = horsepowerOf(exact.horsepower) > wanted + EPSILON
    const reason = covers
      ? `Rated from ${exact.coversFrom} to ${exact.horsepower} hp as it is.`
      : `The same${setTo(exact)}.`
    return { row: row('horsepower', 'pass', text, reason), setting: exact, sizesAbove: 0 }
  }
  const above = choices.find((c) => horsepowerOf(c.horsepower) > wanted)
  if (!above) return noFit('fail', text, 'Below the old one: it would be overloaded.')
  const sizes = sizesBetween(wanted, horsepowerOf(above.horsepower))
  if (sizes > 1)
    return noFit('fail', text, `${sizes} standard sizes above: more than the usual limit of one.`)
  const reason = `One standard size above, the usual limit${setTo(above)}.`
  return { row: row('horsepower', 'watch', text, reason), setting: above, sizesAbove: sizes }
}

const coversExactly = ({ horsepower, coversFrom }: PowerChoice, wanted: number): boolean =>
  Math.abs(horsepowerOf(horsepower) - wanted) < EPSILON ||
  (coversFrom !== null && horsepowerOf(coversFrom) <= wanted + EPSILON && wanted < horsepowerOf(horsepower))

/** How many standard sizes it is from one to the other. */
function sizesBetween(from: number, to: number): number {
  let count = 0
  for (let size: number | null = from; size !== null && size < to - EPSILON; count++)
    size = nextSizeAbove(size)
  return count
}

function estimated(
  range: OldMotor['estimate']['horsepower'],
  choices: readonly PowerChoice[],
  offered: string,
): HorsepowerFit {
  const ask = 'Read the plate, or the amps against the volts while it runs.'
  if (!range)
    return noFit('unknown', `not known; ${offered} hp here`, 'The horsepower decides, and is not known.', ask)
  const high = horsepowerOf(range.high)
  const setting = choices.find((c) => horsepowerOf(c.horsepower) >= high - EPSILON)
  const text = () => `estimated ${range.low} to ${range.high} hp, ${offered} hp here`
  if (!setting || sizesBetween(high, horsepowerOf(setting.horsepower)) > 1)
    return noFit('unknown', text, 'An estimate does not settle it.', ask)
  return {
    row: row('horsepower', 'watch', text, 'Enough for the whole estimate, which is no plate.', ask),
    setting,
    sizesAbove: null,
  }
}

/** Rated amps on this supply against the old ones; clearly higher ones are watched. */
export function ampsRow(
  { plate, unitVolts }: OldMotor,
  candidate: Candidate,
  setting: PowerChoice | null,
): JudgedRow {
  const old = plate.amps.length > 0 ? Math.max(...plate.amps) : null
  if (!setting) return row('amps', 'unknown', 'no setting fits', 'Amps belong to a setting, and none fits.')
  const here = setting.amps * (unitVolts === null ? 1 : ampsFactor(candidate, unitVolts))
  if (old === null)
    return row(
      'amps',
      'unknown',
      () => `not known; ${figure(here)} A here`,
      'Higher amps need the circuit’s rating checked.',
      'Read the amps on the plate.',
    )
  const text = () => `${figure(old)} A before, ${figure(here)} A here`
  return here <= old * NEAR_AMPS + EPSILON
    ? row('amps', 'pass', text, 'Near the old one, or below.')
    : row('amps', 'watch', text, 'Higher: check the unit’s circuit rating and its fan relay.')
}

/** Can it turn the wanted way? A motor without a reversing plug only its own. */
export function rotationRow(
  { wantedFromLeadEnd: wanted }: OldMotor,
  { settings, rotationNamedFrom }: Candidate,
): JudgedRow {
  const [first, second] = settings.rotation
  if (second)
    return row(
      'rotation',
      'pass',
      () => `${wanted ?? 'either'} wanted, reversible`,
      'Set it by the plug or its leads.',
    )
  const opposite = first?.direction === 'CW' ? 'CCW' : 'CW'
  const own = rotationNamedFrom === 'lead-end' ? first?.direction : opposite
  const text = () => `${wanted ?? 'not known'} wanted, ${own} only, seen from the lead end`
  if (wanted === null)
    return row(
      'rotation',
      'unknown',
      text,
      'It cannot be reversed, and which way the fan must turn is not known.',
      'Find the rotation from the blade, the wheel or the plate.',
    )
  return row(
    'rotation',
    own === wanted ? 'pass' : 'fail',
    text,
    own === wanted ? 'The way it turns.' : 'It cannot be reversed.',
  )
}

/** Does it have a speed for each that is in use? */
export function speedsRow({ speedsInUse }: OldMotor, { settings }: Candidate): JudgedRow {
  const here = Math.max(1, settings.speed.length)
  if (speedsInUse === null)
    return row(
      'speeds',
      here > 1 ? 'pass' : 'unknown',
      () => `not known; ${here} here`,
      here > 1 ? 'Several to choose from.' : 'How many speeds the unit uses is not known.',
      here > 1 ? null : 'Count the outputs that have a lead on them.',
    )
  const text = () => `${speedsInUse} in use, ${here} here`
  return here >= speedsInUse
    ? row('speeds', 'pass', text, 'Enough.')
    : row(
        'speeds',
        'watch',
        text,
        'Fewer than the outputs in use: every one still needs a lead, so one tap serves two where the board allows it.',
      )
}
