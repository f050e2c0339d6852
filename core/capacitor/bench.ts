// A capacitor on the bench, discharged and with its leads off: run sections against their tolerance, start capacitors
// against their marked range, and the bleed resistor beside them.
import { readingInterval, type Interval, type MeterAccuracy } from '../quantity/interval'
import { limitVerdict, toleranceVerdict, type ToleranceVerdict } from './verdict'

/** A meter that shows OL has no number to give: shorted, or beyond its range. */
export type MeterReading = number | 'OL'

/** Below this a section is open, or as good as: no motor capacitor is so small, µF. Common practice, no source. */
export const OPEN_MICROFARADS = 0.5
/** Usual bleed resistor of a start capacitor, ohms. Common practice, no source. */
const BLEED_OHMS = 15_000
/** A bleed resistor is whole within this of its usual value, percent: parts of other sizes are fitted too. Common practice, no source. */
const BLEED_PERCENT = 35

/** What a capacitor is held against: µF with its tolerance in percent, or a start capacitor's marked range, µF. */
export type Rating =
  | { readonly microfarads: number; readonly tolerancePercent: number }
  | { readonly low: number; readonly high: number }

/** One reading on the meter's µF range, discharged and with the leads off. */
export interface BenchReading {
  /** µF; 0 or nearly is an open section. */
  readonly reading: MeterReading
  readonly meter?: MeterAccuracy
  readonly rating?: Rating
  /** Ohms across a start capacitor's posts, where it should carry a bleed resistor. */
  readonly bleedOhms?: MeterReading
}

/** What the reading says. `low` and `high`, µF, are what the meter leaves open; null with OL, as `microfarads` is. */
export interface BenchResult {
  /** null when the meter shows OL. */
  readonly microfarads: number | null
  readonly low: number | null
  readonly high: number | null
  /** `open` and `over-range` condemn it whatever it is marked; null without a rating. */
  readonly verdict: ToleranceVerdict | 'open' | 'over-range' | null
  readonly limits: { readonly low: number; readonly high: number } | null
  readonly bleed: 'whole' | 'open' | 'off-value' | null
  readonly words: string
}

const limitsOf = (rating: Rating) =>
  'low' in rating
    ? { low: rating.low, high: rating.high }
    : {
        low: rating.microfarads * (1 - rating.tolerancePercent / 100),
        high: rating.microfarads * (1 + rating.tolerancePercent / 100),
      }

const WORDS: Readonly<Record<Exclude<BenchResult['verdict'], null>, string>> = {
  in: 'Inside its marking.',
  out: 'Outside its marking: replace it.',
  uncertain:
    'This meter cannot tell: the limit lies inside its uncertainty. A known-good capacitor in its place does.',
  open: 'Open: it reads next to nothing. Replace it.',
  'over-range':
    'The meter shows OL: shorted, or beyond its range. Ohms between the posts tell which: near 0 Ω is shorted.',
}

/** The verdict of one bench reading. A marked range has no tolerance of its own: inside it is inside. */
export function judgeBench({ reading, meter, rating, bleedOhms }: BenchReading): BenchResult {
  const bleed = bleedOhms === undefined ? null : judgeBleed(bleedOhms)
  const limits = rating ? limitsOf(rating) : null
  const shared = { limits, bleed }
  if (reading === 'OL')
    return {
      microfarads: null,
      low: null,
      high: null,
      verdict: 'over-range',
      ...shared,
      words: withBleed(WORDS['over-range'], bleed),
    }
  const range = readingInterval(reading, meter)
  const verdict = range.high < OPEN_MICROFARADS ? 'open' : verdictAgainst(range, rating)
  return {
    microfarads: reading,
    ...range,
    verdict,
    ...shared,
    words: withBleed(verdict ? WORDS[verdict] : 'No marking to hold it against.', bleed),
  }
}

/** null: there is no marking. */
function verdictAgainst(range: Interval, rating: Rating | undefined): ToleranceVerdict | null {
  if (!rating) return null
  return 'low' in rating
    ? limitVerdict(range, rating)
    : toleranceVerdict(range, rating.microfarads, rating.tolerancePercent)
}

function judgeBleed(ohms: MeterReading): NonNullable<BenchResult['bleed']> {
  if (ohms === 'OL' || ohms > BLEED_OHMS * 20) return 'open'
  return Math.abs(ohms - BLEED_OHMS) * 100 <= BLEED_PERCENT * BLEED_OHMS ? 'whole' : 'off-value'
}

const BLEED_WORDS = {
  whole: 'Its bleed resistor is whole.',
  open: 'Its bleed resistor is open or missing: it stays charged after every start.',
  'off-value': `Its bleed resistor is not the usual ${BLEED_OHMS / 1000} kΩ: compare with the part.`,
} as const
const withBleed = (words: string, bleed: BenchResult['bleed']): string =>
  bleed ? `${words} ${BLEED_WORDS[bleed]}` : words
