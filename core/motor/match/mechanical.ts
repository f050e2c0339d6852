// The rows that decide whether it can be put in: shaft, body, mounting, position, shell.
import { figure } from '../../quantity/display'
import type { Mechanical } from '../lead-sheet'
import { row, type Candidate, type CriterionId, type JudgedRow, type OldMotor } from './criterion'

/** Bores are cut to the thousandth; plates round to hundredths, in. Common practice, no source. */
const SAME_SHAFT = 0.006
/** Does a hub of this bore sit on this shaft? Both in; a difference exactly at the limit is inside. */
export const sitsOn = (bore: number, shaft: number): boolean => isAtMost(Math.abs(bore - shaft), SAME_SHAFT)
/** Figures that are typed in thousandths are compared as such: 0.506 − 0.5 is not 0.006 in binary. */
const isAtMost = (value: number, limit: number): boolean => value <= limit + 1e-9

/** A frame this near takes the same band, in. Common practice, no source. */
export const SAME_FRAME = 0.13
/** A longer body shifts the blade by the difference: from here it is worth a word, in. Common practice, no source. */
const LONGER_BODY = 0.5
/** A shaft may be this much shorter before the hub leaves the flat, in. Common practice, no source. */
const SHORTER_SHAFT = { watch: 0.25, fail: 1.5 }
/** A shaft this much longer is cut, in. Common practice, no source. */
const LONGER_SHAFT = 2

const inches = (value: number): string => `${figure(value, 3)} in`

/** Compares one figure that both must have; a blank on either side is unknown. */
function compare(
  criterion: CriterionId,
  what: string,
  old: number | null,
  here: number | null,
  judge: (old: number, here: number) => Judgement,
): JudgedRow {
  if (old === null || here === null)
    return row(
      criterion,
      'unknown',
      () =>
        `${old === null ? 'not measured' : inches(old)}; ${here === null ? 'the sheet does not say' : `${inches(here)} here`}`,
      () => `${what} is not known.`,
      old === null
        ? `Measure the old motor: ${what.toLowerCase()}.`
        : `Measure the new one: ${what.toLowerCase()}.`,
    )
  const [verdict, reason] = judge(old, here)
  return row(criterion, verdict, () => `${inches(old)} before, ${inches(here)} here`, reason)
}

/** Shaft, frame, body, mounting, position, ends, drains: each a row; a figure that either lacks is unknown. */
export function mechanicalRows(
  { mechanical: old, fan, needsThroughShaft }: OldMotor,
  { mechanical, drains }: Candidate,
): JudgedRow[] {
  const m = mechanical ?? BLANK
  return [
    compare('shaft-diameter', 'The shaft’s diameter', old.shaftInches, m.shaftInches, shaftDiameter),
    compare('shaft-length', 'The shaft’s length', old.shaftLengthInches, m.shaftLengthInches, shaftLength),
    throughShaftRow(needsThroughShaft ? { ...old, throughShaft: true } : old, m),
    positionRow(old, m),
    dutyRow(old, m),
    mountingRow(old, m),
    compare('frame', 'The frame’s diameter', old.frameInches, m.frameInches, frame),
    compare('body', 'The body’s length', old.bodyInches, m.bodyInches, body),
    enclosureRow(fan, old, m),
    bearingsRow(old, m),
    ambientRow(old, m),
    drains.length > 0 || fan === 'blower'
      ? row(
          'drains',
          'pass',
          drains.length > 0 ? `openings: ${drains.join(', ')}` : 'none needed indoors',
          drains.length > 0 ? 'Open the one that faces down, keep the others closed.' : 'Not needed there.',
        )
      : row(
          'drains',
          'unknown',
          'the sheet names none',
          'An outdoor motor needs one open below.',
          'Look for plugs in the new motor’s shell.',
        ),
  ]
}

export const BLANK: Mechanical = {
  frameInches: null,
  bodyInches: null,
  shaftInches: null,
  shaftLengthInches: null,
  throughShaft: null,
  mounting: [],
  positions: [],
  enclosure: null,
  bearings: null,
  ambientCelsius: null,
  airOver: null,
}

type Judgement = readonly [JudgedRow['verdict'], string]

const shaftDiameter = (old: number, here: number): Judgement =>
  sitsOn(old, here) ? ['pass', 'The hub fits.'] : ['fail', 'The hub’s bore does not fit this shaft.']
const frame = (old: number, here: number): Judgement =>
  isAtMost(Math.abs(old - here), SAME_FRAME)
    ? ['pass', 'The same band fits.']
    : ['watch', 'Another band, or other studs, may be needed.']
const body = (old: number, here: number): Judgement =>
  isAtMost(here - old, LONGER_BODY)
    ? ['pass', 'The blade stays near where it was.']
    : ['watch', `Longer by ${inches(here - old)}: the blade moves by as much. Set its depth anew.`]

function shaftLength(old: number, here: number): Judgement {
  const short = old - here
  if (!isAtMost(short, SHORTER_SHAFT.fail))
    return ['fail', `Too short by ${inches(short)}: the hub does not reach its place.`]
  if (!isAtMost(short, SHORTER_SHAFT.watch))
    return ['watch', `Shorter by ${inches(short)}: check that the set screw still bites on the flat.`]
  return !isAtMost(here - old, LONGER_SHAFT)
    ? ['watch', `Longer by ${inches(here - old)}: it is cut, or stands out.`]
    : ['pass', 'Long enough.']
}

