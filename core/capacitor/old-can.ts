// What its readings and looks say of the old capacitor as a whole: keep it, replace it, both sides when one failed, and what may stand in its place.
import { figure } from '../quantity/display'
import type { ToleranceVerdict } from './verdict'

/** A side's verdict by its reading; `open` reads next to nothing, `over-range` shows OL. */
export type SideVerdict = ToleranceVerdict | 'open' | 'over-range'

/** One side of the old capacitor, with what was read of it. */
export interface OldCanSide {
  readonly load: string
  /** As marked, µF; null: not readable. */
  readonly microfarads: number | null
  /** null: not read. */
  readonly verdict: SideVerdict | null
}

/** What is known of the old capacitor when its fate is decided. */
export interface OldCanInput {
  /** The sides, in one case or in as many cases as sides. */
  readonly sides: readonly OldCanSide[]
  readonly oneCase: boolean
  /** Swollen, leaking or rusted through; null: not looked at. */
  readonly looksBad: boolean | null
  /** The fan’s motor is replaced. */
  readonly newMotor: boolean
}

/** What is done with the old capacitor, load by load, and why. `cannotTell`: read what is missing, or substitute. */
export interface OldCanVerdict {
  readonly action: 'replace' | 'keep' | 'cannotTell'
  /** Loads whose side is to be replaced. */
  readonly replace: readonly string[]
  /** Loads whose side may stay when the technician allows it, by its reading. */
  readonly mayStay: readonly string[]
  readonly why: readonly string[]
  /** What may stand in its place, in words. */
  readonly exchange: string | null
}

const failed = ({ verdict }: OldCanSide): boolean =>
  verdict === 'out' || verdict === 'open' || verdict === 'over-range'

const namesOf = (sides: readonly OldCanSide[]): string => sides.map((s) => s.load).join(' and ')
const loadsOf = (sides: readonly OldCanSide[]): string[] => sides.map((s) => s.load)

const NOT_LOOKED_AT =
  'It reads good, and was not looked at yet: swollen, leaking or rusted through it is condemned whatever it reads.'

/** Common practice, no source: a new motor gets a new capacitor, a dual is replaced whole, looks condemn whatever it reads. */
export function judgeOldCan(input: OldCanInput): OldCanVerdict {
  const { sides, oneCase, looksBad, newMotor } = input
  // Looks condemn whatever it reads: one that nobody looked at is not kept.
  const looked = looksBad === false
  const exchange = exchangeText(sides, oneCase)
  if (looksBad)
    return {
      action: 'replace',
      replace: loadsOf(sides),
      mayStay: [],
      why: ['Swollen, leaking or rusted through: it is condemned whatever it reads.'],
      exchange,
    }
  const why = whyOf(input)
  const good = sides.filter((s) => s.verdict === 'in')
  const condemned = condemnedOf(input)
  if (condemned.length > 0) {
    const mayStay = looked ? loadsOf(good.filter((s) => !(newMotor && s.load === 'FAN'))) : []
    return { action: 'replace', replace: loadsOf(condemned), mayStay, why, exchange }
  }
  if (good.length < sides.length) {
    const unread = `${namesOf(sides.filter((s) => s.verdict === null))}: not read yet.`
    return {
      action: 'cannotTell',
      replace: [],
      mayStay: [],
      why: why.length > 0 ? why : [unread],
      exchange,
    }
  }
  if (!looked) return { action: 'cannotTell', replace: [], mayStay: [], why: [NOT_LOOKED_AT], exchange }
  return {
    action: 'keep',
    replace: [],
    mayStay: loadsOf(sides),
    why: ['Every side reads what it must, and it looks sound.'],
    exchange,
  }
}

/** The sides that go: what failed, the fan's with a new motor, and what shares a case with either. */
function condemnedOf({ sides, oneCase, newMotor }: OldCanInput): readonly OldCanSide[] {
  const aged = newMotor ? sides.filter((s) => s.load === 'FAN') : []
  const gone = [...new Set([...sides.filter(failed), ...aged])]
  return oneCase && gone.length > 0 ? sides : gone
}

function whyOf({ sides, oneCase, newMotor }: OldCanInput): string[] {
  const bad = sides.filter(failed)
  const good = sides.filter((s) => s.verdict === 'in')
  const unsure = sides.filter((s) => s.verdict === 'uncertain')
  const why: string[] = []
  if (bad.length > 0)
    why.push(
      `${namesOf(bad)} ${bad.length === 1 ? 'does not read what it must: failed, or the wrong one' : 'do not read what they must: failed, or the wrong ones'}.`,
    )
  if (oneCase && bad.length > 0 && good.length > 0)
    why.push(
      `${namesOf(good)} still reads good, but shares its case, its age and its heat: replace both sides.`,
    )
  if (newMotor) why.push('A new fan motor gets a new capacitor, of the value on its own tag.')
  if (unsure.length > 0)
    why.push(`${namesOf(unsure)}: this meter cannot tell; a known-good one in its place does.`)
  return why
}

/** A dual and two singles stand for each other: in both C's are one point. */
function exchangeText(sides: readonly OldCanSide[], oneCase: boolean): string | null {
  const [first, second] = sides
  if (!first || !second || sides.length !== 2 || first.microfarads === null || second.microfarads === null)
    return null
  const [a, b] = [figure(first.microfarads), figure(second.microfarads)]
  return oneCase
    ? `Two singles, ${a} and ${b} µF, stand for this dual: one post of each tied together is its C.`
    : `One dual ${a}/${b} stands for these two singles: everything from both C sides goes on its C.`
}
