// What a load asks for, from everything that says something of it: the tag or plate first, then the old label, then readings of the
// old capacitor. What disagrees is shown; the old can's value never stands silently for a new motor's.
import { capital, figure, microfaradsText } from '../quantity/display'
import type { Interval } from '../quantity/interval'
import { TRADE_MICROFARADS } from './marking'
import { limitVerdict } from './verdict'

/** Where a load's µF is taken from. */
export type WantedSource = 'tag' | 'plate' | 'label' | 'reading'

/** Everything that says what a load asks for, µF; null or absent: not known. */
export interface WantedInput {
  readonly load: string
  /** The load is a new motor: only its own tag says what it asks for. */
  readonly newMotor: boolean
  /** On the motor's tag; on the compressor's plate; on the old can's label. µF. */
  readonly tag?: number | null
  readonly plate?: number | null
  readonly label?: number | null
  /** What the old capacitor's reading leaves open, µF. */
  readonly reading?: Interval | null
  readonly tolerancePercent: number
}

/** A trade value and how likely the reading makes it. */
export interface TradeGuess {
  readonly microfarads: number
  /** 0 to 1; over all trade values they sum to 1. */
  readonly likelihood: number
}

/** What the load asks for and by which source, with what disagrees. */
export interface Wanted {
  /** null: not known; for a new motor, until its tag is read. */
  readonly microfarads: number | null
  readonly from: WantedSource | null
  /** What the old capacitor probably was, from its reading: the likeliest first. */
  readonly guesses: readonly TradeGuess[]
  /** Sources that disagree, in words. */
  readonly conflicts: readonly string[]
  readonly why: string
}

const NAMES: Readonly<Record<WantedSource, string>> = {
  tag: 'the motor’s tag',
  plate: 'the compressor’s plate',
  label: 'the old can’s label',
  reading: 'the old can’s reading',
}
/** Guesses less likely than this are not worth a line. Our judgement. */
const LEAST_LIKELY = 0.02
/** A can's true value is taken to lie this far below its marking on average, from ageing. Our judgement. */
const AGED_PERCENT = 2

/** What a load asks for: tag before plate before label; a reading only tells likelihoods. For a new motor nothing but its own tag counts. */
export function wantedMicrofarads(input: WantedInput): Wanted {
  const { load, newMotor, tolerancePercent, reading = null } = input
  const stated = (['tag', 'plate', 'label'] as const).flatMap((source) =>
    typeof input[source] === 'number' ? [{ source, microfarads: input[source] }] : [],
  )
  const guesses = reading ? tradeGuesses(reading, tolerancePercent) : []
  const allowed = newMotor ? stated.filter((s) => s.source === 'tag') : stated
  const chosen = allowed[0] ?? null
  return {
    microfarads: chosen?.microfarads ?? null,
    from: chosen?.source ?? null,
    guesses,
    conflicts: conflictsOf(input, stated),
    why: whyOf(load, newMotor, chosen, guesses, stated.length > 0),
  }
}

function whyOf(
  load: string,
  newMotor: boolean,
  chosen: { readonly source: WantedSource; readonly microfarads: number } | null,
  guesses: readonly TradeGuess[],
  hasOld: boolean,
): string {
  if (chosen) return `${load} asks for ${microfaradsText(chosen.microfarads)}, by ${NAMES[chosen.source]}.`
  if (newMotor)
    return `What ${load} asks for stands on the new motor’s tag${hasOld || guesses.length > 0 ? '; the old can served the old motor, and does not say' : ''}.`
  const best = guesses[0]
  return best
    ? `Not stated. The old can reads most like ${microfaradsText(best.microfarads)} (${figure(100 * best.likelihood, 0)} % likely): read the plate or the diagram before ordering.`
    : `What ${load} asks for is not known: read the plate or the diagram.`
}

/** Statements that differ, and a reading that does not go with the strongest of them. */
function conflictsOf(
  { newMotor, reading, tolerancePercent }: WantedInput,
  stated: readonly { readonly source: WantedSource; readonly microfarads: number }[],
): string[] {
  const found: string[] = []
  const [first, ...others] = stated
  for (const other of others)
    if (first && other.microfarads !== first.microfarads)
      found.push(
        `${capital(NAMES[first.source])} says ${microfaradsText(first.microfarads)}, ${NAMES[other.source]} ${microfaradsText(other.microfarads)}${newMotor && first.source === 'tag' ? ': another motor, another value; the tag counts' : ''}.`,
      )
  // A reading judges the old can by its own label, never by the new motor's tag.
  const own = stated.find((s) => s.source === 'label') ?? (newMotor ? undefined : first)
  if (own && reading) {
    const limits = {
      low: own.microfarads * (1 - tolerancePercent / 100),
      high: own.microfarads * (1 + tolerancePercent / 100),
    }
    if (limitVerdict(reading, limits) === 'out')
      found.push(
        `The old can reads ${figure(reading.low)} to ${figure(reading.high)} µF; ${NAMES[own.source]} says ${microfaradsText(own.microfarads)}: it has failed, or that is not its value.`,
      )
  }
  return found
}

/** How likely each trade value is to read so: a normal spread of the tolerance and the meter's doubt together. Our judgement. */
export function tradeGuesses({ low, high }: Interval, tolerancePercent: number): TradeGuess[] {
  const middle = (low + high) / 2
  const doubt = (high - low) / 2 / Math.sqrt(3)
  const weigh = (value: number) => {
    const spread = Math.hypot((value * Math.max(1, tolerancePercent)) / 200, doubt)
    return Math.exp(-0.5 * ((middle - value * (1 - AGED_PERCENT / 100)) / spread) ** 2) / spread
  }
  const weights = TRADE_MICROFARADS.map((microfarads) => ({ microfarads, weight: weigh(microfarads) }))
  const total = weights.reduce((sum, w) => sum + w.weight, 0)
  if (!(total > 0)) return []
  return weights
    .map(({ microfarads, weight }) => ({ microfarads, likelihood: weight / total }))
    .filter((g) => g.likelihood >= LEAST_LIKELY)
    .sort((a, b) => b.likelihood - a.likelihood)
}