function throughShaftRow(old: Mechanical, m: Mechanical): JudgedRow {
  if (old.throughShaft === null || m.throughShaft === null)
    return row(
      'through-shaft',
      'unknown',
      old.throughShaft === null ? 'not noted' : 'the sheet does not say',
      'Whether the shaft leaves both ends is not known.',
      'Look whether something turns on both ends.',
    )
  const name = (through: boolean) => (through ? 'both ends' : 'one end')
  const [before, here] = [old.throughShaft, m.throughShaft]
  const text = () => `${name(before)} before, ${name(here)} here`
  if (old.throughShaft === m.throughShaft) return row('through-shaft', 'pass', text, 'The same.')
  return old.throughShaft
    ? row('through-shaft', 'fail', text, 'The second fan or wheel has no shaft to turn on.')
    : row('through-shaft', 'watch', text, 'The free end must be clear of everything, or cut.')
}

function positionRow(old: Mechanical, m: Mechanical): JudgedRow {
  const [wanted] = old.positions
  if (!wanted || m.positions.length === 0)
    return row(
      'position',
      'unknown',
      wanted ? `${words(wanted)}; the sheet does not say` : 'not noted',
      'Which way the shaft points is not known.',
      wanted ? 'Read the new motor’s tag.' : 'Look which way the shaft points.',
    )
  const fits = m.positions.includes(wanted)
  return row(
    'position',
    fits ? 'pass' : 'fail',
    () => `${words(wanted)} wanted, ${m.positions.map(words).join(', ')} here`,
    fits ? 'Made for it.' : 'Its bearings and drains are not made for that.',
  )
}
const words = (position: string): string => position.replace('-', ' ')

/** A motor cooled by its own fan's air burns without it; one that cools itself may stand in an air stream. */
function dutyRow(old: Mechanical, m: Mechanical): JudgedRow {
  if (old.airOver === null || m.airOver === null)
    return row(
      'duty',
      'unknown',
      old.airOver === null ? 'not noted' : 'the sheet does not say',
      'Whether the fan’s air cools the motor is not known.',
      'Look whether the motor stands in the air stream.',
    )
  const name = (over: boolean) => (over ? 'in the air stream' : 'out of it')
  const [before, here] = [old.airOver, m.airOver]
  const text = () => `${name(before)} before, made for ${name(here)}`
  return !old.airOver && m.airOver
    ? row('duty', 'fail', text, 'It needs air over it, and would stand without.')
    : row('duty', 'pass', text, 'Cooled as it needs to be.')
}

function mountingRow(old: Mechanical, m: Mechanical): JudgedRow {
  if (old.mounting.length === 0 || m.mounting.length === 0)
    return row(
      'mounting',
      'unknown',
      old.mounting.length === 0 ? 'not noted' : 'the sheet does not say',
      'How it is held is not known.',
      old.mounting.length === 0
        ? 'Look how the old motor is held: studs, band, cradle or lugs.'
        : 'Look at the new motor.',
    )
  const shared = old.mounting.filter((x) => m.mounting.includes(x))
  const text = () => `${old.mounting.join(', ')} before, ${m.mounting.join(', ')} here`
  return shared.length > 0
    ? row('mounting', 'pass', text, `Held by ${shared[0]}.`)
    : row('mounting', 'watch', text, 'Another way of holding it is needed: a band or an adapter.')
}

function enclosureRow(fan: OldMotor['fan'], old: Mechanical, m: Mechanical): JudgedRow {
  if (m.enclosure === null || (old.enclosure === null && fan === 'blower'))
    return row(
      'enclosure',
      'unknown',
      m.enclosure === null ? 'the sheet does not say' : 'not noted',
      'The shell is not known.',
      'Look whether the shell is open or closed.',
    )
  const wanted = old.enclosure ?? 'enclosed'
  const text = () => `${wanted} ${old.enclosure === null ? 'outdoors' : 'before'}, ${m.enclosure} here`
  return wanted === 'enclosed' && m.enclosure === 'open'
    ? row(
        'enclosure',
        fan === 'outdoor' ? 'fail' : 'watch',
        text,
        fan === 'outdoor' ? 'Rain gets in.' : 'Dust gets in.',
      )
    : row('enclosure', 'pass', text, 'Closed enough.')
}

function bearingsRow(old: Mechanical, m: Mechanical): JudgedRow {
  if (old.bearings === null || m.bearings === null)
    return row(
      'bearings',
      'unknown',
      old.bearings === null ? 'not noted' : 'the sheet does not say',
      'The bearings are not known.',
      null,
    )
  const text = () => `${old.bearings} before, ${m.bearings} here`
  return old.bearings === 'ball' && m.bearings === 'sleeve'
    ? row(
        'bearings',
        'watch',
        text,
        'Sleeve bearings in the place of ball ones: mind the position and the load.',
      )
    : row('bearings', 'pass', text, 'As good or better.')
}

function ambientRow(old: Mechanical, m: Mechanical): JudgedRow {
  if (old.ambientCelsius === null || m.ambientCelsius === null)
    return row(
      'ambient',
      'unknown',
      old.ambientCelsius === null ? 'not noted' : 'the sheet does not say',
      'The rated ambient is not known.',
      null,
    )
  const text = () => `${old.ambientCelsius} °C before, ${m.ambientCelsius} °C here`
  return m.ambientCelsius >= old.ambientCelsius
    ? row('ambient', 'pass', text, 'As high or higher.')
    : row('ambient', 'watch', text, 'Rated for cooler air than the old one.')
}
