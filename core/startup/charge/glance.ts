// A glance at the charge after a fan is replaced: superheat and subcooling, and what makes them mean little. It never says to add or to remove.
import { capital, figure } from '../../quantity/display'
import { degreesIn, degreesText, stepsIn, type TemperatureUnit } from '../../quantity/temperature'
import type { Refrigerant } from './refrigerants'
import type { Metering } from './figures'
import { glides, pressuresOf, safetyOf, saturationFahrenheit } from './saturation'

/** What was read of the charge: psig, °F, minutes since start; null: not read. */
export interface GlanceInput {
  readonly refrigerant: Refrigerant
  /** psig, and the line's temperature where the pressure is read, °F; null: not read. */
  readonly suctionPsig: number | null
  readonly suctionFahrenheit: number | null
  readonly liquidPsig: number | null
  readonly liquidFahrenheit: number | null
  /** Air: outdoor dry bulb; return and supply at the indoor coil, °F. */
  readonly outdoorFahrenheit: number | null
  readonly returnFahrenheit: number | null
  readonly supplyFahrenheit: number | null
  /** What the unit's own chart or plate asks for, °F; null: not noted. */
  readonly targetSuperheat: number | null
  readonly targetSubcooling: number | null
  /** What feeds the indoor coil; null: not said. */
  readonly metering: Metering | null
  /** Minutes it has run. */
  readonly minutes: number | null
}

/** From and up to, °F. */
export interface UsualRange {
  readonly low: number
  readonly high: number
}

/** One figure of the glance, °F. */
export interface GlanceLine {
  /** °F; null: not read, or outside the table. */
  readonly saturation: number | null
  readonly difference: number | null
  /** Where it usually lies, °F; the unit's own chart overrules. */
  readonly usual: UsualRange
  readonly verdict: 'usual' | 'low' | 'high' | 'impossible' | 'cannotTell'
  readonly text: string
}

/** Superheat, subcooling and the air's split. No figure says what to add or to remove. */
export interface Glance {
  readonly superheat: GlanceLine
  readonly subcooling: GlanceLine
  readonly split: GlanceLine
  /** What explains low figures, what makes them mean little, and whose work it is. */
  readonly notes: readonly string[]
}

/** Where such a figure usually lies, °F; the unit's own chart overrules. Common practice, no source. */
const USUAL_RANGES = {
  superheat: { low: 5, high: 20 },
  subcooling: { low: 5, high: 15 },
  split: { low: 14, high: 22 },
} as const
/** Below this outdoors a charge cannot be judged by these figures, °F. Common practice, no source. */
const LOW_AMBIENT_FAHRENHEIT = 65
/** How far from its own target a figure may be, °F. Common practice, no source. */
const TARGET_FAHRENHEIT = 3
/** Before this a system has not settled, minutes. Common practice, no source. */
const SETTLING_MINUTES = 10
/** Return air below this is a low load, °F. Common practice, no source. */
const LOW_RETURN_FAHRENHEIT = 70

/**
 * Superheat = suction line − dew point; subcooling = bubble point − liquid line; split = return − supply (textbook).
 * `unit`: in which the sentences are read. A sum, its bounds and its verdict are of the figures that are read, to a tenth of that unit:
 * who does the sum again comes to the same.
 */
export function glanceAtCharge(input: GlanceInput, unit: TemperatureUnit = 'F'): Glance {
  return {
    superheat: line('superheat', unit, input),
    subcooling: line('subcooling', unit, input),
    split: splitLine(input, unit),
    notes: notesOf(input, unit),
  }
}

/** What is taken from what, and the difference, as they are read; `fahrenheit`: the difference as the glance gives it. */
function differenceOf(more: number, less: number, unit: TemperatureUnit) {
  const [from, take] = [degreesIn(unit, more), degreesIn(unit, less)]
  const degrees = degreesIn('F', from - take)
  return {
    degrees,
    fahrenheit: unit === 'F' ? degrees : degrees * 1.8,
    sum: `${figure(from, 1)} − ${figure(take, 1)} = ${degreesText(unit, degrees)}`,
  }
}

/** Below zero by more than instruments leave open, a difference cannot be, °F. Our judgement: two clamps and a gauge. */
const LEAST_FAHRENHEIT = -2

/** A difference against its bounds, as both are read. */
function judged(degrees: number, usual: UsualRange, unit: TemperatureUnit) {
  const [low, high] = [stepsIn(unit, usual.low), stepsIn(unit, usual.high)]
  const verdict = degrees < low ? 'low' : degrees > high ? 'high' : 'usual'
  return { verdict, bounds: `${figure(low, 1)} to ${degreesText(unit, high)}` } as const
}

