// Another blade for the old one: diameter, pitch, number, width, bore, hand. A fail is never outvoted; a blank never passes.
import { figure } from '../../quantity/display'
import type { Blade } from '../blade'
import type { RowVerdict } from './criterion'
import { sitsOn } from './mechanical'

export const BLADE_CRITERIA = ['diameter', 'hand', 'bore', 'pitch', 'blades', 'width'] as const
/** What of a blade is compared. */
export type BladeCriterion = (typeof BLADE_CRITERIA)[number]

/** One comparison of two blades. */
export interface BladeRow {
  readonly criterion: BladeCriterion
  readonly verdict: RowVerdict
  readonly figures: string
  readonly reason: string
}

/** A blade of the van against the old one. */
export interface BladeMatch {
  readonly id: string
  readonly verdict: 'fits' | 'watch' | 'unknown' | 'no'
  readonly sentence: string
  readonly rows: readonly BladeRow[]
}

/** Limits of what passes, of what is watched. Common practice, no source. */
const SAME_INCHES = 0.13
const SMALLER_INCHES = 0.5
const SAME_DEGREES = 1
const STEEPER_DEGREES = 3
const SAME_WIDTH = 0.25

type Judgement = readonly [RowVerdict, string]

/** `shaftInches`: of the motor it is to sit on; null: not known. Best first, then by id. */
export function matchBlades(
  old: Blade,
  shaftInches: number | null,
  blades: readonly (Blade & { readonly id: string })[],
): BladeMatch[] {
  const RANK = ['fits', 'watch', 'unknown', 'no']
  return blades
    .map((blade) => matchBlade(old, shaftInches, blade))
    .sort(
      (a, b) =>
        RANK.indexOf(a.verdict) - RANK.indexOf(b.verdict) ||
        of(a, 'fail') - of(b, 'fail') ||
        of(a, 'unknown') - of(b, 'unknown') ||
        of(a, 'watch') - of(b, 'watch') ||
        (a.id < b.id ? -1 : 1),
    )
}

const of = ({ rows }: BladeMatch, verdict: RowVerdict): number =>
  rows.filter((r) => r.verdict === verdict).length

function matchBlade(
  old: Blade,
  shaftInches: number | null,
  blade: Blade & { readonly id: string },
): BladeMatch {
  const rows: BladeRow[] = [
    compare('diameter', 'in', old.diameterInches, blade.diameterInches, diameter),
    handRow(old, blade),
    compare('bore', 'in', shaftInches, blade.boreInches, bore, 'shaft'),
    compare('pitch', '°', old.pitchDegrees, blade.pitchDegrees, pitch),
    compare('blades', 'blades', old.blades, blade.blades, count),
    compare('width', 'in', old.widthInches, blade.widthInches, width),
  ]
  const first = (verdict: RowVerdict) => rows.filter((r) => r.verdict === verdict)
  const [fails, open, watched] = [first('fail'), first('unknown'), first('watch')]
  const verdict = verdictOf(fails.length, open.length, watched.length)
  const telling = { no: fails, unknown: open, watch: watched, fits: [] }[verdict] satisfies BladeRow[]
  const sentence = telling.map((r) => r.reason).join(' ')
  return {
    id: blade.id,
    verdict,
    sentence: verdict === 'fits' ? 'The same blade in every figure.' : sentence,
    rows,
  }
}

/** One fail outweighs all; then what is not known; then what is to be watched. */
function verdictOf(fails: number, open: number, watched: number): 'no' | 'unknown' | 'watch' | 'fits' {
  if (fails > 0) return 'no'
  if (open > 0) return 'unknown'
  return watched > 0 ? 'watch' : 'fits'
}

function compare(
  criterion: BladeCriterion,
  unit: string,
  old: number | null,
  here: number | null,
  judge: (old: number, here: number) => Judgement,
  oldName = 'before',
): BladeRow {
  const text = (x: number) => `${figure(x, 3)}${unit === '°' ? '°' : ` ${unit}`}`
  if (old === null || here === null) {
    const verb = criterion === 'blades' ? 'Count' : 'Measure'
    return {
      criterion,
      verdict: 'unknown',
      figures: `${old === null ? 'not measured' : `${text(old)} ${oldName}`}; ${here === null ? 'not known of this one' : `${text(here)} here`}`,
      reason:
        old === null && oldName === 'shaft'
          ? 'Measure the motor’s shaft.'
          : `${verb} the ${criterion} of ${old === null ? 'the old blade' : 'this blade'}.`,
    }
  }
  const [verdict, reason] = judge(old, here)
  return { criterion, verdict, figures: `${text(old)} ${oldName}, ${text(here)} here`, reason }
}

function diameter(old: number, here: number): Judgement {
  if (here > old + SAME_INCHES) return ['fail', 'Larger: it would strike the shroud.']
  if (here >= old - SAME_INCHES) return ['pass', 'The same.']
  return here >= old - SMALLER_INCHES
    ? ['watch', 'Smaller: air slips back round its tips. Check head pressure and amps.']
    : ['fail', 'Too small for the opening: much air slips back round its tips.']
}

function handRow(old: Blade, blade: Blade): BladeRow {
  const figures = `${old.hand ?? 'not known'} before, ${blade.hand ?? 'not known'} here, seen from where the air comes out`
  if (old.hand === null || blade.hand === null)
    return {
      criterion: 'hand',
      verdict: 'unknown',
      figures,
      reason: `Look which edge leads on ${old.hand === null ? 'the old blade' : 'this blade'}.`,
    }
  return old.hand === blade.hand
    ? { criterion: 'hand', verdict: 'pass', figures, reason: 'The same hand.' }
    : {
        criterion: 'hand',
        verdict: 'fail',
        figures,
        reason: 'The other hand: turning as the old one, it would blow the wrong way.',
      }
}

const bore = (shaft: number, here: number): Judgement =>
  sitsOn(here, shaft)
    ? ['pass', 'The hub fits the shaft.']
    : here > shaft
      ? ['watch', 'The bore is larger than the shaft: only with a bushing made for it.']
      : ['fail', 'The bore is smaller than the shaft.']
function pitch(old: number, here: number): Judgement {
  if (Math.abs(here - old) <= SAME_DEGREES) return ['pass', 'The same.']
  if (here < old) return ['watch', 'Flatter: it moves less air. Check head pressure and amps.']
  return here - old <= STEEPER_DEGREES
    ? ['watch', 'Steeper: it asks for more power. Check the amps.']
    : ['fail', 'Much steeper: it would overload the motor.']
}
const count = (old: number, here: number): Judgement =>
  here === old
    ? ['pass', 'The same.']
    : here < old
      ? ['watch', 'Fewer blades move less air. Check head pressure and amps.']
      : ['watch', 'More blades ask for more power. Check the amps.']
const width = (old: number, here: number): Judgement =>
  Math.abs(here - old) <= SAME_WIDTH
    ? ['pass', 'The same.']
    : here < old
      ? ['watch', 'Narrower: it moves less air. Check head pressure and amps.']
      : ['watch', 'Wider: it asks for more power. Check the amps, and that it clears the coil.']