function line(kind: 'superheat' | 'subcooling', unit: TemperatureUnit, input: GlanceInput): GlanceLine {
  const { refrigerant } = input
  const [psig, fahrenheit, target] =
    kind === 'superheat'
      ? [input.suctionPsig, input.suctionFahrenheit, input.targetSuperheat]
      : [input.liquidPsig, input.liquidFahrenheit, input.targetSubcooling]
  const where = kind === 'superheat' ? 'suction' : 'liquid'
  const at = kind === 'superheat' ? 'dew' : 'bubble'
  const usual =
    target === null
      ? USUAL_RANGES[kind]
      : { low: Math.max(0, target - TARGET_FAHRENHEIT), high: target + TARGET_FAHRENHEIT }
  const nothing = (text: string, saturation: number | null = null): GlanceLine => ({
    saturation,
    usual,
    difference: null,
    verdict: 'cannotTell',
    text,
  })
  if (psig === null) return nothing(`The ${where} pressure is not read.`)
  const saturation = saturationFahrenheit(refrigerant, psig, at)
  if (saturation === null) {
    const { low, high } = pressuresOf(refrigerant, at)
    return nothing(
      `${figure(psig)} psig is outside the table of ${refrigerant} (${figure(low, 0)} to ${figure(high, 0)} psig): nothing is said beyond it. Is the refrigerant the right one?`,
    )
  }
  if (fahrenheit === null)
    return nothing(
      `The ${where} line’s temperature is not read; it ${kind === 'superheat' ? 'boils' : 'condenses'} at ${degreesText(unit, degreesIn(unit, saturation))} there.`,
      saturation,
    )
  const [more, less] = kind === 'superheat' ? [fahrenheit, saturation] : [saturation, fahrenheit]
  const { degrees, fahrenheit: difference, sum } = differenceOf(more, less, unit)
  // A line cannot be colder than what boils in it, nor warmer than what condenses: then a reading is wrong, or both states are there.
  if (difference < LEAST_FAHRENHEIT)
    return {
      saturation,
      difference,
      usual,
      verdict: 'impossible',
      text: `${capital(kind)} ${sum} cannot be: the clamp, the gauge or the refrigerant is not what it is taken for.`,
    }
  const said = `${capital(kind)} ${sum}${glides(refrigerant) ? `, from the ${at} point` : ''}`
  const hindrance = whyNot(kind, input, unit)
  if (hindrance !== null)
    return { saturation, difference, usual, verdict: 'cannotTell', text: `${said}; not judged: ${hindrance}` }
  const { verdict, bounds } = judged(degrees, usual, unit)
  const whose = target === null ? 'is usual, the unit’s own chart counts' : 'by the unit’s own target'
  return {
    saturation,
    difference,
    usual,
    verdict,
    text: `${said}; ${verdictWord(verdict, target !== null)}: ${bounds} ${whose}.`,
  }
}

const verdictWord = (verdict: 'usual' | 'low' | 'high', hasTarget: boolean): string =>
  verdict === 'usual' ? (hasTarget ? 'on target' : 'as usual') : verdict

/** Why a figure tells nothing of the charge, as the end of a sentence; null: it does. */
function whyNot(
  kind: 'superheat' | 'subcooling',
  { outdoorFahrenheit, returnFahrenheit, metering, targetSuperheat }: GlanceInput,
  unit: TemperatureUnit,
): string | null {
  const read = (fahrenheit: number) => degreesText(unit, degreesIn(unit, fahrenheit))
  if (outdoorFahrenheit !== null && outdoorFahrenheit < LOW_AMBIENT_FAHRENHEIT)
    return `${read(outdoorFahrenheit)} outdoors is too cool, ${read(LOW_AMBIENT_FAHRENHEIT)} is the least.`
  if (kind === 'superheat' && returnFahrenheit !== null && returnFahrenheit < LOW_RETURN_FAHRENHEIT)
    return `${read(returnFahrenheit)} return air is too little load, ${read(LOW_RETURN_FAHRENHEIT)} is the least.`
  if (kind === 'superheat' && metering === 'fixed' && targetSuperheat === null)
    return 'behind a fixed orifice it follows the load. Note what the unit’s chart asks for at this air.'
  if (kind === 'subcooling' && metering === 'fixed')
    return 'behind a fixed orifice it says little; its superheat is what the chart gives.'
  return null
}

function splitLine({ returnFahrenheit, supplyFahrenheit }: GlanceInput, unit: TemperatureUnit): GlanceLine {
  const usual = USUAL_RANGES.split
  if (returnFahrenheit === null || supplyFahrenheit === null)
    return {
      saturation: null,
      difference: null,
      usual,
      verdict: 'cannotTell',
      text: 'Air temperatures at the coil are not read.',
    }
  const { degrees, fahrenheit, sum } = differenceOf(returnFahrenheit, supplyFahrenheit, unit)
  if (fahrenheit < LEAST_FAHRENHEIT)
    return {
      saturation: null,
      difference: fahrenheit,
      usual,
      verdict: 'impossible',
      text: `The supply is ${degreesText(unit, -degrees)} warmer than the return: it heats, or the two are exchanged.`,
    }
  const { verdict } = judged(degrees, usual, unit)
  return {
    saturation: null,
    difference: fahrenheit,
    usual,
    verdict,
    text: `Air ${sum} across the coil; ${verdict === 'usual' ? 'as usual' : verdict === 'high' ? 'high: look at the airflow first' : 'low'}.`,
  }
}

function notesOf(
  { refrigerant, outdoorFahrenheit, returnFahrenheit, minutes }: GlanceInput,
  unit: TemperatureUnit,
): string[] {
  const read = (fahrenheit: number) => degreesText(unit, degreesIn(unit, fahrenheit))
  return [
    ...(outdoorFahrenheit !== null && outdoorFahrenheit < LOW_AMBIENT_FAHRENHEIT
      ? [
          `${read(outdoorFahrenheit)} outdoors: pressures and subcooling read low in the cold. The charge cannot be judged so.`,
        ]
      : []),
    ...(returnFahrenheit !== null && returnFahrenheit < LOW_RETURN_FAHRENHEIT
      ? [`${read(returnFahrenheit)} return air is a low load: a low superheat may be no more than that.`]
      : []),
    ...(minutes !== null && minutes < SETTLING_MINUTES
      ? [`It has run ${figure(minutes, 0)} minutes; it settles in ${SETTLING_MINUTES} or more.`]
      : []),
    ...(glides(refrigerant)
      ? [`${refrigerant} glides: superheat is counted from its dew point, subcooling from its bubble point.`]
      : []),
    ...(safetyOf(refrigerant) === 'A2L'
      ? [`${refrigerant} is mildly flammable (A2L): tools and cylinders made for it only.`]
      : []),
    'Refrigerant work needs certification. These figures say whether to look further, not what to add or remove.',
  ]
}
